<?php

declare(strict_types=1);

return [
    'slot' => '{date}, {from}–{until} ({zone})',
    'zone' => 'час: {city}',
    'fact' => '{name}: {value}',
    'answer' => '{name} {value}',
    'then' => '{before}, {next}',
    'and' => '{others} і {last}',
    'or' => '{others} або {last}',
    'days' => '{count, plural, one {# день} few {# дні} many {# днів} other {# дня}}',
    'hours' => '{count, plural, one {# година} few {# години} many {# годин} other {# години}}',
    'minutes' => '{count, plural, one {# хвилина} few {# хвилини} many {# хвилин} other {# хвилини}}',
    'fact_what' => 'Що',
    'fact_when' => 'Коли',
    'fact_where' => 'Де',
    'fact_video' => 'Посилання на відео',
    'fact_way' => 'Як дістатися',
    'fact_with' => 'З ким',
    'fact_also' => 'Також будуть',
    'fact_about' => 'Стосується',
    'fact_phone' => 'Телефон',
    'fact_email' => 'Ел. пошта',
    'signed_out' =>
        'Вхід більше не відкрито: пів години тут нічого не натискали, або ви вийшли деінде. Те, що тут, було таким о {at}. <link>Увійдіть в іншій вкладці</link>; тоді ця сторінка працює далі.',
    'not_heard' =>
        'Від {at} зі школи немає новин. Те, що тут видно, – з того моменту; сторінка пробує далі й оновиться сама.',
    'pattern_date' => 'EEEE, d MMMM y \'р\'.',
    'pattern_plain' => 'd MMMM y \'р\'.',
    'pattern_short' => 'EEE, d MMM',
    'pattern_day' => 'EEEE, d MMMM',
    'pattern_month' => 'LLLL y',
    'am' => '{time} дп',
    'pm' => '{time} пп',
    'moment' => '{date}, {time}',
    'between' => '{from}–{until}',
    'shortly' => '{date}, {from}–{until}',
];
