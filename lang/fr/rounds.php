<?php

declare(strict_types=1);

return [
    'was' => 'C’était {moment}.',
    'not_to_move' => 'Ce rendez-vous ne peut plus être déplacé.',
    'not_moved' =>
        'Quelqu’un vient de prendre un de ces créneaux : rien n’a été changé. Tout ce que vous aviez réservé reste en place. Regardez encore une fois le programme.',
    'back_heading' => 'Annulé : {title}',
    'back_news' =>
        '{count, plural, one {Vous avez annulé ce rendez-vous.} other {Vous avez annulé ces # rendez-vous.}} Les créneaux sont maintenant libres pour d’autres.',
    'back_link' => 'Réserver à nouveau',
    'title' => 'Sessions',
    'new' => 'Une nouvelle session',
    'only_families' =>
        'Ces journées de rencontres sont pour les familles de {school}. La carte que vous avez reçue les ouvre.',
    'day_said' =>
        '{from} – {until}, {waiting, plural, =0 {sans attente} one {# minute entre les rendez-vous} other {# minutes entre les rendez-vous}}.',
    'between_none' => 'juste après',
    'between_wait' => '{wait, plural, one {# minute} other {# minutes}} d’attente',
    'between_way' => '{way, plural, one {# minute} other {# minutes}} de trajet',
    'between_both' => '{way, plural, one {# minute} other {# minutes}} de trajet, {wait} d’attente',
    'left_nothing' => '{host} n’a plus de créneau libre.',
    'left_interpreter' => '{host} a des créneaux libres, mais aucun interprète de votre langue n’est libre alors.',
    'left_interpreter_stay' =>
        '{host} a des créneaux libres, mais aucun interprète de votre langue n’est libre alors ; {time} serait libre, si vous pouvez rester jusqu’à {until}.',
    'left_interpreter_come' =>
        '{host} a des créneaux libres, mais aucun interprète de votre langue n’est libre alors ; {time} serait libre, si vous pouvez venir à ce moment.',
    'left_outside' => '{host} n’a pas de créneau libre quand vous pouvez venir.',
    'left_outside_stay' =>
        '{host} n’a pas de créneau libre quand vous pouvez venir ; {time} serait libre, si vous pouvez rester jusqu’à {until}.',
    'left_outside_come' =>
        '{host} n’a pas de créneau libre quand vous pouvez venir ; {time} serait libre, si vous pouvez venir à ce moment.',
    'left_clashes' => '{host} n’est libre que pendant que vous êtes avec {others}, ou en chemin.',
    'left_clashes_stay' =>
        '{host} n’est libre que pendant que vous êtes avec {others} ; {time} est libre, si vous pouvez rester jusqu’à {until}.',
    'left_clashes_come' =>
        '{host} n’est libre que pendant que vous êtes avec {others} ; {time} est libre, si vous pouvez venir à ce moment.',
    'take_otherwise' => 'Je peux venir à {time}',
    'not_proven' =>
        'Un bon programme. Le temps qu’une page peut prendre n’a pas suffi pour savoir s’il en existe un meilleur.',
    'not_proven_meetings' =>
        '{most, plural, one {Peut-être # rendez-vous tient} other {Peut-être jusqu’à # rendez-vous tiennent}} ; le temps qu’une page peut prendre n’a pas suffi pour tout examiner.',
    'gone' =>
        'Quelqu’un vient de prendre {time} avec {host}. Rien n’a été réservé ; voici le meilleur programme suivant, les changements marqués.',
    'no_longer' =>
        'L’école a déplacé ou fermé ce créneau : {time} avec {host}. Rien n’a été réservé ; voici le meilleur programme suivant, les changements marqués.',
    'no_interpreter' =>
        'Plus aucun interprète n’est libre {time}, quand vous seriez avec {host}. Rien n’a été réservé ; voici le meilleur programme suivant, les changements marqués.',
    'dates' => '{first} au {last}',
    'card_how' =>
        '{teachers, select, none {} other {Avec {teachers}. }}Photographiez le carré, ou tapez le code sur {address}',
    'card_teachers' => '{names} et {more} autres',
    'cards_cut' =>
        'Voici les cartes des {most, number} premiers élèves sur {all, number}. Imprimez les autres classe par classe.',
    'have_it' =>
        'Vous avez déjà un rendez-vous avec {host} au sujet de {child}, peut-être depuis une autre page. Rien de plus n’a été réservé ; le programme continue à partir de ce que vous avez.',
    'child_has_it' =>
        '{apart, select, yes {Un rendez-vous avec {host} au sujet de {child} ne peut pas être réservé d’ici. Rien n’a été réservé ; le secrétariat de l’école en sait plus.} other {Un rendez-vous avec {host} au sujet de {child} est déjà réservé par une autre personne qui s’en occupe. Rien n’a été réservé ; demandez-lui, ou au secrétariat.}}',
    'elsewhere' =>
        '{apart, select, yes {Le créneau {time} ne peut plus être réservé. Rien n’a été réservé ; voici le meilleur programme suivant, les changements marqués.} other {Vous, ou {child} avec quelqu’un d’autre, avez maintenant un autre rendez-vous {time}. Rien n’a été réservé ; voici le meilleur programme suivant, les changements marqués.}}',
    'left_child' =>
        '{apart, select, yes {Un rendez-vous avec {host} au sujet de {child} ne peut pas être réservé d’ici. Le secrétariat de l’école en sait plus.} other {Une autre personne qui s’occupe de {child} a déjà réservé avec {host}.}}',
    'not_open' =>
        'Ces journées de rencontres ne prennent pas de réservations maintenant. Le secrétariat de l’école en sait plus.',
    'collecting' =>
        'Les souhaits viennent d’abord ici. Rien ne peut être réservé avant que chacun connaisse ses créneaux.',
    'cohort_opens' => 'Pour vous, les réservations ouvrent {moment}.',
    'not_in_it' =>
        'Cette personne n’est pas là pendant ces journées de rencontres, ou ne prend pas de réservations maintenant.',
    'not_theirs' => 'Au sujet de cet enfant, vous ne pouvez pas réserver ici.',
    'twice' => 'Cette personne figure deux fois pour un enfant.',
    'nothing_picked' => 'Cochez quelqu’un que vous voulez rencontrer.',
    'no_such_hours' => 'Ces heures n’existent pas ce jour-là.',
    'kept_heading' => '{moved, plural, =0 {Votre programme} other {Votre nouveau programme}} : {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Ce rendez-vous est à vous} other {Ces # rendez-vous sont à vous}}.} one {Vous avez déplacé # rendez-vous. {count, plural, one {Ce rendez-vous est à vous} other {Ces # rendez-vous sont à vous}} maintenant.} other {Vous avez déplacé # rendez-vous. {count, plural, one {Ce rendez-vous est à vous} other {Ces # rendez-vous sont à vous}} maintenant.}} Ouvrez vos rendez-vous pour en changer ou en annuler un.',
    'kept_to_confirm' =>
        '{count, plural, one {Ce rendez-vous vous est gardé} other {Ces # rendez-vous vous sont gardés}} une demi-heure. Un clic sur l’adresse ci-dessous et tout est réservé.',
    'kept_link' => 'Tout ce que vous avez réservé',
    'kept_confirm' => 'Oui, c’est mon adresse : réserver',
    'no_scripts' =>
        'Le programme se cherche pendant que vous regardez, ce qui demande JavaScript. Sans lui, vous réservez avec un enseignant après l’autre :',
    'published_already' =>
        'Cette session est publiée. Ce qui est commun à toutes les feuilles ne peut plus être changé ici.',
    'wished_already' => 'Des familles ont déjà envoyé des souhaits, elle reste donc publiée. Rien n’a été changé.',
    'wishes_too_late' =>
        'Les souhaits se terminent avant le premier jour de la session, pour laisser le temps de répartir.',
    'wishes_until_over' =>
        'Le moment jusqu’auquel les familles souhaitent est déjà passé. Fixez-en un plus tard, puis publiez.',
    'cohort_too_late' =>
        'Ceux-ci viennent d’abord : avant l’ouverture pour tous ; dites donc ci-dessus quand elle est.',
    'booked_already' => 'Quelqu’un a déjà réservé, elle reste donc publiée. Rien n’a été changé.',
    'changed_elsewhere' =>
        'Quelqu’un a changé cette session entre-temps. Ce que vous avez tapé est encore là ; rechargez la page pour voir l’autre version.',
    'nobody_in_it' => 'Personne n’est encore dans cette session. Choisissez des enseignants, puis publiez.',
    'all_closed' => 'L’école est fermée tous ces jours, il n’y aurait donc pas de créneaux. Rien n’a été publié.',
    'no_place' =>
        '{count, plural, one {{names} n’a pas encore de lieu : on ne le trouverait pas.} other {# n’ont pas encore de lieu, on ne les trouverait donc pas : {names}{count, plural, =2 {} =3 {} =4 {} =5 {} other { et d’autres}}.}} Rien n’a été publié.',
    'not_past' => 'La première date est déjà passée.',
    'dates_needed' =>
        'Une session a lieu à des dates. Écrivez-les comme « 12 mars, 14 mars 16:00-19:00 /10 », ou « 2027-03-09 16:00-19:00 /10 intervalle 5 ».',
    'too_long' => 'Une session tient en deux mois.',
    'too_many_hosts' => 'Au plus {most} personnes peuvent être dans une session.',
    'no_such_staff' => 'L’une de ces personnes ne travaille plus ici.',
    'no_such_class' => 'L’une de ces classes n’existe plus.',
    'look_said' =>
        '{slots, plural, one {Un créneau} other {# créneaux}} par enseignant : {all, number} pour {hosts, plural, one {un enseignant} other {# enseignants}}.',
    'look_untaught' =>
        '{count, plural, one {Un élève n’a} other {# élèves n’ont}} aucun de leurs enseignants dans cette session. Leurs familles voient tous ceux qui en sont.',
    'look_short' =>
        '{count, plural, =0 {Tous ont du temps pour tous ceux à qui ils enseignent.} one {Un enseignant a plus d’élèves que de créneaux.} other {# enseignants ont plus d’élèves que de créneaux.}}',
    'absent_on_sheet' =>
        'Cette session est publiée. Fermez les créneaux sur votre feuille : vous y voyez d’abord qui cela touche.',
    'interpreter_here' => 'L’une de ces personnes ne travaille plus ici, ou y figure deux fois pour une langue.',
    'interpreter_is_host' =>
        'Qui reçoit des familles dans cette session ne peut pas y interpréter : ses créneaux sont donnés avant que l’on sache lesquels sont libres.',
    'no_such_language' => 'Ce n’est pas une langue que nous connaissons ; écrivez son code, comme fr, ar ou uk.',
    'not_taught' => 'L’un de ces élèves n’est plus parmi ceux à qui cette personne enseigne.',
    'not_published_yet' =>
        'Cette session n’est pas encore publiée : ajoutez-les là où elle est écrite. Rien n’a été changé.',
    'it_is_over' => 'Toutes les dates de cette session sont passées. Rien n’a été changé.',
    'nobody_here' => 'Personne de ce nom ne reçoit de familles ici.',
    'has_meetings' => 'Quelqu’un a réservé avec {host}, qui reste donc. Rien n’a été changé.',
    'without_link' =>
        '{count, plural, one {{names} reçoit en vidéo et n’a pas encore de lien.} other {# reçoivent en vidéo et n’ont pas encore de lien : {names}.}}',
    'ground' =>
        '{count, plural, one {{names} a besoin} other {# familles ont besoin}} du rez-de-chaussée{count, plural, one {} other { : {names}}}.',
    'needs_ground' => 'a besoin du rez-de-chaussée',
    'due_said' =>
        '{can, plural, =0 {Personne ne recevrait de message maintenant.} one {Un responsable recevrait un message.} other {# responsables recevraient un message.}} {lately, plural, =0 {} one {Un en a reçu depuis hier.} other {# en ont reçu depuis hier.}} {cannot, plural, =0 {} one {Un n’a pas d’adresse : imprimez une carte.} other {# n’ont pas d’adresse : imprimez des cartes.}}',
    'invite_heading' =>
        '{title} : {collects, select, yes {qui voulez-vous rencontrer ?} other {choisissez vos créneaux}}',
    'remind_heading' => '{title} : nous n’avons pas encore de vos nouvelles',
    'remind_news_book' =>
        'Vous pouvez réserver des rendez-vous au sujet de {students} avec toutes les personnes qui leur enseignent, et voir comment cela s’accorde.',
    'remind_news_wish' =>
        'Vous pouvez dire qui vous voulez rencontrer au sujet de {students}, et quand vous pouvez venir, jusqu’au {moment}.',
    'remind_link' => 'Ouvrir la page',
    'remind_text' => '{title} : rendez-vous au sujet de {students}, {link}',
    'wished_gone' =>
        '{count, plural, one {Une famille a souhaité {names}, qui n’en est plus. Elle a été prévenue.} other {# familles ont souhaité {names}, qui n’en est plus. Elles ont été prévenues.}}',
    'nobody_yet' => 'Personne n’a encore réservé dans cette session.',
    'place_needed' => 'Dites où l’on vous trouve.',
    'link_needed' => 'Un rendez-vous en vidéo a besoin de son lien, qui commence par https://',
    'longer' => '{student}, plus longtemps',
];
