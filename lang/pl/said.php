<?php

declare(strict_types=1);

return [
    'slot' => '{date}, {from}–{until} ({zone})',
    'zone' => 'czas: {city}',
    'fact' => '{name}: {value}',
    'answer' => '{name} {value}',
    'then' => '{before}, {next}',
    'and' => '{others} i {last}',
    'or' => '{others} lub {last}',
    'days' => '{count, plural, one {# dzień} few {# dni} many {# dni} other {# dnia}}',
    'hours' => '{count, plural, one {# godzina} few {# godziny} many {# godzin} other {# godziny}}',
    'minutes' => '{count, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}}',
    'fact_what' => 'Co',
    'fact_when' => 'Kiedy',
    'fact_where' => 'Gdzie',
    'fact_video' => 'Link do wideo',
    'fact_way' => 'Jak trafić',
    'fact_with' => 'Z kim',
    'fact_also' => 'Będą też',
    'fact_about' => 'Dotyczy',
    'fact_phone' => 'Telefon',
    'fact_email' => 'E-mail',
    'signed_out' =>
        'Nie są już Państwo zalogowani: przez pół godziny niczego tu nie naciśnięto albo nastąpiło wylogowanie gdzie indziej. To, co tu jest, jest z {at}. <link>Proszę zalogować się w innej karcie</link>; ta strona wtedy działa dalej.',
    'not_heard' =>
        'Od {at} nie ma wiadomości ze szkoły. To, co tu widać, jest z tamtej chwili; strona próbuje dalej i sama się uaktualni.',
    'pattern_date' => 'EEEE, d MMMM y',
    'pattern_plain' => 'd MMMM y',
    'pattern_short' => 'EEE, d MMM',
    'pattern_day' => 'EEEE, d MMMM',
    'pattern_month' => 'LLLL y',
    'am' => '{time} am',
    'pm' => '{time} pm',
    'moment' => '{date}, {time}',
    'between' => '{from}–{until}',
    'shortly' => '{date}, {from}–{until}',
];
