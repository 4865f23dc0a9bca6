<?php

declare(strict_types=1);

return [
    'feed_name' => 'Rendez-vous',
    'not_http' => 'L’adresse d’un calendrier commence par https://, http:// ou webcal://.',
    'not_allowed' =>
        'Cette adresse mène dans le réseau de l’école, où l’on ne va pas chercher de calendriers. L’administrateur ' .
        'peut l’autoriser.',
    'not_plain' =>
        'Le nom du serveur contient des lettres qu’une adresse n’a pas. Copiez-le à nouveau depuis votre programme ' .
        'de calendrier.',
    'unknown_host' => 'Aucun serveur de ce nom n’est connu. Vérifiez l’adresse.',
    'no_end' =>
        'L’adresse renvoie sans fin d’une adresse à l’autre. Copiez-la à nouveau depuis votre programme de ' .
        'calendrier.',
    'too_large' => 'Le calendrier dépasse {megabytes} Mo.',
    'not_let' => 'Le serveur ne nous laisse pas le lire. Copiez l’adresse privée depuis votre programme de calendrier.',
    'gone' => 'Il n’y a plus de calendrier à cette adresse.',
    'error' => 'Le serveur a répondu par une erreur ({status}). Nous réessayons plus tard.',
    'no_answer' => 'Le serveur n’a pas répondu à temps. Nous réessayons plus tard.',
    'address_or_file' => 'Donnez l’adresse d’un calendrier, ou choisissez un fichier.',
    'file_most' => 'Un fichier de calendrier fait {megabytes} Mo au plus.',
    'skipped' => 'Ligne {line, number, integer}, {what} : {why}',
    'summary' => '{title} : {with}',
    'summary_about' => '{title} : {with}, au sujet de {student}',
];
