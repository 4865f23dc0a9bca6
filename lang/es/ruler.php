<?php

declare(strict_types=1);

return [
    'change_block' => 'Cambiar {day}, {block}',
    'change' => 'cambiar',
    'busy' => 'ocupado',
    'calendar' => 'Su calendario: {what}, {said}',
    'now' => 'Ahora',
    'minutes_left_over' => '{minutes, plural, one {sobra # minuto} other {sobran # minutos}}',
    'edge_from' => 'Comienzo de {block}: arrastre, o use las flechas',
    'edge_until' => 'Fin de {block}: arrastre, o use las flechas',
    'to' => 'hasta {until}',
    'to_seats' => 'hasta {until}, {seats, plural, one {# plaza} other {# plazas}}',
    'seats' => '{seats, plural, one {# plaza} other {# plazas}}',
    'slot' => '{day}, {from} – {until}, {state}',
    'slot_seats' => '{slot}, {seats, plural, one {queda # plaza} other {quedan # plazas}}',
    'slot_added' => '{slot}, {seats, plural, one {# plaza añadida} other {# plazas añadidas}}',
    'slot_elsewhere' => '{slot}, {there} en su zona horaria',
    'several' => '{from} – {until} {state}',
    'of_day' => '{heading}, {day}',
    'state_free' => 'libre',
    'state_taken' => 'ocupada',
    'state_busy' => 'no disponible',
    'state_too soon' => 'demasiado pronto para reservar',
    'state_not yet open' => 'todavía no abierta',
    'state_closed' => 'cerrada',
    'state_past' => 'pasada',
    'busy_at' => '{what}, {said}',
];
