<?php

declare(strict_types=1);

return [
    'title' => '保存的来访者资料',
    'goes' =>
        '{meetings, plural, other {您 # 次面谈中填写的内容}}将从 {date} 起删除，包括姓名和电话，按学校的保存规定。请先取出您还需要的内容。',
    'page_title' => '学校保存的关于您的全部信息',
    'page_intro' => '{school}保存的关于您的信息仅此而已。在您最后一次面谈 {days, plural, other {# 天}}后会自动删除。',
    'page_lists' => '来自学校自己的名单：',
    'page_no_meetings' => '没有面谈。',
    'page_file' => '下载为文件',
    'page_forget' => '要求删除',
    'page_forget_says' =>
        '您的姓名、地址、号码和您填写的一切将连同私人页面一起删除。{ahead, plural, =0 {} other {您预约的 # 个时间将被取消，并通知学校。}}此操作无法撤销。',
    'page_forget_lists' => '学校自己名单中的内容会保留；办公室可以告诉您更多。',
    'page_sure' => '是，全部删除',
    'page_back' => '回到您的预约',
    'forgotten_title' => '已删除',
    'forgotten' => '关于您的信息已删除，您的私人页面地址不再有效。',
    'board' => '回到首页',
    'forgotten_known' => '您填写的一切已删除。您仍在学校的名单中，所以您的私人页面仍可打开。',
    'page_state' =>
        '{state, select, kept {暂时保留} asked {已申请} booked {已预约} declined {已拒绝} cancelled {已取消} other {}}',
    'page_answer' => '{question}：{answer}',
    'page_yes' => '是',
    'page_no' => '否',
];
