<?php

declare(strict_types=1);

return [
    'frame_about' =>
        'avec {host}. Heures indiquées : {zone}. {free, plural, one {# créneau libre} other {# créneaux libres}}.',
    'free_times' => 'Créneaux libres',
    'see_all_times' => 'Voir tous les créneaux',
];
