<?php

declare(strict_types=1);

return [
    'moved_heading' => '改到其他日期：{title}',
    'moved_news' =>
        '{count, plural, =1 {您的面谈改到了另一个日期，时间不变。} other {您的 # ' .
        '次面谈改到了另一个日期，时间不变。}}',
    'moved_link' => '您的全部预约',
];
