<?php

declare(strict_types=1);

return [
    'way' => 'Ver el camino a {place}',
    'letter_row' =>
        '{host}, {where}{directions, select, none {} other { ({directions})}}{student, select, none {} other { – sobre {student}}}{interpreter, select, none {} other { – interpreta {interpreter}}}',
    'not_as_filled_in' =>
        '{phone, select, none {Tal como está rellenado no es posible. Lo que ha escrito se conserva. Si ya hay algo reservado, ábralo desde el mensaje que recibió; o pregunte en secretaría.} other {Tal como está rellenado no es posible. Lo que ha escrito se conserva. Si ya hay algo reservado, ábralo desde el mensaje que recibió; o llame a secretaría, {phone}.}}',
    'not_as_filled_in_letter' =>
        '{phone, select, none {Tal como está rellenado no se puede reservar esta hora. Lo que ha escrito se conserva. Si ya reservó con esta dirección, va de camino un mensaje con sus citas; o pregunte en secretaría.} other {Tal como está rellenado no se puede reservar esta hora. Lo que ha escrito se conserva. Si ya reservó con esta dirección, va de camino un mensaje con sus citas; o llame a secretaría, {phone}.}}',
    'against' => [
        'visitor_enough' =>
            'Ya ha reservado aquí, en otra página suya. Abra «Sus citas» desde el mensaje que recibió para cambiarlo.',
        'visitor_elsewhere' => 'Tiene otra reunión entonces, o demasiado cerca. Elija otra hora, por favor.',
        'student_enough' =>
            'Aquí ya hay una hora sobre {student}. La reservó otra persona que cuida de {student}. Puede pedir participar.',
        'student_elsewhere' =>
            'Hay otra reunión sobre {student} entonces, o demasiado cerca. Elija otra hora, por favor.',
    ],
    'no_link_yet' => 'Su cita con {name}, {when}, aún no tiene enlace de vídeo. Añádalo en la hoja «{sheet}».',
    'busy_over' =>
        'Su calendario «{calendar}» tiene ahora algo durante su cita con {name}, {when}. La cita sigue en pie; cámbiela o cancélela si no puede venir.',
    'letters_waiting' =>
        '{count, plural, one {Un mensaje no sale} other {# mensajes no salen}}, y {count, plural, one {se intenta} other {se intentan}} de nuevo durante tres días: a {to}{more, plural, =0 {} one { y otra dirección} other { y otras # direcciones}}. El servidor de correo dice «{why}». Quien lleva el servidor puede arreglarlo.',
    'letters_given_up' =>
        '{count, plural, one {Un mensaje nunca salió} other {# mensajes nunca salieron}}: a {to}{more, plural, =0 {} one { y otra dirección} other { y otras # direcciones}}. El servidor de correo dijo «{why}». Avise a {count, plural, one {su destinatario} other {sus destinatarios}} de otra manera.',
    'mail_failed' =>
        '{phone, select, none {Un mensaje a {name} ({email}) no llegó. No dio número de teléfono.} other {Un mensaje a {name} ({email}) no llegó. Su número de teléfono: {phone}.}}',
    'only_families' =>
        'Estas horas son para familias que {school} conoce. Ábralas con el enlace de su mensaje, desde sus citas, o con el código de su tarjeta.',
    'only_staff' => 'Esta página es para quienes trabajan en {school}.',
    'only_anyone' => 'Esta página la puede abrir cualquiera.',
    'sheet_with' => 'con {host}',
    'staff_come_in' => 'Entrar y ver las horas',
    'card_title' => 'Tiene una tarjeta con un código',
    'card_code' => 'El código de su tarjeta',
    'card_open' => 'Abrir',
    'card_unknown' => 'No hay ninguna tarjeta con este código. Mírelo otra vez: tiene diez letras y cifras.',
    'card_too_often' =>
        'Se han probado demasiados códigos desde aquí. Espere una hora, o abra el enlace de su mensaje.',
    'card_none' =>
        '{phone, select, none {¿Sin tarjeta ni mensaje? Llame a secretaría.} other {¿Sin tarjeta ni mensaje? Llame a secretaría, {phone}.}}',
    'no_line' =>
        '{phone, select, none {Ahora no se puede poner a nadie en la lista de espera. Vuelva más tarde, o llame a secretaría.} other {Ahora no se puede poner a nadie en la lista de espera. Vuelva más tarde, o llame a secretaría, {phone}.}}',
    'line_is_long' =>
        '{phone, select, none {La lista de espera es tan larga como puede ser. Vuelva más tarde, o llame a secretaría.} other {La lista de espera es tan larga como puede ser. Vuelva más tarde, o llame a secretaría, {phone}.}}',
    'not_answered' =>
        '{phone, select, none {No hubo respuesta a tiempo, así que la hora vuelve a estar libre. Elija otra, o llame a secretaría.} other {No hubo respuesta a tiempo, así que la hora vuelve a estar libre. Elija otra, o llame a secretaría, {phone}.}}',
    'not_confirmed' => 'La dirección de correo no ha respondido a tiempo.',
    'other_host' => 'A las {time} sería con {host}. Confírmelo con un toque más, o elija otra hora.',
    'has_begun' => 'Esta reunión ha empezado o ha terminado; ya no se puede cambiar ni cancelar.',
    'next_free' => 'libre {when}',
    'next_opens' => 'abre {when}',
    'next_taken' => 'todas las horas están ocupadas',
    'next_over' => 'no hay más horas por ahora',
    'pick' => 'Elija una hora',
    'free' => '{free, plural, one {# libre} other {# libres}}',
    'free_here' => '{free, plural, one {# libre en estos días} other {# libres en estos días}}',
    'clock' => 'Reloj de 12 horas',
    'slot' => [
        'taken' => '{from} – {until} ocupada',
        'busy' => '{from} – {until} no disponible',
        'too soon' => '{from} – {until} demasiado pronto para reservar',
        'not yet open' => '{from} – {until} todavía no abierta',
        'closed' => '{from} – {until} cerrada',
        'past' => '{from} – {until} pasada',
    ],
    'earliest' => 'Lo antes posible:',
    'parts' => 'Parte del día',
    'part' => [
        'any' => 'Todo el día: {free, number}',
        'morning' => 'Mañanas: {free, number}',
        'afternoon' => 'Tardes: {free, number}',
        'late' => 'Desde {from}: {free, number}',
    ],
    'day_none' => 'Nada está libre este día.',
    'times' => [
        'free' => '{free, plural, =1 {Elija una hora: hay una libre} other {Elija una hora: hay # libres}}',
        'taken' => 'Todas las horas están ocupadas',
        'opens' => 'Abre {opens}',
        'enough' => 'Ya ha reservado aquí',
        'too late' => 'Ya no se pueden reservar las horas que quedan',
        'over' => 'Por ahora no hay más horas previstas',
    ],
    'sheet_title' => '{sheet} con {host}',
    'state' => [
        'kept' => 'Guardada hasta {until}. Pulse el botón del mensaje enviado a su correo y queda reservada.',
        'asked' => 'Pedida. Se le reserva como máximo hasta {until}.',
        'booked' => 'Reservada.',
        'declined' => 'Rechazada.',
        'cancelled' => 'Cancelada.',
    ],
    'undo' => [
        'given back' => 'Esta cita está cancelada.',
        'moved' => 'La cita se ha cambiado.',
        'guest left' => 'No viene.',
        'guest brought' => 'Está invitada esa persona.',
    ],
    'office' =>
        '{phone, select, none {¿Necesita ayuda? Llame a la secretaría del centro.} other {¿Necesita ayuda? Llame a la secretaría del centro: {phone}.}}',
    'handout' =>
        '{phone, select, none {Si no puede, llame a secretaría y reservan por usted.} other {Si no puede, llame a secretaría, {phone}, y reservan por usted.}}',
    'slip' =>
        '{phone, select, none {Si no puede venir, llame a secretaría: otra persona agradecerá la hora.} other {Si no puede venir, llame a secretaría, {phone}: otra persona agradecerá la hora.}}',
    'notice' =>
        '{phone, select, none {No hace falta cuenta. O pregunte en secretaría: reservan por usted.} other {No hace falta cuenta. O llame a secretaría, {phone}: reservan por usted.}}',
    'look_again' => 'Algo necesita otra mirada. No se ha perdido nada.',
    'line_sent' =>
        'Le hemos enviado un mensaje. Pulse su botón y le avisaremos cuando quede una hora libre. Cuando le toque, se le guardará un rato.',
    'confirm_first' =>
        'Esta hora solo está guardada para usted. Pulse el botón del mensaje que llegó a su dirección; entonces queda reservada y se puede cambiar.',
    'still_needed' =>
        'Alguien ha reservado en esta hoja, así que se queda. Mejor guárdela: sale de su lista y no admite reservas.',
    'undo_late' => 'Es demasiado tarde para deshacerlo: ya se ha avisado a los interesados.',
    'undo_taken' => 'Ya no se puede deshacer: alguien fue más rápido. Elija otra hora.',
    'address_subject' => '¿Es esta su dirección de correo?',
    'address_news' =>
        'Esta dirección se dio para citas en {school}. ¿Fue usted? Pulse el botón, y los mensajes irán ahí desde ahora. Si no, no haga nada. No recibirá nada más.',
    'address_press' => 'Sí, es mi dirección',
    'address_asked' => '¿Es {email} su dirección?',
    'address_asked_more' =>
        'Un toque, y los mensajes sobre sus citas van ahí; lo que se le guarda queda reservado a la vez.',
    'address_done' => 'Gracias. Los mensajes van a {email}.',
    'address_moved_subject' => 'Los mensajes sobre sus citas van a otra dirección',
    'address_moved_news' =>
        '{phone, select, none {Los mensajes sobre sus citas van desde ahora a {email}. Si no fue usted, abra sus citas y dé a la página una nueva dirección, o llame a secretaría.} other {Los mensajes sobre sus citas van desde ahora a {email}. Si no fue usted, abra sus citas y dé a la página una nueva dirección, o llame a secretaría, {phone}.}}',
    'join_subject' => '{name} querría venir también',
    'join_news' =>
        '{name} pide participar en esta reunión. Abra sus citas para añadirle. O no haga nada: no se le dirá nada.',
    'open_pass' => 'Abrir sus citas',
    'to_pass' => 'Ir a sus citas',
    'dear' => 'Hola, {name}:',
    'line_subject' => '¿Quiere un aviso cuando {host} tenga una hora libre?',
    'line_news' =>
        'Alguien pidió un aviso en esta dirección cuando haya una hora libre. ¿Fue usted? Pulse el botón. Si no, no haga nada. No recibirá nada más.',
    'line_press' => 'Sí, avíseme cuando haya una libre',
    'line_asked' => '¿Quiere un aviso cuando haya una hora libre?',
    'line_asked_more' => 'Cuando alguien devuelve una hora y le toca a usted, se le guarda un rato y llega un mensaje.',
    'wants_heading' => 'Qué le iría bien',
    'wants_when' => 'Cuándo',
    'wants_any_time' => 'Todo el día',
    'wants_morning' => 'Por la mañana',
    'wants_afternoon' => 'Por la tarde, antes de las cuatro',
    'wants_late' => 'Más tarde, desde las cuatro',
    'wants_where' => 'Dónde',
    'wants_anywhere' => 'En cualquier lugar',
    'wants_with' => 'Con',
    'wants_anybody' => 'Cualquiera',
    'wants_only' => 'Ofrecerme solo estas',
    'wants_tell_me' => 'Avíseme cuando haya una libre',
    'line_in' =>
        '{before, plural, =0 {Es la primera persona.} =1 {Es la segunda persona.} other {Hay # antes que usted.}}',
    'line_in_more' =>
        'Cuando quede una hora libre y le toque a usted, se le guarda un rato y llega un mensaje. Las horas que ya están libres se pueden reservar como siempre.',
    'line_offered' => 'Se le guarda una hora: {when}. Puede tomarla hasta {until}.',
    'line_offered_more' =>
        'Abra el mensaje que trata de ella para tomarla. Si la deja pasar, se pregunta primero a los demás; la segunda vez ya no se le pregunta.',
    'line_out' => 'Ya no recibe avisos de horas libres.',
    'line_leave' => 'No me avise más',
    'line_decline' => 'No, gracias: esta vez no',
    'offer_heading' => 'Hay una hora libre: {when} con {host}',
    'offer_news' => 'Hay una hora libre. Se le guarda hasta {until}.',
    'offer_take' => 'Tomar esta hora',
    'offer_decline' => 'No, gracias',
    'offer_what' => 'Qué',
    'offer_when' => 'Cuándo',
    'offer_with' => 'Con',
    'line_see' => 'Ver las horas',
    'pass_renewed_heading' => 'Sus citas: una nueva dirección privada',
    'pass_renewed' =>
        '{why, select, together {Todo lo que ha reservado está ahora en una página, y la página tiene una nueva dirección. Los enlaces anteriores ya no abren nada.} card {La página privada de sus citas tiene una nueva dirección. Tiene una tarjeta nueva, y lo que estaba en la anterior ya no funciona. Sus citas siguen igual.} other {La página privada de sus citas tiene una nueva dirección. La anterior estaba en un archivo de calendario que podía abrir alguien a quien usted añadió, así que ya no funciona. Sus citas siguen igual.}} Las entradas de calendario anteriores ya no se pueden contestar desde su calendario: use esta página.',
    'pass_renewed_link' => 'Sus citas',
    'pass_renewed_host' =>
        'La página privada de {who} tiene una dirección nueva, y no tenemos correo para decírselo. Imprima de nuevo su papel y entrégueselo.',
    'everything' => 'Este enlace es sobre una parte de lo que ha reservado. Todo se abre desde su buzón.',
    'everything_press' => 'Enviarme un enlace a todo',
    'everything_sent' =>
        'Va de camino un mensaje a la dirección de correo que conocemos de usted. Ábralo y pulse su botón en tres días: entonces verá todo lo que ha reservado.',
    'everything_office' =>
        '{phone, select, none {No tenemos dirección de correo suya para enviar un enlace. Llame a secretaría si lo necesita.} other {No tenemos dirección de correo suya para enviar un enlace. Llame a secretaría si lo necesita: {phone}.}}',
    'open_everything' => 'Todo lo que ha reservado',
    'open_everything_more' => 'Pulse el botón, y esta página sabrá que el mensaje le llegó.',
    'open_everything_press' => 'Abrirlo todo',
    'also_with' => '{kind, select, any {o {any}} must {y {must}} other {o {any}, y con {must}}}',
    'together' =>
        '{pages, plural, one {Hay # página más con su nombre y esta dirección.} other {Hay # páginas más con su nombre y esta dirección.}} {meetings, plural, =0 {Ahí no hay ninguna cita próxima.} one {Ahí hay # cita.} other {Ahí hay # citas.}}',
    'together_more' =>
        'Puede tenerlo todo en una página. Los enlaces de mensajes anteriores ya no abren nada entonces; un nuevo mensaje le trae el nuevo enlace.',
    'together_press' => 'Ponerlo todo en una página',
    'together_done' => 'Todo está en una página',
    'together_left' => 'No todo se pudo poner en una página',
    'together_apart' =>
        '{pages, plural, one {# página queda aparte.} other {# páginas quedan aparte.}} Lo que está en ambas no se puede juntar: un lugar en la misma lista de espera, deseos para las mismas jornadas, o la misma reunión. Retírelo en una de ellas y pulse otra vez.',
    'address_moved_link' => 'La página del centro',
    'needs_address' =>
        '{phone, select, none {Aquí se han reservado muchas horas sin dirección de correo. Dé una, para que pueda responder.} other {Aquí se han reservado muchas horas sin dirección de correo. Dé una, para que pueda responder; o llame a secretaría, {phone}.}}',
    'many_wait' =>
        '{phone, select, none {Ahora se guardan aquí algunas horas para direcciones de su red que aún no han respondido. Pulse el botón del mensaje enviado a la suya, o inténtelo en media hora. Lo que ha escrito se conserva.} other {Ahora se guardan aquí algunas horas para direcciones de su red que aún no han respondido. Pulse el botón del mensaje enviado a la suya, o inténtelo en media hora; o llame a secretaría, {phone}. Lo que ha escrito se conserva.}}',
    'good_day' => 'Buenos días:',
    'interpreter_gone' =>
        'Ya nadie interpreta en su cita con {name}, {when}: quien lo hacía se ha ido, y entonces no hay otro libre de ese idioma.',
    'again_title' => '¿Dónde están mis citas?',
    'again_address' => 'La dirección de correo con la que reservó',
    'again_press' => 'Enviarlas otra vez',
    'again_sent' =>
        'Si hay algo reservado con esta dirección, va de camino un mensaje con sus citas. Mire en su correo, y también en la carpeta de correo no deseado.',
    'again_back' => 'Todo nuestro equipo',
    'left' => 'Ya no viene a «{title}» {when}. {visitor} puede volver a añadirle.',
    'link' => [
        'kept' => 'El enlace llega cuando la hora está reservada.',
        'asked' => 'El enlace llega cuando se acepta su petición.',
        'later' => 'El enlace llega más tarde. Recibirá un mensaje cuando esté.',
        'before' =>
            '{where, select, here {El enlace aparece aquí} other {El enlace aparece en la página de sus citas}} {minutes, plural, one {# minuto} other {# minutos}} antes de la reunión.',
        'called' =>
            '{where, select, here {El enlace aparece aquí} other {El enlace aparece en la página de sus citas}} cuando le llamen.',
    ],
    'key_reused' =>
        'Este formulario ya se envió con otras respuestas. Cuenta el primero. Cargue la página de nuevo para reservar otra hora.',
    'no_such_time' => 'Aquí no hay esa hora.',
    'these_free' =>
        '{count, plural, =0 {Ahora no hay nada más libre aquí.} one {{times} está libre.} other {{times} están libres.}}',
    'guests_none' => 'En estas reuniones no se esperan invitados.',
    'guests_enough' => 'Ya vienen tantos invitados como pueden venir.',
    'guest_already' => 'Esta persona ya viene.',
    'find_title' => 'Encontrar una hora',
    'board_title' => 'Hable con nuestro equipo',
    'pass_title' => 'Sus citas',
];
