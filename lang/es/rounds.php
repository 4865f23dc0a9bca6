<?php

declare(strict_types=1);

return [
    'was' => 'Era {moment}.',
    'not_to_move' => 'Esta cita ya no se puede cambiar.',
    'not_moved' =>
        'Alguien acaba de tomar una de estas horas, así que no se ha cambiado nada. Todo lo que tenía reservado ' .
        'sigue donde estaba. Mire el plan otra vez.',
    'back_heading' => 'Cancelada: {title}',
    'back_news' =>
        '{count, plural, one {Ha cancelado esta cita.} other {Ha cancelado estas # citas.}} Las horas quedan ' .
        'libres para otros.',
    'back_link' => 'Reservar de nuevo',
    'only_families' =>
        'Estas jornadas de reuniones son para las familias de {school}. La tarjeta que recibió las abre.',
    'day_said' =>
        '{from} – {until}, {waiting, plural, =0 {sin esperas} one {# minuto entre reuniones} other {# minutos ' .
        'entre reuniones}}.',
    'between_none' => 'justo después',
    'between_wait' => '{wait, plural, one {# minuto} other {# minutos}} de espera',
    'between_way' => '{way, plural, one {# minuto} other {# minutos}} de camino',
    'between_both' => '{way, plural, one {# minuto} other {# minutos}} de camino, {wait} de espera',
    'left_nothing' => '{host} no tiene ninguna hora libre.',
    'left_interpreter' => '{host} tiene horas libres, pero entonces no hay intérprete de su idioma.',
    'left_interpreter_stay' =>
        '{host} tiene horas libres, pero entonces no hay intérprete de su idioma; {time} estaría libre, si puede ' .
        'quedarse hasta {until}.',
    'left_interpreter_come' =>
        '{host} tiene horas libres, pero entonces no hay intérprete de su idioma; {time} estaría libre, si puede ' .
        'venir entonces.',
    'left_outside' => '{host} no tiene horas libres cuando usted puede venir.',
    'left_outside_stay' =>
        '{host} no tiene horas libres cuando usted puede venir; {time} estaría libre, si puede quedarse hasta ' .
        '{until}.',
    'left_outside_come' =>
        '{host} no tiene horas libres cuando usted puede venir; {time} estaría libre, si puede venir entonces.',
    'left_clashes' => '{host} solo está libre mientras usted está con {others}, o de camino.',
    'left_clashes_stay' =>
        '{host} solo está libre mientras usted está con {others}; {time} está libre, si puede quedarse hasta ' .
        '{until}.',
    'left_clashes_come' =>
        '{host} solo está libre mientras usted está con {others}; {time} está libre, si puede venir entonces.',
    'take_otherwise' => 'Puedo venir a las {time}',
    'not_proven' => 'Un buen plan. En el tiempo que puede tomar una página no se pudo ver si hay uno mejor.',
    'not_proven_meetings' =>
        '{most, plural, one {Quizá quepa # cita} other {Quizá quepan hasta # citas}}; en el tiempo que puede tomar ' .
        'una página no se pudieron ver todas las maneras.',
    'gone' =>
        'Alguien acaba de tomar {time} con {host}. No se ha reservado nada; aquí está el siguiente mejor plan, con ' .
        'los cambios marcados.',
    'no_longer' =>
        'El centro ha cambiado o cerrado esa hora: {time} con {host}. No se ha reservado nada; aquí está el ' .
        'siguiente mejor plan, con los cambios marcados.',
    'no_interpreter' =>
        'Ya no hay intérprete libre {time}, cuando usted estaría con {host}. No se ha reservado nada; aquí está el ' .
        'siguiente mejor plan, con los cambios marcados.',
    'have_it' =>
        'Ya tiene una hora con {host} sobre {child}, quizá desde otra página. No se ha reservado nada más; el plan ' .
        'sigue desde lo que tiene.',
    'child_has_it' =>
        '{apart, select, yes {Desde aquí no se puede reservar una hora con {host} sobre {child}. No se ha ' .
        'reservado nada; la secretaría del centro sabe más.} other {Otra persona que cuida de {child} ya ha ' .
        'reservado una hora con {host}. No se ha reservado nada; pregúntele, o pregunte en secretaría.}}',
    'elsewhere' =>
        '{apart, select, yes {La hora {time} ya no se puede reservar. No se ha reservado nada; aquí está el ' .
        'siguiente mejor plan, con los cambios marcados.} other {Usted, o {child} con otra persona, tiene ahora ' .
        'otra reunión {time}. No se ha reservado nada; aquí está el siguiente mejor plan, con los cambios ' .
        'marcados.}}',
    'left_child' =>
        '{apart, select, yes {Desde aquí no se puede reservar una hora con {host} sobre {child}. La secretaría del ' .
        'centro sabe más.} other {Otra persona que cuida de {child} ya ha reservado con {host}.}}',
    'not_open' => 'Estas jornadas de reuniones no admiten reservas ahora. La secretaría del centro sabe más.',
    'cohort_opens' => 'Para usted las reservas abren {moment}.',
    'not_in_it' => 'Esa persona no está en estas jornadas, o no admite reservas ahora.',
    'not_theirs' => 'Sobre este niño no puede reservar aquí.',
    'twice' => 'Esa persona está dos veces para un mismo niño.',
    'nothing_picked' => 'Marque a alguien con quien quiera reunirse.',
    'no_such_hours' => 'Esas horas no existen ese día.',
    'kept_heading' => '{moved, plural, =0 {Su plan} other {Su nuevo plan}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Esta cita es suya} other {Estas # citas son suyas}}.} one {Ha ' .
        'cambiado # cita. {count, plural, one {Esta cita es suya} other {Estas # citas son suyas}} ahora.} other ' .
        '{Ha cambiado # citas. {count, plural, one {Esta cita es suya} other {Estas # citas son suyas}} ahora.}} ' .
        'Abra sus citas para cambiar o cancelar una.',
    'kept_to_confirm' =>
        '{count, plural, one {Esta cita se le guarda} other {Estas # citas se le guardan}} media hora. Un toque en ' .
        'la dirección de abajo y todo queda reservado.',
    'kept_link' => 'Todo lo que ha reservado',
    'kept_confirm' => 'Sí, es mi dirección: reservar',
    'no_scripts' =>
        'El plan se busca mientras usted mira, y eso necesita JavaScript. Sin él se reserva con un docente tras ' .
        'otro:',
    'invite_heading' => '{title}: {collects, select, yes {¿con quién quiere reunirse?} other {elija sus horas}}',
    'remind_heading' => '{title}: aún no sabemos nada de usted',
    'remind_news_book' =>
        'Puede reservar horas sobre {students} con todos los que le dan clase, y ver cómo encaja todo.',
    'remind_news_wish' =>
        'Puede decir con quién quiere reunirse sobre {students}, y cuándo puede venir, hasta {moment}.',
    'remind_link' => 'Abrir la página',
    'remind_text' => '{title}: horas sobre {students} en {link}',
];
