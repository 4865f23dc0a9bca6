<?php

declare(strict_types=1);

// A host's own calendars on a calendar server, both ways. ICU MessageFormat.
return [
    'title' => 'Sus calendarios',
    'heading' => 'Sus calendarios, en los dos sentidos',
    'about' =>
        'Lo que está ocupado en su calendario no se ofrece aquí a nadie, y lo que se reserva aquí está en él en ' .
        'segundos. Para calendarios en un servidor que habla CalDAV; la mayoría lo hace, y da la dirección en ' .
        'sus ajustes.',
    'other_ways' =>
        'Sin servidor, basta <link>la dirección de una fuente o un archivo</link>, y las cartas que recibe.',
    'connect_heading' => 'Dónde están',
    'address' => 'Dirección del servidor',
    'address_help' => 'Tal como la da su programa de calendario; empieza por https://',
    'name' => 'Su nombre allí',
    'password' => 'Su contraseña allí',
    'password_help' =>
        'Mejor una que sea solo para programas, si el servidor las da. Se guarda sellada y no se muestra a nadie.',
    'connect' => 'Buscar mis calendarios',
    'connecting' => 'Buscándolos…',
    'again_heading' => 'Otra contraseña u otro servidor',
    'on' => '{name}, en {host}',
    'looked' => 'Consultado: {when}.',
    'which_heading' => 'Para qué es cada uno',
    'which_about' =>
        'Una reunión está en su calendario con el nombre, el número y las respuestas de quien viene: mejor en ' .
        'uno que nadie más lea.',
    'counts' => 'Lo que está ocupado en él quita horas aquí',
    'counts_times' =>
        '{times, plural, =0 {Nada próximo en él.} one {Un tiempo ocupado próximo.} many {# tiempos ocupados ' .
        'próximos.} other {# tiempos ocupados próximos.}}',
    'skipped' =>
        '{many, plural, one {Una entrada no se pudo leer.} many {# entradas no se pudieron leer.} other {# ' .
        'entradas no se pudieron leer.}}',
    'takes' => 'Mis reuniones van a este',
    'takes_none' => 'Mis reuniones no van a ninguno',
    'written' =>
        '{many, plural, =0 {Todavía no hay ninguna reunión en él.} one {Hay una reunión en él.} many {Hay # ' .
        'reuniones en él.} other {Hay # reuniones en él.}}',
    'read_only' => 'No puede escribir en él.',
    'keep' => 'Guardar esto',
    'keeping' => 'Guardando…',
    'kept' => 'Guardado y consultado.',
    'look_now' => 'Consultar ahora',
    'looked_now' => 'Consultado ahora mismo.',
    'disconnect' => 'Olvidar este servidor',
    'disconnect_about' =>
        'Se olvidan el nombre y la contraseña, y nada de allí quita ya horas. Las reuniones que están en su ' .
        'calendario se quedan en él; lo que sea de ellas ya no se escribe allí.',
    'disconnect_sure' => 'Olvidarlo',
    'disconnect_not' => 'Dejarlo',
    'still_counts' => '{failure} Lo que se sabía de él sigue contando; se vuelve a intentar solo.',
    'demo' => 'En esta demostración hay uno en {address}, con el nombre {name} y la contraseña {password}.',
    'not_https' =>
        'La dirección de un servidor de calendarios empieza por https://, para que nadie lea su contraseña por ' .
        'el camino.',
    'wrong_password' => 'El servidor no conoce este nombre con esta contraseña.',
    'not_let' => 'El servidor no nos deja leer ni escribir allí.',
    'no_calendars' =>
        'No hay calendarios en esta dirección. Cópiela de su programa de calendario, o pregunte a quien lleva el ' .
        'servidor.',
    'full' => 'Su calendario allí está lleno: no se puede escribir nada más hasta que se quite algo.',
    'error' => 'El servidor respondió con un error ({status}).',
    'elsewhere' =>
        'El servidor nos manda a {host}. Su contraseña es para el que usted indicó: dé esa dirección en su ' .
        'lugar, si es correcta.',
    'no_end' => 'El servidor nos manda de una dirección a otra sin fin.',
    'not_understood' => 'Lo que respondió el servidor no es como hablan los servidores de calendarios.',
    'not_this_one' => 'Sus reuniones no pueden ir a este. Elija otro.',
    'calendar_gone' =>
        'El calendario «{calendar}» ya no está en su servidor: no quita horas aquí, y sus reuniones no están en él.',
    'not_in_step' =>
        'Ahora mismo no se puede acceder a su calendario: lo que se sabía de él sigue contando, y las nuevas ' .
        'reuniones aún no están en él. Mire «Sus calendarios» en sus ajustes.',
    'taken_out_there' =>
        'Usted quitó de su calendario la reunión con {name}. Sigue en pie: {name} le espera, {when}. Anúlela en ' .
        'su hoja si no puede venir.',
    'proposed' =>
        'Usted movió en su calendario la reunión con {name}: {there}. Se ha preguntado a {name} si le va bien; ' .
        'hasta que lo diga, sigue como se acordó: {when}.',
    'moved_there' =>
        'En su calendario la reunión con {name} es {there}. {name} no sabe nada de ello: se acordó para {when}. ' .
        'Muévala en su hoja, y se le avisa.',
];
