<?php

declare(strict_types=1);

// How times, lists and lengths are said, wherever they are. ICU MessageFormat.
return [
    'slot' => '{date}, {from} to {until} ({zone})',
    'zone' => '{city} time',
    'fact' => '{name}: {value}',
    'answer' => '{name} {value}',
    'then' => '{before}, {next}',
    'and' => '{others} and {last}',
    'or' => '{others} or {last}',
    'days' => '{count, plural, one {# day} other {# days}}',
    'hours' => '{count, plural, one {# hour} other {# hours}}',
    'minutes' => '{count, plural, one {# minute} other {# minutes}}',
    // Before each part of what is said of a meeting.
    'fact_what' => 'What',
    'fact_when' => 'When',
    'fact_where' => 'Where',
    'fact_video' => 'Video link',
    'fact_way' => 'How to get there',
    'fact_with' => 'With',
    'fact_also' => 'Also coming',
    'fact_about' => 'About',
    'fact_phone' => 'Phone',
    'fact_email' => 'E-mail',
    // Over a page that hears nothing
    'signed_out' =>
        'You are not signed in any more: nothing was pressed here for half an hour, or you signed out elsewhere. What stands here is as it was at {at}. <link>Sign in in another tab</link>; this page goes on then.',
    'not_heard' =>
        'Nothing has been heard from the school since {at}. What stands here is as it was then; this page keeps trying, and catches up by itself.',
    // Of dates, as Unicode writes them (UTS 35, part 4): what a date is made of, and in which order.
    'pattern_date' => 'EEEE d MMMM y',
    'pattern_plain' => 'd MMMM y',
    'pattern_short' => 'EEE d MMM',
    'pattern_day' => 'EEEE d MMMM',
    'pattern_month' => 'LLLL y',
    // A time on a clock of twelve hours. A space does not break there.
    'am' => '{time} am',
    'pm' => '{time} pm',
    'moment' => '{date}, {time}',
    'between' => '{from} to {until}',
    'shortly' => '{date}, {from} to {until}',
];
