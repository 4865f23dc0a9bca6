<?php

declare(strict_types=1);

return [
    'none_here' => '目前这里不能预约。<link>看看还可以约谁</link>。',
    'ask_for_time' => '向{host}申请时间',
    'heading' => '与老师面谈',
    'card' => '输入卡片上的代码',
    'again' => '我的预约在哪里？',
    'none_now' => '目前不能预约。',
    'intro' => '请选择想见的老师，再选择时间。无需注册账户。',
    'under_way' => '正在进行',
    'seek' => '姓名、科目或教室',
    'about' => '或任何有空的人，事项：',
    'show_times' => '查看空闲时间',
    'found' => '{many, plural, other {找到 # 人}}',
    'some_shown' => '显示 {shown, number, integer} / {many, number, integer}。',
    'show_more' => '显示更多',
    'or_type' => '或在上方输入姓名。',
    'nobody' => '没有叫这个名字且开放预约的人。请试试科目，或少输几个字。',
    'again_sent' => '如果此地址有预约，一封含有您预约的邮件正在发送。',
    'again_email' => '您预约时使用的邮箱',
    'again_send' => '重新发送',
    'staff' => '教职工登录',
    'find_heading' => '谁有空，什么时候',
    'find_about' => '事项',
    'find_from' => '从',
    'find_to' => '到',
    'find_names' => '仅限这些姓名或科目',
    'find_booked' => '{at} 与{host}的时间已为您约好。请选择下一个时间，或查看<link>您的全部预约</link>。',
    'find_no_clash' => '与您的预约冲突的时间不显示。',
    'find_small_times' => '小字是您所在时区（{city}）的时间。',
    'find_time' => '{host}，{from} 至 {until}',
    'find_all_of' => '{count, plural, other {{host}的全部 # 个时间}}',
    'find_all' => '全部 {count, number, integer} 个',
    'find_nobody' => '这几天没有人提供。请看其他日子，或<link>所有老师</link>。',
    'find_these' =>
        '第 {first, number, integer} 至 {last, number, integer} 位老师，共 {all, number, integer} 位，按姓名排序。',
    'find_before' => '前面的',
    'find_after' => '后面的',
    'round' =>
        '{said, select, wishes {<bold>{title}</bold>，{when}：{wishes}} free ' .
        '{<bold>{title}</bold>，{when}：{hosts, plural, other {# 位老师}}，有空闲时间} other ' .
        '{<bold>{title}</bold>，{when}：{hosts, plural, other {# 位老师}}}}',
    'round_wishes' => '您的意愿',
    'round_plan' => '安排所有面谈',
    'round_beside' => '并排查看',
    'find_none_that_day' => '{subject}：这一天没有空闲',
    'find_ruler' => '{host}，{subject}',
    'next_elsewhere' => '{next}（您的时区 {there}）',
    'ask_all_the_same' => '您仍可申请时间：',
    'ask_none_suits' => '没有合适的时间？',
];
