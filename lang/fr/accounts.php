<?php

declare(strict_types=1);

return [
    'people' => 'Personnel',
    'known' => 'Une personne avec cette adresse figure déjà sur la liste.',
    'has_come' => '{name} est déjà entré. Qui a oublié son mot de passe reçoit un message depuis la page de connexion.',
    'on_sheet' => '{name} figure déjà sur une feuille. Retirez d’abord son nom.',
    'last_office' =>
        '{name} est la seule personne du secrétariat à pouvoir se connecter. Donnez d’abord ce rôle à quelqu’un d’autre.',
    'reader_has_sheets' =>
        '{name} a des feuilles, et un lecteur n’en a pas. Rangez-les d’abord, ou confiez-les à un collègue.',
    'has_left' => 'Départ : {when}.',
    'lent' => '{to} s’occupe de ses feuilles jusqu’au {until}.',
    'meeting' => '{when} : {who}',
    'leave_yourself' =>
        'Vous ne pouvez pas enregistrer votre propre départ. Quelqu’un d’autre du secrétariat s’en charge.',
    'left_said' =>
        'Le départ de {name} est enregistré. {to, select, nobody {{sheets, plural, =0 {Il n’y avait pas de feuille à fermer} one {Une feuille est fermée} other {# feuilles sont fermées}}} other {{sheets, plural, =0 {Il n’y avait pas de feuille à confier} one {Une feuille est maintenant à {to}} other {# feuilles sont maintenant à {to}}}}} ; {moved, plural, =0 {aucun rendez-vous n’a changé de main} one {un rendez-vous a changé de main} other {# rendez-vous ont changé de main}}, {cancelled, plural, =0 {aucun n’a été annulé} one {un a été annulé} other {# ont été annulés}}. Toutes les personnes concernées reçoivent un message.',
    'office' => 'Secrétariat',
    'moved_in' =>
        '{school} est déjà installée. Son secrétariat invite toutes les autres personnes, sur la page « Personnel ».',
    'move_in' => 'Une école s’installe',
    'test_heading' => 'Les messages arrivent',
    'test_dear' => 'Bonjour,',
    'test_news' => 'Voici le message d’essai. Les messages de votre nouveau Recess arrivent.',
    'test_link' => 'Le tableau de l’école',
    'test_sent' =>
        'Le serveur de messagerie a accepté un message pour {email}. Vérifiez s’il est arrivé ; aussi parmi les indésirables.',
    'test_failed' => 'Le serveur de messagerie ne l’a pas accepté : {why}',
    'let_in_nobody' => 'Personne du secrétariat n’a cette adresse.',
    'come_in' =>
        '{name} choisit un mot de passe ici. L’adresse s’ouvre une seule fois, dans les sept jours ; relancez pour en avoir une autre.',
    'file_columns' =>
        'La première ligne doit nommer les colonnes : name, email, subject ; et, si vous voulez, role, avec office ou reader pour qui n’est pas simplement membre du personnel.',
    'file_long' => 'Plus de {most, number} lignes. Envoyez-les en plusieurs fichiers.',
    'file_guessed' =>
        'Ses lettres ne sont ni en UTF-8 ni en UTF-16 ; elles ont été lues comme Windows les écrit. Regardez les noms accentués.',
    'file_line' => 'Ligne {line, number} : {why}',
    'file_twice' => 'La ligne {line, number} a la même adresse que la ligne {first, number}, qui compte.',
    'file_said' =>
        '{new, plural, =0 {Personne de nouveau} one {Une personne est nouvelle} other {# personnes sont nouvelles}}, {known, plural, =0 {aucune n’est déjà sur la liste} one {une est déjà sur la liste} other {# sont déjà sur la liste}}, {notes, plural, =0 {rien d’autre à signaler} other {et il y a autre chose à regarder ci-dessous}}.',
    'file_changed' =>
        'Quelqu’un d’autre a invité une de ces personnes entre-temps. Rien n’a été envoyé ; regardez le fichier de nouveau.',
    'file_sent' =>
        '{sent, plural, =0 {Personne de nouveau ; aucun message n’est parti} one {Un message est en route} other {# messages sont en route}}.',
    'invited_until' => 'Invitation valable jusqu’au {until}.',
    'invitation_over' => 'L’invitation a expiré. Envoyez-en une autre.',
    'password_short' =>
        'Au moins {least} caractères. Quelques mots que vous seul assembleriez conviennent, espaces compris.',
    'password_long' => 'Au plus {most} caractères.',
    'password_guessed' =>
        'C’est l’un des premiers que d’autres essaieraient. Prenez des mots sans rapport avec vous ni entre eux.',
    'current_wrong' => 'Ce n’est pas votre mot de passe actuel.',
    'changed' => 'Votre mot de passe a changé. Partout ailleurs, vous êtes déconnecté.',
    'key_spent_title' => 'Cette adresse n’ouvre plus rien',
    'key_spent' =>
        'Cette adresse a déjà servi, ou son délai est passé. Si vous avez un mot de passe, connectez-vous. Sinon, demandez un message ci-dessous, ou adressez-vous au secrétariat.',
    'title_invitation' => 'Bienvenue',
    'title_password' => 'Un nouveau mot de passe',
    'page_invitation' => '{school} publie ici ses créneaux de rendez-vous. Choisissez un mot de passe et vous y êtes.',
    'page_password' => 'Choisissez un nouveau mot de passe. Partout où vous êtes connecté, vous serez déconnecté.',
    'forgotten_title' => 'Mot de passe oublié',
    'forgotten_said' =>
        'S’il existe un compte avec cette adresse, un message est en route. Il s’ouvre une seule fois, dans {hours, plural, one {l’heure} other {les # heures}}. Rien ? Regardez parmi les indésirables, ou demandez au secrétariat.',
    'invitation_heading' => '{school} vous invite',
    'invitation_news' =>
        '{role, select, reader {{by} vous invite à voir les listes de chaque jour de {school} : qui vient, quand et où.} other {{by} vous invite à publier des créneaux de rendez-vous pour {school}.}} L’adresse ci-dessous s’ouvre une seule fois, jusqu’au {until}.',
    'invitation_link' => 'Choisir un mot de passe et entrer',
    'password_heading' => 'Un nouveau mot de passe',
    'password_news' =>
        'Quelqu’un (vous, nous l’espérons) a demandé un nouveau mot de passe pour votre compte. L’adresse ci-dessous s’ouvre une seule fois, jusqu’au {until}. Si ce n’était pas vous, ne faites rien : votre mot de passe reste le même.',
    'password_link' => 'Choisir un nouveau mot de passe',
    'changed_heading' => 'Votre mot de passe a été changé',
    'changed_news' =>
        'Le mot de passe de votre compte est maintenant un autre, et partout ailleurs vous avez été déconnecté. Si ce n’était pas vous, reprenez-le aussitôt par « Mot de passe oublié » sur la page de connexion, et prévenez le secrétariat.',
    'changed_link' => 'Se connecter',
    'lent_of_heading' => 'Un collègue s’occupe de vos feuilles',
    'lent_of_news' =>
        '{to} s’occupe de vos feuilles jusqu’au {until}, pour que personne n’attende en votre absence. {to} voit qui a réservé chez vous et peut changer ce que vous pouvez changer. Réglé par {by}.',
    'lent_of_link' => 'Vers vos feuilles',
    'lent_to_heading' => 'Vous vous occupez des feuilles d’un collègue',
    'lent_to_news' =>
        'Jusqu’au {until}, vous vous occupez des feuilles de {of}. Elles sont sur votre première page : vous voyez qui a réservé et pouvez changer ce que {of} peut changer. Réglé par {by}.',
    'lent_to_link' => 'Vers votre première page',
    'lent_over_of_heading' => 'Vos feuilles ne sont de nouveau qu’à vous',
    'lent_over_of_news' => '{to} ne s’occupe plus de vos feuilles. Réglé par {by}.',
    'lent_over_of_link' => 'Vers vos feuilles',
    'lent_over_to_heading' => 'Les feuilles d’un collègue ne sont plus chez vous',
    'lent_over_to_news' => 'Vous ne vous occupez plus des feuilles de {of}. Réglé par {by}.',
    'lent_over_to_link' => 'Vers votre première page',
    'wrong_keys' =>
        'Beaucoup de liens qui n’ouvrent rien ont été essayés d’ici. Attendez une heure, ou demandez-en un nouveau au secrétariat.',
];
