<?php

declare(strict_types=1);

return [
    'on_board' => 'Pedir otra hora',
    'on_board_next' => 'cuando los dos estén libres',
    'ask_title' => 'Pedir una hora a {host}',
    'closed' => 'Ahora no se puede pedir otra hora a {host}. Lo que se puede reservar está en su página.',
    'no_scripts' =>
        'Para pedir otra hora, esta página necesita JavaScript. {phone, select, none {La secretaría del centro ' .
        'también le ayuda.} other {La secretaría del centro lo hace por usted: {phone}.}}',
    'kept_for' =>
        'Sus horas se le guardan hasta que se respondan, como máximo {hours, plural, one {# hora} other {# horas}}.',
    'calendar_read' =>
        '{count, plural, =0 {Su calendario dice que no tiene nada que hacer.} one {Se leyó # hora ocupada de su ' .
        'calendario.} other {Se leyeron # horas ocupadas de su calendario.}} {skipped, plural, =0 {} one {# ' .
        'entrada no se pudo leer.} other {# entradas no se pudieron leer.}}',
    'own_not_read' => 'Lo que se leyó de su calendario ya no se entiende. Léalo otra vez.',
    'feed_address' => 'La dirección de un calendario empieza por https://, http:// o webcal://.',
    'feed_or_file' => 'Dé la dirección de su calendario, o elija un archivo.',
    'file_size' => 'Un archivo de calendario ocupa como máximo 10 MB.',
    'work_address' => 'Una dirección empieza por https:// o http://, por ejemplo https://docs.example.org/essay.',
    'no_choice' => 'Ponga al menos una hora en las reglas.',
    'three_choices' => 'Tres horas bastan.',
    'no_such_length' =>
        '{minutes, plural, one {Aquí no se puede pedir una reunión de # minuto} other {Aquí no se puede pedir una ' .
        'reunión de # minutos}}. Elija una de las duraciones de arriba.',
    'outside' => 'Esta hora está fuera de las horas en que se puede pedir. Elija una en la banda verde.',
    'not_free' => 'Usted no está libre entonces, o no lo está otra persona que tiene que estar.',
    'choices_overlap' => 'Esta hora coincide con otra de las que eligió.',
    'not_together' => 'Ahora no se les puede pedir juntos. Pida a uno solo.',
    'gone' =>
        '{time} acaba de ocuparse. {count, plural, =0 {Cerca no hay nada libre para todos; mire otros días.} one ' .
        '{{times} está libre para todos. No se ha enviado nada; su texto sigue aquí.} other {{times} están libres ' .
        'para todos. No se ha enviado nada; su texto sigue aquí.}}',
    'enough_of_yours' =>
        'Ya tiene {most, plural, one {# petición abierta} other {# peticiones abiertas}}. Están con sus citas. ' .
        'Cuando se responda una, podrá pedir de nuevo.',
    'enough_of_theirs' =>
        '{host} tiene tantas peticiones abiertas como puede atender a la vez. No se ha enviado nada. Inténtelo en ' .
        'un día o dos, o reserve una hora en su página.',
    'over' => 'Esta petición ya no está abierta: se respondió, se retiró, o pasó su plazo. No se ha cambiado nada.',
    'no_such_time' => 'Esta hora ya no está entre las que se piden. Mire otra vez; no se ha cambiado nada.',
    'cannot_be_had' =>
        'Ahora hay otra cosa a esta hora, de su lado o del otro. No se ha cambiado nada; proponga otras horas.',
    'not_offered' => 'Esta hora ya no se ofrece. No se ha cambiado nada.',
    'move_by_asking' =>
        'Esta hora se acordó con {host}. Para tener otra, pida de nuevo a {host} en su página, y devuelva esta ' .
        'cuando esté acordada.',
    'other_none' => '{host} aún no ha respondido',
    'other_accepted' => '{host} ha dicho que sí',
    'other_maybe' => '{host} ha dicho que quizá',
    'other_declined' => '{host} ha dicho que no',
    'over_accepted' => 'Acordada: {when}',
    'over_declined' => 'Rechazada',
    'over_lapsed' => 'Sin respuesta a tiempo',
    'over_taken_back' => 'Ya no se pide',
    'pass_unconfirmed' =>
        'Guardada para usted hasta {until}. Un toque en el mensaje a {email}, y {hosts, plural, one {se pide a ' .
        '{host}} other {se pide a {host}}}.',
    'pass_asked' =>
        '{hosts, plural, one {Se ha pedido a {host}.} other {Se ha pedido a {host}.}} Sus horas se guardan hasta ' .
        '{until}.',
    'pass_maybe' =>
        '{hosts, plural, one {{host} dice que quizá.} other {No todos a quienes ha pedido están seguros aún.}} ' .
        'Esta hora se le guarda, y aún no es segura. Sabrá más a más tardar {until}.',
    'pass_proposed' =>
        '{hosts, plural, one {{host} propone otras horas.} other {Se proponen otras horas.}} Se le guardan hasta ' .
        '{until}; un toque toma una.',
    'pass_declined' => '{host} no puede recibirle a estas horas.',
    'pass_lapsed' => 'Nadie ha respondido a tiempo. Sus horas vuelven a estar libres.',
    'pass_taken_back' => 'Usted ha retirado esto.',
    'letter_sent' => 'Ha pedido una hora a {host}. Se guarda hasta {until}.',
    'letter_sent_heading' => 'Ha pedido a {host}: {title}',
    'letter_to_confirm' =>
        'Quiere pedir una hora a {host}. Se le guarda hasta {until}. Un toque en la dirección de abajo, y se pide ' .
        'a {host}. Si no ha pedido nada, no haga nada: vuelve a quedar libre.',
    'letter_to_confirm_heading' => 'Confirme, por favor: pedir una hora a {host}',
    'letter_maybe' =>
        '{host} dice que quizá. La hora se le guarda, y aún no es segura. Sabrá más a más tardar {until}.',
    'letter_maybe_heading' => 'Quizá: {title}, con {host}',
    'letter_declined' => '{host} no puede recibirle a estas horas.',
    'letter_declined_heading' => 'Rechazada: {title}, con {host}',
    'letter_off' =>
        'Esto no tiene lugar, y la hora vuelve a estar libre. Si su calendario la tiene, este mensaje la quita.',
    'letter_off_heading' => 'No tiene lugar: {title}, con {who}',
    'letter_proposed' => '{host} propone otras horas. Se le guardan hasta {until}. Abra sus citas para tomar una.',
    'letter_proposed_heading' => 'Otras horas: {title}, con {host}',
    'letter_lapsed' => 'Nadie ha respondido a tiempo. Sus horas vuelven a estar libres.',
    'letter_lapsed_heading' => 'Sin respuesta: {title}, con {host}',
    'fact_about' => 'De qué se trata',
    'fact_details' => 'Con sus palabras',
    'fact_details_yours' => 'Con sus palabras',
    'fact_work' => 'El trabajo en cuestión',
    'fact_student' => 'Sobre',
    'fact_where' => 'Dónde',
    'fact_from' => 'De',
    'fact_with' => 'Con',
    'fact_choice' => '{position, selectordinal, other {#.ª opción}}',
    'fact_time' => 'Cuándo',
    'fact_answer' => 'Respuesta',
    'to_pass' => 'Sus citas: vea cómo va, o retírela',
    'to_confirm' => 'Sí, es mi dirección: pedir',
    'summary' => '{title}, con {other}',
    'also' => 'También se pide {times}.',
    'forgotten_title' => 'Pedido',
    'also_asked' => 'también se pide',
    'word' => 'Unas palabras, si quiere',
    'stranger_title' => 'una hora para usted',
    'field_student' => 'Nombre del alumno',
    'field_phone' => 'Número de teléfono',
    'field_about' => 'De qué se trata',
    'field_work' => 'Dirección del trabajo',
];
