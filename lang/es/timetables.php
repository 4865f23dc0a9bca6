<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until { (del {first} al {until})} times { (desde el {first}, {times, plural, one {# vez} other {# veces}})} endless { (desde el {first}, sin fin)} other {}}{without, plural, =0 {} other {, excepto {days_without}}}{plus, plural, =0 {} other {, y además {days_plus}}}, en reuniones de {minutes, number, integer} minutos{gap, plural, =0 {} one {, con # minuto entre ellas} other {, con # minutos entre ellas}}.',
    'dates' => 'El {dates}',
    'many_dates' => '{count, number, integer} días, del {first} al {last}',
    'some_dates' => 'Algunos días',
    'daily' => '{weeks, plural, =1 {Cada día} one {Cada día} other {Cada día, cada # semanas}}',
    'weekly' => '{weeks, plural, =1 {Cada {days}} one {Cada {days}} other {Cada # semanas, {days}}}',
    'monthly' => '{months, plural, =1 {Cada mes, el {days}} one {Cada mes, el {days}} other {Cada # meses, el {days}}}',
    'nth_day' => '{number, selectordinal, other {#.º}} día',
    'nth_weekday' => '{number, selectordinal, other {#.º}} {day}',
    'last_day' => 'último día',
    'last_weekday' => 'último {day}',
    'from_last_day' => '{number, selectordinal, other {#.º}} día antes del final',
    'from_last_weekday' => '{number, selectordinal, other {#.º}} {day} antes del final',
    'hours' => 'de {stretches}',
    'stretch' => '{from} a {until}',
    'stretch_over_midnight' => '{from} a {until} del día siguiente',
    'by_day' => '{hours} ({day} {other})',
    'range' => 'del {first} al {last}',
    'change' =>
        '{what, select, closed {{day}: cerrado} stays {{day}{stretches, plural, =0 {} other {, {hours}}}} other {{day}: pasa al {to}{stretches, plural, =0 {} other {, {hours}}}}}',
    'none_comes' => 'De esto no sale ninguna cita.',
    'tally' =>
        '{meetings}; {over, select, none {no sobra nada} once {sobran {minutes, plural, one {# minuto} other {# minutos}}} each {sobran {minutes, plural, one {# minuto} other {# minutos}} cada día} other {sobran hasta {minutes, plural, one {# minuto} other {# minutos}} en un día}}.',
    'one_day' => '{meetings, plural, one {# cita} other {# citas}} el {date}',
    'days' =>
        '{vary, select, no {} other {de {least, number, integer} a }}{most, plural, one {# cita} other {# citas}} al día en {days, number, integer} días, {all, number, integer} en total',
    'days_endless' =>
        '{vary, select, no {} other {de {least, number, integer} a }}{most, plural, one {# cita} other {# citas}} al día, sin fin',
];
