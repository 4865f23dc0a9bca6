<?php

declare(strict_types=1);

return [
    'feed_name' => 'Reuniones',
    'not_http' => 'La dirección de un calendario empieza por https://, http:// o webcal://.',
    'not_allowed' =>
        'Esta dirección lleva a la red del propio centro, de donde no se traen calendarios. La administración ' .
        'puede permitirlo.',
    'not_plain' =>
        'El nombre del servidor tiene letras que las direcciones no tienen. Cópielo de nuevo de su programa de ' .
        'calendario.',
    'unknown_host' => 'No se conoce ningún servidor con ese nombre. Mire otra vez la dirección.',
    'no_end' => 'La dirección lleva de una a otra sin fin. Cópiela de nuevo de su programa de calendario.',
    'too_large' => 'El calendario ocupa más de {megabytes} MB.',
    'not_let' => 'El servidor no nos deja leerlo. Copie la dirección privada de su programa de calendario.',
    'gone' => 'Ya no hay ningún calendario en esta dirección.',
    'error' => 'El servidor respondió con un error ({status}). Lo intentaremos más tarde.',
    'no_answer' => 'El servidor no respondió a tiempo. Lo intentaremos más tarde.',
    'address_or_file' => 'Dé la dirección de un calendario, o elija un archivo.',
    'file_most' => 'Un archivo de calendario ocupa como máximo {megabytes} MB.',
    'skipped' => 'Línea {line, number, integer}, {what}: {why}',
    'summary' => '{title}: {with}',
    'summary_about' => '{title}: {with}, sobre {student}',
];
