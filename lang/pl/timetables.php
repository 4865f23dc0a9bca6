<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until { (od {first} do {until})} times { (od {first}, {times, plural, one {# raz} few {# razy} many {# razy} other {# razu}})} endless { (od {first}, bez końca)} other {}}{without, plural, =0 {} other {, oprócz: {days_without}}}{plus, plural, =0 {} other {, a także: {days_plus}}}, spotkania po {minutes, number, integer} min{gap, plural, =0 {} one {, z przerwą # minuty} few {, z przerwą # minut} many {, z przerwą # minut} other {, z przerwą # minuty}}.',
    'dates' => '{dates}:',
    'many_dates' => 'Dni: {count, number, integer}, od {first} do {last},',
    'some_dates' => 'W niektóre dni',
    'daily' =>
        '{weeks, plural, =1 {Codziennie} one {Codziennie} few {Codziennie, co # tygodnie} many {Codziennie, co # tygodni} other {Codziennie, co # tygodnia}}',
    'weekly' =>
        '{weeks, plural, =1 {Co tydzień: {days}} one {Co tydzień: {days}} few {Co # tygodnie: {days}} many {Co # tygodni: {days}} other {Co # tygodnia: {days}}}',
    'monthly' =>
        '{months, plural, =1 {Co miesiąc: {days}} one {Co miesiąc: {days}} few {Co # miesiące: {days}} many {Co # miesięcy: {days}} other {Co # miesiąca: {days}}}',
    'nth_day' => '{number, selectordinal, other {#.}} dzień',
    'nth_weekday' => '{number, selectordinal, other {#.}} {day}',
    'last_day' => 'ostatni dzień',
    'last_weekday' => 'ostatni: {day}',
    'from_last_day' => '{number, selectordinal, other {#.}} dzień od końca',
    'from_last_weekday' => '{number, selectordinal, other {#.}} od końca: {day}',
    'hours' => 'od {stretches}',
    'stretch' => '{from} do {until}',
    'stretch_over_midnight' => '{from} do {until} następnego dnia',
    'by_day' => '{hours} ({day} {other})',
    'range' => 'od {first} do {last}',
    'change' =>
        '{what, select, closed {{day}: zamknięte} stays {{day}{stretches, plural, =0 {} other {, {hours}}}} other {{day}: przesunięte na {to}{stretches, plural, =0 {} other {, {hours}}}}}',
    'none_comes' => 'Nie powstaje z tego żadne spotkanie.',
    'tally' =>
        '{meetings}; {over, select, none {nic nie zostaje} once {zostaje {minutes, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}}} each {zostaje {minutes, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}} każdego dnia} other {zostaje do {minutes, plural, one {# minuty} few {# minut} many {# minut} other {# minuty}} dziennie}}.',
    'one_day' => '{meetings, plural, one {# spotkanie} few {# spotkania} many {# spotkań} other {# spotkania}}, {date}',
    'days' =>
        '{vary, select, no {} other {od {least, number, integer} do }}{most, plural, one {# spotkanie} few {# spotkania} many {# spotkań} other {# spotkania}} dziennie, liczba dni: {days, number, integer}, razem {all, number, integer}',
    'days_endless' =>
        '{vary, select, no {} other {od {least, number, integer} do }}{most, plural, one {# spotkanie} few {# spotkania} many {# spotkań} other {# spotkania}} dziennie, bez końca',
];
