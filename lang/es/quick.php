<?php

declare(strict_types=1);

return [
    'date' => '{date}',
    'until' => 'hasta el {last}',
    'hours' => '{from} a {until}',
    'month' =>
        '{number, plural, =1 {enero} =2 {febrero} =3 {marzo} =4 {abril} =5 {mayo} =6 {junio} =7 {julio} =8 {agosto} =9 {septiembre} =10 {octubre} =11 {noviembre} other {diciembre}}',
    'of_each_month' => 'el {which} {day} de cada mes',
    'which' => '¿Qué se quiere decir?',
    'which_weekday' => '{date} es {is}, no {said}. ¿Cuál se quiere decir?',
    'days_or_hours' => '¿«{typed}» son días u horas?',
    'which_date' => '¿Qué fecha es {typed}?',
    'read_as' => '{typed} se ha leído como {meant}.',
    'read_as_later' => '{typed} se ha leído como {meant}, después de {start}.',
    'start_is_early' => '{start} es de madrugada.',
    'is_early' => '{from} a {until} es de madrugada.',
    'morning' => '{from} a {until} se ha leído como la mañana.',
    'afternoon' => '{from} a {until} se ha leído como la tarde: {later} a {later_end}.',
    'every_other' => '«Cada {which} {day}» se ha leído como cada {weeks, plural, one {semana} other {# semanas}}.',
    'times_of_those_before' => 'Los últimos días tienen las horas de los anteriores.',
    'repeats_from' => 'Se repite cada {day} desde el {date}.',
    'endless' => 'Se repite sin fin. Escriba hasta el y una fecha, o 10 veces.',
    'first_is_on' => 'La primera es {day} {date}. Escriba desde el y una fecha para otra semana.',
    'last_is_on' =>
        '{times, plural, one {# vez que tiene lugar} other {# veces que tienen lugar}}: la última es el {date}, porque algunos días intermedios están cerrados u omitidos.',
    'every_day' => 'Cada día del {first} al {last}.',
    'first_day' => 'El primer día se ha leído como {date}.',
    'until_month' => 'Hasta {month} se ha leído como hasta el {last}.',
    'next_read_as' => 'El próximo {day} se ha leído como {date}.',
    'next_is' => 'El próximo {day} es {date}.',
    'feast' => '{feast, select, christmas {Navidad} other {Pascua}} se ha leído como {date}.',
    'other_is_past' => '{typed} se ha leído como {date}, porque {past} ya pasó.',
    'day_is_past' => 'El {day, number, integer} de {month} ya pasó, así que se ha leído como {date}.',
    'closed_days' => 'Los días de cierre de la escuela se omiten por sí solos.',
    'all_past' => 'Todo ha pasado ya: termina el {last}, y no sale ninguna cita.',
    'none_left' => 'No queda ninguno de sus días, y no sale ninguna cita.',
    'closed_then' => 'La escuela está cerrada el {date}, y no sale ninguna cita.',
    'closed_all' => 'La escuela está cerrada todos esos días, y no sale ninguna cita.',
    'closed_on' => 'La escuela está cerrada el {dates}: entonces no hay nada.',
    'too_long' => 'Una línea rápida tiene {most, number, integer} caracteres como máximo.',
    'days_missing' => 'No dice qué días. Escríbalos, como mar jue o 3 dic.',
    'hours_missing' => 'No dice desde cuándo hasta cuándo. Escríbalo, como 10:25-11:35.',
    'length_missing' => 'No dice cuánto dura una cita. Escríbalo, como /15.',
    'no_days' => 'No dice qué días.',
    'whose_times' =>
        'No está claro qué horas van con qué días. Escriba las horas después de sus días: mar 9-11 jue 14-16.',
    'pause_outside' => 'La pausa {pause} queda fuera de las horas de las que es pausa.',
    'pause_of_all' => 'La pausa no deja nada de las horas.',
    'kinds_apart' =>
        'Los días de la semana, los del mes y las fechas se dicen en bloques separados, con ; entre ellos, o una fecha más con más.',
    'dates_do_not_repeat' =>
        'Las fechas no se repiten, así que no tienen primer día, ni fin, ni «cada». Escriba días de la semana para lo que se repite.',
    'ends_before_it_begins' => 'Terminaría el {last}, antes de empezar el {first}.',
    'step_too_small' =>
        'Las citas de {minutes, plural, one {# minuto} other {# minutos}} no pueden empezar cada {step, plural, one {minuto} other {# minutos}}.',
    'minutes_needed' => 'Aquí hacen falta minutos, como /15.',
    'length_twice' => 'La duración de una cita se dice dos veces.',
    'gap_needed' => 'Aquí hace falta un número de minutos, como intervalo 5.',
    'weeks' => 'Puede durar de 1 a 520 semanas.',
    'every_days' =>
        'Cada {number, number, integer} días no se puede decir. Nombre los días de la semana, como cada lun mié vie.',
    'every_what' => '¿Cada qué? Puede ser 2 semanas, segundo martes, día o 15 minutos.',
    'date_needed' => 'Aquí hace falta una fecha, como 28 may o 2027-05-28.',
    'dates_needed' => 'Aquí hace falta una fecha, como 25 dic o 21 dic - 3 ene.',
    'end_needed' => 'Aquí hace falta una fecha, como 28 may.',
    'hours_needed' => 'Aquí hacen falta horas, como 10:25-11:35.',
    'range_too_long' => 'Un intervalo de fechas dura diez años como máximo.',
    'end_of_what' => '¿El fin de qué? Puede ser may, o un periodo de la escuela.',
    'no_such_term' =>
        '{nearest, select, unknown {No se conoce ningún periodo con ese nombre.} other {No se conoce ningún periodo con ese nombre. ¿Quiere decir «{nearest}»?}}',
    'no_term' => 'La escuela no tiene tal periodo. Escriba hasta el y una fecha.',
    'next_what' => 'Aquí podría ir un día de la semana, una semana o un periodo, como próximo martes.',
    'no_such_digits' => 'No hay ninguna fecha {typed}. Escriba el mes con letras, como 3 dic.',
    'no_such_day' => 'No hay {day, number, integer} de {year, select, any {{month}} other {{month} de {year}}}.',
    'no_end' => '«{typed}» es una hora sin fin. Escriba desde cuándo hasta cuándo, como {typed}-17:00.',
    'biweekly' =>
        '«{typed}» puede ser cada dos semanas o dos veces por semana. Escriba cada 2 semanas, o nombre ambos días.',
    'not_understood' =>
        '{at, select, end {El final de la línea} other {«{typed}»}} {could, select, nearest {no se entiende. ¿Quiere decir «{nearest}»?} number {solo no se entiende. Para una duración, escriba /{typed}.} days {no se entiende. Aquí podrían ir días, como mar jue o 3 dic.} hours {no se entiende. Aquí podrían ir horas, como 10:25-11:35.} length {no se entiende. Aquí podría ir una duración, como /15.} other {no se entiende. La línea podría acabar aquí, o con hasta el 28 may.}}',
];
