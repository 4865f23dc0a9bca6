<?php

declare(strict_types=1);

return [
    'tells' => [
        'lead_minutes' =>
            '{lead_minutes, plural, =0 {Se puede reservar hasta que empieza la reunión.} other {Se puede reservar hasta {lead_minutes_said} antes de la reunión.}}',
        'lead_days' =>
            '{lead_working, select, yes {{lead_days, plural, =0 {Se puede reservar hasta las {lead_by_said} del mismo día.} =1 {Se puede reservar hasta las {lead_by_said} del día laborable anterior.} other {Se puede reservar hasta las {lead_by_said}, # días laborables antes.}}} other {{lead_days, plural, =0 {Se puede reservar hasta las {lead_by_said} del mismo día.} =1 {Se puede reservar hasta las {lead_by_said} del día anterior.} other {Se puede reservar hasta las {lead_by_said}, # días antes.}}}}',
        'opens_at' => 'Las reservas abren {opens_at_said}.',
        'closes_at' => 'Las reservas cierran {closes_at_said}.',
        'per_student' =>
            '{each_guardian, select, yes {{per_student, plural, =1 {Una hora por alumno y responsable: quien reserva en su propia página tiene la suya.} other {Como máximo # horas por alumno y responsable.}}} other {{per_student, plural, =1 {Una hora por alumno.} other {Como máximo # horas por alumno.}}}}',
        'per_visitor' =>
            '{per_visitor, plural, =1 {Una hora por persona.} =6 {} other {Como máximo # horas por persona.}}',
        'per_week' =>
            '{per_week, plural, =1 {Una hora por persona y semana.} other {Como máximo # horas por persona y semana.}}',
        'per_term' =>
            '{per_term, plural, =1 {Una hora por persona y trimestre.} other {Como máximo # horas por persona y trimestre.}}',
        'per_month' =>
            '{per_month, plural, =1 {Una hora por persona y mes.} other {Como máximo # horas por persona y mes.}}',
        'approve' => 'Usted pide una hora; es suya cuando llega la respuesta, en un plazo de {asked_hours_said}.',
        'show_who' => '{seats, plural, =1 {} other {Quien viene a la misma hora ve su nombre.}}',
    ],
    'asks' => [
        'seats' => 'Visitantes por hora',
        'per_day' => 'Citas al día',
        'lead_minutes' => 'Minutos antes de la cita',
        'lead_days' => 'Días antes',
        'lead_by' => 'Hora del reloj',
        'lead_working' => 'Días laborables',
        'furthest_days' => 'Días de antelación',
        'per_student' => 'Veces por alumno',
        'each_guardian' => 'Cada responsable puede tener su propia hora',
        'per_visitor' => 'Veces por visitante',
        'per_week' => 'Veces por visitante en una semana',
        'per_term' => 'Veces por visitante en un periodo',
        'per_month' => 'Veces por visitante en un mes',
        'opens_at' => 'Inicio de las reservas',
        'closes_at' => 'Fin de las reservas',
        'show_who' => 'Ven quién más viene',
        'approve' => 'Respondo antes a cada petición',
        'asked_hours' => 'Horas que se reserva una petición',
        'guests' => 'Acompañantes',
        'waiting' => 'Cuando todo está ocupado, hay lista de espera',
        'declined_entry' => 'Alguien la rechaza en su calendario: devolver la hora, o preguntar antes',
        'email_optional' => 'No hace falta dirección de correo',
        'link_shown' => 'Cuándo se muestra el enlace',
        'link_minutes' => 'Minutos antes',
        'reminders' => 'Minutos antes de la cita en los que salen los recordatorios',
    ],
    'why' => [
        'Past' => '{time} ha pasado.',
        'SheetDraft' => 'Esta página todavía no está abierta.',
        'SheetPaused' => 'Las reservas están en pausa por ahora.',
        'SheetClosed' => 'Aquí las reservas están cerradas.',
        'NoLongerOpen' => 'Aquí las reservas están cerradas.',
        'SlotClosed' => '{time} ya no está libre.',
        'HostBusy' => '{time} ya no está libre.',
        'NoSeat' => 'Alguien acaba de tomar {time}.',
        'NoInterpreter' => 'A las {time} no hay intérprete libre para usted.',
        'NotLongEnough' => 'A las {time} no hay tiempo suficiente para esta reunión, que es más larga que otras.',
        'DayFull' => 'Ese día está completo.',
        'TooSoon' => '{time} está demasiado cerca para reservarla ahora.',
        'VisitorHasEnough' => 'Ya ha reservado aquí, tantas veces como se puede. Cambie mejor esa cita.',
        'VisitorHadWeek' =>
            'Ya ha reservado aquí esa semana, tantas veces como se puede. Elija otra semana, o cambie esa cita.',
        'VisitorHadMonth' =>
            'Ya ha reservado aquí ese mes, tantas veces como se puede. Elija otro mes, o cambie esa cita.',
        'VisitorHadTerm' =>
            'Ya ha reservado aquí ese trimestre, tantas veces como se puede. Elija una hora de otro trimestre, o cambie esa cita.',
        'StudentHasEnough' =>
            'Para este alumno ya se ha reservado aquí, tantas veces como se puede. Cambie mejor esa cita. Para otro alumno con el mismo nombre, añada un segundo nombre.',
        'VisitorElsewhere' => 'Hacia las {time} está en otra reunión, o no llegaría a tiempo de una a otra.',
        'StudentElsewhere' =>
            'Hacia las {time} el alumno está en otra reunión. Para otro alumno con el mismo nombre, añada un segundo nombre.',
        'NotAtPlace' => '{time} no es en el lugar que ha elegido.',
        'NotOpenYet' => '{time} se podrá reservar a partir de {until}.',
        'TooFarAhead' => '{time} se podrá reservar a partir de {until}.',
    ],
];
