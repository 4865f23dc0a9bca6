<?php

declare(strict_types=1);

// The ruler of a day: its tabs, its edges, what else is on it. ICU MessageFormat.
return [
    'change_block' => 'Change {day}, {block}',
    'change' => 'change',
    'busy' => 'busy',
    'calendar' => 'Your calendar: {what}, {said}',
    'now' => 'Now',
    'minutes_left_over' => '{minutes, plural, one {# minute left over} other {# minutes left over}}',
    'edge_from' => 'Begin of {block}: drag, or use the arrow keys',
    'edge_until' => 'End of {block}: drag, or use the arrow keys',
    'to' => 'to {until}',
    'to_seats' => 'to {until}, {seats, plural, one {# seat} other {# seats}}',
    'seats' => '{seats, plural, one {# seat} other {# seats}}',
    'slot' => '{day}, {from} to {until}, {state}',
    'slot_seats' => '{slot}, {seats, plural, one {# seat left} other {# seats left}}',
    'slot_added' => '{slot}, {seats, plural, one {one seat added} other {# seats added}}',
    'slot_elsewhere' => '{slot}, {there} in your own time zone',
    'several' => '{from} to {until} {state}',
    'of_day' => '{heading}, {day}',
    'state_free' => 'free',
    'state_taken' => 'taken',
    'state_busy' => 'not available',
    'state_too soon' => 'too soon to book',
    'state_not yet open' => 'not open yet',
    'state_closed' => 'closed',
    'state_past' => 'over',
    'busy_at' => '{what}, {said}',
];
