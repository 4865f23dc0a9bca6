<?php

declare(strict_types=1);

return [
    'frame_about' => 'con {host}. Orari indicati: {zone}. {free, plural, one {# libero} other {# liberi}}.',
    'free_times' => 'Orari liberi',
    'see_all_times' => 'Vedere tutti gli orari',
];
