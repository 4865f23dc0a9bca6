<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {Réservé} please_confirm {À confirmer} lapsed {Expiré} asked {Demandé} accepted {Accepté} maybe {Peut-être} declined {Refusé} moved {Déplacé} moved_away {Déplacé ailleurs} cancelled {Annulé} link_added {Lien ajouté} link_changed {Lien changé} place_changed {Lieu changé} answers_changed {Réponses changées} reminder {Rappel} guest_brought {Invité ajouté} guest_left {Invité retiré} other {}} : {date} {time} avec {with} – {title}',
    'booked' => [
        'host' =>
            '{who, select, you {Vous avez réservé ce créneau pour {visitor}.} office {Le secrétariat a réservé un créneau avec vous pour {visitor}.} visitor {{visitor} a réservé un créneau avec vous.} other {{name} a réservé un créneau avec vous pour {visitor}.}}',
        'visitor' =>
            '{who, select, office {Le secrétariat a réservé ce créneau pour vous.} host {{name} a réservé ce créneau pour vous.} colleague {{name} a réservé ce créneau pour vous.} other {Ce créneau est à vous.}}',
        'guest' => '{visitor} vous a ajouté à ce rendez-vous.',
    ],
    'please_confirm' => [
        'visitor' =>
            'Ce créneau vous est gardé jusqu’à {until}. Cliquez sur le bouton et il est réservé. Si vous n’avez rien demandé, ne faites rien : il redevient libre.',
    ],
    'lapsed' => [
        'visitor' => 'Ce créneau vous était gardé. Il est de nouveau libre.',
    ],
    'moved_away' => [
        'host' => 'Ce rendez-vous est maintenant avec {host}, à une autre heure. Votre créneau est de nouveau libre.',
    ],
    'asked' => [
        'host' => '{visitor} demande un créneau avec vous. Il est gardé jusqu’au {until}.',
        'visitor' =>
            'Vous avez demandé ce créneau. Il vous est réservé jusqu’à la réponse de {host}, au plus tard {until}.',
        'guest' => '{visitor} a demandé ce créneau. Il est réservé jusqu’à la réponse de {host}, au plus tard {until}.',
    ],
    'accepted' => [
        'host' =>
            '{who, select, you {Vous avez dit oui à {visitor}.} visitor {{visitor} a pris le créneau que vous avez proposé.} other {{name} a dit oui à {visitor}.}}',
        'visitor' => '{who, select, you {Ce créneau est à vous.} other {{name} a dit oui. Ce créneau est à vous.}}',
        'guest' =>
            '{who, select, visitor {{visitor} a pris ce créneau.} other {{name} a dit oui.}} Le rendez-vous a lieu.',
    ],
    'maybe' => [
        'host' =>
            '{who, select, you {Vous avez dit « pas encore sûr » à {visitor}.} other {{name} a dit « pas encore sûr » à {visitor}.}}',
        'visitor' => '{name} ne sait pas encore. Le créneau vous est gardé jusqu’à {until}.',
        'guest' => '{name} ne sait pas encore. Le créneau est gardé jusqu’à {until}.',
    ],
    'declined' => [
        'host' => '{who, select, you {Vous avez dit non à {visitor}.} other {{name} a dit non à {visitor}.}}',
        'visitor' => '{host} ne peut pas vous recevoir à ce moment. D’autres créneaux sont peut-être libres.',
        'guest' => '{host} n’est pas disponible à ce moment. Le rendez-vous n’a pas lieu.',
    ],
    'moved' => [
        'host' =>
            '{who, select, you {Vous avez déplacé ce rendez-vous.} office {Le secrétariat a déplacé ce rendez-vous.} other {{name} a déplacé ce rendez-vous.}} Voici le nouveau créneau.',
        'visitor' =>
            '{held, select, yes {Le créneau que vous avez demandé a changé. Il vous est réservé jusqu’à la réponse de {host}, au plus tard {until}.} other {{who, select, you {Vous avez déplacé ce rendez-vous.} office {Le secrétariat a déplacé ce rendez-vous.} host {{name} a dû déplacer ce rendez-vous.} colleague {{name} a dû déplacer ce rendez-vous.} other {{name} a déplacé ce rendez-vous.}} Voici le nouveau créneau.}}',
        'guest' =>
            '{who, select, you {Vous avez déplacé ce rendez-vous.} office {Le secrétariat a déplacé ce rendez-vous.} host {{name} a dû déplacer ce rendez-vous.} colleague {{name} a dû déplacer ce rendez-vous.} other {{name} a déplacé ce rendez-vous.}} Voici le nouveau créneau.',
    ],
    'cancelled' => [
        'host' =>
            '{who, select, you {Vous avez annulé ce rendez-vous.} office {Le secrétariat a annulé ce rendez-vous.} other {{name} a annulé ce rendez-vous.}} Le créneau est de nouveau libre.',
        'visitor' =>
            '{who, select, you {Vous avez annulé ce rendez-vous. Le créneau est maintenant libre pour d’autres.} office {Le secrétariat a annulé ce rendez-vous.} host {{name} a dû annuler ce rendez-vous. Nous en sommes désolés.} colleague {{name} a dû annuler ce rendez-vous. Nous en sommes désolés.} other {{name} a annulé ce rendez-vous.}}',
        'guest' =>
            '{who, select, you {Vous avez annulé ce rendez-vous. Le créneau est maintenant libre pour d’autres.} office {Le secrétariat a annulé ce rendez-vous.} host {{name} a dû annuler ce rendez-vous. Nous en sommes désolés.} colleague {{name} a dû annuler ce rendez-vous. Nous en sommes désolés.} other {{name} a annulé ce rendez-vous.}}',
    ],
    'link_added' => [
        'host' => 'Le lien vidéo est là.',
        'visitor' => 'Le lien vidéo de ce rendez-vous est là.',
        'guest' => 'Le lien vidéo de ce rendez-vous est là.',
    ],
    'link_changed' => [
        'host' => 'Le lien vidéo de ce rendez-vous a changé. L’ancien ne marche plus.',
        'visitor' => 'Le lien vidéo de ce rendez-vous a changé. L’ancien ne marche plus.',
        'guest' => 'Le lien vidéo de ce rendez-vous a changé. L’ancien ne marche plus.',
    ],
    'place_changed' => [
        'host' => 'Ce rendez-vous a maintenant lieu ailleurs.',
        'visitor' => 'Ce rendez-vous a maintenant lieu ailleurs.',
        'guest' => 'Ce rendez-vous a maintenant lieu ailleurs.',
    ],
    'answers_changed' => [
        'host' => '{name} a changé ses réponses.',
    ],
    'reminder' => [
        'host' => 'Ce rendez-vous est {when}.',
        'visitor' => 'Ce rendez-vous a lieu {when}.',
        'guest' => 'Ce rendez-vous a lieu {when}.',
    ],
    'guest_brought' => [
        'host' => '{name} a ajouté {guest} à ce rendez-vous.',
        'visitor' =>
            '{who, select, you {Vous avez ajouté {guest} à ce rendez-vous.} other {{name} a ajouté {guest} à ce rendez-vous.}} Cette personne reçoit sa propre page privée.',
        'about' => '{name} vous a ajouté à ce rendez-vous.',
        'guest' => '{name} a ajouté {guest} à ce rendez-vous.',
    ],
    'guest_left' => [
        'host' => '{guest} ne vient plus à ce rendez-vous. Le rendez-vous lui-même reste.',
        'visitor' =>
            '{who, select, you {Vous avez retiré {guest} de ce rendez-vous.} other {{guest} ne vient plus à ce rendez-vous.}} Le rendez-vous lui-même est maintenu.',
        'about' =>
            '{who, select, you {Vous ne venez plus à ce rendez-vous.} other {{name} vous a retiré de ce rendez-vous.}} Le rendez-vous lui-même est maintenu.',
        'guest' => '{guest} ne vient plus à ce rendez-vous. Le rendez-vous lui-même est maintenu.',
    ],
    'sitting' => [
        'heading' => '{count} rendez-vous réservés : {school}',
        'news' => 'Ces {count, number} créneaux sont à vous.',
        'press' =>
            '{may, select, change {Déplacer ou annuler {time}, {host}} cancel {Annuler {time}, {host}} other {Voir {time}, {host}}}',
        'another' => 'Réserver un autre créneau',
    ],
    'link' => [
        'answer' => 'Répondre à cette demande',
        'everybody' => 'Voir tous ceux qui ont réservé',
        'another' => 'Choisir un autre créneau',
        'confirm' => 'Oui, c’est mon adresse : réserver',
        'change' => 'Vos rendez-vous : voir, déplacer ou annuler',
        'cancel' => 'Vos rendez-vous : voir ou annuler',
        'look' => 'Vos rendez-vous',
    ],
    'off' => [
        'declined' => '{host} ne peut pas vous recevoir à ce moment.',
        'cancelled' =>
            '{who, select, you {Vous avez annulé ce rendez-vous. Le créneau est maintenant libre pour d’autres.} office {Le secrétariat a annulé ce rendez-vous.} host {{name} a dû annuler ce rendez-vous.} colleague {{name} a dû annuler ce rendez-vous.} other {{name} a annulé ce rendez-vous.}}',
        'by' => '{who, select, office {par le secrétariat} other {par {name}}}',
    ],
    'digest_heading' => 'Vos rendez-vous : {times, plural, one {# créneau a} other {# créneaux ont}} du nouveau',
    'digest' => 'Voici ce qui est nouveau depuis hier.',
    'digest_link' => 'Voir vos feuilles',
    'digest_line' =>
        '{state, select, booked {réservé} asked {demandé, attend votre réponse} cancelled {annulé} kept {pas encore confirmé} declined {refusé} other {}} : {who}{about, select, none {} other {, au sujet de {student}}}',
    'again_heading' => 'Vos rendez-vous',
    'again' => 'Voici vos rendez-vous.',
    'again_other' => 'Et {number}',
    'was' => 'N’a plus lieu',
    'that_day' => 'Aussi ce jour-là',
    'free_now' => 'Libres en ce moment',
];
