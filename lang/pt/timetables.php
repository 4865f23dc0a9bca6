<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until { (de {first} a {until})} times { (a partir de {first}, {times, plural, one {# vez} other {# vezes}})} endless { (a partir de {first}, sem fim)} other {}}{without, plural, =0 {} other {, exceto {days_without}}}{plus, plural, =0 {} other {, e também {days_plus}}}, em reuniões de {minutes, number, integer} minutos{gap, plural, =0 {} one {, com # minuto entre elas} other {, com # minutos entre elas}}.',
    'dates' => 'Em {dates}',
    'many_dates' => '{count, number, integer} dias, de {first} a {last}',
    'some_dates' => 'Em alguns dias',
    'daily' => '{weeks, plural, =1 {Todos os dias} one {Todos os dias} other {Todos os dias, de # em # semanas}}',
    'weekly' =>
        '{weeks, plural, =1 {Todas as semanas: {days}} one {Todas as semanas: {days}} other {De # em # semanas: {days}}}',
    'monthly' =>
        '{months, plural, =1 {Todos os meses: {days}} one {Todos os meses: {days}} other {De # em # meses: {days}}}',
    'nth_day' => '{number, selectordinal, other {#.º}} dia',
    'nth_weekday' => '{number, selectordinal, other {#.º}} ({day})',
    'last_day' => 'último dia',
    'last_weekday' => 'o último ({day})',
    'from_last_day' => '{number, selectordinal, other {#.º}} dia antes do fim',
    'from_last_weekday' => '{number, selectordinal, other {#.º}} antes do fim ({day})',
    'hours' => 'das {stretches}',
    'stretch' => '{from} às {until}',
    'stretch_over_midnight' => '{from} às {until} do dia seguinte',
    'by_day' => '{hours} ({day} {other})',
    'range' => '{first} a {last}',
    'change' =>
        '{what, select, closed {{day}: fechado} stays {{day}{stretches, plural, =0 {} other {, {hours}}}} other {{day}: passa para {to}{stretches, plural, =0 {} other {, {hours}}}}}',
    'none_comes' => 'Disto não resulta nenhuma reunião.',
    'tally' =>
        '{meetings}; {over, select, none {nada sobra} once {{minutes, plural, one {sobra # minuto} other {sobram # minutos}}} each {{minutes, plural, one {sobra # minuto} other {sobram # minutos}} cada dia} other {sobram até {minutes, plural, one {# minuto} other {# minutos}} num dia}}.',
    'one_day' => '{meetings, plural, one {# reunião} other {# reuniões}} em {date}',
    'days' =>
        '{vary, select, no {} other {de {least, number, integer} a }}{most, plural, one {# reunião} other {# reuniões}} por dia em {days, number, integer} dias, {all, number, integer} ao todo',
    'days_endless' =>
        '{vary, select, no {} other {de {least, number, integer} a }}{most, plural, one {# reunião} other {# reuniões}} por dia, sem fim',
];
