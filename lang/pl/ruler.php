<?php

declare(strict_types=1);

return [
    'change_block' => 'Zmienić {day}, {block}',
    'change' => 'zmienić',
    'busy' => 'zajęte',
    'calendar' => 'Państwa kalendarz: {what}, {said}',
    'now' => 'Teraz',
    'minutes_left_over' =>
        '{minutes, plural, one {zostaje # minuta} few {zostają # minuty} many {zostaje # minut} other {zostaje # ' .
        'minuty}}',
    'edge_from' => 'Początek {block}: proszę przeciągnąć albo użyć strzałek',
    'edge_until' => 'Koniec {block}: proszę przeciągnąć albo użyć strzałek',
    'to' => 'do {until}',
    'to_seats' => 'do {until}, {seats, plural, one {# miejsce} few {# miejsca} many {# miejsc} other {# miejsca}}',
    'seats' => '{seats, plural, one {# miejsce} few {# miejsca} many {# miejsc} other {# miejsca}}',
    'slot' => '{day}, {from}–{until}, {state}',
    'slot_seats' =>
        '{slot}, {seats, plural, one {zostało # miejsce} few {zostały # miejsca} many {zostało # miejsc} other ' .
        '{zostało # miejsca}}',
    'slot_added' =>
        '{slot}, {seats, plural, one {dodano # miejsce} few {dodano # miejsca} many {dodano # miejsc} other ' .
        '{dodano # miejsca}}',
    'slot_elsewhere' => '{slot}, {there} w Państwa strefie czasowej',
    'several' => '{from}–{until} {state}',
    'of_day' => '{heading}, {day}',
    'state_free' => 'wolny',
    'state_taken' => 'zajęty',
    'state_busy' => 'niedostępny',
    'state_too soon' => 'za późno na rezerwację',
    'state_not yet open' => 'jeszcze nie otwarty',
    'state_closed' => 'zamknięty',
    'state_past' => 'miniony',
    'busy_at' => '{what}, {said}',
];
