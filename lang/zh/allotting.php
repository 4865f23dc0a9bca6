<?php

declare(strict_types=1);

return [
    'board_until' => '意愿接收到 {moment}',
    'board_over' => '正在分配时间；提交了意愿的家庭会收到通知',
    'over' => '不再接收意愿。所有意愿分配完后，空闲时间会显示在这里。',
    'windows_needed' => '请说明您什么时候能来：没有任何晚上就无法安排面谈。',
    'until' => '您可以在 {moment} 之前提交和更改意愿。',
    'until_over' => '意愿已于 {moment} 截止。全部分配完后您会得知您的时间。',
    'sent_at' => '学校自 {moment} 起已收到您的意愿。',
    'plain_how' => '在最想见的人旁边写 1，然后 2，依此类推；其他留空。',
    'plain_when' => '您什么时候能来？',
    'plain_others' => '其他人',
    'plain_from' => '从',
    'plain_until' => '至',
    'plain_from_again' => '以及从',
    'plain_until_again' => '至',
    'plain_needs' => '您的需要',
    'plain_walk' => '换教室的时间',
    'plain_breather' => '两次面谈之间的休息',
    'plain_minutes' => '{n, plural, =0 {无} other {# 分钟}}',
    'plain_interpreter' => '口译',
    'plain_no_interpreter' => '不需要',
    'plain_ground' => '我们需要在一楼',
    'plain_phone' => '电话号码',
    'plain_name' => '您的姓名',
    'plain_email' => '您的电子邮箱',
    'plain_child' => '孩子 {n}',
    'plain_child_name' => '学生姓名',
    'plain_send' => '发送这些意愿',
    'too_many' => '意愿太多，请删去一些。',
    'wishes_heading' => '您的意愿：{title}',
    'wishes_news' =>
        '{count, plural, =0 {您撤回了意愿。学校没有您的意愿。您可以在 {moment} 之前提交新的。} =1 ' .
        '{学校已收到您的意愿。您可以在 {moment} 之前更改。之后您会得知您的时间。} other {学校已按此顺序收到您的 # ' .
        '个意愿。您可以在 {moment} 之前更改。之后您会得知您的时间。}}',
    'wishes_to_confirm' =>
        '{count, plural, =1 {您的意愿已保存。} other {您的 # 个意愿已保存。}}此邮箱确认后生效：点击下面一次即可。',
    'gone_heading' => '{host}不再参加',
    'gone_news' =>
        '{host}不再参加这些日子。您的其他意愿不变。{open, select, yes {您可以在 {moment} 之前选择其他人。} other ' .
        '{如果想见其他人，请致电办公室。}}',
    'gone' => '{count, plural, other {{names}不再参加这些日子。}}请选择其他人，或继续其余的。',
    'wishes_link' => '更改或添加意愿',
    'wishes_confirm' => '是，这是我的邮箱',
    'wishes_row' => '{host}{student, select, none {} other { – 关于{student}}}',
    'wishes_when' => '您能来的时间',
    'wishes_hours' => '{day}，{from} 至 {until}',
    'wishes_needs' => '您需要',
    'wishes_interpreter' => '口译（{language}）',
    'wishes_ground' => '一楼',
    'wishes_break' => '{n, plural, other {休息 # 分钟}}',
    'wishes_rank' => '第 {rank, selectordinal, other {#}} 意愿',
    'given_heading' => '您的时间：{title}',
    'given_news' =>
        '{count, plural, =0 {未能为您的意愿安排时间。} =1 {这个时间已为您约好。} other {这 # ' .
        '个时间已为您约好。}}{left, plural, =0 {您的意愿都已满足。} other {有 # ' .
        '个意愿没有时间；见下文。}}现在空闲的时间所有人都可以预约。',
    'given_asked' => '其中一些是老师要求的。',
    'given_link' => '您的预约：更改、打印或取消',
    'given_left' => '没有与{host}的时间',
    'to_family_outside_windows' => '您能来的时间没有空闲。',
    'to_family_host_full' => '您能来的时间已分给他人。',
    'to_family_clashes' => '有空时您正在另一次面谈或在路上。',
    'to_family_no_interpreter' => '有时间，但届时没有您语言的口译。',
    'to_family_other_guardian' =>
        '{apart, select, yes {未能安排给您。学校办公室了解更多。} other {孩子的另一位监护人有同样的意愿，且在先。}}',
    'to_family_host_gone' => '{host}不再参加。',
    'to_family_time_gone' => '该时间在预约之前已被占用。',
];
