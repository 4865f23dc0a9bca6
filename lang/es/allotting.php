<?php

declare(strict_types=1);

return [
    'board_until' => 'se admiten deseos hasta {moment}',
    'board_over' => 'se están dando las horas; quien envió deseos tendrá noticias',
    'over' => 'Ya no se admiten deseos. Las horas libres estarán aquí cuando todos los deseos tengan la suya.',
    'windows_needed' => 'Diga cuándo puede venir: sin ninguna tarde nadie puede recibirle.',
    'until' => 'Puede enviar deseos, y cambiarlos, hasta {moment}.',
    'until_over' =>
        'Se podían enviar deseos hasta {moment}. Sabrá qué horas son suyas en cuanto todos tengan las suyas.',
    'sent_at' => 'El centro tiene sus deseos desde {moment}.',
    'plain_how' => 'Escriba 1 junto a la persona con quien más quiere reunirse, luego 2, y así; deje los demás vacíos.',
    'plain_when' => '¿Cuándo puede venir?',
    'plain_others' => 'Otra persona',
    'plain_from' => 'de',
    'plain_until' => 'a',
    'plain_from_again' => 'y de',
    'plain_until_again' => 'a',
    'plain_needs' => 'Lo que necesita',
    'plain_walk' => 'Tiempo para ir de un aula a otra',
    'plain_breather' => 'Un descanso entre dos reuniones',
    'plain_minutes' => '{n, plural, =0 {ninguno} one {# minuto} other {# minutos}}',
    'plain_interpreter' => 'Intérprete',
    'plain_no_interpreter' => 'no hace falta',
    'plain_ground' => 'Necesitamos la planta baja',
    'plain_phone' => 'Número de teléfono',
    'plain_name' => 'Su nombre',
    'plain_email' => 'Su dirección de correo',
    'plain_child' => 'Niño {n}',
    'plain_child_name' => 'Nombre del alumno',
    'plain_send' => 'Enviar estos deseos',
    'too_many' => 'Más deseos de los que podemos admitir. Quite algunos.',
    'wishes_heading' => 'Sus deseos: {title}',
    'wishes_news' =>
        '{count, plural, =0 {Ha retirado sus deseos. El centro no tiene nada. Puede enviar otros hasta {moment}.} one {El centro tiene su deseo. Puede cambiarlo hasta {moment}. Después sabrá qué hora es suya.} other {El centro tiene sus # deseos, en este orden. Puede cambiarlos hasta {moment}. Después sabrá qué horas son suyas.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {Su deseo está guardado.} other {Sus # deseos están guardados.}} Cuentan cuando esta dirección haya respondido: un toque abajo.',
    'gone_heading' => '{host} ya no está',
    'gone_news' =>
        '{host} ya no está en esos días. Sus otros deseos se mantienen. {open, select, yes {Puede desear a otra persona hasta {moment}.} other {Llame a secretaría si quiere a otra persona.}}',
    'gone' =>
        '{count, plural, one {{names} ya no está en esos días.} other {{names} ya no están en esos días.}} Elija a otra persona, o siga con el resto.',
    'wishes_link' => 'Cambiar o añadir deseos',
    'wishes_confirm' => 'Sí, es mi dirección',
    'wishes_row' => '{host}{student, select, none {} other { – sobre {student}}}',
    'wishes_when' => 'Puede venir',
    'wishes_hours' => '{day}, {from} – {until}',
    'wishes_needs' => 'Necesita',
    'wishes_interpreter' => 'un intérprete ({language})',
    'wishes_ground' => 'la planta baja',
    'wishes_break' => '{n, plural, one {un descanso de # minuto} other {un descanso de # minutos}}',
    'wishes_rank' => '{rank, selectordinal, other {#.º}} deseo',
    'given_heading' => 'Sus horas: {title}',
    'given_news' =>
        '{count, plural, =0 {No se pudo dar ninguna hora para lo que deseó.} one {Esta hora es suya.} other {Estas # horas son suyas.}} {left, plural, =0 {Es todo lo que se deseó.} one {Para # deseo no hubo hora; está abajo.} other {Para # deseos no hubo hora; están abajo.}} Lo que queda libre puede reservarlo ahora cualquiera.',
    'given_asked' => 'Algunas las pidió un docente.',
    'given_link' => 'Sus citas: cambiar, imprimir o cancelar',
    'given_left' => 'Ninguna hora con {host}',
    'host_heading' => 'Sus citas: {title}',
    'host_news' =>
        'Las horas están repartidas: {count, plural, =0 {por ahora nadie viene a verle} one {una cita es suya} other {# citas son suyas}}. Lo que queda libre en su hoja ya lo pueden reservar todos.',
    'host_link' => 'Su hoja, con quién viene',
    'families_with_none' =>
        '{count, plural, =0 {Cada familia tiene al menos una cita.} one {Una familia no tiene ninguna cita.} other {# familias no tienen ninguna cita.}}',
    'helps_times' => 'Ayudarían más horas de estos profesores, o momentos en los que aún les quedan.',
    'helps_other_hours' => 'Ayudarían otras horas: pídaselas a la familia antes de publicar.',
    'helps_interpreter' => 'Ayudaría un intérprete a otras horas, o un segundo.',
    'helps_another' => 'Pueden pedir a otra persona.',
    'why_outside_windows' => '{host} no tiene horas cuando ellos pueden venir.',
    'why_host_full' => 'Las horas de {host} cuando ellos pueden venir fueron para otros.',
    'why_clashes' => '{host} solo está libre mientras ellos están en otra cita, o de camino.',
    'why_no_interpreter' => 'A {host} le quedan horas, pero entonces no hay intérprete de su idioma.',
    'why_other_guardian' => 'Otro responsable del alumno pidió antes a {host}.',
    'why_host_gone' => '{host} ya no está en la jornada.',
    'why_time_gone' => 'La hora con {host} se fue a otra cosa antes de poder reservarse.',
    'to_family_outside_windows' => 'No hay ninguna hora cuando puede venir.',
    'to_family_host_full' => 'Las horas en que puede venir fueron para otros.',
    'to_family_clashes' => 'Libre solo mientras está en otra reunión, o de camino.',
    'to_family_no_interpreter' => 'Hay horas, pero entonces no hay intérprete de su idioma.',
    'to_family_other_guardian' =>
        '{apart, select, yes {No se le pudo dar. La secretaría del centro sabe más.} other {Otro responsable del niño deseó lo mismo, y fue primero.}}',
    'to_family_host_gone' => '{host} ya no participa.',
    'to_family_time_gone' => 'La hora fue para otra cosa antes de poder reservarse.',
    'title' => 'Reparto: {round}',
    'sent' =>
        '{families, plural, =0 {Ninguna familia ha enviado aún sus deseos.} one {Una familia ha enviado sus deseos.} other {# familias han enviado sus deseos.}}',
    'none_yet' => 'Todavía no hay nada repartido.',
    'waiting' => 'Empieza en un momento.',
    'running' =>
        '{granted, number} de {wishes, number} deseos hasta ahora; nunca se podrán conceder más de {bound, number}.',
    'found' =>
        'Se conceden {granted, number} de {wishes, number} deseos. Está demostrado que nunca pueden ser más de {bound, number}.',
    'short' =>
        'No se ha reservado nada y no se ha avisado a nadie: justo antes del primer mensaje, {short, plural, one {una de estas horas} other {# de estas horas}} ya no se podía obtener. Lo que queda está aquí: {granted, number} de {wishes, number} deseos. Mírelo y publíquelo, o haga buscar otra vez.',
    'found_best' => 'Se conceden {granted, number} de {wishes, number} deseos. Está demostrado que no pueden ser más.',
    'booking' => '{booked, number} de {families, number} familias tienen sus horas.',
    'booked' =>
        'Las {families, number} familias tienen sus horas y han sido avisadas. Lo que está libre queda abierto a todos.{gone, plural, =0 {} one { Un deseo perdió su hora entre la búsqueda y la reserva; se avisó a su familia.} other { # deseos perdieron su hora entre la búsqueda y la reserva; se avisó a sus familias.}}',
    'failed' => 'Terminó antes de encontrar nada. No se ha reservado nada; empiece otra vez.',
    'not_granted' =>
        '{count, plural, =0 {Se conceden todos los deseos.} one {Un deseo no se concede.} other {# deseos no se conceden{listed, plural, =200 {; los primeros 200 están aquí, todos en la tabla} other {}}.}}',
    'not_collecting' => 'Esta jornada no recoge deseos.',
    'allotted_already' => 'Las horas de esta jornada ya están repartidas y reservadas.',
    'at_work' => 'Alguien ya ha empezado uno; sigue en marcha. No se ha empezado nada más.',
    'not_the_last' => 'Desde entonces se ha encontrado otro. Mire ese y publíquelo.',
    'still_collecting' =>
        'Las familias aún pueden enviar deseos. Ciérrelo antes, o espere a que termine; luego haga buscar otra vez. No se ha reservado nada.',
    'wishes_since' =>
        'Se encontró cuando aún podían llegar deseos. Haga buscar otra vez y publique. No se ha reservado nada.',
    'nothing_to_pin' => 'Aquí no hay nada cuya hora pueda cambiar todavía.',
    'too_late' => 'Los deseos terminan antes del primer día de la jornada.',
];
