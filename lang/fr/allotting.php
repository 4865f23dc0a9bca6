<?php

declare(strict_types=1);

return [
    'board_until' => 'les souhaits sont pris jusqu’au {moment}',
    'board_over' =>
        'les créneaux sont en train d’être attribués ; toute famille qui a envoyé des souhaits sera informée',
    'over' =>
        'Les souhaits ne sont plus pris. Les créneaux libres seront ici une fois que tous les souhaits auront les leurs.',
    'windows_needed' => 'Dites quand vous pouvez venir : sans aucune soirée, personne ne peut vous recevoir.',
    'until' => 'Vous pouvez envoyer des souhaits, et les changer, jusqu’au {moment}.',
    'until_over' =>
        'Les souhaits pouvaient être envoyés jusqu’au {moment}. Vous saurez quels créneaux sont les vôtres dès que tous auront les leurs.',
    'sent_at' => 'L’école a vos souhaits depuis {moment}.',
    'plain_how' =>
        'Écrivez 1 à côté de la personne que vous voulez le plus rencontrer, puis 2, et ainsi de suite ; laissez les autres vides.',
    'plain_when' => 'Quand pouvez-vous venir ?',
    'plain_others' => 'Quelqu’un d’autre',
    'plain_from' => 'de',
    'plain_until' => 'à',
    'plain_from_again' => 'et de',
    'plain_until_again' => 'à',
    'plain_needs' => 'Ce qu’il vous faut',
    'plain_walk' => 'Temps pour changer de salle',
    'plain_breather' => 'Une pause entre deux rendez-vous',
    'plain_minutes' => '{n, plural, =0 {aucun} one {# minute} other {# minutes}}',
    'plain_interpreter' => 'Interprète',
    'plain_no_interpreter' => 'pas nécessaire',
    'plain_ground' => 'Il nous faut le rez-de-chaussée',
    'plain_phone' => 'Numéro de téléphone',
    'plain_name' => 'Votre nom',
    'plain_email' => 'Votre adresse e-mail',
    'plain_child' => 'Enfant {n}',
    'plain_child_name' => 'Nom de l’élève',
    'plain_send' => 'Envoyer ces souhaits',
    'too_many' => 'Plus de souhaits que nous ne pouvons en prendre. Retirez-en quelques-uns.',
    'wishes_heading' => 'Vos souhaits : {title}',
    'wishes_news' =>
        '{count, plural, =0 {Vous avez retiré vos souhaits. L’école n’a rien de vous. Vous pouvez en envoyer de nouveaux jusqu’au {moment}.} one {L’école a votre souhait. Vous pouvez le changer jusqu’au {moment}. Ensuite, vous saurez quel créneau est le vôtre.} other {L’école a vos # souhaits, dans cet ordre. Vous pouvez les changer jusqu’au {moment}. Ensuite, vous saurez quels créneaux sont les vôtres.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {Votre souhait est gardé.} other {Vos # souhaits sont gardés.}} Ils comptent dès que cette adresse a répondu : un clic ci-dessous.',
    'gone_heading' => '{host} n’est plus là',
    'gone_news' =>
        '{host} n’est plus là ces jours-là. Vos autres souhaits restent. {open, select, yes {Vous pouvez souhaiter quelqu’un d’autre jusqu’au {moment}.} other {Appelez le secrétariat si vous voulez quelqu’un d’autre.}}',
    'gone' =>
        '{count, plural, one {{names} n’est plus là ces jours-là.} other {{names} ne sont plus là ces jours-là.}} Choisissez quelqu’un d’autre, ou continuez avec le reste.',
    'wishes_link' => 'Changer ou ajouter des souhaits',
    'wishes_confirm' => 'Oui, c’est mon adresse',
    'wishes_row' => '{host}{student, select, none {} other { – au sujet de {student}}}',
    'wishes_when' => 'Vous pouvez venir',
    'wishes_hours' => '{day}, {from} – {until}',
    'wishes_needs' => 'Il vous faut',
    'wishes_interpreter' => 'un interprète ({language})',
    'wishes_ground' => 'le rez-de-chaussée',
    'wishes_break' => '{n, plural, one {une pause de # minute} other {une pause de # minutes}}',
    'wishes_rank' => '{rank, selectordinal, one {#er} other {#e}} souhait',
    'given_heading' => 'Vos créneaux : {title}',
    'given_news' =>
        '{count, plural, =0 {Aucun créneau n’a pu être donné pour vos souhaits.} one {Ce créneau est à vous.} other {Ces # créneaux sont à vous.}} {left, plural, =0 {C’est tout ce qui était souhaité.} one {Pour # souhait, il n’y avait pas de créneau ; il est ci-dessous.} other {Pour # souhaits, il n’y avait pas de créneau ; ils sont ci-dessous.}} Ce qui est libre peut maintenant être réservé par tous.',
    'given_asked' => 'Certains sont demandés par un enseignant.',
    'given_link' => 'Vos rendez-vous : changer, imprimer ou annuler',
    'given_left' => 'Pas de créneau avec {host}',
    'host_heading' => 'Vos rendez-vous : {title}',
    'host_news' =>
        'Les créneaux sont répartis : {count, plural, =0 {personne ne vient vous voir pour l’instant} one {un rendez-vous est à vous} other {# rendez-vous sont à vous}}. Ce qui reste libre sur votre feuille peut maintenant être réservé par tous.',
    'host_link' => 'Votre feuille, avec qui vient',
    'families_with_none' =>
        '{count, plural, =0 {Chaque famille a au moins un rendez-vous.} one {Une famille n’a aucun rendez-vous.} other {# familles n’ont aucun rendez-vous.}}',
    'helps_times' => 'Davantage de créneaux de ces enseignants aideraient, ou des heures où il leur en reste.',
    'helps_other_hours' => 'D’autres heures aideraient : demandez-en à la famille avant de publier.',
    'helps_interpreter' => 'Un interprète à d’autres heures aiderait, ou un deuxième.',
    'helps_another' => 'Ils peuvent souhaiter quelqu’un d’autre.',
    'why_outside_windows' => '{host} n’a pas de créneau quand ils peuvent venir.',
    'why_host_full' => 'Les créneaux de {host} aux heures où ils peuvent venir sont allés à d’autres.',
    'why_clashes' => '{host} n’est libre que pendant un autre de leurs rendez-vous, ou sur le chemin.',
    'why_no_interpreter' => '{host} a encore des créneaux, mais aucun interprète de leur langue n’est libre alors.',
    'why_other_guardian' => 'Un autre responsable de l’enfant a souhaité {host} d’abord.',
    'why_host_gone' => '{host} ne fait plus partie de la session.',
    'why_time_gone' => 'Le créneau avec {host} est allé à autre chose avant de pouvoir être réservé.',
    'to_family_outside_windows' => 'Il n’y a pas de créneau quand vous pouvez venir.',
    'to_family_host_full' => 'Les créneaux où vous pouvez venir sont allés à d’autres.',
    'to_family_clashes' => 'Libre seulement pendant que vous êtes dans un autre rendez-vous, ou en chemin.',
    'to_family_no_interpreter' => 'Il y a des créneaux, mais aucun interprète de votre langue n’est libre alors.',
    'to_family_other_guardian' =>
        '{apart, select, yes {Ce rendez-vous n’a pas pu vous être donné. Le secrétariat de l’école en sait plus.} other {Un autre responsable de l’enfant a souhaité la même chose, en premier.}}',
    'to_family_host_gone' => '{host} ne participe plus.',
    'to_family_time_gone' => 'Le créneau a été pris par autre chose avant de pouvoir être réservé.',
    'title' => 'Répartition : {round}',
    'sent' =>
        '{families, plural, =0 {Aucune famille n’a encore envoyé de souhaits.} one {Une famille a envoyé ses souhaits.} other {# familles ont envoyé leurs souhaits.}}',
    'none_yet' => 'Rien n’est encore réparti.',
    'waiting' => 'Cela commence dans un instant.',
    'running' =>
        '{granted, number} souhaits sur {wishes, number} jusqu’ici ; jamais plus de {bound, number} ne peuvent être exaucés.',
    'found' =>
        '{granted, number} souhaits sur {wishes, number} sont exaucés. Il est prouvé que jamais plus de {bound, number} ne peuvent l’être.',
    'short' =>
        'Rien n’a été réservé, et personne n’a été prévenu : juste avant le premier message, {short, plural, one {un de ces créneaux} other {# de ces créneaux}} ne pouvait plus être obtenu. Ce qui reste est ici : {granted, number} souhaits sur {wishes, number}. Regardez, puis publiez, ou relancez la recherche.',
    'found_best' =>
        '{granted, number} souhaits sur {wishes, number} sont exaucés. Il est prouvé qu’il ne peut y en avoir plus.',
    'booking' => '{booked, number} familles sur {families, number} ont leurs créneaux.',
    'booked' =>
        'Les {families, number} familles ont toutes leurs créneaux et ont été prévenues. Ce qui est libre est ouvert à tous.{gone, plural, =0 {} one { Un souhait a perdu son créneau entre la recherche et la réservation ; sa famille a été prévenue.} other { # souhaits ont perdu leur créneau entre la recherche et la réservation ; leurs familles ont été prévenues.}}',
    'failed' => 'Cela s’est arrêté avant d’avoir rien trouvé. Rien n’a été réservé ; recommencez.',
    'not_granted' =>
        '{count, plural, =0 {Tous les souhaits sont exaucés.} one {Un souhait n’est pas exaucé.} other {# souhaits ne sont pas exaucés{listed, plural, =200 { ; les 200 premiers sont ici, tous dans le tableau} other {}}.}}',
    'not_collecting' => 'Cette session ne recueille pas de souhaits.',
    'allotted_already' => 'Les créneaux de cette session sont déjà répartis et réservés.',
    'at_work' => 'Quelqu’un en a déjà lancé une ; elle est encore en cours. Rien d’autre n’a été lancé.',
    'not_the_last' => 'Une autre a été trouvée depuis. Regardez celle-là, puis publiez-la.',
    'still_collecting' =>
        'Les familles peuvent encore envoyer des souhaits. Mettez-y fin d’abord, ou attendez la fin ; puis relancez la recherche. Rien n’a été réservé.',
    'wishes_since' =>
        'Elle a été trouvée alors que des souhaits pouvaient encore arriver. Relancez la recherche, puis publiez. Rien n’a été réservé.',
    'nothing_to_pin' => 'Il n’y a rien ici dont le créneau puisse encore changer.',
    'too_late' => 'Les souhaits se terminent avant le premier jour de la session.',
];
