<?php

declare(strict_types=1);

return [
    'queue_well' => 'Los mensajes salen.',
    'queue_wrong' =>
        '{waiting, plural, one {Espera un mensaje u otro trabajo} other {Esperan # mensajes y otros trabajos}}, el más antiguo desde hace {minutes, plural, one {un minuto} other {# minutos}}. ¿Funciona la cola? bin/recess school status lo dice.',
    'scheduler_well' => 'El planificador funciona.',
    'scheduler_wrong' =>
        '{known, select, no {El planificador aún no ha funcionado} other {El planificador calla desde hace {minutes, plural, one {un minuto} other {# minutos}}}}: entretanto no se envían recordatorios. bin/recess school status dice si funciona.',
    'letters_well' => 'En el último día no se abandonó ningún mensaje.',
    'letters_wrong' =>
        '{failed, plural, one {Un mensaje u otro trabajo del último día no se pudo} other {# mensajes y otros trabajos del último día no se pudieron}} hacer. Por qué: bin/recess school artisan queue:failed; otra vez: bin/recess school artisan queue:retry all.',
    'clock_well' => 'No se anotó nada más tarde que ahora.',
    'clock_wrong' =>
        'Algo se anotó {minutes, plural, one {un minuto} other {# minutos}} más tarde que ahora: el reloj del equipo se atrasó, o antes iba mal. Póngalo en hora: las horas reservadas entretanto están bien, pero «demasiado tarde» y los recordatorios van por el reloj.',
    'workers_well' => 'Los procesos de trabajo están ahí.',
    'worker_silent' =>
        '{queue, select, rounds {Del proceso que busca horas para jornadas} other {Del proceso que envía mensajes}} no se sabe nada desde hace {minutes, plural, one {un minuto} other {# minutos}}. bin/recess up arranca lo que no funciona.',
    'held' =>
        '{held, plural, =0 {No se retiene ningún mensaje de una copia restaurada.} one {Se retiene un mensaje u otro trabajo de una copia restaurada} other {Se retienen # mensajes y otros trabajos de una copia restaurada}}{held, plural, =0 {} other {: pudieron salir antes de restaurar. Envíelos con bin/recess school artisan recess:held send, o descártelos con … recess:held drop.}}',
    'held_sent' =>
        '{held, plural, one {Ahora sale un mensaje u otro trabajo} other {Ahora salen # mensajes y otros trabajos}}.',
    'held_dropped' =>
        '{held, plural, one {Se ha descartado un mensaje u otro trabajo} other {Se han descartado # mensajes y otros trabajos}}.',
    'held_how' => 'Hay recess:held, recess:held send y recess:held drop. No se ha hecho nada.',
    'unsent_well' => 'Ningún mensaje se intenta en vano desde hace mucho.',
    'letters_waiting' =>
        '{count, plural, one {Un mensaje se intentó y no sale} other {# mensajes se intentaron y no salen}}. El servidor de correo dice «{why}».',
    'letters_given_up' =>
        '{count, plural, one {Un mensaje se abandonó} other {# mensajes se abandonaron}} en un día. El servidor de correo dijo «{why}».',
    'mail_well' => 'El servidor de correo acepta nuestros mensajes ({server}).',
    'mail_wrong' =>
        'El servidor de correo ({server}) no acepta nuestros mensajes: «{why}». Esperan, y se intentan durante tres días. Arréglelo: bin/recess install --mail-host NAME --mail-user NAME --mail-password-file FILE',
    'other_tables' =>
        'Las tablas de esta escuela son de otra versión de Recess que su código, así que no se muestra ni se escribe nada; no se pierde nada. Para quien lleva el servidor: bin/recess doctor, luego bin/recess up.',
    'census' =>
        '{staff, plural, one {una persona del personal} other {# personas del personal}}, {sheets, plural, one {una hoja} other {# hojas}}, {bookings, plural, one {una reserva} other {# reservas}}, {students, plural, one {un alumno} other {# alumnos}}.',
    'first_key_over' => '{school} ya está instalada. Su secretaría invita a todos los demás, en la página «Personal».',
    'too_much' =>
        'Esto es más de lo que envía cualquiera de nuestras páginas, así que no se ha mirado. No se ha cambiado nada.',
    'calendar_too_much' =>
        'Leer este calendario lleva más tiempo o memoria de lo que un calendario puede. Busque en él entradas que se repitan cada minuto o segundo.',
    'file_quote_open' =>
        'Unas comillas (") que se abren en la línea {line, number} de este archivo no se cierran, así que lo que sigue sería una sola palabra larga. No se ha cambiado nada. Ciérrelas o quítelas, y entregue el archivo de nuevo.',
    'file_too_large' =>
        'Este archivo tiene más de {lines, number} líneas, o una muy larga, así que no se ha leído. No se ha cambiado nada. Entréguelo por partes.',
    'a_lot_at_once' => 'Eso ha sido mucho de golpe. Espere un minuto y pulse de nuevo; no se pierde nada.',
    'settings_title' => 'Ajustes',
    'school_title' => 'La escuela',
    'text_refused' => 'La pasarela de mensajes de texto respondió {status}.',
    'text_unanswered' => 'La pasarela de mensajes de texto no respondió.',
    'no_texts' => 'Aquí no se envían mensajes de texto.',
];
