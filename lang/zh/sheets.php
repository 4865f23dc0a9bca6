<?php

declare(strict_types=1);

return [
    'letter_heading' => '{title}，{host}',
    'letter_news' => '{host}有时间与您面谈，关于{students}。',
    'letter_link' => '选择时间',
    'expected_heading' => '为{student}预约：{title}，{host}',
    'expected_dear' => '致为{student}预约的人：',
    'expected_invites' => '{host}希望就{student}面谈。请选择时间：下面的链接已含姓名。',
    'expected_text_invites' => '{host}希望就{student}面谈。请选择时间：{link}',
    'expected_news' => '{host}在等{student}，尚未约定时间。下面的链接已含姓名，只需点一次。',
    'expected_text' => '{host}在等{student}，尚未约定时间。请选择：{link}',
    'expected_card' => '拍下方码并选择时间；其中已含姓名。',
];
