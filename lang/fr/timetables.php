<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until { (du {first} au {until})} times { (à partir du {first}, {times, ' .
        'plural, one {# fois} other {# fois}})} endless { (à partir du {first}, sans fin)} other {}}{without, ' .
        'plural, =0 {} other {, sauf {days_without}}}{plus, plural, =0 {} other {, et aussi {days_plus}}}, par ' .
        'rendez-vous de {minutes, number, integer} minutes{gap, plural, =0 {} one {, avec # minute d’intervalle} ' .
        'other {, avec # minutes d’intervalle}}.',
    'dates' => 'Le {dates}',
    'many_dates' => '{count, number, integer} dates, du {first} au {last}',
    'some_dates' => 'À certaines dates',
    'daily' => '{weeks, plural, =1 {Chaque jour} one {Chaque jour} other {Chaque jour, toutes les # semaines}}',
    'weekly' => '{weeks, plural, =1 {Chaque {days}} one {Chaque {days}} other {Toutes les # semaines, {days}}}',
    'monthly' =>
        '{months, plural, =1 {Chaque mois, le {days}} one {Chaque mois, le {days}} other {Tous les # mois, le ' .
        '{days}}}',
    'nth_day' => '{number, selectordinal, one {#er} other {#e}} jour',
    'nth_weekday' => '{number, selectordinal, one {#er} other {#e}} {day}',
    'last_day' => 'dernier jour',
    'last_weekday' => 'dernier {day}',
    'from_last_day' => '{number, selectordinal, one {#er} other {#e}} jour avant la fin',
    'from_last_weekday' => '{number, selectordinal, one {#er} other {#e}} {day} avant la fin',
    'hours' => 'de {stretches}',
    'stretch' => '{from} à {until}',
    'stretch_over_midnight' => '{from} à {until} le lendemain',
    'by_day' => '{hours} ({day} {other})',
    'range' => 'du {first} au {last}',
];
