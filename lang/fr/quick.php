<?php

declare(strict_types=1);

return [
    'date' => '{date}',
    'until' => 'jusqu’au {last}',
    'hours' => '{from} à {until}',
    'month' =>
        '{number, plural, =1 {janvier} =2 {février} =3 {mars} =4 {avril} =5 {mai} =6 {juin} =7 {juillet} =8 {août} =9 {septembre} =10 {octobre} =11 {novembre} other {décembre}}',
    'of_each_month' => 'le {which} {day} de chaque mois',
    'which' => 'Qu’est-ce qui est voulu ?',
    'which_weekday' => '{date} est un {is}, pas un {said}. Lequel est voulu ?',
    'days_or_hours' => '« {typed} », ce sont des jours ou des heures ?',
    'which_date' => 'Quelle date est {typed} ?',
    'read_as' => '{typed} a été lu comme {meant}.',
    'read_as_later' => '{typed} a été lu comme {meant}, après {start}.',
    'start_is_early' => '{start} est tôt le matin.',
    'is_early' => '{from} à {until}, c’est tôt le matin.',
    'morning' => '{from} à {until} a été lu comme le matin.',
    'afternoon' => '{from} à {until} a été lu comme l’après-midi : {later} à {later_end}.',
    'every_other' =>
        '« Chaque {which} {day} » a été lu comme toutes les {weeks, plural, one {semaines} other {# semaines}}.',
    'times_of_those_before' => 'Les derniers jours ont les heures de ceux d’avant.',
    'repeats_from' => 'Cela se répète chaque {day} à partir du {date}.',
    'endless' => 'Cela se répète sans fin. Écrivez jusqu’au et une date, ou 10 fois.',
    'first_is_on' => 'Le premier est le {day} {date}. Écrivez du et une date pour une autre semaine.',
    'last_is_on' =>
        '{times, plural, one {# fois} other {# fois}} qui ont lieu : la dernière est le {date}, car des jours entre-temps sont fermés ou exclus.',
    'every_day' => 'Chaque jour du {first} au {last}.',
    'first_day' => 'Le premier jour a été lu comme {date}.',
    'until_month' => 'Jusqu’en {month} a été lu comme jusqu’au {last}.',
    'next_read_as' => 'Le prochain {day} a été lu comme {date}.',
    'next_is' => 'Le prochain {day} est {date}.',
    'feast' => '{feast, select, christmas {Noël} other {Pâques}} a été lu comme {date}.',
    'other_is_past' => '{typed} a été lu comme {date}, car {past} est passé.',
    'day_is_past' => 'Le {day, number, integer} {month} est passé, cela a donc été lu comme {date}.',
    'closed_days' => 'Les jours de fermeture de l’école sont exclus d’eux-mêmes.',
    'all_past' => 'Tout est passé : cela finit le {last}, et aucun rendez-vous n’en résulte.',
    'none_left' => 'Il ne reste aucun de ses jours, et aucun rendez-vous n’en résulte.',
    'closed_then' => 'L’école est fermée le {date}, et aucun rendez-vous n’en résulte.',
    'closed_all' => 'L’école est fermée tous ces jours, et aucun rendez-vous n’en résulte.',
    'closed_on' => 'L’école est fermée le {dates} : rien n’a lieu alors.',
    'too_long' => 'Une ligne rapide a au plus {most, number, integer} caractères.',
    'days_missing' => 'Il manque les jours. Écrivez-les, comme mar jeu ou 3 déc.',
    'hours_missing' => 'Il manque de quelle heure à quelle heure. Écrivez-le, comme 10:25-11:35.',
    'length_missing' => 'Il manque la durée d’un rendez-vous. Écrivez-la, comme /15.',
    'no_days' => 'Il manque les jours.',
    'whose_times' =>
        'On ne sait pas quelles heures vont avec quels jours. Écrivez les heures après leurs jours : mar 9-11 jeu 14-16.',
    'pause_outside' => 'La pause {pause} est hors des heures dont elle est la pause.',
    'pause_of_all' => 'La pause ne laisse rien des heures.',
    'kinds_apart' =>
        'Les jours de la semaine, les jours du mois et les dates se disent dans des plages séparées, avec ; entre elles, ou une date de plus avec plus.',
    'dates_do_not_repeat' =>
        'Les dates ne se répètent pas : elles n’ont ni premier jour, ni fin, ni « chaque ». Écrivez des jours de la semaine pour ce qui se répète.',
    'ends_before_it_begins' => 'Cela finirait le {last}, avant de commencer le {first}.',
    'step_too_small' =>
        'Des rendez-vous de {minutes, plural, one {# minute} other {# minutes}} ne peuvent pas commencer toutes les {step, plural, one {minutes} other {# minutes}}.',
    'minutes_needed' => 'Il faut des minutes ici, comme /15.',
    'length_twice' => 'La durée d’un rendez-vous est dite deux fois.',
    'gap_needed' => 'Il faut un nombre de minutes ici, comme intervalle 5.',
    'weeks' => 'Cela peut durer de 1 à 520 semaines.',
    'every_days' =>
        'Tous les {number, number, integer} jours ne peut pas se dire. Nommez les jours de la semaine, comme chaque lun mer ven.',
    'every_what' => 'Tous les quoi ? Ce peut être 2 semaines, deuxième mardi, jour ou 15 minutes.',
    'date_needed' => 'Il faut une date ici, comme 28 mai ou 2027-05-28.',
    'dates_needed' => 'Il faut une date ici, comme 25 déc ou 21 déc - 3 janv.',
    'end_needed' => 'Il faut une date ici, comme 28 mai.',
    'hours_needed' => 'Il faut des heures ici, comme 10:25-11:35.',
    'range_too_long' => 'Une période dure dix ans au plus.',
    'end_of_what' => 'La fin de quoi ? Ce peut être mai, ou une période de l’école.',
    'no_such_term' =>
        '{nearest, select, unknown {Aucune période de ce nom n’est connue.} other {Aucune période de ce nom n’est connue. Vouliez-vous dire « {nearest} » ?}}',
    'no_term' => 'L’école n’a pas une telle période. Écrivez jusqu’au et une date.',
    'next_what' => 'Un jour, une semaine ou une période pourrait être ici, comme mardi prochain.',
    'no_such_digits' => 'Il n’y a pas de date {typed}. Écrivez le mois en lettres, comme 3 déc.',
    'no_such_day' => 'Il n’y a pas de {day, number, integer} {year, select, any {{month}} other {{month} {year}}}.',
    'no_end' => '« {typed} » est une heure sans fin. Écrivez de quand à quand, comme {typed}-17:00.',
    'biweekly' =>
        '« {typed} » peut être toutes les deux semaines ou deux fois par semaine. Écrivez toutes les 2 semaines, ou nommez les deux jours.',
    'not_understood' =>
        '{at, select, end {La fin de la ligne} other {« {typed} »}} {could, select, nearest {n’est pas compris. Vouliez-vous dire « {nearest} » ?} number {seul n’est pas compris. Pour une durée, écrivez /{typed}.} days {n’est pas compris. Des jours pourraient être ici, comme mar jeu ou 3 déc.} hours {n’est pas compris. Des heures pourraient être ici, comme 10:25-11:35.} length {n’est pas compris. Une durée pourrait être ici, comme /15.} other {n’est pas compris. La ligne pourrait finir ici, ou par jusqu’au 28 mai.}}',
];
