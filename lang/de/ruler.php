<?php

declare(strict_types=1);

return [
    'change_block' => '{day}, {block} ändern',
    'change' => 'ändern',
    'busy' => 'belegt',
    'calendar' => 'Ihr Kalender: {what}, {said}',
    'now' => 'Jetzt',
    'minutes_left_over' => '{minutes, plural, one {# Minute bleibt übrig} other {# Minuten bleiben übrig}}',
    'edge_from' => 'Beginn von {block}: ziehen oder Pfeiltasten',
    'edge_until' => 'Ende von {block}: ziehen oder Pfeiltasten',
    'to' => 'bis {until}',
    'to_seats' => 'bis {until}, {seats, plural, one {# Platz} other {# Plätze}}',
    'seats' => '{seats, plural, one {# Platz} other {# Plätze}}',
    'slot' => '{day}, {from} bis {until}, {state}',
    'slot_seats' => '{slot}, {seats, plural, one {noch # Platz} other {noch # Plätze}}',
    'slot_added' => '{slot}, {seats, plural, one {# Platz dazu} other {# Plätze dazu}}',
    'slot_elsewhere' => '{slot}, {there} in Ihrer Zeitzone',
    'several' => '{from} bis {until} {state}',
    'of_day' => '{heading}, {day}',
    'state_free' => 'frei',
    'state_taken' => 'vergeben',
    'state_busy' => 'nicht verfügbar',
    'state_too soon' => 'zu kurzfristig',
    'state_not yet open' => 'noch nicht geöffnet',
    'state_closed' => 'geschlossen',
    'state_past' => 'vorbei',
    'busy_at' => '{what}, {said}',
];
