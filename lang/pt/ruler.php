<?php

declare(strict_types=1);

return [
    'change_block' => 'Mudar {day}, {block}',
    'change' => 'mudar',
    'busy' => 'ocupado',
    'calendar' => 'O seu calendário: {what}, {said}',
    'now' => 'Agora',
    'minutes_left_over' => '{minutes, plural, one {sobra # minuto} other {sobram # minutos}}',
    'edge_from' => 'Início de {block}: arraste, ou use as setas',
    'edge_until' => 'Fim de {block}: arraste, ou use as setas',
    'to' => 'até {until}',
    'to_seats' => 'até {until}, {seats, plural, one {# lugar} other {# lugares}}',
    'seats' => '{seats, plural, one {# lugar} other {# lugares}}',
    'slot' => '{day}, {from} – {until}, {state}',
    'slot_seats' => '{slot}, {seats, plural, one {resta # lugar} other {restam # lugares}}',
    'slot_added' => '{slot}, {seats, plural, one {# lugar a mais} other {# lugares a mais}}',
    'slot_elsewhere' => '{slot}, {there} no seu fuso horário',
    'several' => '{from} – {until} {state}',
    'of_day' => '{heading}, {day}',
    'state_free' => 'livre',
    'state_taken' => 'ocupada',
    'state_busy' => 'indisponível',
    'state_too soon' => 'demasiado cedo para marcar',
    'state_not yet open' => 'ainda não abriu',
    'state_closed' => 'fechada',
    'state_past' => 'passada',
    'busy_at' => '{what}, {said}',
];
