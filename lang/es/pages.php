<?php

declare(strict_types=1);

return [
    'if_you_like' => '(si quiere)',
    'help_by_phone' => '¿Necesita ayuda? Llame a la secretaría del centro: <link>{phone}</link>',
    'help' => '¿Necesita ayuda? Llame a la secretaría del centro.',
    'recess' => 'Recess',
    'less' => 'Menos',
    'more' => 'Más',
    'a_moment' => 'Un momento, esto continúa solo. No se pierde nada, y nada ocurre dos veces.',
    'no_answer' =>
        'No hubo respuesta. Lo que ha escrito sigue aquí. Compruebe su conexión y pulse otra vez; nada ocurre dos ' .
        'veces.',
    'another_look' => 'Algo necesita otra mirada. No se ha perdido nada.',
    'signed_out' =>
        'Mientras tanto se cerró su sesión. Entre de nuevo en otra pestaña y pulse aquí otra vez; no se pierde ' .
        'nada.',
    'file_too_large' => 'Ese archivo es demasiado grande. No se guardó nada; lo que ha escrito sigue aquí.',
    'file_too_large_here' => 'Este archivo es demasiado grande.',
    'a_lot' => 'Fue mucho de una vez. Espere un minuto y pulse otra vez; no se pierde nada.',
    'machine_away' =>
        'El servidor del centro no responde desde hace medio minuto. Lo que ha escrito sigue aquí. Pulse otra vez ' .
        'en un minuto; nada ocurre dos veces.',
    'went_wrong' => 'Algo ha fallado aquí. No se guardó nada a medias. Inténtelo de nuevo en un minuto.',
    'go_on' => 'Continuar',
    'leave_it' => 'Dejarlo',
    'undo' => 'Deshacer',
    'close_this' => 'Cerrar',
    'e_mail_address' => 'Dirección de correo',
    'with' => 'con <link>{host}</link>',
    'with_also' => 'con <link>{host}</link> {also}',
    'clock_24' => 'Reloj de 24 horas',
    'clock_12' => 'Reloj de 12 horas',
    'with_titles' => 'con <link>{host}</link>, {titles}',
    'with_also_titles' => 'con <link>{host}</link> {also}, {titles}',
    'and' => '{others} y {last}',
    'minutes_short' => '{minutes, number, integer} min',
    'day_1' => 'lunes',
    'day_2' => 'martes',
    'day_3' => 'miércoles',
    'day_4' => 'jueves',
    'day_5' => 'viernes',
    'day_6' => 'sábado',
    'day_7' => 'domingo',
    'one_moment' => 'Un momento…',
    'slot' => '{day}, {from} – {until}',
    'language' => 'Idioma',
];
