<?php

declare(strict_types=1);

// What people write on sheets and rounds, in further languages. ICU MessageFormat.
return [
    'title' => '{title}：其他语言',
    'heading' => '其他语言',
    'about' =>
        '读其中一种语言的人，看到您在这里写的内容；其他人看到最初写的内容。每张时间表都问的（姓名、电话）已有各种语言。',
    'written_in' => '原文语言',
    'not_said' => '未说明',
    'into' => '翻译成',
    'in' => '{language}',
    'save' => '保存（{language}）',
    'kept' => '已保存。',
    'leave' => '不改了',
    'save_first' => '请先保存，再换其他语言。',
    'as_before' => '和以前一样：{text}',
    'left' => '原文已不在的；保存后消失',
    'meanwhile' => '其间有人改过。您输入的内容还在这里；请在另一个标签页重新查看。',
    'changed' => '打开此页后时间表有了变化。请重新打开；什么也没有保存。',
    'one_line' => '“{text}”必须在一行之内。',
    'long' => '“{text}”：太长了。',
    'link' => '其他语言',
];
