<?php

declare(strict_types=1);

return [
    'span_ends_first' =>
        'Un intervalo debe terminar después de empezar; {end, number, integer} s no es después de {start, number, integer} s.',
    'range_ends_first' => 'Un período termina el primer día o después; {last} es antes de {first}.',
    'range_too_long' => 'De {first} a {last} hay más de diez años. Mire los años otra vez.',
    'zone_too_long' => 'Los cambios de hora de la zona «{name}» tardan demasiado en calcularse.',
    'no_such_date' => 'No existe la fecha «{given}». Escríbala como año-mes-día, por ejemplo 2026-11-26.',
    'no_such_instant' =>
        '«{given}» no es un instante. Escríbalo como dice la RFC 3339, por ejemplo 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '«{given}» no es una hora. Escríbala como 16:30, 1630, 16.30 o 4:30pm.',
    'no_such_hours' =>
        '«{given}» no dice horas. Escriba desde cuándo hasta cuándo, por ejemplo 8:00 to 12:00, 13:00 to 16:00.',
    'early_hours' =>
        '«{given}»: ¿por la mañana o por la tarde? Escriba 16:00 to 18:00, o 4pm to 6pm; o 5am, si es tan temprano.',
    'no_such_zone' => 'No existe la zona horaria «{given}». Use un nombre de la base tz, por ejemplo Europe/Lisbon.',
    'ends_before_start' => 'El final, {until}, tiene que ser después del comienzo, {from}.',
    'after_midnight' =>
        '«{given}» es después de medianoche. Un bloque termina como tarde a las 24:00 y dura 24 horas como máximo; para uno más largo, escriba un segundo bloque en la fecha siguiente.',
    'longer_than_a_day' =>
        'Un tramo puede durar 24 horas como máximo; este dura {hours, plural, one {# hora} other {# horas}} y {minutes, plural, one {# minuto} other {# minutos}}.',
    'no_dates' => 'Aún no se ha elegido ninguna fecha.',
    'no_days' => 'Una repetición semanal necesita al menos un día de la semana.',
    'no_month_days' => 'Una repetición mensual necesita al menos un día del mes.',
    'month_day' => 'Un día del mes va de 1 a 31, o de -1 (el último) a -31; se dio {given, number, integer}.',
    'nth' =>
        'Los días de la semana de un mes se numeran del 1 al 5, o de -1 (el último) a -5; se dio {given, number, integer}.',
    'interval' => 'Una repetición viene cada 1 a 1000 semanas o meses; se dio {given, number, integer}.',
    'times' => 'Una repetición ocurre de 1 a 10000 veces; se dio {given, number, integer}.',
    'cannot_repeat_by' =>
        '«{rule}» es más de lo que aquí puede repetirse; tiene que ser cada semana en días de la semana, o cada mes en días del mes.',
    'both_month_days' => 'días del mes junto con días de la semana del mes',
    'monthly_hours' => 'otras horas en algunos días de una repetición mensual sin fin',
    'this_kind' => 'una repetición de este tipo',
    'as_month_day' => '{given} como día del mes',
    'nothing_left' => 'No queda ninguna fecha en la que caiga el bloque.',
    'rule_part' => 'La repetición no se puede leer: {name}={value}.',
    'rule_too_much' => 'Las repeticiones de este calendario tardan demasiado en calcularse, y esta se dejó fuera.',
    'rule_too_long' => 'La repetición ocurre más veces de las que nadie se reúne, y no se siguió hasta el final.',
    'length' => 'Una cita dura de 1 a 1440 minutos; se dio {given, number, integer}.',
    'gap' => 'El intervalo entre citas va de 0 a 1440 minutos; se dio {given, number, integer}.',
    'no_number' => 'Hace falta un número entero de minutos.',
    'stretches_overlap' => '{one} y {other} se solapan. Los tramos de una misma fecha están separados, o se tocan.',
    'date_and_hours' => '{date}, {from} a {until}',
    'blocks_overlap' => 'Dos bloques de la hoja se solapan: {one} y {other}. Únalos, o cambie uno.',
    'longer_than_hours' =>
        'Una cita de {minutes, plural, one {# minuto} other {# minutos}} no cabe entre {from} y {until}; son {there, plural, one {# minuto} other {# minutos}}.',
    'object' => 'Aquí hace falta un objeto.',
    'text' => 'Aquí hace falta un texto de 1 a 200 caracteres.',
    'whole' => 'Aquí hace falta un número entero de {least, number, integer} a {most, number, integer}.',
    'flag' => 'Aquí hace falta true o false.',
    'list' => 'Aquí hace falta una lista.',
    'too_many' => 'Aquí se pueden dar {most, number, integer} como máximo, no {given, number, integer}.',
    'at_most' => 'Aquí se pueden dar {most, number, integer} como máximo.',
    'two_instants' => 'Aquí hacen falta dos instantes, from y to.',
    'no_block' => 'Este bloque no se puede leer.',
    'no_hours' => 'No dice desde cuándo hasta cuándo.',
    'way' => 'Aquí hacen falta dos lugares y los minutos entre ellos.',
    'way_twice' => 'El camino entre {from} y {to} se da dos veces, y distinto.',
    'order' => 'Aquí se pueden ordenar evenings, home y waiting, cada uno una vez.',
    'twice' => '«{id}» está dos veces.',
    'slot_overlaps' => 'Se solapa con slots[{before, number, integer}]: un anfitrión está en una sola cita a la vez.',
    'no_host' => 'No hay ningún anfitrión «{host}» en esta jornada.',
    'not_a_calendar' => 'Línea 1: esto no es un calendario. Un archivo iCalendar empieza por BEGIN:VCALENDAR.',
    'never_ends' => 'Línea {line, number, integer}: {component} empieza aquí y no termina nunca.',
    'calendar_too_large' =>
        'Este calendario tiene {bytes, number, integer} bytes; se leen como máximo {most, number, integer}.',
    'no_entry' => 'Línea 1: no hay ningún VEVENT en este calendario (RFC 5545, 3.6.1).',
    'no_availability' => 'Línea 1: no hay ningún VAVAILABILITY en este calendario (RFC 7953).',
    'at_line' => 'Línea {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} termina aquí, pero nada ha empezado.} other {{ends} termina aquí, pero lo que ha empezado es {begun}.}}',
    'an_entry' => 'una entrada',
    'a_busy_period' => 'un período ocupado',
    'only_busy' => 'solo se leen {most, number, integer} horas ocupadas',
    'only_entries' => 'solo se leen las primeras {most, number, integer} entradas',
    'unreadable' => 'no se puede leer',
];
