<?php

declare(strict_types=1);

return [
    'frame_about' => 'bei {host}. Alle Zeiten: {zone}. {free, number, integer} frei.',
    'free_times' => 'Freie Zeiten',
    'see_all_times' => 'Alle Zeiten ansehen',
];
