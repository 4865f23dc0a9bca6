<?php

declare(strict_types=1);

return [
    'block' =>
        '{days} {hours}{ends, select, until { (du {first} au {until})} times { (à partir du {first}, {times, plural, one {# fois} other {# fois}})} endless { (à partir du {first}, sans fin)} other {}}{without, plural, =0 {} other {, sauf {days_without}}}{plus, plural, =0 {} other {, et aussi {days_plus}}}, par rendez-vous de {minutes, number, integer} minutes{gap, plural, =0 {} one {, avec # minute d’intervalle} other {, avec # minutes d’intervalle}}.',
    'dates' => 'Le {dates}',
    'many_dates' => '{count, number, integer} dates, du {first} au {last}',
    'some_dates' => 'À certaines dates',
    'daily' => '{weeks, plural, =1 {Chaque jour} one {Chaque jour} other {Chaque jour, toutes les # semaines}}',
    'weekly' => '{weeks, plural, =1 {Chaque {days}} one {Chaque {days}} other {Toutes les # semaines, {days}}}',
    'monthly' =>
        '{months, plural, =1 {Chaque mois, le {days}} one {Chaque mois, le {days}} other {Tous les # mois, le {days}}}',
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
    'change' =>
        '{what, select, closed {{day} : fermé} stays {{day}{stretches, plural, =0 {} other {, {hours}}}} other {{day} : passe au {to}{stretches, plural, =0 {} other {, {hours}}}}}',
    'none_comes' => 'Aucun rendez-vous n’en résulte.',
    'tally' =>
        '{meetings} ; {over, select, none {rien ne reste} once {il reste {minutes, plural, one {# minute} other {# minutes}}} each {il reste {minutes, plural, one {# minute} other {# minutes}} chaque jour} other {il reste jusqu’à {minutes, plural, one {# minute} other {# minutes}} par jour}}.',
    'one_day' => '{meetings, plural, one {# rendez-vous} other {# rendez-vous}} le {date}',
    'days' =>
        '{vary, select, no {} other {de {least, number, integer} à }}{most, plural, one {# rendez-vous} other {# rendez-vous}} par jour sur {days, number, integer} jours, {all, number, integer} en tout',
    'days_endless' =>
        '{vary, select, no {} other {de {least, number, integer} à }}{most, plural, one {# rendez-vous} other {# rendez-vous}} par jour, sans fin',
];
