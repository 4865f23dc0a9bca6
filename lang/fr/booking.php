<?php

declare(strict_types=1);

return [
    'way' => 'Voir le chemin vers {place}',
    'letter_row' =>
        '{host}, {where}{directions, select, none {} other { ({directions})}}{student, select, none {} other { – au sujet de {student}}}{interpreter, select, none {} other { – interprète : {interpreter}}}',
    'not_as_filled_in' =>
        '{phone, select, none {Cela n’est pas possible tel que c’est rempli. Ce que vous avez écrit est conservé. Si un rendez-vous est déjà réservé, ouvrez-le depuis le message que vous avez reçu ; ou demandez au secrétariat.} other {Cela n’est pas possible tel que c’est rempli. Ce que vous avez écrit est conservé. Si un rendez-vous est déjà réservé, ouvrez-le depuis le message que vous avez reçu ; ou appelez le secrétariat, {phone}.}}',
    'not_as_filled_in_letter' =>
        '{phone, select, none {Ce créneau ne peut pas être réservé tel que c’est rempli. Ce que vous avez écrit est conservé. Si vous avez déjà réservé avec cette adresse, un message avec vos rendez-vous part vers elle ; ou demandez au secrétariat.} other {Ce créneau ne peut pas être réservé tel que c’est rempli. Ce que vous avez écrit est conservé. Si vous avez déjà réservé avec cette adresse, un message avec vos rendez-vous part vers elle ; ou appelez le secrétariat, {phone}.}}',
    'against' => [
        'visitor_enough' =>
            'Vous avez déjà réservé ici, sur une autre de vos pages. Ouvrez « Vos rendez-vous » depuis le message reçu pour changer.',
        'visitor_elsewhere' =>
            'Vous avez un autre rendez-vous à ce moment, ou trop proche. Choisissez un autre créneau.',
        'student_enough' =>
            'Il y a déjà un créneau au sujet de {student} ici. Une autre personne qui s’occupe de {student} l’a réservé. Vous pouvez demander à y participer.',
        'student_elsewhere' =>
            'Il y a un autre rendez-vous au sujet de {student} à ce moment, ou trop proche. Choisissez un autre créneau.',
    ],
    'no_link_yet' =>
        'Votre rendez-vous avec {name}, {when}, n’a pas encore de lien vidéo. Ajoutez-le sur la feuille « {sheet} ».',
    'busy_over' =>
        'Votre calendrier « {calendar} » a maintenant quelque chose pendant votre rendez-vous avec {name}, {when}. Le rendez-vous tient ; déplacez-le ou annulez-le si vous ne pouvez pas venir.',
    'letters_waiting' =>
        '{count, plural, one {Un message ne part pas} other {# messages ne partent pas}}, et {count, plural, one {est réessayé} other {sont réessayés}} pendant trois jours : à {to}{more, plural, =0 {} one { et une autre adresse} other { et # autres adresses}}. Le serveur de messagerie dit « {why} ». Qui s’occupe du serveur peut y remédier.',
    'letters_given_up' =>
        '{count, plural, one {Un message n’est jamais parti} other {# messages ne sont jamais partis}} : à {to}{more, plural, =0 {} one { et une autre adresse} other { et # autres adresses}}. Le serveur de messagerie a dit « {why} ». Joignez {count, plural, one {son destinataire} other {leurs destinataires}} autrement.',
    'mail_failed' =>
        '{phone, select, none {Un message à {name} ({email}) n’est pas arrivé. Aucun numéro de téléphone n’a été donné.} other {Un message à {name} ({email}) n’est pas arrivé. Son numéro de téléphone : {phone}.}}',
    'only_families' =>
        'Ces créneaux sont pour les familles que {school} connaît. Ouvrez-les par le lien de votre message, depuis vos rendez-vous, ou avec le code de votre carte.',
    'only_staff' => 'Cette page est pour les personnes qui travaillent à {school}.',
    'only_anyone' => 'Tout le monde peut ouvrir cette page.',
    'sheet_with' => 'avec {host}',
    'staff_come_in' => 'Se connecter et voir les créneaux',
    'card_title' => 'Vous avez une carte avec un code',
    'card_code' => 'Le code de votre carte',
    'card_open' => 'Ouvrir',
    'card_unknown' => 'Aucune carte n’a ce code. Vérifiez-le : il a dix lettres et chiffres.',
    'card_too_often' => 'Trop de codes ont été essayés d’ici. Attendez une heure, ou ouvrez le lien de votre message.',
    'card_none' =>
        '{phone, select, none {Ni carte ni message ? Appelez le secrétariat.} other {Ni carte ni message ? Appelez le secrétariat, {phone}.}}',
    'no_line' =>
        '{phone, select, none {Personne ne peut être mis sur la liste d’attente pour le moment. Revenez plus tard, ou appelez le secrétariat.} other {Personne ne peut être mis sur la liste d’attente pour le moment. Revenez plus tard, ou appelez le secrétariat, {phone}.}}',
    'line_is_long' =>
        '{phone, select, none {La liste d’attente est aussi longue qu’elle peut l’être. Revenez plus tard, ou appelez le secrétariat.} other {La liste d’attente est aussi longue qu’elle peut l’être. Revenez plus tard, ou appelez le secrétariat, {phone}.}}',
    'not_answered' =>
        '{phone, select, none {Il n’y a pas eu de réponse à temps : le créneau est de nouveau libre. Choisissez-en un autre, ou appelez le secrétariat.} other {Il n’y a pas eu de réponse à temps : le créneau est de nouveau libre. Choisissez-en un autre, ou appelez le secrétariat, {phone}.}}',
    'not_confirmed' => 'L’adresse e-mail n’a pas répondu à temps.',
    'other_host' => 'À {time}, ce serait avec {host}. Confirmez d’un clic de plus, ou choisissez un autre créneau.',
    'has_begun' => 'Ce rendez-vous a commencé ou est terminé : il ne peut plus être déplacé ni annulé.',
    'next_free' => 'libre {when}',
    'next_opens' => 'ouvre {when}',
    'next_taken' => 'tous les créneaux sont pris',
    'next_over' => 'plus de créneaux pour le moment',
    'pick' => 'Choisissez un créneau',
    'free' => '{free, plural, one {# libre} other {# libres}}',
    'free_here' => '{free, plural, one {# libre ces jours-là} other {# libres ces jours-là}}',
    'clock' => 'Horloge de 12 heures',
    'slot' => [
        'taken' => '{from} – {until} pris',
        'busy' => '{from} – {until} indisponible',
        'too soon' => '{from} – {until} trop proche pour être réservé',
        'not yet open' => '{from} – {until} pas encore ouvert',
        'closed' => '{from} – {until} clos',
        'past' => '{from} – {until} passé',
    ],
    'earliest' => 'Au plus tôt :',
    'parts' => 'Moment de la journée',
    'part' => [
        'any' => 'Toute la journée : {free, number}',
        'morning' => 'Le matin : {free, number}',
        'afternoon' => 'L’après-midi : {free, number}',
        'late' => 'Dès {from} : {free, number}',
    ],
    'day_none' => 'Rien n’est libre ce jour-là.',
    'times' => [
        'free' =>
            '{free, plural, =1 {Choisissez un créneau : un est libre} one {Choisissez un créneau : # est libre} other {Choisissez un créneau : # sont libres}}',
        'taken' => 'Tous les créneaux sont pris',
        'opens' => 'Ouvre {opens}',
        'enough' => 'Vous avez déjà réservé ici',
        'too late' => 'Les réservations sont closes pour les créneaux qui restent',
        'over' => 'Aucun autre créneau n’est prévu pour le moment',
    ],
    'sheet_title' => '{sheet} avec {host}',
    'state' => [
        'kept' =>
            'Gardé jusqu’à {until}. Cliquez sur le bouton du message envoyé à votre adresse e-mail, et c’est réservé.',
        'asked' => 'Demandé. Le créneau vous est réservé jusqu’à {until} au plus tard.',
        'booked' => 'Réservé.',
        'declined' => 'Refusé.',
        'cancelled' => 'Annulé.',
    ],
    'undo' => [
        'given back' => 'Ce rendez-vous est annulé.',
        'moved' => 'Le rendez-vous est déplacé.',
        'guest left' => 'Cette personne ne vient pas.',
        'guest brought' => 'Cette personne est invitée.',
    ],
    'office' =>
        '{phone, select, none {Besoin d’aide ? Appelez le secrétariat de l’école.} other {Besoin d’aide ? Appelez le secrétariat de l’école : {phone}.}}',
    'handout' =>
        '{phone, select, none {Si vous ne pouvez pas, appelez le secrétariat : il réserve pour vous.} other {Si vous ne pouvez pas, appelez le secrétariat, {phone} : il réserve pour vous.}}',
    'slip' =>
        '{phone, select, none {Si vous ne pouvez pas venir, appelez le secrétariat : le créneau fera plaisir à quelqu’un d’autre.} other {Si vous ne pouvez pas venir, appelez le secrétariat, {phone} : le créneau fera plaisir à quelqu’un d’autre.}}',
    'notice' =>
        '{phone, select, none {Aucun compte n’est nécessaire. Ou demandez au secrétariat : il réserve pour vous.} other {Aucun compte n’est nécessaire. Ou appelez le secrétariat, {phone} : il réserve pour vous.}}',
    'look_again' => 'Quelque chose est à revoir. Rien n’est perdu.',
    'line_sent' =>
        'Nous vous avons envoyé un message. Cliquez sur son bouton, et nous vous préviendrons quand un créneau se libère. Quand ce sera votre tour, le créneau vous sera gardé un moment.',
    'confirm_first' =>
        'Ce créneau vous est seulement gardé. Cliquez sur le bouton du message envoyé à votre adresse ; il sera alors réservé et pourra être changé.',
    'still_needed' =>
        'Quelqu’un a réservé sur cette feuille, elle reste donc. Rangez-la plutôt : elle quitte votre liste et ne prend plus de réservations.',
    'undo_late' => 'Il est trop tard pour revenir en arrière : les personnes concernées ont été prévenues.',
    'undo_taken' => 'Impossible de revenir en arrière : quelqu’un a été plus rapide. Choisissez un autre créneau.',
    'address_subject' => 'Est-ce votre adresse e-mail ?',
    'address_news' =>
        'Cette adresse a été donnée pour des rendez-vous à {school}. Était-ce vous ? Cliquez sur le bouton, et les messages y arriveront désormais. Sinon, ne faites rien. Vous n’entendrez plus parler de nous.',
    'address_press' => 'Oui, c’est mon adresse',
    'address_asked' => '{email} est-elle votre adresse ?',
    'address_asked_more' =>
        'Un clic, et les messages sur vos rendez-vous y arrivent ; ce qui vous est gardé est réservé en même temps.',
    'address_done' => 'Merci. Les messages vont à {email}.',
    'address_moved_subject' => 'Les messages sur vos rendez-vous vont à une autre adresse',
    'address_moved_news' =>
        '{phone, select, none {Les messages sur vos rendez-vous vont désormais à {email}. Si ce n’était pas vous, ouvrez vos rendez-vous et donnez à la page une nouvelle adresse, ou appelez le secrétariat.} other {Les messages sur vos rendez-vous vont désormais à {email}. Si ce n’était pas vous, ouvrez vos rendez-vous et donnez à la page une nouvelle adresse, ou appelez le secrétariat, {phone}.}}',
    'join_subject' => '{name} voudrait venir aussi',
    'join_news' =>
        '{name} demande à participer à ce rendez-vous. Ouvrez vos rendez-vous pour l’ajouter. Ou ne faites rien : rien ne lui sera dit.',
    'open_pass' => 'Ouvrir vos rendez-vous',
    'to_pass' => 'Vers vos rendez-vous',
    'dear' => 'Bonjour {name},',
    'line_subject' => 'Voulez-vous un message quand {host} a un créneau libre ?',
    'line_news' =>
        'Quelqu’un a demandé qu’on prévienne cette adresse quand un créneau est libre. Était-ce vous ? Cliquez sur le bouton. Sinon, ne faites rien. Vous n’entendrez plus parler de nous.',
    'line_press' => 'Oui, prévenez-moi quand un créneau est libre',
    'line_asked' => 'Voulez-vous un message quand un créneau est libre ?',
    'line_asked_more' =>
        'Quand quelqu’un rend un créneau et que c’est votre tour, il vous est gardé un moment et un message arrive.',
    'wants_heading' => 'Ce qui vous conviendrait',
    'wants_when' => 'Quand',
    'wants_any_time' => 'Toute la journée',
    'wants_morning' => 'Le matin',
    'wants_afternoon' => 'L’après-midi, avant seize heures',
    'wants_late' => 'Plus tard, à partir de seize heures',
    'wants_where' => 'Où',
    'wants_anywhere' => 'N’importe où',
    'wants_with' => 'Avec',
    'wants_anybody' => 'N’importe qui',
    'wants_only' => 'Ne me proposer que ceux-là',
    'wants_tell_me' => 'Prévenez-moi quand un créneau est libre',
    'line_in' =>
        '{before, plural, =0 {Vous êtes en premier.} =1 {Vous êtes en deuxième.} one {# personne est avant vous.} other {# personnes sont avant vous.}}',
    'line_in_more' =>
        'Quand un créneau se libère et que c’est votre tour, il vous est gardé un moment et un message arrive. Les créneaux libres de toute façon peuvent être réservés comme toujours.',
    'line_offered' => 'Un créneau vous est gardé : {when}. Vous pouvez le prendre jusqu’à {until}.',
    'line_offered_more' =>
        'Ouvrez le message reçu pour le prendre. Si vous le laissez passer, les autres sont d’abord prévenus ; la deuxième fois, on ne vous le propose plus.',
    'line_out' => 'Vous ne recevez plus de messages sur les créneaux libres.',
    'line_leave' => 'Ne plus me prévenir',
    'line_decline' => 'Non, merci : pas cette fois',
    'offer_heading' => 'Un créneau est libre : {when} avec {host}',
    'offer_news' => 'Un créneau est libre. Il vous est gardé jusqu’à {until}.',
    'offer_take' => 'Prendre ce créneau',
    'offer_decline' => 'Non, merci',
    'offer_what' => 'Quoi',
    'offer_when' => 'Quand',
    'offer_with' => 'Avec',
    'line_see' => 'Voir les créneaux',
    'pass_renewed_heading' => 'Vos rendez-vous : une nouvelle adresse privée',
    'pass_renewed' =>
        '{why, select, together {Tout ce que vous avez réservé est maintenant sur une seule page, et la page a une nouvelle adresse. Les anciens liens n’ouvrent plus rien.} card {La page privée de vos rendez-vous a une nouvelle adresse. Vous avez une nouvelle carte, et ce qui était sur l’ancienne ne marche plus. Vos rendez-vous sont inchangés.} other {La page privée de vos rendez-vous a une nouvelle adresse. L’ancienne figurait dans un fichier de calendrier qu’une personne ajoutée par vous pouvait ouvrir : elle ne marche donc plus. Vos rendez-vous sont inchangés.}} Les anciennes entrées de calendrier ne permettent plus de répondre depuis votre calendrier : utilisez cette page.',
    'pass_renewed_link' => 'Vos rendez-vous',
    'pass_renewed_host' =>
        'La page privée de {who} a une nouvelle adresse, et nous n’avons pas d’e-mail pour l’en informer. Réimprimez son billet et remettez-le-lui.',
    'everything' =>
        'Ce lien ne concerne qu’une partie de ce que vous avez réservé. Le tout s’ouvre depuis votre boîte aux lettres.',
    'everything_press' => 'M’envoyer un lien vers tout',
    'everything_sent' =>
        'Un message part vers l’adresse e-mail que nous avons de vous. Ouvrez-le et cliquez sur son bouton dans les trois jours : vous verrez alors tout ce que vous avez réservé.',
    'everything_office' =>
        '{phone, select, none {Nous n’avons pas d’adresse e-mail de vous pour envoyer un lien. Appelez le secrétariat si vous en avez besoin.} other {Nous n’avons pas d’adresse e-mail de vous pour envoyer un lien. Appelez le secrétariat si vous en avez besoin : {phone}.}}',
    'open_everything' => 'Tout ce que vous avez réservé',
    'open_everything_more' => 'Cliquez sur le bouton, et cette page saura que le message vous est parvenu.',
    'open_everything_press' => 'Tout ouvrir',
    'also_with' => '{kind, select, any {ou {any}} must {et {must}} other {ou {any}, et avec {must}}}',
    'together' =>
        '{pages, plural, one {Il existe # autre page avec votre nom et cette adresse.} other {Il existe # autres pages avec votre nom et cette adresse.}} {meetings, plural, =0 {Aucun rendez-vous n’y est à venir.} one {# rendez-vous y figure.} other {# rendez-vous y figurent.}}',
    'together_more' =>
        'Vous pouvez tout avoir sur une seule page. Les liens des anciens messages n’ouvrent alors plus rien ; un nouveau message vous apporte le nouveau lien.',
    'together_press' => 'Tout mettre sur une page',
    'together_done' => 'Tout est sur une page',
    'together_left' => 'Tout n’a pas pu être mis sur une page',
    'together_apart' =>
        '{pages, plural, one {# page reste à part.} other {# pages restent à part.}} Ce qui figure sur les deux ne peut pas être réuni : une place sur la même liste d’attente, des souhaits pour les mêmes journées, ou le même rendez-vous. Retirez-le sur l’une des deux, puis cliquez à nouveau.',
    'address_moved_link' => 'La page de l’école',
    'needs_address' =>
        '{phone, select, none {Beaucoup de créneaux ont été réservés ici sans adresse e-mail. Donnez-en une, pour qu’elle puisse répondre.} other {Beaucoup de créneaux ont été réservés ici sans adresse e-mail. Donnez-en une, pour qu’elle puisse répondre ; ou appelez le secrétariat, {phone}.}}',
    'many_wait' =>
        '{phone, select, none {Quelques créneaux sont gardés ici en ce moment pour des adresses de votre réseau qui n’ont pas encore répondu. Cliquez sur le bouton du message envoyé à la vôtre, ou réessayez dans une demi-heure. Ce que vous avez écrit est conservé.} other {Quelques créneaux sont gardés ici en ce moment pour des adresses de votre réseau qui n’ont pas encore répondu. Cliquez sur le bouton du message envoyé à la vôtre, ou réessayez dans une demi-heure ; ou appelez le secrétariat, {phone}. Ce que vous avez écrit est conservé.}}',
    'good_day' => 'Bonjour,',
    'interpreter_gone' =>
        'Plus personne n’interprète à votre rendez-vous avec {name}, {when} : l’interprète est parti, et aucun autre de cette langue n’est libre alors.',
    'again_title' => 'Où sont mes rendez-vous ?',
    'again_address' => 'L’adresse e-mail de votre réservation',
    'again_press' => 'Me les renvoyer',
    'again_sent' =>
        'Si des rendez-vous sont réservés pour cette adresse, un message avec vos rendez-vous part vers elle. Regardez dans vos e-mails, et aussi parmi les indésirables.',
    'again_back' => 'Toute notre équipe',
    'left' => 'Vous ne venez plus à « {title} » {when}. {visitor} peut vous ajouter à nouveau.',
    'link' => [
        'kept' => 'Le lien arrive quand le créneau est réservé.',
        'asked' => 'Le lien arrive quand votre demande est acceptée.',
        'later' => 'Le lien arrive plus tard. Un message vous prévient quand il est là.',
        'before' =>
            '{where, select, here {Le lien apparaît ici} other {Le lien apparaît sur la page de vos rendez-vous}} {minutes, plural, one {# minute} other {# minutes}} avant le rendez-vous.',
        'called' =>
            '{where, select, here {Le lien apparaît ici} other {Le lien apparaît sur la page de vos rendez-vous}} quand on vous appelle.',
    ],
    'key_reused' =>
        'Ce formulaire a déjà été envoyé avec d’autres réponses. Le premier envoi compte. Rechargez la page pour réserver un autre créneau.',
    'no_such_time' => 'Il n’y a pas de tel créneau ici.',
    'these_free' =>
        '{count, plural, =0 {Rien d’autre n’est libre ici en ce moment.} one {{times} est libre.} other {{times} sont libres.}}',
    'guests_none' => 'Aucun invité n’est prévu à ces rendez-vous.',
    'guests_enough' => 'Il y a déjà autant d’invités que possible.',
    'guest_already' => 'Cette personne vient déjà.',
    'find_title' => 'Trouver un créneau',
    'board_title' => 'Rencontrer notre équipe',
    'pass_title' => 'Vos rendez-vous',
];
