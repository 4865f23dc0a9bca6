<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until { (від {first} до {until})} times { (від {first}, {times, plural, one {# раз} few {# рази} many {# разів} other {# разу}})} endless { (від {first}, без кінця)} other {}}{without, plural, =0 {} other {, крім: {days_without}}}{plus, plural, =0 {} other {, а також: {days_plus}}}, зустрічі по {minutes, number, integer} хв{gap, plural, =0 {} one {, з перервою # хвилина} few {, з перервою # хвилини} many {, з перервою # хвилин} other {, з перервою # хвилини}}.',
    'dates' => '{dates}:',
    'many_dates' => 'Днів: {count, number, integer}, від {first} до {last},',
    'some_dates' => 'У деякі дні',
    'daily' =>
        '{weeks, plural, =1 {Щодня} one {Щодня, раз на # тиждень} few {Щодня, раз на # тижні} many {Щодня, раз на # тижнів} other {Щодня, раз на # тижня}}',
    'weekly' =>
        '{weeks, plural, =1 {Щотижня: {days}} one {Раз на # тиждень: {days}} few {Раз на # тижні: {days}} many {Раз на # тижнів: {days}} other {Раз на # тижня: {days}}}',
    'monthly' =>
        '{months, plural, =1 {Щомісяця: {days}} one {Раз на # місяць: {days}} few {Раз на # місяці: {days}} many {Раз на # місяців: {days}} other {Раз на # місяця: {days}}}',
    'nth_day' => '{number, selectordinal, few {#-й} other {#-й}} день',
    'nth_weekday' => '{number, selectordinal, few {#-й тиждень} other {#-й тиждень}}, {day}',
    'last_day' => 'останній день',
    'last_weekday' => 'останній тиждень, {day}',
    'from_last_day' => '{number, selectordinal, few {#-й} other {#-й}} день від кінця',
    'from_last_weekday' => '{number, selectordinal, few {#-й тиждень} other {#-й тиждень}} від кінця, {day}',
    'hours' => 'від {stretches}',
    'stretch' => '{from} до {until}',
    'stretch_over_midnight' => '{from} до {until} наступного дня',
    'by_day' => '{hours} ({day} {other})',
    'range' => 'від {first} до {last}',
    'change' =>
        '{what, select, closed {{day}: закрито} stays {{day}{stretches, plural, =0 {} other {, {hours}}}} other {{day}: перенесено на {to}{stretches, plural, =0 {} other {, {hours}}}}}',
    'none_comes' => 'Із цього не виходить жодної зустрічі.',
    'tally' =>
        '{meetings}; {over, select, none {нічого не лишається} once {лишається {minutes, plural, one {# хвилина} few {# хвилини} many {# хвилин} other {# хвилини}}} each {щодня лишається {minutes, plural, one {# хвилина} few {# хвилини} many {# хвилин} other {# хвилини}}} other {за день лишається до {minutes, plural, one {# хвилини} few {# хвилин} many {# хвилин} other {# хвилини}}}}.',
    'one_day' => '{meetings, plural, one {# зустріч} few {# зустрічі} many {# зустрічей} other {# зустрічі}}, {date}',
    'days' =>
        '{vary, select, no {} other {від {least, number, integer} до }}{most, plural, one {# зустріч} few {# зустрічі} many {# зустрічей} other {# зустрічі}} на день, днів: {days, number, integer}, разом {all, number, integer}',
    'days_endless' =>
        '{vary, select, no {} other {від {least, number, integer} до }}{most, plural, one {# зустріч} few {# зустрічі} many {# зустрічей} other {# зустрічі}} на день, без кінця',
];
