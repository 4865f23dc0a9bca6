<?php

declare(strict_types=1);

return [
    'title' => '临时有变：{round}',
    'away_said' =>
        '{hit, plural, =0 {那时没有人预约{host}，无需通知。} other {{host}有 # 次面谈无法进行。}} {hit, plural, =0 {} other {{placed, plural, =0 {都没有其他时间。} other {其中 # 次有其他时间，改动尽量小。}}}}',
    'stead' => '{time}，{host}',
    'away_done' => '{host}缺席。所有相关的人半分钟内会得知。',
    'is_away' => '{host}缺席：{times, plural, other {从 {from} 起关闭 # 个时间}}。',
    'not_away' => '没有缺席，或已结束。没有更改任何内容。',
    'not_in_it' => '在这次面谈会中没有开放的安排表。',
    'others_hit' => '受影响的人与您看到的不同：其间有人预约或改期。没有更改任何内容；请再看一次。',
    'taken_meanwhile' => '其间其中一个时间已被占用。没有更改任何内容；请再看一次。',
    'evening_said' =>
        '{meetings, plural, =0 {{from} 没有人预约；时间改到 {to}。} other {{families, plural, other {# 个家庭}}的 # 次面谈从 {from} 改到 {to}，时刻不变。}} {cannot, plural, =0 {} other {其中 # 次那时无法进行，予以取消。}}',
    'evening_done' => '晚上已改期。半分钟内每个家庭会用一封邮件得知全部面谈。',
    'not_its_date' => '面谈会不在这一天。',
    'date_over' => '这一天已过。',
    'date_far' => '对同一次面谈会来说太远了。请用新日期重新办一次。',
    'date_taken' => '面谈会已在这一天。',
    'date_closed' => '学校这一天停课。',
    'others_cannot' => '那天不能来的人与您看到的不同。没有更改任何内容；请再看一次。',
    'moved_heading' => '改到其他日期：{title}',
    'moved_news' =>
        '{count, plural, =1 {您的面谈改到了另一个日期，时间不变。} other {您的 # 次面谈改到了另一个日期，时间不变。}}',
    'moved_link' => '您的全部预约',
    'video_said' =>
        '{can, plural, =0 {没有人有链接。} other {# 位老师有链接。}} {cannot, plural, =0 {} other {# 位没有链接，在提供之前留在原处：{names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other {等}}。}}',
    'by_video_label' => '通过视频',
    'undone' => '一切恢复原样。没有写信给任何人。',
    'undo_late' => '已来不及撤回：已写信给他们。',
    'undo_taken' => '已无法撤回：其中一个时间现已有人。没有更改任何内容。',
];
