<?php

declare(strict_types=1);

return [
    'feed_name' => '会面',
    'not_http' => '日历地址以 https://、http:// 或 webcal:// 开头。',
    'not_allowed' => '此地址指向学校内部网络，不从那里读取日历。管理员可以允许。',
    'not_plain' => '服务器名称含有地址中没有的字符。请从您的日历程序重新复制。',
    'unknown_host' => '找不到这个名称的服务器。请再看一下地址。',
    'no_end' => '该地址不断跳转。请从您的日历程序重新复制。',
    'too_large' => '日历超过 {megabytes} MB。',
    'not_let' => '服务器不允许读取。请从您的日历程序复制私人地址。',
    'gone' => '此地址已没有日历。',
    'error' => '服务器返回错误（{status}）。我们稍后再试。',
    'no_answer' => '服务器没有及时回应。我们稍后再试。',
    'address_or_file' => '请填写日历地址，或选择文件。',
    'file_most' => '日历文件最大 {megabytes} MB。',
    'skipped' => '第 {line, number, integer} 行，{what}：{why}',
    'summary' => '{title}：{with}',
    'summary_about' => '{title}：{with}，关于 {student}',
];
