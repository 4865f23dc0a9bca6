<?php

declare(strict_types=1);

// How times, lists and lengths are said, wherever they are. ICU MessageFormat.
return [
    'slot' => '{date}, {from} to {until} ({zone})',
    'zone' => '{city} time',
    'fact' => '{name}: {value}',
    'answer' => '{name} {value}',
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
];
