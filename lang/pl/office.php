<?php

declare(strict_types=1);

return [
    'frame_about' =>
        'prowadzi {host}. Podane godziny: {zone}. {free, plural, one {# wolny termin} few {# wolne terminy} many ' .
        '{# wolnych terminów} other {# wolnego terminu}}.',
    'free_times' => 'Wolne terminy',
    'see_all_times' => 'Zobacz wszystkie terminy',
];
