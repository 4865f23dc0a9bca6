<?php

declare(strict_types=1);

return [
    'here_early' =>
        'Es demasiado pronto: desde {time} del {date} podrá decir que está aquí. No se pierde nada; vuelva ' .
        'entonces.',
    'here_off' => 'Esta cita está cancelada.',
    'here_over' => 'Esta reunión ha terminado.',
    'no_word' => 'Ya no hay nada que responder.',
    'offer_answered' => 'Esa oferta ya tiene respuesta, o su plazo ha pasado. No se ha cambiado nada.',
    'offer_gone' => 'Esa hora ya no se ofrece. Sus otras citas siguen igual.',
    'offer_open' => 'Se ofrece {time}, y se guarda hasta {until}.',
    'late_heading' =>
        '{minutes, plural, =0 {{host} vuelve a ir a su hora} one {{host} lleva # minuto de retraso} other {{host} ' .
        'lleva unos # minutos de retraso}}',
    'late_news' =>
        '{minutes, plural, =0 {{host} vuelve a ir a su hora. Su cita empieza a las {time}, como estaba previsto.} ' .
        'one {{host} lleva hoy # minuto de retraso. Su cita empieza hacia las {time}. Su hora sigue siendo suya.} ' .
        'other {{host} lleva hoy unos # minutos de retraso. Su cita empieza hacia las {time}. Su hora sigue siendo ' .
        'suya.}}',
    'late_link' => 'Sus citas: cuánto tarda, según está ahora',
    'late_text' =>
        '{minutes, plural, =0 {{school}: {host} vuelve a ir a su hora. Su cita empieza a las {time}.} one ' .
        '{{school}: {host} lleva # minuto de retraso. Su cita empieza hacia las {time}.} other {{school}: {host} ' .
        'lleva unos # minutos de retraso. Su cita empieza hacia las {time}.}}',
    'offer_heading' => '{host} le ofrece otra hora',
    'offer_news' => '{host} le ofrece {time}. Se le guarda hasta {until}. Abra sus citas para tomarla.',
    'offer_instead' => 'Después de esta reunión',
    'offer_link' => 'Tomar esta hora, o decir que no',
    'offer_text' => '{host} le ofrece {time}. Abra sus citas para tomarla: {link}',
    'kiosk_title' => 'Llegada: {school}',
    'kiosk_too_often' => 'Fueron muchos intentos en esta tableta. Pregunte en secretaría, o inténtelo en diez minutos.',
    'kiosk_no_code' => 'Hoy no hay nada con este código. Mire si está completo, o búsquese por nombre y hora.',
    'kiosk_no_name' =>
        'Nadie con ese nombre tiene cita a esa hora, o todavía falta. Escriba el nombre entero como se reservó, el ' .
        'suyo o el del alumno; o pregunte en secretaría.',
    'kiosk_time' => 'Escriba la hora de la cita, por ejemplo {time}.',
    'after_link' => 'Sus citas',
    'plain_ahead' => 'Desde {time} puede decir aquí que ha llegado.',
    'plain_here' => 'Estoy aquí',
    'plain_waits' =>
        '{host} sabe que usted está aquí. {wait, plural, =0 {} one {Le tocará dentro de # minuto como mucho.} ' .
        'other {Le tocará dentro de # minutos como mucho.}} Vuelva a cargar esta página para ver cómo va.',
    'plain_called' => 'Pase, por favor.',
    'plain_late' => '{host} lleva unos {minutes, plural, one {# minuto} other {# minutos}} de retraso.',
    'plain_word' => '{host}: «{word}»',
    'ahead_minutes' => 'dentro de {minutes, plural, one {# minuto} other {# minutos}}',
    'ahead_today' => 'hoy a las {time}',
    'ahead_tomorrow' => 'mañana a las {time}',
    'ahead_date' => 'el {date}',
    'wait_now' => 'Le toca en cualquier momento.',
    'wait_about' => 'Le tocará en unos {high, plural, one {# minuto} other {# minutos}}.',
    'wait_within' => 'Le tocará en {high, plural, one {# minuto} other {# minutos}} como mucho.',
    'wait_between' => 'Le tocará en {low, number, integer} a {high, plural, one {# minuto} other {# minutos}}.',
    'see_the_way' => 'Ver el camino a {place}',
    'the_way' => 'El camino a {place}',
    'kiosk_head' => '{school}, {day}',
    'kiosk_no_camera' => 'La cámara de esta tableta no se puede usar. Escriba el código, o su nombre y la hora.',
    'kiosk_yours' => 'Sus citas de hoy',
    'kiosk_with' => '<time>{at}</time> con {host}',
    'kiosk_known' => '{host} sabe que usted está aquí.',
    'kiosk_go_in' => 'Pase, por favor.',
    'kiosk_missed' => '{host} ha esperado y ha continuado. Diga que está aquí; si hay un momento, se lo buscarán.',
    'kiosk_here' => 'Estoy aquí',
    'kiosk_ahead' => 'Desde {at} puede decir aquí que ha llegado.',
    'kiosk_over' => 'Esta reunión ha terminado.',
    'kiosk_late' => '{host} lleva unos {minutes, plural, one {# minuto} other {# minutos}} de retraso.',
    'kiosk_done' => 'Listo',
    'kiosk_forgets' => 'Esta página le olvida en un momento.',
    'kiosk_question' => '¿Viene a una reunión?',
    'kiosk_code' => 'El código de sus citas o de su tarjeta',
    'kiosk_find' => 'Buscarme',
    'kiosk_camera_sees' => 'Lo que ve la cámara',
    'kiosk_hold' => 'Ponga el código QR de sus citas o de su tarjeta ante la cámara.',
    'kiosk_no_picture' => 'Sin la cámara',
    'kiosk_show' => 'Mostrar el cuadrado a la cámara',
    'kiosk_name' => 'O el nombre entero, el suyo o el del alumno',
    'kiosk_and_time' => 'y la hora de la cita, cuando esté cerca',
    'kiosk_like' => 'por ejemplo {time}',
    'kiosk_who_is_where' => 'Quién está dónde',
    'kiosk_host' => '{known, select, yes {<bold>{host}</bold>: {places}} other {<bold>{host}</bold>}}',
    'kiosk_about_late' => 'unos {minutes, plural, one {# minuto} other {# minutos}} de retraso',
    'kiosk_nobody' => 'Hoy ya nadie tiene citas.',
];
