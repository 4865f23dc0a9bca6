<?php

declare(strict_types=1);

return [
    'title' => 'Élèves',
    'not_known' => 'Une classe ou un élève choisi ici n’est plus dans le répertoire. Choisissez de nouveau.',
    'number_taken' => 'Quelqu’un d’autre a ce numéro.',
    'first_line' =>
        'La première ligne est lue comme titres : « {line} ». Si c’est déjà un élève, écrivez une ligne de titres au-dessus et choisissez de nouveau le fichier. Rien n’est repris avant votre clic.',
    'part_twice' => 'Deux colonnes ne peuvent pas être la même chose. Choisissez-en une autre pour l’une d’elles.',
    'changed_meanwhile' =>
        'Quelque chose a changé depuis que vous avez regardé ce fichier. Rien n’a été repris ; regardez-le de nouveau.',
    'nothing_new' =>
        '{wrong, plural, =0 {Tout est déjà dans le répertoire. Rien ne changerait.} other {Rien ne changerait : ce qui a pu être compris est déjà dans le répertoire.}}',
    'would' =>
        '{new, plural, =0 {Aucun nouvel élève} one {Un nouvel élève} other {# nouveaux élèves}}, {changed, plural, =0 {aucun changé} one {un changé} other {# changés}}, {gone, plural, =0 {aucun parti} one {un parti} other {# partis}} ; {guardians, plural, =0 {aucun nouveau responsable} one {un nouveau responsable} other {# nouveaux responsables}}, {guardians_changed, plural, =0 {aucun changé} one {un changé} other {# changés}} ; {classes, plural, =0 {aucune nouvelle classe} one {une nouvelle classe} other {# nouvelles classes}}.{open, plural, =0 {} one { Une ligne attend votre réponse.} other { # lignes attendent votre réponse.}}',
    'brought_in' =>
        'Repris : {new, plural, =0 {aucun nouvel élève} one {un nouvel élève} other {# nouveaux élèves}}, {changed, plural, =0 {aucun changé} one {un changé} other {# changés}}, {gone, plural, =0 {aucun rangé} one {un rangé} other {# rangés}} ; {guardians, plural, =0 {aucun nouveau responsable} one {un nouveau responsable} other {# nouveaux responsables}}.',
    'no_name_column' => 'Dites quelle colonne contient les noms des élèves.',
    'too_long' => 'Plus de {most, number} lignes. Envoyez-les en plusieurs fichiers.',
    'guessed' =>
        'Ses lettres ne sont ni en UTF-8 ni en UTF-16 ; elles ont été lues comme Windows les écrit. Regardez les noms accentués.',
    'no_name' => 'Ligne {line, number} : « {name} » n’est pas un nom. Elle a été laissée de côté.',
    'number_twice' =>
        'Ligne {line, number} : {name} a le numéro {number}, qui est celui de {other}. Elle a été laissée de côté.',
    'ask_lines' =>
        'Les lignes {other, number} et {line, number} sont toutes deux {name}, sans numéro qui les distingue : {same, select, yes {toutes deux en {class}} other {{other_class, select, none {sans classe} other {{other_class}}} et {class, select, none {sans classe} other {{class}}}}}.',
    'ask_known' =>
        '{name} ({class, select, none {sans classe} other {{class}}}, {number, select, none {sans numéro} other {numéro {number}}}) est peut-être {name}, déjà ici ({known_class, select, none {sans classe} other {{known_class}}}, {known_number, select, none {sans numéro} other {numéro {known_number}}}).',
    'ask_which' =>
        '{name} ({class, select, none {sans classe} other {{class}}}, {number, select, none {sans numéro} other {numéro {number}}}) : {count, plural, one {une personne} other {# personnes}} de ce nom sont déjà ici, et rien ne dit laquelle c’est. Prenez-la pour un autre élève, ou laissez-la et donnez un numéro à chacune.',
    'answer_first' => 'Certains de ceux-ci sont peut-être un élève ou deux. Dites-le d’abord ; rien n’a été repris.',
    'brought_in_at' =>
        'Dernier fichier repris le {at} : {new, plural, =0 {aucun nouvel élève} one {un nouvel élève} other {# nouveaux élèves}}, {changed, plural, =0 {aucun changé} one {un changé} other {# changés}}, {gone, plural, =0 {aucun rangé} one {un rangé} other {# rangés}}. On peut revenir en arrière pendant un jour.',
    'taken_back' =>
        'Ce fichier est annulé : les nouveaux sont rangés, et tous les autres sont comme avant.{stay, plural, =0 {} one { Un élève a été changé à la main depuis, et reste tel quel.} other { # élèves ont été changés à la main depuis, et restent tels quels.}}',
    'nothing_to_take_back' =>
        'On ne peut plus revenir en arrière : un jour est passé, ou quelqu’un l’a déjà fait. Rien n’a été changé.',
    'no_address' => 'Ligne {line, number} : « {email} » n’est pas une adresse e-mail. {name} a été pris sans elle.',
    'no_phone' => 'Ligne {line, number} : « {phone} » n’est pas un numéro de téléphone. {name} a été pris sans lui.',
    'guardian_without_name' => 'Ligne {line, number} : {email} est sans nom, et a été laissé de côté.',
    'no_id' => 'Ligne {line, number} de users.csv : {name} n’a pas de sourcedId. Elle a été laissée de côté.',
    'class_unknown' =>
        '{count, plural, one {Une inscription concerne} other {# inscriptions concernent}} une classe que classes.csv ne contient pas.',
    'no_bundle' => 'Ce n’est ni un tableau ni un paquet avec un manifest.csv.',
    'bundle_large' => 'Déballé, ce paquet est plus grand que celui d’aucune école. Rien n’a été lu.',
    'table_missing' => '{table} manque dans le paquet, ou son manifeste le dit absent. Rien n’a été repris.',
    'part_student_number' => 'Numéro de l’élève',
    'part_student_name' => 'Nom de l’élève, entier',
    'part_student_given' => 'Prénom de l’élève',
    'part_student_family' => 'Nom de famille de l’élève',
    'part_class' => 'Classe',
    'part_teacher_email' => 'Adresse e-mail de l’enseignant',
    'part_guardian1_name' => 'Nom du responsable',
    'part_guardian1_email' => 'Adresse e-mail du responsable',
    'part_guardian1_phone' => 'Téléphone du responsable',
    'part_guardian1_language' => 'Langue du responsable',
    'part_guardian1_may_book' => 'S’il peut réserver (yes, no)',
    'part_guardian2_name' => 'Nom du second responsable',
    'part_guardian2_email' => 'Adresse e-mail du second responsable',
    'part_guardian2_phone' => 'Téléphone du second responsable',
    'part_guardian2_language' => 'Langue du second responsable',
    'part_guardian2_may_book' => 'Si le second peut réserver (yes, no)',
];
