<?php

declare(strict_types=1);

return [
    'frame_about' => 'con {host}. Horas indicadas: {zone}. {free, plural, one {# hora libre} other {# horas libres}}.',
    'free_times' => 'Horas libres',
    'see_all_times' => 'Ver todas las horas',
];
