<?php

declare(strict_types=1);

return [
    'slot' => '{date}, {from} – {until} ({zone})',
    'zone' => 'hora de {city}',
    'fact' => '{name}: {value}',
    'answer' => '{name} {value}',
    'then' => '{before}, {next}',
    'and' => '{others} y {last}',
    'or' => '{others} o {last}',
    'days' => '{count, plural, one {# día} other {# días}}',
    'hours' => '{count, plural, one {# hora} other {# horas}}',
    'minutes' => '{count, plural, one {# minuto} other {# minutos}}',
    'fact_what' => 'Qué',
    'fact_when' => 'Cuándo',
    'fact_where' => 'Dónde',
    'fact_video' => 'Enlace de vídeo',
    'fact_way' => 'Cómo llegar',
    'fact_with' => 'Con',
    'fact_also' => 'También asisten',
    'fact_about' => 'Sobre',
    'fact_phone' => 'Teléfono',
    'fact_email' => 'Correo',
    'signed_out' =>
        'Su sesión ya no está abierta: no se pulsó nada aquí durante media hora, o salió en otro sitio. Lo que ve aquí es como estaba a las {at}. <link>Entre en otra pestaña</link>; esta página sigue entonces.',
    'not_heard' =>
        'No hay noticias del centro desde {at}. Lo que se ve es de entonces; esta página sigue intentándolo y se pondrá al día sola.',
    'pattern_date' => 'EEEE, d \'de\' MMMM \'de\' y',
    'pattern_plain' => 'd \'de\' MMMM \'de\' y',
    'pattern_short' => 'EEE d MMM',
    'pattern_day' => 'EEEE, d \'de\' MMMM',
    'pattern_month' => 'LLLL \'de\' y',
    'am' => '{time} a. m.',
    'pm' => '{time} p. m.',
    'moment' => '{date}, {time}',
    'between' => '{from} – {until}',
    'shortly' => '{date}, {from} – {until}',
];
