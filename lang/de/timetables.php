<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until { (vom {first} bis {until})} times { (ab {first}, {times, plural, one {# Mal} other {# Mal}})} endless { (ab {first}, ohne Ende)} other {}}{without, plural, =0 {} other {, außer {days_without}}}{plus, plural, =0 {} other {, dazu {days_plus}}}, je {minutes, number, integer} Minuten{gap, plural, =0 {} one {, mit # Minute dazwischen} other {, mit # Minuten dazwischen}}.',
    'dates' => 'Am {dates}',
    'many_dates' => 'An {count, number, integer} Tagen vom {first} bis {last}',
    'some_dates' => 'An einigen Tagen',
    'daily' => '{weeks, plural, =1 {Jeden Tag} one {Jeden Tag} other {Alle # Wochen an jedem Tag}}',
    'weekly' => '{weeks, plural, =1 {Jede Woche: {days}} one {Jede Woche: {days}} other {Alle # Wochen: {days}}}',
    'monthly' => '{months, plural, =1 {Jeden Monat: {days}} one {Jeden Monat: {days}} other {Alle # Monate: {days}}}',
    'nth_day' => '{number, selectordinal, other {#.}} Tag',
    'nth_weekday' => '{number, selectordinal, other {#.}} {day}',
    'last_day' => 'letzter Tag',
    'last_weekday' => 'letzter {day}',
    'from_last_day' => '{number, selectordinal, other {#.}} Tag vor dem Ende',
    'from_last_weekday' => '{number, selectordinal, other {#.}} {day} vor dem Ende',
    'hours' => 'von {stretches}',
    'stretch' => '{from} bis {until}',
    'stretch_over_midnight' => '{from} bis {until} am nächsten Tag',
    'by_day' => '{hours} ({day} {other})',
    'range' => '{first} bis {last}',
    'change' =>
        '{what, select, closed {{day}: geschlossen} stays {{day}{stretches, plural, =0 {} other {, {hours}}}} other {{day}: verlegt auf {to}{stretches, plural, =0 {} other {, {hours}}}}}',
    'none_comes' => 'Daraus kommt kein Gespräch heraus.',
    'tally' =>
        '{meetings}; {over, select, none {nichts bleibt übrig} once {{minutes, plural, one {# Minute bleibt} other {# Minuten bleiben}} übrig} each {{minutes, plural, one {# Minute bleibt} other {# Minuten bleiben}} jeden Tag übrig} other {bis zu {minutes, plural, one {# Minute bleibt} other {# Minuten bleiben}} am Tag übrig}}.',
    'one_day' => '{meetings, plural, one {# Gespräch} other {# Gespräche}} am {date}',
    'days' =>
        '{vary, select, no {} other {von {least, number, integer} bis }}{most, plural, one {# Gespräch} other {# Gespräche}} am Tag an {days, number, integer} Tagen, {all, number, integer} insgesamt',
    'days_endless' =>
        '{vary, select, no {} other {von {least, number, integer} bis }}{most, plural, one {# Gespräch} other {# Gespräche}} am Tag, ohne Ende',
];
