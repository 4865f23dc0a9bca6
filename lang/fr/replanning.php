<?php

declare(strict_types=1);

return [
    'moved_heading' => 'Une autre date : {title}',
    'moved_news' =>
        '{count, plural, one {Votre rendez-vous a maintenant lieu à une autre date, à la même heure.} other {Vos # ' .
        'rendez-vous ont maintenant lieu à une autre date, à la même heure.}}',
    'moved_link' => 'Tout ce que vous avez réservé',
];
