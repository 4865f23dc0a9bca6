<?php

declare(strict_types=1);

return [
    'title' => 'Ce que l’on vous demande',
    'on_board' => 'Demander un autre rendez-vous',
    'on_board_next' => 'quand vous êtes libres tous les deux',
    'ask_title' => 'Demander un rendez-vous à {host}',
    'closed' =>
        'On ne peut pas demander d’autre rendez-vous à {host} pour le moment. Ce qui peut être réservé est sur sa page.',
    'no_scripts' =>
        'Pour demander un autre rendez-vous, cette page a besoin de JavaScript. {phone, select, none {Le secrétariat de l’école vous aide aussi.} other {Le secrétariat de l’école le fait pour vous : {phone}.}}',
    'kept_for' =>
        'Vos créneaux vous sont gardés jusqu’à la réponse, {hours, plural, one {# heure} other {# heures}} au plus.',
    'calendar_read' =>
        '{count, plural, =0 {Votre calendrier dit que vous n’avez rien de prévu.} one {# moment occupé a été lu dans votre calendrier.} other {# moments occupés ont été lus dans votre calendrier.}} {skipped, plural, =0 {} one {# entrée n’a pas pu être lue.} other {# entrées n’ont pas pu être lues.}}',
    'own_not_read' => 'Ce qui a été lu de votre calendrier n’est plus compréhensible. Relisez-le.',
    'feed_address' => 'L’adresse d’un calendrier commence par https://, http:// ou webcal://.',
    'feed_or_file' => 'Donnez l’adresse de votre calendrier, ou choisissez un fichier.',
    'file_size' => 'Un fichier de calendrier fait 10 Mo au plus.',
    'work_address' => 'Une adresse commence par https:// ou http://, par exemple https://docs.example.org/essay.',
    'no_choice' => 'Placez au moins un créneau sur les règles.',
    'three_choices' => 'Trois créneaux suffisent.',
    'no_such_length' =>
        '{minutes, plural, one {Un rendez-vous de # minute} other {Un rendez-vous de # minutes}} ne peut pas être demandé ici. Choisissez une des durées ci-dessus.',
    'outside' => 'Ce créneau est en dehors des heures où l’on peut demander. Choisissez-en un sur la bande verte.',
    'not_free' => 'Vous n’êtes pas libre alors, ou quelqu’un d’autre qui doit être là ne l’est pas.',
    'choices_overlap' => 'Ce créneau en chevauche un autre de vos choix.',
    'not_together' => 'Ces personnes ne peuvent pas être demandées ensemble pour le moment. Demandez à une seule.',
    'gone' =>
        '{time} vient d’être pris. {count, plural, =0 {Rien de proche n’est libre pour vous tous ; regardez d’autres jours.} one {{times} est libre pour vous tous. Rien n’a été envoyé ; votre texte est encore là.} other {{times} sont libres pour vous tous. Rien n’a été envoyé ; votre texte est encore là.}}',
    'enough_of_yours' =>
        'Vous avez déjà {most, plural, one {# demande ouverte} other {# demandes ouvertes}}. Elles sont avec vos rendez-vous. Quand l’une aura sa réponse, vous pourrez redemander.',
    'enough_of_theirs' =>
        '{host} a autant de demandes ouvertes qu’il est possible d’en traiter. Rien n’a été envoyé. Réessayez dans un jour ou deux, ou réservez un créneau sur sa page.',
    'over' =>
        'Cette demande n’est plus ouverte : elle a reçu sa réponse, ou a été retirée, ou son délai est passé. Rien n’a été changé.',
    'not_asked' => 'Cette demande n’attend pas votre réponse en ce moment. Rien n’a été changé.',
    'no_such_time' => 'Ce créneau n’est plus parmi ceux qui sont demandés. Regardez encore ; rien n’a été changé.',
    'begun' => 'Ce créneau a déjà commencé. Dites oui à un autre, ou proposez d’autres créneaux.',
    'closed_day' => 'L’école est désormais fermée ce jour-là. Proposez d’autres créneaux ; rien n’a été changé.',
    'too_near_for_maybe' =>
        'C’est trop proche pour un peut-être : qui demande doit savoir deux heures avant. Dites oui ou non.',
    'cannot_be_had' =>
        'Autre chose empêche maintenant ce créneau, de votre côté ou du leur. Rien n’a été changé ; nommez d’autres créneaux.',
    'not_offered' => 'Ce créneau n’est plus proposé. Rien n’a été changé.',
    'move_by_asking' =>
        'Ce créneau a été convenu avec {host}. Pour en avoir un autre, demandez à nouveau à {host} sur sa page, et rendez celui-ci une fois l’autre convenu.',
    'no_place' => 'Dites où vous recevez : au moins un lieu.',
    'no_hours' =>
        'Aucun jour ne peut contenir même le rendez-vous le plus court. Dites entre quelles heures on peut vous demander.',
    'host_asked' => 'Gardé jusqu’au {until}.',
    'host_maybe' => 'Vous avez dit peut-être. Gardé jusqu’au {until} ; on vous le redemande la veille.',
    'host_proposed' => 'D’autres créneaux sont proposés, et gardés jusqu’au {until}. C’est à l’autre d’en choisir un.',
    'other_none' => '{host} n’a pas encore répondu',
    'other_accepted' => '{host} a dit oui',
    'other_maybe' => '{host} a dit peut-être',
    'other_declined' => '{host} a dit non',
    'over_accepted' => 'Convenu : {when}',
    'over_declined' => 'Refusé',
    'over_lapsed' => 'Sans réponse à temps',
    'over_taken_back' => 'La demande est retirée',
    'pass_unconfirmed' =>
        'Gardé pour vous jusqu’à {until}. Un clic dans le message envoyé à {email}, et la demande part à {hosts, plural, one {{host}} other {{host}}}.',
    'pass_asked' =>
        '{hosts, plural, one {La demande est faite à {host}.} other {La demande est faite à {host}.}} Vos créneaux sont gardés jusqu’à {until}.',
    'pass_maybe' =>
        '{hosts, plural, one {{host} dit peut-être.} other {Toutes les personnes demandées ne sont pas encore sûres.}} Ce créneau vous est gardé, et n’est pas encore sûr. Vous en saurez plus d’ici {until} au plus tard.',
    'pass_proposed' =>
        '{hosts, plural, one {{host} propose d’autres créneaux.} other {D’autres créneaux sont proposés.}} Ils vous sont gardés jusqu’à {until} ; un clic en prend un.',
    'pass_declined' => '{host} ne peut pas vous recevoir à ces moments.',
    'pass_lapsed' => 'Personne n’a répondu à temps. Vos créneaux sont de nouveau libres.',
    'pass_taken_back' => 'Vous avez retiré cette demande.',
    'waiting' =>
        '{own, plural, =0 {} one {Quelqu’un vous demande un rendez-vous.} other {# personnes vous demandent un rendez-vous.}} {others, plural, =0 {} one {Quelqu’un demande un collègue que vous remplacez.} other {# personnes demandent des collègues que vous remplacez.}}',
    'letter_asked' => '{who} vous demande un rendez-vous.',
    'letter_asked_heading' => 'Demande : {title}, de {who}',
    'letter_sent' => 'Vous avez demandé un rendez-vous à {host}. Il est gardé jusqu’à {until}.',
    'letter_sent_heading' => 'Votre demande à {host} : {title}',
    'letter_to_confirm' =>
        'Vous voulez demander un rendez-vous à {host}. Il vous est gardé jusqu’à {until}. Un clic sur l’adresse ci-dessous, et la demande part à {host}. Si vous n’avez rien demandé, ne faites rien : il redevient libre.',
    'letter_to_confirm_heading' => 'À confirmer : demander un rendez-vous à {host}',
    'letter_one_accepted' => '{by} a dit oui à ce créneau. {who} a besoin de vous deux : pouvez-vous aussi ?',
    'letter_one_accepted_heading' => '{by} a dit oui : {title}',
    'letter_maybe' =>
        '{host} dit peut-être. Le créneau vous est gardé, et n’est pas encore sûr. Vous en saurez plus d’ici {until} au plus tard.',
    'letter_maybe_heading' => 'Peut-être : {title}, avec {host}',
    'letter_asked_again' => 'Vous avez dit peut-être à {who}. Le créneau est demain, ou plus tôt : pouvez-vous ?',
    'letter_asked_again_heading' => 'Sûr maintenant ? {title}, avec {who}',
    'letter_declined' => '{host} ne peut pas vous recevoir à ces moments.',
    'letter_declined_heading' => 'Refusé : {title}, avec {host}',
    'letter_off' =>
        'Ceci n’a pas lieu, et le créneau est de nouveau libre. Si votre calendrier l’a, ce message l’en retire.',
    'letter_off_heading' => 'N’a pas lieu : {title}, avec {who}',
    'letter_proposed' =>
        '{host} propose d’autres créneaux. Ils vous sont gardés jusqu’à {until}. Ouvrez vos rendez-vous pour en prendre un.',
    'letter_proposed_heading' => 'D’autres créneaux : {title}, avec {host}',
    'letter_proposed_instead' =>
        '{by} a proposé ces créneaux à {who}. Ils sont gardés jusqu’au {until}, et {who} en prend un. Ce qui était demandé ne tient plus : si votre calendrier l’a, ce message l’en retire.',
    'letter_proposed_instead_heading' => 'D’autres créneaux proposés : {title}, avec {who}',
    'letter_lapsed' => 'Personne n’a répondu à temps. Vos créneaux sont de nouveau libres.',
    'letter_lapsed_heading' => 'Sans réponse : {title}, avec {host}',
    'letter_by_calendar' => 'Vous pouvez répondre ici, ou avec les boutons de votre calendrier.',
    'letter_by_buttons' => 'Répondez avec ces boutons, ou sur votre page.',
    'fact_about' => 'De quoi il s’agit',
    'fact_details' => 'Dans ses mots',
    'fact_details_yours' => 'Dans vos mots',
    'fact_work' => 'Le travail en question',
    'fact_student' => 'Au sujet de',
    'fact_where' => 'Où',
    'fact_from' => 'De',
    'fact_with' => 'Avec',
    'fact_choice' => '{position, selectordinal, one {#er choix} other {#e choix}}',
    'fact_time' => 'Quand',
    'fact_answer' => 'Réponse',
    'button_accept' => 'Oui, {when}',
    'button_maybe' => 'Peut-être, {when}',
    'button_decline' => 'Je ne peux pas',
    'to_page' => 'Le voir à côté de votre journée, ou proposer d’autres créneaux',
    'to_pass' => 'Vos rendez-vous : voir où en est la demande, ou la retirer',
    'to_confirm' => 'Oui, c’est mon adresse : envoyer la demande',
    'summary' => '{title}, avec {other}',
    'also' => 'Sont aussi demandés : {times}.',
    'mail_from' => 'Demandé par {who}{student, select, none {} other {, au sujet de {student}}}.',
    'mail_ask_accept' => 'Dire oui à {when} ?',
    'mail_ask_maybe' => 'Dire peut-être à {when} ? Il reste gardé, et on vous le redemande la veille.',
    'mail_ask_decline' => 'Dire que vous ne pouvez pas ? Tous les créneaux gardés pour cela sont de nouveau libres.',
    'mail_press_accept' => 'Oui, je peux',
    'mail_press_maybe' => 'Peut-être',
    'mail_press_decline' => 'Je ne peux pas',
    'mail_done_accept' => 'C’est fait : {who} apprend que vous pouvez.',
    'mail_done_maybe' => 'C’est fait : {who} apprend que ce n’est pas encore sûr.',
    'mail_done_decline' => 'C’est fait : {who} apprend que vous ne pouvez pas.',
    'mail_over_title' => 'Ce bouton ne sert plus à rien',
    'mail_over' => 'La demande a reçu une réponse ou a changé depuis ce message. Rien n’a été fait maintenant.',
    'mail_to_page' => 'Tout ce que l’on vous demande',
    'forgotten_title' => 'Demandé',
    'also_asked' => 'aussi demandés',
    'word' => 'Un mot, si vous voulez',
    'stranger_title' => 'un rendez-vous à vous',
    'field_student' => 'Nom de l’élève',
    'field_phone' => 'Numéro de téléphone',
    'field_about' => 'De quoi il s’agit',
    'field_work' => 'Adresse du travail',
];
