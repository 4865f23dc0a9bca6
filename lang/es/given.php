<?php

declare(strict_types=1);

return [
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
    'cannot_repeat_by' =>
        '«{rule}» es más de lo que aquí puede repetirse; tiene que ser cada semana en días de la semana, o cada ' .
        'mes en días del mes.',
    'this_kind' => 'una repetición de este tipo',
    'as_month_day' => '{given} como día del mes',
    'rule_part' => 'La repetición no se puede leer: {name}={value}.',
    'rule_too_much' => 'Las repeticiones de este calendario tardan demasiado en calcularse, y esta se dejó fuera.',
    'rule_too_long' => 'La repetición ocurre más veces de las que nadie se reúne, y no se siguió hasta el final.',
    'not_a_calendar' => 'Línea 1: esto no es un calendario. Un archivo iCalendar empieza por BEGIN:VCALENDAR.',
    'never_ends' => 'Línea {line, number, integer}: {component} empieza aquí y no termina nunca.',
    'calendar_too_large' =>
        'Este calendario tiene {bytes, number, integer} bytes; se leen como máximo {most, number, integer}.',
    'no_entry' => 'Línea 1: no hay ningún VEVENT en este calendario (RFC 5545, 3.6.1).',
    'no_availability' => 'Línea 1: no hay ningún VAVAILABILITY en este calendario (RFC 7953).',
    'at_line' => 'Línea {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} termina aquí, pero nada ha empezado.} other {{ends} termina aquí, pero ' .
        'lo que ha empezado es {begun}.}}',
    'an_entry' => 'una entrada',
    'a_busy_period' => 'un período ocupado',
    'only_busy' => 'solo se leen {most, number, integer} horas ocupadas',
    'only_entries' => 'solo se leen las primeras {most, number, integer} entradas',
    'unreadable' => 'no se puede leer',
];
