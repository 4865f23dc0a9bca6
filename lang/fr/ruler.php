<?php

declare(strict_types=1);

return [
    'change_block' => 'Modifier {day}, {block}',
    'change' => 'modifier',
    'busy' => 'occupé',
    'calendar' => 'Votre calendrier : {what}, {said}',
    'now' => 'Maintenant',
    'minutes_left_over' => '{minutes, plural, one {# minute restante} other {# minutes restantes}}',
    'edge_from' => 'Début de {block} : faites glisser, ou utilisez les flèches',
    'edge_until' => 'Fin de {block} : faites glisser, ou utilisez les flèches',
    'to' => 'jusqu’à {until}',
    'to_seats' => 'jusqu’à {until}, {seats, plural, one {# place} other {# places}}',
    'seats' => '{seats, plural, one {# place} other {# places}}',
    'slot' => '{day}, {from} – {until}, {state}',
    'slot_seats' => '{slot}, {seats, plural, one {# place restante} other {# places restantes}}',
    'slot_added' => '{slot}, {seats, plural, one {une place ajoutée} other {# places ajoutées}}',
    'slot_elsewhere' => '{slot}, {there} dans votre fuseau horaire',
    'several' => '{from} – {until} {state}',
    'of_day' => '{heading}, {day}',
    'state_free' => 'libre',
    'state_taken' => 'pris',
    'state_busy' => 'indisponible',
    'state_too soon' => 'trop proche pour être réservé',
    'state_not yet open' => 'pas encore ouvert',
    'state_closed' => 'clos',
    'state_past' => 'passé',
    'busy_at' => '{what}, {said}',
];
