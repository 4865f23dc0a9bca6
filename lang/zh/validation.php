<?php

declare(strict_types=1);

return [
    'required' => '请填写此项。',
    'required_if' => '请填写此项。',
    'required_if_accepted' => '请填写此项。',
    'required_with' => '请填写此项。',
    'required_without' => '请填写此项。',
    'present' => '此页加载有误。请重新加载；您填写的内容已保留。',
    'array' => '无法读取。',
    'in' => '不能选择此项。',
    'date_format' => '无法读取。日期写成 2026-12-03，时间写成 16:40。',
    'date' => '无法读取。日期写成 2026-12-03。',
    'after_or_equal' => '最后一天早于第一天。',
    'timezone' => '这不是时区。例如：Europe/Lisbon。',
    'alpha' => '只能用字母 A 到 Z。',
    'different' => '请填写其他人。',
    'distinct' => '此项重复。',
    'file' => '请选择文件。',
    'uploaded' => '文件没有完整上传。可能太大。',
    'mimes' => '这里不能读取这种文件。',
    'image' => '这不是可读取的图片。',
    'dimensions' => '图片太大或太小。',
    'numeric' => '必须是数字。',
    'size' => [
        'string' => '必须是 :size 个字符。',
        'numeric' => '必须是 :size。',
        'array' => '必须有 :size 个。',
        'file' => '文件大小不对。',
    ],
    'min' => [
        'string' => '太短：至少 :min 个字符。',
        'numeric' => '至少 :min。',
        'array' => '至少 :min 个。',
        'file' => '文件太小。',
    ],
    'string' => '必须是文字。',
    'integer' => '必须是整数。',
    'boolean' => '必须是是或否。',
    'email' => '这不像电子邮箱地址。例如：name@mail.example。',
    'uuid' => '此页加载有误。请重新加载；您填写的内容已保留。',
    'url' => '视频链接必须以 https:// 或 http:// 开头，并且完整。',
    'enum' => '不能选择此项。',
    'exists' => '不能选择此项。请重新加载页面再选一次。',
    'regex' => '无法读取。',
    'not_regex' => '必须在一行内。',
    'max' => [
        'string' => '太长：最多 :max 个字符。',
        'numeric' => '最多 :max。',
        'array' => '太多：最多 :max 个。',
        'file' => '文件太大。',
    ],
    'between' => [
        'numeric' => ':min 到 :max 的整数。',
        'string' => ':min 到 :max 个字符。',
        'array' => ':min 到 :max 个。',
        'file' => '文件大小不对。',
    ],
    'custom' => [
        'phone' => [
            'regex' => '这不像电话号码。可以用数字、空格和 + - ( ) . /。',
        ],
        'slot' => [
            'regex' => '请在时间轴上选择时间。',
            'required' => '请先在时间轴上选择时间。',
        ],
        'minutes' => [
            'integer' => '分钟数须为整数。',
        ],
        'gap' => [
            'integer' => '分钟数须为整数，或 0。',
        ],
        'email' => [
            'max' => '作为电子邮箱地址太长。',
        ],
    ],
];
