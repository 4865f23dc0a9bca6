<?php

declare(strict_types=1);

return [
    'was' => 'Era {moment}.',
    'not_to_move' => 'Esta cita ya no se puede cambiar.',
    'not_moved' =>
        'Alguien acaba de tomar una de estas horas, así que no se ha cambiado nada. Todo lo que tenía reservado sigue donde estaba. Mire el plan otra vez.',
    'back_heading' => 'Cancelada: {title}',
    'back_news' =>
        '{count, plural, one {Ha cancelado esta cita.} other {Ha cancelado estas # citas.}} Las horas quedan libres para otros.',
    'back_link' => 'Reservar de nuevo',
    'title' => 'Jornadas',
    'new' => 'Una jornada nueva',
    'only_families' =>
        'Estas jornadas de reuniones son para las familias de {school}. La tarjeta que recibió las abre.',
    'day_said' =>
        '{from} – {until}, {waiting, plural, =0 {sin esperas} one {# minuto entre reuniones} other {# minutos entre reuniones}}.',
    'between_none' => 'justo después',
    'between_wait' => '{wait, plural, one {# minuto} other {# minutos}} de espera',
    'between_way' => '{way, plural, one {# minuto} other {# minutos}} de camino',
    'between_both' => '{way, plural, one {# minuto} other {# minutos}} de camino, {wait} de espera',
    'left_nothing' => '{host} no tiene ninguna hora libre.',
    'left_interpreter' => '{host} tiene horas libres, pero entonces no hay intérprete de su idioma.',
    'left_interpreter_stay' =>
        '{host} tiene horas libres, pero entonces no hay intérprete de su idioma; {time} estaría libre, si puede quedarse hasta {until}.',
    'left_interpreter_come' =>
        '{host} tiene horas libres, pero entonces no hay intérprete de su idioma; {time} estaría libre, si puede venir entonces.',
    'left_outside' => '{host} no tiene horas libres cuando usted puede venir.',
    'left_outside_stay' =>
        '{host} no tiene horas libres cuando usted puede venir; {time} estaría libre, si puede quedarse hasta {until}.',
    'left_outside_come' =>
        '{host} no tiene horas libres cuando usted puede venir; {time} estaría libre, si puede venir entonces.',
    'left_clashes' => '{host} solo está libre mientras usted está con {others}, o de camino.',
    'left_clashes_stay' =>
        '{host} solo está libre mientras usted está con {others}; {time} está libre, si puede quedarse hasta {until}.',
    'left_clashes_come' =>
        '{host} solo está libre mientras usted está con {others}; {time} está libre, si puede venir entonces.',
    'take_otherwise' => 'Puedo venir a las {time}',
    'not_proven' => 'Un buen plan. En el tiempo que puede tomar una página no se pudo ver si hay uno mejor.',
    'not_proven_meetings' =>
        '{most, plural, one {Quizá quepa # cita} other {Quizá quepan hasta # citas}}; en el tiempo que puede tomar una página no se pudieron ver todas las maneras.',
    'gone' =>
        'Alguien acaba de tomar {time} con {host}. No se ha reservado nada; aquí está el siguiente mejor plan, con los cambios marcados.',
    'no_longer' =>
        'El centro ha cambiado o cerrado esa hora: {time} con {host}. No se ha reservado nada; aquí está el siguiente mejor plan, con los cambios marcados.',
    'no_interpreter' =>
        'Ya no hay intérprete libre {time}, cuando usted estaría con {host}. No se ha reservado nada; aquí está el siguiente mejor plan, con los cambios marcados.',
    'dates' => '{first} a {last}',
    'card_how' =>
        '{teachers, select, none {} other {Con {teachers}. }}Fotografíe el cuadrado, o escriba el código en {address}',
    'card_teachers' => '{names} y otros {more}',
    'cards_cut' =>
        'Estas son las tarjetas de los primeros {most, number} alumnos de {all, number}. Imprima las demás clase por clase.',
    'have_it' =>
        'Ya tiene una hora con {host} sobre {child}, quizá desde otra página. No se ha reservado nada más; el plan sigue desde lo que tiene.',
    'child_has_it' =>
        '{apart, select, yes {Desde aquí no se puede reservar una hora con {host} sobre {child}. No se ha reservado nada; la secretaría del centro sabe más.} other {Otra persona que cuida de {child} ya ha reservado una hora con {host}. No se ha reservado nada; pregúntele, o pregunte en secretaría.}}',
    'elsewhere' =>
        '{apart, select, yes {La hora {time} ya no se puede reservar. No se ha reservado nada; aquí está el siguiente mejor plan, con los cambios marcados.} other {Usted, o {child} con otra persona, tiene ahora otra reunión {time}. No se ha reservado nada; aquí está el siguiente mejor plan, con los cambios marcados.}}',
    'left_child' =>
        '{apart, select, yes {Desde aquí no se puede reservar una hora con {host} sobre {child}. La secretaría del centro sabe más.} other {Otra persona que cuida de {child} ya ha reservado con {host}.}}',
    'not_open' => 'Estas jornadas de reuniones no admiten reservas ahora. La secretaría del centro sabe más.',
    'collecting' => 'Aquí primero van los deseos. No se puede reservar nada hasta que todos sepan sus horas.',
    'cohort_opens' => 'Para usted las reservas abren {moment}.',
    'not_in_it' => 'Esa persona no está en estas jornadas, o no admite reservas ahora.',
    'not_theirs' => 'Sobre este niño no puede reservar aquí.',
    'twice' => 'Esa persona está dos veces para un mismo niño.',
    'nothing_picked' => 'Marque a alguien con quien quiera reunirse.',
    'no_such_hours' => 'Esas horas no existen ese día.',
    'kept_heading' => '{moved, plural, =0 {Su plan} other {Su nuevo plan}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Esta cita es suya} other {Estas # citas son suyas}}.} one {Ha cambiado # cita. {count, plural, one {Esta cita es suya} other {Estas # citas son suyas}} ahora.} other {Ha cambiado # citas. {count, plural, one {Esta cita es suya} other {Estas # citas son suyas}} ahora.}} Abra sus citas para cambiar o cancelar una.',
    'kept_to_confirm' =>
        '{count, plural, one {Esta cita se le guarda} other {Estas # citas se le guardan}} media hora. Un toque en la dirección de abajo y todo queda reservado.',
    'kept_link' => 'Todo lo que ha reservado',
    'kept_confirm' => 'Sí, es mi dirección: reservar',
    'no_scripts' =>
        'El plan se busca mientras usted mira, y eso necesita JavaScript. Sin él se reserva con un docente tras otro:',
    'published_already' => 'Esta jornada está publicada. Lo común a todas las hojas ya no se puede cambiar aquí.',
    'wished_already' => 'Ya hay familias que han enviado deseos, así que sigue publicada. No se ha cambiado nada.',
    'wishes_too_late' => 'Los deseos terminan antes del primer día de la jornada, para que haya tiempo de repartir.',
    'wishes_until_over' => 'El momento hasta el que las familias piden ya ha pasado. Ponga uno posterior, y publique.',
    'cohort_too_late' => 'Estos van primero: antes de abrir las reservas para todos; diga arriba cuándo es eso.',
    'booked_already' => 'Alguien ya ha reservado, así que sigue publicada. No se ha cambiado nada.',
    'changed_elsewhere' =>
        'Alguien ha cambiado esta jornada entretanto. Lo que usted escribió sigue aquí; cargue la página de nuevo para ver lo suyo.',
    'nobody_in_it' => 'Aún no hay nadie en esta jornada. Elija profesores, y publique.',
    'all_closed' => 'La escuela está cerrada todos esos días, así que no habría horas. No se ha publicado nada.',
    'no_place' =>
        '{count, plural, one {{names} aún no tiene lugar: nadie le encontraría.} other {# aún no tienen lugar, así que nadie les encontraría: {names}{count, plural, =2 {} =3 {} =4 {} =5 {} other { y otros}}.}} No se ha publicado nada.',
    'not_past' => 'La primera fecha ya ha pasado.',
    'dates_needed' =>
        'Una jornada es en fechas. Escríbalas como «12 marzo, 14 marzo 16:00-19:00 /10», o «2027-03-09 16:00-19:00 /10 intervalo 5».',
    'too_long' => 'Una jornada cabe en dos meses.',
    'too_many_hosts' => 'En una jornada puede haber {most} personas como máximo.',
    'no_such_staff' => 'Una de estas personas ya no trabaja aquí.',
    'no_such_class' => 'Una de estas clases ya no existe.',
    'look_said' =>
        '{slots, plural, one {Una hora} other {# horas}} para cada profesor: {all, number} para {hosts, plural, one {un profesor} other {# profesores}}.',
    'look_untaught' =>
        '{count, plural, one {Un alumno no tiene} other {# alumnos no tienen}} a ninguno de sus profesores en esta jornada. Sus familias ven a todos los que participan.',
    'look_short' =>
        '{count, plural, =0 {Todos tienen tiempo para todos sus alumnos.} one {Un profesor tiene más alumnos que horas.} other {# profesores tienen más alumnos que horas.}}',
    'absent_on_sheet' => 'Esta jornada está publicada. Cierre las horas en su hoja: allí ve antes a quién afecta.',
    'interpreter_here' => 'Una de estas personas ya no trabaja aquí, o está dos veces para un idioma.',
    'interpreter_is_host' =>
        'Quien atiende a familias en esta jornada no puede interpretar en ella: sus horas se dan antes de que se sepa cuáles están libres.',
    'no_such_language' => 'Este no es un idioma que conozcamos; escriba su código, como fr, ar o uk.',
    'not_taught' => 'Uno de estos alumnos ya no está entre los que esa persona enseña.',
    'not_published_yet' => 'Esta jornada aún no está publicada: añádalos donde se escribe. No se ha cambiado nada.',
    'it_is_over' => 'Todas las fechas de esta jornada han pasado. No se ha cambiado nada.',
    'nobody_here' => 'Nadie con ese nombre atiende a familias aquí.',
    'has_meetings' => 'Alguien ha reservado con {host}, así que sigue en ella. No se ha cambiado nada.',
    'without_link' =>
        '{count, plural, one {{names} atiende por vídeo y aún no tiene enlace.} other {# atienden por vídeo y aún no tienen enlace: {names}.}}',
    'ground' =>
        '{count, plural, one {{names} necesita} other {# familias necesitan}} la planta baja{count, plural, one {} other {: {names}}}.',
    'needs_ground' => 'necesita la planta baja',
    'due_said' =>
        '{can, plural, =0 {Ahora no se escribiría a nadie.} one {Se escribiría a un responsable.} other {Se escribiría a # responsables.}} {lately, plural, =0 {} one {A uno se le escribió en el último día.} other {A # se les escribió en el último día.}} {cannot, plural, =0 {} one {Uno no tiene dirección: imprima una tarjeta.} other {# no tienen dirección: imprima tarjetas.}}',
    'invite_heading' => '{title}: {collects, select, yes {¿con quién quiere reunirse?} other {elija sus horas}}',
    'remind_heading' => '{title}: aún no sabemos nada de usted',
    'remind_news_book' =>
        'Puede reservar horas sobre {students} con todos los que le dan clase, y ver cómo encaja todo.',
    'remind_news_wish' =>
        'Puede decir con quién quiere reunirse sobre {students}, y cuándo puede venir, hasta {moment}.',
    'remind_link' => 'Abrir la página',
    'remind_text' => '{title}: horas sobre {students} en {link}',
    'wished_gone' =>
        '{count, plural, one {Una familia pidió a {names}, que ya no participa. Se le ha avisado.} other {# familias pidieron a {names}, que ya no participa. Se les ha avisado.}}',
    'nobody_yet' => 'Nadie ha reservado aún en esta jornada.',
    'place_needed' => 'Diga dónde le encuentran.',
    'link_needed' => 'Una cita por vídeo necesita su enlace, que empieza por https://',
    'longer' => '{student}, por más tiempo',
];
