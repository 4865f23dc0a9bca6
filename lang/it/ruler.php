<?php

declare(strict_types=1);

return [
    'change_block' => 'Modificare {day}, {block}',
    'change' => 'modificare',
    'busy' => 'occupato',
    'calendar' => 'Il Suo calendario: {what}, {said}',
    'now' => 'Adesso',
    'minutes_left_over' => '{minutes, plural, one {avanza # minuto} other {avanzano # minuti}}',
    'edge_from' => 'Inizio di {block}: trascini, o usi le frecce',
    'edge_until' => 'Fine di {block}: trascini, o usi le frecce',
    'to' => 'fino alle {until}',
    'to_seats' => 'fino alle {until}, {seats, plural, one {# posto} other {# posti}}',
    'seats' => '{seats, plural, one {# posto} other {# posti}}',
    'slot' => '{day}, {from} – {until}, {state}',
    'slot_seats' => '{slot}, {seats, plural, one {resta # posto} other {restano # posti}}',
    'slot_added' => '{slot}, {seats, plural, one {# posto aggiunto} other {# posti aggiunti}}',
    'slot_elsewhere' => '{slot}, {there} nel Suo fuso orario',
    'several' => '{from} – {until} {state}',
    'of_day' => '{heading}, {day}',
    'state_free' => 'libero',
    'state_taken' => 'occupato',
    'state_busy' => 'non disponibile',
    'state_too soon' => 'troppo vicino per prenotare',
    'state_not yet open' => 'non ancora aperto',
    'state_closed' => 'chiuso',
    'state_past' => 'passato',
    'busy_at' => '{what}, {said}',
];
