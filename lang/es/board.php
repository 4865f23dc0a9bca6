<?php

declare(strict_types=1);

return [
    'none_here' => 'Aquí no se puede reservar nada por ahora. <link>Vea quién más puede recibirle</link>.',
    'ask_for_time' => 'Pedir una hora a {host}',
    'heading' => 'Hable con nuestro equipo',
    'card' => 'Escribir el código de su tarjeta',
    'again' => '¿Dónde están mis citas?',
    'none_now' => 'No se puede reservar nada por ahora.',
    'intro' => 'Elija con quién quiere reunirse y después una hora. No hace falta cuenta.',
    'under_way' => 'En curso',
    'seek' => 'Un nombre, una asignatura o un aula',
    'about' => 'O quien esté libre para',
    'show_times' => 'Ver horas libres',
    'found' => '{many, plural, one {# persona encontrada} other {# personas encontradas}}',
    'some_shown' => 'Se muestran {shown, number, integer} de {many, number, integer}.',
    'show_more' => 'Ver más',
    'or_type' => 'O escriba un nombre arriba.',
    'nobody' => 'Nadie con ese nombre tiene horas abiertas. Pruebe una asignatura, o menos letras.',
    'again_sent' => 'Si hay algo reservado con esta dirección, va de camino un mensaje con sus citas.',
    'again_email' => 'La dirección de correo con la que reservó',
    'again_send' => 'Enviarlas otra vez',
    'staff' => 'Para el personal: entrar',
    'find_heading' => 'Quién está libre, y cuándo',
    'find_about' => 'De qué se trata',
    'find_from' => 'Desde',
    'find_to' => 'Hasta',
    'find_names' => 'Solo estos nombres o asignaturas',
    'find_booked' => '{at} con {host} es suya. Elija la siguiente hora, o vea <link>todo lo que ha reservado</link>.',
    'find_no_clash' => 'No se muestran las horas que coinciden con sus citas.',
    'find_small_times' => 'Las horas pequeñas están en su propia zona horaria, {city}.',
    'find_time' => '{host}, {from} – {until}',
    'find_all_of' => '{count, plural, one {La única hora de {host}} other {Las # horas de {host}}}',
    'find_all' => 'las {count, number, integer}',
    'find_nobody' => 'Nadie lo ofrece en estos días. Mire otros días, o <link>a todo el equipo</link>.',
    'find_these' =>
        'Docentes {first, number, integer} a {last, number, integer} de {all, number, integer}, por nombre.',
    'find_before' => 'Los anteriores',
    'find_after' => 'Los siguientes',
    'round' =>
        '{said, select, wishes {<bold>{title}</bold>, {when}: {wishes}} free {<bold>{title}</bold>, {when}: ' .
        '{hosts, plural, one {# docente} other {# docentes}}, con horas libres} other {<bold>{title}</bold>, ' .
        '{when}: {hosts, plural, one {# docente} other {# docentes}}}}',
    'round_wishes' => 'Sus deseos',
    'round_plan' => 'Planificar todas sus citas',
    'round_beside' => 'Verlos uno al lado de otro',
    'find_none_that_day' => '{subject}: nada libre ese día',
    'find_ruler' => '{host}, {subject}',
    'next_elsewhere' => '{next} ({there} en su zona horaria)',
    'ask_all_the_same' => 'Aun así puede pedir una hora:',
    'ask_none_suits' => '¿Ninguna hora le va bien?',
];
