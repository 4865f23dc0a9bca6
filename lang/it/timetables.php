<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until { (dal {first} al {until})} times { (dal {first}, {times, plural, one {# volta} other {# volte}})} endless { (dal {first}, senza fine)} other {}}{without, plural, =0 {} other {, tranne {days_without}}}{plus, plural, =0 {} other {, e anche {days_plus}}}, in colloqui di {minutes, number, integer} minuti{gap, plural, =0 {} one {, con # minuto fra l’uno e l’altro} other {, con # minuti fra l’uno e l’altro}}.',
    'dates' => 'Il {dates}',
    'many_dates' => '{count, number, integer} date, dal {first} al {last}',
    'some_dates' => 'In alcune date',
    'daily' => '{weeks, plural, =1 {Ogni giorno} one {Ogni giorno} other {Ogni giorno, ogni # settimane}}',
    'weekly' => '{weeks, plural, =1 {Ogni {days}} one {Ogni {days}} other {Ogni # settimane, {days}}}',
    'monthly' => '{months, plural, =1 {Ogni mese: {days}} one {Ogni mese: {days}} other {Ogni # mesi: {days}}}',
    'nth_day' => '{number, selectordinal, many {#º} other {#º}} giorno',
    'nth_weekday' => '{number, selectordinal, many {#º} other {#º}} {day}',
    'last_day' => 'ultimo giorno',
    'last_weekday' => 'ultimo {day}',
    'from_last_day' => '{number, selectordinal, many {#º} other {#º}} giorno prima della fine',
    'from_last_weekday' => '{number, selectordinal, many {#º} other {#º}} {day} prima della fine',
    'hours' => 'dalle {stretches}',
    'stretch' => '{from} alle {until}',
    'stretch_over_midnight' => '{from} alle {until} del giorno dopo',
    'by_day' => '{hours} ({day} {other})',
    'range' => 'dal {first} al {last}',
    'change' =>
        '{what, select, closed {{day}: chiuso} stays {{day}{stretches, plural, =0 {} other {, {hours}}}} other {{day}: spostato al {to}{stretches, plural, =0 {} other {, {hours}}}}}',
    'none_comes' => 'Da questo non viene alcun colloquio.',
    'tally' =>
        '{meetings}; {over, select, none {non avanza nulla} once {{minutes, plural, one {avanza # minuto} other {avanzano # minuti}}} each {{minutes, plural, one {avanza # minuto} other {avanzano # minuti}} ogni giorno} other {avanzano fino a {minutes, plural, one {# minuto} other {# minuti}} in un giorno}}.',
    'one_day' => '{meetings, plural, one {# colloquio} other {# colloqui}} il {date}',
    'days' =>
        '{vary, select, no {} other {da {least, number, integer} a }}{most, plural, one {# colloquio} other {# colloqui}} al giorno in {days, number, integer} giorni, {all, number, integer} in tutto',
    'days_endless' =>
        '{vary, select, no {} other {da {least, number, integer} a }}{most, plural, one {# colloquio} other {# colloqui}} al giorno, senza fine',
];
