<?php

declare(strict_types=1);

return [
    'span_ends_first' =>
        'Une durée doit finir après son début ; {end, number, integer} s n’est pas après {start, number, integer} s.',
    'range_ends_first' => 'Une période se termine le premier jour ou après ; {last} vient avant {first}.',
    'range_too_long' => 'De {first} à {last}, cela fait plus de dix ans. Vérifiez les années.',
    'zone_too_long' => 'Les changements d’heure du fuseau « {name} » sont trop longs à calculer.',
    'no_such_date' => 'La date « {given} » n’existe pas. Écrivez année-mois-jour, par exemple 2026-11-26.',
    'no_such_instant' =>
        '« {given} » n’est pas un instant. Écrivez-le comme la RFC 3339, par exemple 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '« {given} » n’est pas une heure. Écrivez 16:30, 1630, 16.30 ou 4:30pm.',
    'no_such_hours' =>
        '« {given} » ne dit pas d’heures. Écrivez de quand à quand, par exemple 8:00 to 12:00, 13:00 to 16:00.',
    'early_hours' =>
        '« {given} » : le matin ou le soir ? Écrivez 16:00 to 18:00, ou 4pm to 6pm ; ou 5am, si c’est si tôt.',
    'no_such_zone' =>
        'Le fuseau horaire « {given} » n’existe pas. Utilisez un nom de la base tz, par exemple Europe/Lisbon.',
    'ends_before_start' => 'La fin, {until}, doit venir après le début, {from}.',
    'after_midnight' =>
        '« {given} » est après minuit. Une plage finit à 24:00 au plus tard et dure 24 heures au plus ; pour une plus longue, écrivez une seconde plage à la date suivante.',
    'longer_than_a_day' =>
        'Une plage peut durer 24 heures au plus ; celle-ci dure {hours, plural, one {# heure} other {# heures}} et {minutes, plural, one {# minute} other {# minutes}}.',
    'no_dates' => 'Aucune date n’est encore choisie.',
    'no_days' => 'Une répétition hebdomadaire demande au moins un jour de la semaine.',
    'no_month_days' => 'Une répétition mensuelle demande au moins un jour du mois.',
    'month_day' => 'Un jour du mois va de 1 à 31, ou de -1 (le dernier) à -31 ; {given, number, integer} a été donné.',
    'nth' =>
        'Les jours de la semaine d’un mois sont numérotés de 1 à 5, ou de -1 (le dernier) à -5 ; {given, number, integer} a été donné.',
    'interval' => 'Une répétition revient toutes les 1 à 1000 semaines ou mois ; {given, number, integer} a été donné.',
    'times' => 'Une répétition a lieu de 1 à 10000 fois ; {given, number, integer} a été donné.',
    'cannot_repeat_by' =>
        '« {rule} » est plus que ce qui peut se répéter ici ; c’est chaque semaine certains jours, ou chaque mois certains jours.',
    'both_month_days' => 'des jours du mois en même temps que des jours de la semaine du mois',
    'monthly_hours' => 'd’autres heures certains jours d’une répétition mensuelle sans fin',
    'this_kind' => 'une répétition de ce genre',
    'as_month_day' => '{given} comme jour du mois',
    'nothing_left' => 'Il ne reste aucune date où la plage tomberait.',
    'rule_part' => 'La répétition est illisible : {name}={value}.',
    'rule_too_much' =>
        'Les répétitions de ce calendrier sont trop longues à calculer, et celle-ci a été laissée de côté.',
    'rule_too_long' => 'La répétition a lieu plus souvent qu’on ne se rencontre, et n’a pas été suivie jusqu’au bout.',
    'length' => 'Un rendez-vous dure de 1 à 1440 minutes ; {given, number, integer} a été donné.',
    'gap' => 'L’intervalle entre rendez-vous va de 0 à 1440 minutes ; {given, number, integer} a été donné.',
    'no_number' => 'Il faut un nombre entier de minutes.',
    'stretches_overlap' => '{one} et {other} se chevauchent. Les plages d’une même date sont séparées, ou se touchent.',
    'date_and_hours' => '{date}, {from} à {until}',
    'blocks_overlap' =>
        'Deux plages de la feuille se chevauchent : {one} et {other}. Réunissez-les, ou changez-en une.',
    'longer_than_hours' =>
        'Un rendez-vous de {minutes, plural, one {# minute} other {# minutes}} n’entre pas entre {from} et {until} ; cela fait {there, plural, one {# minute} other {# minutes}}.',
    'object' => 'Il faut un objet ici.',
    'text' => 'Il faut un texte de 1 à 200 caractères ici.',
    'whole' => 'Il faut un nombre entier de {least, number, integer} à {most, number, integer} ici.',
    'flag' => 'Il faut true ou false ici.',
    'list' => 'Il faut une liste ici.',
    'too_many' => 'On peut donner au plus {most, number, integer} ici, pas {given, number, integer}.',
    'at_most' => 'On peut donner au plus {most, number, integer} ici.',
    'two_instants' => 'Il faut deux instants ici, from et to.',
    'no_block' => 'Cette plage est illisible.',
    'no_hours' => 'Il manque de quelle heure à quelle heure.',
    'way' => 'Il faut deux lieux et les minutes entre eux ici.',
    'way_twice' => 'Le chemin entre {from} et {to} est donné deux fois, et différemment.',
    'order' => 'evenings, home et waiting peuvent être mis en ordre ici, chacun une fois.',
    'twice' => '« {id} » y est deux fois.',
    'slot_overlaps' =>
        'Cela chevauche slots[{before, number, integer}] : un hôte est dans un seul rendez-vous à la fois.',
    'no_host' => 'Il n’y a pas d’hôte « {host} » dans cette session.',
    'not_a_calendar' => 'Ligne 1 : ce n’est pas un calendrier. Un fichier iCalendar commence par BEGIN:VCALENDAR.',
    'never_ends' => 'Ligne {line, number, integer} : {component} commence ici et ne se termine jamais.',
    'calendar_too_large' =>
        'Ce calendrier a {bytes, number, integer} octets ; on en lit {most, number, integer} au plus.',
    'no_entry' => 'Ligne 1 : il n’y a pas de VEVENT dans ce calendrier (RFC 5545, 3.6.1).',
    'no_availability' => 'Ligne 1 : il n’y a pas de VAVAILABILITY dans ce calendrier (RFC 7953).',
    'at_line' => 'Ligne {line, number, integer} : {why}',
    'of_what' => '{what} : {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} se termine ici, mais rien n’a commencé.} other {{ends} se termine ici, mais c’est {begun} qui a commencé.}}',
    'an_entry' => 'une entrée',
    'a_busy_period' => 'une période occupée',
    'only_busy' => 'seuls {most, number, integer} moments occupés sont lus',
    'only_entries' => 'seules les {most, number, integer} premières entrées sont lues',
    'unreadable' => 'illisible',
];
