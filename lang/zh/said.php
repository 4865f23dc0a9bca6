<?php

declare(strict_types=1);

return [
    'slot' => '{date}，{from} 至 {until}（{zone}）',
    'zone' => '{city}时间',
    'fact' => '{name}：{value}',
    'answer' => '{name} {value}',
    'then' => '{before}、{next}',
    'and' => '{others}和{last}',
    'or' => '{others}或{last}',
    'days' => '{count, plural, other {# 天}}',
    'hours' => '{count, plural, other {# 小时}}',
    'minutes' => '{count, plural, other {# 分钟}}',
    'fact_what' => '事项',
    'fact_when' => '时间',
    'fact_where' => '地点',
    'fact_video' => '视频链接',
    'fact_way' => '如何到达',
    'fact_with' => '面谈老师',
    'fact_also' => '同时参加',
    'fact_about' => '关于',
    'fact_phone' => '电话',
    'fact_email' => '电子邮箱',
    'signed_out' =>
        '您已退出登录：半小时没有操作，或在别处退出了。这里显示的是 {at} 的内容。<link>请在另一个标签页登录</link>；之后本页继续。',
    'not_heard' => '自 {at} 起没有收到学校的消息。此处显示的是当时的情况；本页会继续尝试，并自动更新。',
    'pattern_date' => 'y年M月d日EEEE',
    'pattern_plain' => 'y年M月d日',
    'pattern_short' => 'M月d日EEE',
    'pattern_day' => 'M月d日EEEE',
    'pattern_month' => 'y年M月',
    'am' => '上午{time}',
    'pm' => '下午{time}',
    'moment' => '{date}，{time}',
    'between' => '{from} 至 {until}',
    'shortly' => '{date}，{from} 至 {until}',
];
