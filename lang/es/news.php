<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {Reservada} please_confirm {Confirme, por favor} lapsed {Caducada} asked {Pedida} accepted {Aceptada} maybe {Quizá} declined {Rechazada} moved {Cambiada} moved_away {Pasada a otro} cancelled {Cancelada} link_added {Enlace añadido} link_changed {Enlace nuevo} place_changed {Otro lugar} answers_changed {Respuestas cambiadas} reminder {Recordatorio} guest_brought {Invitado añadido} guest_left {Invitado retirado} other {}}: {date} {time} con {with} – {title}',
    'booked' => [
        'host' =>
            '{who, select, you {Usted reservó esto para {visitor}.} office {Secretaría ha reservado una hora con usted para {visitor}.} visitor {{visitor} ha reservado una hora con usted.} other {{name} ha reservado una hora con usted para {visitor}.}}',
        'visitor' =>
            '{who, select, office {La secretaría ha reservado esta hora para usted.} host {{name} ha reservado esta hora para usted.} colleague {{name} ha reservado esta hora para usted.} other {Esta hora es suya.}}',
        'guest' => '{visitor} le ha añadido a esta reunión.',
    ],
    'please_confirm' => [
        'visitor' =>
            'Esta hora se le guarda hasta {until}. Pulse el botón y queda reservada. Si no ha pedido ninguna hora, no haga nada: entonces vuelve a quedar libre.',
    ],
    'lapsed' => [
        'visitor' => 'Esta hora se le guardaba. Vuelve a estar libre.',
    ],
    'moved_away' => [
        'host' => 'Esta cita es ahora con {host}, a otra hora. Su hora vuelve a estar libre.',
    ],
    'asked' => [
        'host' => '{visitor} pide una hora con usted. Está reservada hasta el {until}.',
        'visitor' => 'Ha pedido esta hora. Se le reserva hasta que responda {host}, como máximo hasta {until}.',
        'guest' => '{visitor} ha pedido esta hora. Se reserva hasta que responda {host}, como máximo hasta {until}.',
    ],
    'accepted' => [
        'host' =>
            '{who, select, you {Usted dijo sí a {visitor}.} visitor {{visitor} eligió la hora que usted propuso.} other {{name} dijo sí a {visitor}.}}',
        'visitor' => '{who, select, you {Esta hora es suya.} other {{name} ha dicho que sí. Esta hora es suya.}}',
        'guest' =>
            '{who, select, visitor {{visitor} ha tomado esta hora.} other {{name} ha dicho que sí.}} La reunión tiene lugar.',
    ],
    'maybe' => [
        'host' =>
            '{who, select, you {Usted dijo «aún no es seguro» a {visitor}.} other {{name} dijo «aún no es seguro» a {visitor}.}}',
        'visitor' => '{name} aún no lo sabe con seguridad. La hora se le guarda hasta {until}.',
        'guest' => '{name} aún no lo sabe con seguridad. La hora se guarda hasta {until}.',
    ],
    'declined' => [
        'host' => '{who, select, you {Usted dijo no a {visitor}.} other {{name} dijo no a {visitor}.}}',
        'visitor' => '{host} no puede recibirle a esta hora. Quizá haya otras libres.',
        'guest' => '{host} no puede a esta hora. La reunión no tiene lugar.',
    ],
    'moved' => [
        'host' =>
            '{who, select, you {Usted cambió esta cita.} office {Secretaría cambió esta cita.} other {{name} cambió esta cita.}} Esta es la hora nueva.',
        'visitor' =>
            '{held, select, yes {La hora que pidió es ahora otra. Se le reserva hasta que responda {host}, como máximo hasta {until}.} other {{who, select, you {Usted ha cambiado esta cita.} office {La secretaría ha cambiado esta cita.} host {{name} ha tenido que cambiar esta cita.} colleague {{name} ha tenido que cambiar esta cita.} other {{name} ha cambiado esta cita.}} Esta es la nueva hora.}}',
        'guest' =>
            '{who, select, you {Usted ha cambiado esta cita.} office {La secretaría ha cambiado esta cita.} host {{name} ha tenido que cambiar esta cita.} colleague {{name} ha tenido que cambiar esta cita.} other {{name} ha cambiado esta cita.}} Esta es la nueva hora.',
    ],
    'cancelled' => [
        'host' =>
            '{who, select, you {Usted canceló esta cita.} office {Secretaría canceló esta cita.} other {{name} canceló esta cita.}} La hora vuelve a estar libre.',
        'visitor' =>
            '{who, select, you {Usted ha cancelado esta cita. La hora queda libre para otros.} office {La secretaría ha cancelado esta cita.} host {{name} ha tenido que cancelar esta cita. Lo sentimos.} colleague {{name} ha tenido que cancelar esta cita. Lo sentimos.} other {{name} ha cancelado esta cita.}}',
        'guest' =>
            '{who, select, you {Usted ha cancelado esta cita. La hora queda libre para otros.} office {La secretaría ha cancelado esta cita.} host {{name} ha tenido que cancelar esta cita. Lo sentimos.} colleague {{name} ha tenido que cancelar esta cita. Lo sentimos.} other {{name} ha cancelado esta cita.}}',
    ],
    'link_added' => [
        'host' => 'El enlace de vídeo está ahí.',
        'visitor' => 'Ya está el enlace de vídeo de esta reunión.',
        'guest' => 'Ya está el enlace de vídeo de esta reunión.',
    ],
    'link_changed' => [
        'host' => 'El enlace de vídeo de esta cita es otro. El antiguo ya no funciona.',
        'visitor' => 'El enlace de vídeo de esta reunión es otro. El anterior ya no funciona.',
        'guest' => 'El enlace de vídeo de esta reunión es otro. El anterior ya no funciona.',
    ],
    'place_changed' => [
        'host' => 'Esta cita es ahora en otro lugar.',
        'visitor' => 'Esta reunión es ahora en otro lugar.',
        'guest' => 'Esta reunión es ahora en otro lugar.',
    ],
    'answers_changed' => [
        'host' => '{name} ha cambiado sus respuestas.',
    ],
    'reminder' => [
        'host' => 'Esta cita es {when}.',
        'visitor' => 'Esta cita es {when}.',
        'guest' => 'Esta cita es {when}.',
    ],
    'guest_brought' => [
        'host' => '{name} ha añadido a {guest} a esta cita.',
        'visitor' =>
            '{who, select, you {Ha añadido a {guest} a esta reunión.} other {{name} ha añadido a {guest} a esta reunión.}} Recibe una página privada propia.',
        'about' => '{name} le ha añadido a esta reunión.',
        'guest' => '{name} ha añadido a {guest} a esta reunión.',
    ],
    'guest_left' => [
        'host' => '{guest} ya no viene a esta cita. La cita sigue en pie.',
        'visitor' =>
            '{who, select, you {Ha quitado a {guest} de esta reunión.} other {{guest} ya no viene a esta reunión.}} La reunión se mantiene.',
        'about' =>
            '{who, select, you {Usted ya no viene a esta reunión.} other {{name} le ha quitado de esta reunión.}} La reunión se mantiene.',
        'guest' => '{guest} ya no viene a esta reunión. La reunión se mantiene.',
    ],
    'sitting' => [
        'heading' => '{count} horas reservadas: {school}',
        'news' => 'Estas {count, number} horas son suyas.',
        'press' =>
            '{may, select, change {Cambiar o cancelar {time}, {host}} cancel {Cancelar {time}, {host}} other {Ver {time}, {host}}}',
        'another' => 'Reservar otra hora',
    ],
    'link' => [
        'answer' => 'Responder a esta petición',
        'everybody' => 'Ver a todos los que han reservado',
        'another' => 'Elegir otra hora',
        'confirm' => 'Sí, es mi dirección: reservar',
        'change' => 'Sus citas: ver, cambiar o cancelar',
        'cancel' => 'Sus citas: ver o cancelar',
        'look' => 'Sus citas',
    ],
    'off' => [
        'declined' => '{host} no puede recibirle a esta hora.',
        'cancelled' =>
            '{who, select, you {Usted ha cancelado esta cita. La hora queda libre para otros.} office {La secretaría ha cancelado esta cita.} host {{name} ha tenido que cancelar esta cita.} colleague {{name} ha tenido que cancelar esta cita.} other {{name} ha cancelado esta cita.}}',
        'by' => '{who, select, office {por la secretaría} other {por {name}}}',
    ],
    'digest_heading' => 'Sus citas: {times, plural, one {# hora tiene} other {# horas tienen}} novedades',
    'digest' => 'Esto es lo nuevo desde ayer.',
    'digest_link' => 'Ver sus hojas',
    'digest_line' =>
        '{state, select, booked {reservada} asked {pedida, espera su respuesta} cancelled {cancelada} kept {aún sin confirmar} declined {rechazada} other {}}: {who}{about, select, none {} other {, sobre {student}}}',
    'again_heading' => 'Sus citas',
    'again' => 'Aquí están sus citas.',
    'again_other' => 'Y {number}',
    'was' => 'Ya no',
    'that_day' => 'También ese día',
    'free_now' => 'Libres en este momento',
];
