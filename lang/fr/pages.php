<?php

declare(strict_types=1);

return [
    'if_you_like' => '(si vous voulez)',
    'camera' => '{name}, vu par la caméra',
    'help_by_phone' => 'Besoin d’aide ? Appelez le secrétariat de l’école : <link>{phone}</link>',
    'help' => 'Besoin d’aide ? Appelez le secrétariat de l’école.',
    'recess' => 'Recess',
    'less' => 'Moins',
    'more' => 'Plus',
    'a_moment' => 'Un instant, cela reprend tout seul. Rien n’est perdu, et rien n’arrive deux fois.',
    'no_answer' =>
        'Pas de réponse. Ce que vous avez écrit est encore là. Vérifiez votre connexion et cliquez à nouveau ; ' .
        'rien n’arrive deux fois.',
    'another_look' => 'Quelque chose est à revoir. Rien n’est perdu.',
    'signed_out' =>
        'Votre session s’est terminée entre-temps. Reconnectez-vous dans un autre onglet, puis cliquez à nouveau ' .
        'ici ; rien n’est perdu.',
    'file_too_large' =>
        'Ce fichier est trop volumineux. Rien n’a été enregistré ; ce que vous avez écrit est encore là.',
    'file_too_large_here' => 'Ce fichier est trop volumineux.',
    'a_lot' => 'C’était beaucoup d’un coup. Attendez une minute et cliquez à nouveau ; rien n’est perdu.',
    'machine_away' =>
        'Le serveur de l’école ne répond plus depuis une demi-minute. Ce que vous avez écrit est encore là. ' .
        'Cliquez à nouveau dans une minute ; rien n’arrive deux fois.',
    'went_wrong' => 'Quelque chose s’est mal passé ici. Rien n’a été enregistré à moitié. Réessayez dans une minute.',
    'go_on' => 'Continuer',
    'leave_it' => 'Laisser',
    'undo' => 'Revenir en arrière',
    'close_this' => 'Fermer',
    'e_mail_address' => 'Adresse e-mail',
    'with' => 'avec <link>{host}</link>',
    'with_also' => 'avec <link>{host}</link> {also}',
    'clock_24' => 'Horloge de 24 heures',
    'clock_12' => 'Horloge de 12 heures',
    'with_titles' => 'avec <link>{host}</link>, {titles}',
    'with_also_titles' => 'avec <link>{host}</link> {also}, {titles}',
    'and' => '{others} et {last}',
    'minutes_short' => '{minutes, number, integer} min',
    'day_1' => 'lundi',
    'day_2' => 'mardi',
    'day_3' => 'mercredi',
    'day_4' => 'jeudi',
    'day_5' => 'vendredi',
    'day_6' => 'samedi',
    'day_7' => 'dimanche',
    'one_moment' => 'Un instant…',
    'slot' => '{day}, {from} – {until}',
    'language' => 'Langue',
];
