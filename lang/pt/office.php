<?php

declare(strict_types=1);

return [
    'frame_about' => 'com {host}. Horas indicadas: {zone}. {free, plural, one {# hora livre} other {# horas livres}}.',
    'free_times' => 'Horas livres',
    'see_all_times' => 'Ver todas as horas',
];
