<?php

declare(strict_types=1);

return [
    'slot' => '{date}, {from} – {until} ({zone})',
    'zone' => 'hora de {city}',
    'fact' => '{name}: {value}',
    'answer' => '{name} {value}',
    'then' => '{before}, {next}',
    'and' => '{others} e {last}',
    'or' => '{others} ou {last}',
    'days' => '{count, plural, one {# dia} other {# dias}}',
    'hours' => '{count, plural, one {# hora} other {# horas}}',
    'minutes' => '{count, plural, one {# minuto} other {# minutos}}',
    'fact_what' => 'O quê',
    'fact_when' => 'Quando',
    'fact_where' => 'Onde',
    'fact_video' => 'Ligação de vídeo',
    'fact_way' => 'Como chegar',
    'fact_with' => 'Com',
    'fact_also' => 'Também vêm',
    'fact_about' => 'Sobre',
    'fact_phone' => 'Telefone',
    'fact_email' => 'E-mail',
    'signed_out' =>
        'A sua sessão já não está aberta: durante meia hora nada foi premido aqui, ou saiu noutro sítio. O que está aqui é como estava às {at}. <link>Entre noutro separador</link>; esta página continua então.',
    'not_heard' =>
        'Não há notícias da escola desde {at}. O que aqui está é desse momento; esta página continua a tentar e atualiza-se sozinha.',
    'pattern_date' => 'EEEE, d \'de\' MMMM \'de\' y',
    'pattern_plain' => 'd \'de\' MMMM \'de\' y',
    'pattern_short' => 'EEE, d MMM',
    'pattern_day' => 'EEEE, d \'de\' MMMM',
    'pattern_month' => 'LLLL \'de\' y',
    'am' => '{time} da manhã',
    'pm' => '{time} da tarde',
    'moment' => '{date}, {time}',
    'between' => '{from} – {until}',
    'shortly' => '{date}, {from} – {until}',
];
