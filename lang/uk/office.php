<?php

declare(strict_types=1);

return [
    'frame_about' => '{host}. Години подано так: {zone}. Вільно: {free, number, integer}.',
    'free_times' => 'Вільний час',
    'see_all_times' => 'Переглянути весь час',
];
