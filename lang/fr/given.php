<?php

declare(strict_types=1);

return [
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
    'cannot_repeat_by' =>
        '« {rule} » est plus que ce qui peut se répéter ici ; c’est chaque semaine certains jours, ou chaque mois ' .
        'certains jours.',
    'this_kind' => 'une répétition de ce genre',
    'as_month_day' => '{given} comme jour du mois',
    'rule_part' => 'La répétition est illisible : {name}={value}.',
    'rule_too_much' =>
        'Les répétitions de ce calendrier sont trop longues à calculer, et celle-ci a été laissée de côté.',
    'rule_too_long' => 'La répétition a lieu plus souvent qu’on ne se rencontre, et n’a pas été suivie jusqu’au bout.',
    'not_a_calendar' => 'Ligne 1 : ce n’est pas un calendrier. Un fichier iCalendar commence par BEGIN:VCALENDAR.',
    'never_ends' => 'Ligne {line, number, integer} : {component} commence ici et ne se termine jamais.',
    'calendar_too_large' =>
        'Ce calendrier a {bytes, number, integer} octets ; on en lit {most, number, integer} au plus.',
    'no_entry' => 'Ligne 1 : il n’y a pas de VEVENT dans ce calendrier (RFC 5545, 3.6.1).',
    'no_availability' => 'Ligne 1 : il n’y a pas de VAVAILABILITY dans ce calendrier (RFC 7953).',
    'at_line' => 'Ligne {line, number, integer} : {why}',
    'of_what' => '{what} : {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} se termine ici, mais rien n’a commencé.} other {{ends} se termine ici, ' .
        'mais c’est {begun} qui a commencé.}}',
    'an_entry' => 'une entrée',
    'a_busy_period' => 'une période occupée',
    'only_busy' => 'seuls {most, number, integer} moments occupés sont lus',
    'only_entries' => 'seules les {most, number, integer} premières entrées sont lues',
    'unreadable' => 'illisible',
];
