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
];
