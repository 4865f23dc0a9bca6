<?php

declare(strict_types=1);

return [
    'change_block' => 'Змінити {day}, {block}',
    'change' => 'змінити',
    'busy' => 'зайнято',
    'calendar' => 'Ваш календар: {what}, {said}',
    'now' => 'Зараз',
    'minutes_left_over' =>
        '{minutes, plural, one {залишається # хвилина} few {залишаються # хвилини} many {залишається # хвилин} ' .
        'other {залишається # хвилини}}',
    'edge_from' => 'Початок {block}: перетягніть або стрілками',
    'edge_until' => 'Кінець {block}: перетягніть або стрілками',
    'to' => 'до {until}',
    'to_seats' => 'до {until}, {seats, plural, one {# місце} few {# місця} many {# місць} other {# місця}}',
    'seats' => '{seats, plural, one {# місце} few {# місця} many {# місць} other {# місця}}',
    'slot' => '{day}, {from}–{until}, {state}',
    'slot_seats' =>
        '{slot}, {seats, plural, one {залишилося # місце} few {залишилося # місця} many {залишилося # місць} other ' .
        '{залишилося # місця}}',
    'slot_added' =>
        '{slot}, {seats, plural, one {додано # місце} few {додано # місця} many {додано # місць} other {додано # ' .
        'місця}}',
    'slot_elsewhere' => '{slot}, {there} у вашому часовому поясі',
    'several' => '{from}–{until} {state}',
    'of_day' => '{heading}, {day}',
    'state_free' => 'вільно',
    'state_taken' => 'зайнято',
    'state_busy' => 'недоступно',
    'state_too soon' => 'запізно для запису',
    'state_not yet open' => 'ще не відкрито',
    'state_closed' => 'закрито',
    'state_past' => 'минуло',
    'busy_at' => '{what}, {said}',
];
