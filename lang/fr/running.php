<?php

declare(strict_types=1);

return [
    'queue_well' => 'Les messages partent.',
    'queue_wrong' =>
        '{waiting, plural, one {Un message ou autre travail attend} other {# messages et autres travaux attendent}}, le plus ancien depuis {minutes, plural, one {une minute} other {# minutes}}. La file tourne-t-elle ? bin/recess school status le dit.',
    'scheduler_well' => 'Le planificateur tourne.',
    'scheduler_wrong' =>
        '{known, select, no {Le planificateur n’a pas encore tourné} other {Le planificateur est muet depuis {minutes, plural, one {une minute} other {# minutes}}}} : aucun rappel ne part pendant ce temps. bin/recess school status dit s’il tourne.',
    'letters_well' => 'Aucun message du dernier jour n’a été abandonné.',
    'letters_wrong' =>
        '{failed, plural, one {Un message ou autre travail} other {# messages et autres travaux}} du dernier jour n’ont pas pu être faits du tout. Pourquoi : bin/recess school artisan queue:failed ; de nouveau : bin/recess school artisan queue:retry all.',
    'clock_well' => 'Rien n’a été noté plus tard que maintenant.',
    'clock_wrong' =>
        'Quelque chose a été noté {minutes, plural, one {une minute} other {# minutes}} plus tard que maintenant : l’horloge de la machine a été reculée, ou était fausse avant. Réglez-la : les créneaux réservés entre-temps sont justes, mais « trop tard » et les rappels suivent l’horloge.',
    'workers_well' => 'Les processus de travail sont là.',
    'worker_silent' =>
        '{queue, select, rounds {Le processus qui cherche les créneaux des sessions} other {Le processus qui envoie les messages}} n’a pas donné signe de vie depuis {minutes, plural, one {une minute} other {# minutes}}. bin/recess up démarre ce qui ne tourne pas.',
    'held' =>
        '{held, plural, =0 {Aucun message d’une sauvegarde restaurée n’est retenu.} one {Un message ou autre travail d’une sauvegarde restaurée est retenu} other {# messages et autres travaux d’une sauvegarde restaurée sont retenus}}{held, plural, =0 {} other { : ils ont pu partir avant la restauration. Envoyez-les avec bin/recess school artisan recess:held send, ou laissez-les tomber avec … recess:held drop.}}',
    'held_sent' =>
        '{held, plural, one {Un message ou autre travail part} other {# messages et autres travaux partent}} maintenant.',
    'held_dropped' =>
        '{held, plural, one {Un message ou autre travail a été abandonné} other {# messages et autres travaux ont été abandonnés}}.',
    'held_how' => 'Il y a recess:held, recess:held send et recess:held drop. Rien n’a été fait.',
    'unsent_well' => 'Aucun message n’est essayé en vain depuis longtemps.',
    'letters_waiting' =>
        '{count, plural, one {Un message a été essayé et ne part pas} other {# messages ont été essayés et ne partent pas}}. Le serveur de messagerie dit « {why} ».',
    'letters_given_up' =>
        '{count, plural, one {Un message a été abandonné} other {# messages ont été abandonnés}} en un jour. Le serveur de messagerie a dit « {why} ».',
    'mail_well' => 'Le serveur de messagerie prend nos messages ({server}).',
    'mail_wrong' =>
        'Le serveur de messagerie ({server}) ne prend pas nos messages : « {why} ». Ils attendent, et sont essayés pendant trois jours. Réglez-le : bin/recess install --mail-host NAME --mail-user NAME --mail-password-file FILE',
    'other_tables' =>
        'Les tables de cette école sont d’une autre version de Recess que son code, rien n’est donc montré ni écrit ; rien n’est perdu. Pour qui s’occupe du serveur : bin/recess doctor, puis bin/recess up.',
    'census' =>
        '{staff, plural, one {un membre du personnel} other {# membres du personnel}}, {sheets, plural, one {une feuille} other {# feuilles}}, {bookings, plural, one {une réservation} other {# réservations}}, {students, plural, one {un élève} other {# élèves}}.',
    'first_key_over' =>
        '{school} est déjà installée. Son secrétariat invite toutes les autres personnes, sur la page « Personnel ».',
    'too_much' => 'C’est plus que ce qu’envoie aucune de nos pages, cela n’a donc pas été lu. Rien n’a été changé.',
    'calendar_too_much' =>
        'Lire ce calendrier prend plus de temps ou de mémoire qu’un calendrier n’en a droit. Cherchez-y des entrées qui se répètent chaque minute ou chaque seconde.',
    'file_quote_open' =>
        'Un guillemet (") ouvert à la ligne {line, number} de ce fichier n’est pas fermé, la suite serait donc un seul long mot. Rien n’a été changé. Fermez-le ou retirez-le, et redonnez le fichier.',
    'file_too_large' =>
        'Ce fichier a plus de {lines, number} lignes, ou une très longue ; il n’a donc pas été lu. Rien n’a été changé. Donnez-le en plusieurs parties.',
    'a_lot_at_once' => 'C’était beaucoup d’un coup. Attendez une minute et recommencez ; rien n’est perdu.',
    'settings_title' => 'Réglages',
    'school_title' => 'L’école',
    'text_refused' => 'La passerelle des SMS a répondu {status}.',
    'text_unanswered' => 'La passerelle des SMS n’a pas répondu.',
    'no_texts' => 'On n’envoie pas de SMS ici.',
];
