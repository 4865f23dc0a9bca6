<?php

declare(strict_types=1);

return [
    'date' => '日期',
    'from' => '从',
    'to' => '到',
    'host' => '老师',
    'student' => '学生',
    'visitor' => '来访者',
    'phone' => '电话',
    'place' => '地点',
    'answers' => '答案',
    'arrived' => '到达',
    'became' => '结果',
    'offered' => '提供',
    'booked' => '预约',
    'came' => '来了',
    'did_not_come' => '没来',
    'wait' => '平均等候（分钟）',
    'overrun' => '平均超时（分钟）',
    'family' => '家庭',
    'teacher' => '老师',
    'wish' => '意愿',
    'asked' => '受邀',
    'why_not' => '未满足的原因',
    'email' => '邮箱',
    'link' => '链接',
    'state' => '状态',
    'word' => '留言',
];
