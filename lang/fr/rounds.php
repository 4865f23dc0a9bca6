<?php

declare(strict_types=1);

return [
    'was' => 'C’était {moment}.',
    'not_to_move' => 'Ce rendez-vous ne peut plus être déplacé.',
    'not_moved' =>
        'Quelqu’un vient de prendre un de ces créneaux : rien n’a été changé. Tout ce que vous aviez réservé reste ' .
        'en place. Regardez encore une fois le programme.',
    'back_heading' => 'Annulé : {title}',
    'back_news' =>
        '{count, plural, one {Vous avez annulé ce rendez-vous.} other {Vous avez annulé ces # rendez-vous.}} Les ' .
        'créneaux sont maintenant libres pour d’autres.',
    'back_link' => 'Réserver à nouveau',
    'only_families' =>
        'Ces journées de rencontres sont pour les familles de {school}. La carte que vous avez reçue les ouvre.',
    'day_said' =>
        '{from} – {until}, {waiting, plural, =0 {sans attente} one {# minute entre les rendez-vous} other {# ' .
        'minutes entre les rendez-vous}}.',
    'between_none' => 'juste après',
    'between_wait' => '{wait, plural, one {# minute} other {# minutes}} d’attente',
    'between_way' => '{way, plural, one {# minute} other {# minutes}} de trajet',
    'between_both' => '{way, plural, one {# minute} other {# minutes}} de trajet, {wait} d’attente',
    'left_nothing' => '{host} n’a plus de créneau libre.',
    'left_interpreter' => '{host} a des créneaux libres, mais aucun interprète de votre langue n’est libre alors.',
    'left_interpreter_stay' =>
        '{host} a des créneaux libres, mais aucun interprète de votre langue n’est libre alors ; {time} serait ' .
        'libre, si vous pouvez rester jusqu’à {until}.',
    'left_interpreter_come' =>
        '{host} a des créneaux libres, mais aucun interprète de votre langue n’est libre alors ; {time} serait ' .
        'libre, si vous pouvez venir à ce moment.',
    'left_outside' => '{host} n’a pas de créneau libre quand vous pouvez venir.',
    'left_outside_stay' =>
        '{host} n’a pas de créneau libre quand vous pouvez venir ; {time} serait libre, si vous pouvez rester ' .
        'jusqu’à {until}.',
    'left_outside_come' =>
        '{host} n’a pas de créneau libre quand vous pouvez venir ; {time} serait libre, si vous pouvez venir à ce ' .
        'moment.',
    'left_clashes' => '{host} n’est libre que pendant que vous êtes avec {others}, ou en chemin.',
    'left_clashes_stay' =>
        '{host} n’est libre que pendant que vous êtes avec {others} ; {time} est libre, si vous pouvez rester ' .
        'jusqu’à {until}.',
    'left_clashes_come' =>
        '{host} n’est libre que pendant que vous êtes avec {others} ; {time} est libre, si vous pouvez venir à ce ' .
        'moment.',
    'take_otherwise' => 'Je peux venir à {time}',
    'not_proven' =>
        'Un bon programme. Le temps qu’une page peut prendre n’a pas suffi pour savoir s’il en existe un meilleur.',
    'not_proven_meetings' =>
        '{most, plural, one {Peut-être # rendez-vous tient} other {Peut-être jusqu’à # rendez-vous tiennent}} ; le ' .
        'temps qu’une page peut prendre n’a pas suffi pour tout examiner.',
    'gone' =>
        'Quelqu’un vient de prendre {time} avec {host}. Rien n’a été réservé ; voici le meilleur programme ' .
        'suivant, les changements marqués.',
    'no_longer' =>
        'L’école a déplacé ou fermé ce créneau : {time} avec {host}. Rien n’a été réservé ; voici le meilleur ' .
        'programme suivant, les changements marqués.',
    'no_interpreter' =>
        'Plus aucun interprète n’est libre {time}, quand vous seriez avec {host}. Rien n’a été réservé ; voici le ' .
        'meilleur programme suivant, les changements marqués.',
    'have_it' =>
        'Vous avez déjà un rendez-vous avec {host} au sujet de {child}, peut-être depuis une autre page. Rien de ' .
        'plus n’a été réservé ; le programme continue à partir de ce que vous avez.',
    'child_has_it' =>
        '{apart, select, yes {Un rendez-vous avec {host} au sujet de {child} ne peut pas être réservé d’ici. Rien ' .
        'n’a été réservé ; le secrétariat de l’école en sait plus.} other {Un rendez-vous avec {host} au sujet de ' .
        '{child} est déjà réservé par une autre personne qui s’en occupe. Rien n’a été réservé ; demandez-lui, ou ' .
        'au secrétariat.}}',
    'elsewhere' =>
        '{apart, select, yes {Le créneau {time} ne peut plus être réservé. Rien n’a été réservé ; voici le ' .
        'meilleur programme suivant, les changements marqués.} other {Vous, ou {child} avec quelqu’un d’autre, ' .
        'avez maintenant un autre rendez-vous {time}. Rien n’a été réservé ; voici le meilleur programme suivant, ' .
        'les changements marqués.}}',
    'left_child' =>
        '{apart, select, yes {Un rendez-vous avec {host} au sujet de {child} ne peut pas être réservé d’ici. Le ' .
        'secrétariat de l’école en sait plus.} other {Une autre personne qui s’occupe de {child} a déjà réservé ' .
        'avec {host}.}}',
    'not_open' =>
        'Ces journées de rencontres ne prennent pas de réservations maintenant. Le secrétariat de l’école en sait ' .
        'plus.',
    'cohort_opens' => 'Pour vous, les réservations ouvrent {moment}.',
    'not_in_it' =>
        'Cette personne n’est pas là pendant ces journées de rencontres, ou ne prend pas de réservations ' .
        'maintenant.',
    'not_theirs' => 'Au sujet de cet enfant, vous ne pouvez pas réserver ici.',
    'twice' => 'Cette personne figure deux fois pour un enfant.',
    'nothing_picked' => 'Cochez quelqu’un que vous voulez rencontrer.',
    'no_such_hours' => 'Ces heures n’existent pas ce jour-là.',
    'kept_heading' => '{moved, plural, =0 {Votre programme} other {Votre nouveau programme}} : {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Ce rendez-vous est à vous} other {Ces # rendez-vous sont à ' .
        'vous}}.} one {Vous avez déplacé # rendez-vous. {count, plural, one {Ce rendez-vous est à vous} other {Ces ' .
        '# rendez-vous sont à vous}} maintenant.} other {Vous avez déplacé # rendez-vous. {count, plural, one {Ce ' .
        'rendez-vous est à vous} other {Ces # rendez-vous sont à vous}} maintenant.}} Ouvrez vos rendez-vous pour ' .
        'en changer ou en annuler un.',
    'kept_to_confirm' =>
        '{count, plural, one {Ce rendez-vous vous est gardé} other {Ces # rendez-vous vous sont gardés}} une ' .
        'demi-heure. Un clic sur l’adresse ci-dessous et tout est réservé.',
    'kept_link' => 'Tout ce que vous avez réservé',
    'kept_confirm' => 'Oui, c’est mon adresse : réserver',
    'no_scripts' =>
        'Le programme se cherche pendant que vous regardez, ce qui demande JavaScript. Sans lui, vous réservez ' .
        'avec un enseignant après l’autre :',
    'invite_heading' =>
        '{title} : {collects, select, yes {qui voulez-vous rencontrer ?} other {choisissez vos créneaux}}',
    'remind_heading' => '{title} : nous n’avons pas encore de vos nouvelles',
    'remind_news_book' =>
        'Vous pouvez réserver des rendez-vous au sujet de {students} avec toutes les personnes qui leur ' .
        'enseignent, et voir comment cela s’accorde.',
    'remind_news_wish' =>
        'Vous pouvez dire qui vous voulez rencontrer au sujet de {students}, et quand vous pouvez venir, jusqu’au ' .
        '{moment}.',
    'remind_link' => 'Ouvrir la page',
    'remind_text' => '{title} : rendez-vous au sujet de {students}, {link}',
];
