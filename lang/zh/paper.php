<?php

declare(strict_types=1);

return [
    'nobody' => '这一天没有人来。',
    'outside' => '请在外面等到有人请您进来：也许里面有人正在谈话。',
    'phone' => '用手机选择时间',
    'here' => '到',
    'not' => '未到',
    'here_at' => '到达 ______',
    'missed' => '没来',
    'phone_or_at' => '用手机选择时间，或访问',
    'our_time' => '我们的时间：______________________',
    'entrance' => '谁去哪里：{day}',
    'with' => '{host}，{subject}',
    'interprets' => '口译：{name}',
    'note' => '您的备注：{note}',
    'arrived' => '{time} 到',
    'slip_with' => '{title}，{host}（{subject}）',
    'slip_about' => '关于：{student}',
    'slip_where' => '地点：{place}',
    'slip_for' => '{name}。由办公室预约。',
    'more_days' => '以及更多日子',
];
