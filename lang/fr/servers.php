<?php

declare(strict_types=1);

// A host's own calendars on a calendar server, both ways. ICU MessageFormat.
return [
    'title' => 'Vos agendas',
    'heading' => 'Vos agendas, dans les deux sens',
    'about' =>
        'Ce qui est occupé dans votre agenda n’est proposé à personne ici, et ce qui est réservé ici y figure en ' .
        'quelques secondes. Pour les agendas d’un serveur qui parle CalDAV ; la plupart le font, et leurs ' .
        'réglages donnent l’adresse.',
    'other_ways' =>
        'Sans serveur, <link>l’adresse d’un flux ou un fichier</link> suffit, avec les lettres que vous recevez.',
    'connect_heading' => 'Où ils se trouvent',
    'address' => 'Adresse du serveur',
    'address_help' => 'Telle que la donne votre logiciel d’agenda ; elle commence par https://',
    'name' => 'Votre nom là-bas',
    'password' => 'Votre mot de passe là-bas',
    'password_help' =>
        'De préférence un mot de passe réservé aux logiciels, si le serveur en délivre. Il est conservé scellé ' .
        'et n’est montré à personne.',
    'connect' => 'Trouver mes agendas',
    'connecting' => 'Recherche en cours…',
    'again_heading' => 'Autre mot de passe ou autre serveur',
    'on' => '{name}, sur {host}',
    'looked' => 'Consulté : {when}.',
    'which_heading' => 'À quoi sert chacun',
    'which_about' =>
        'Un rendez-vous figure dans votre agenda avec le nom, le numéro et les réponses de qui vient : mieux ' .
        'vaut un agenda que personne d’autre ne lit.',
    'counts' => 'Ce qui y est occupé retire des horaires ici',
    'counts_times' =>
        '{times, plural, =0 {Rien à venir.} one {Une période occupée à venir.} many {# périodes occupées à ' .
        'venir.} other {# périodes occupées à venir.}}',
    'skipped' =>
        '{many, plural, one {Une entrée n’a pas pu être lue.} many {# entrées n’ont pas pu être lues.} other {# ' .
        'entrées n’ont pas pu être lues.}}',
    'takes' => 'Mes rendez-vous vont dans celui-ci',
    'takes_none' => 'Mes rendez-vous ne vont dans aucun',
    'written' =>
        '{many, plural, =0 {Aucun rendez-vous n’y figure encore.} one {Un rendez-vous y figure.} many {# ' .
        'rendez-vous y figurent.} other {# rendez-vous y figurent.}}',
    'read_only' => 'Vous ne pouvez pas y écrire.',
    'keep' => 'Enregistrer',
    'keeping' => 'Enregistrement…',
    'kept' => 'Enregistré, et consulté.',
    'look_now' => 'Consulter maintenant',
    'looked_now' => 'Consulté à l’instant.',
    'disconnect' => 'Oublier ce serveur',
    'disconnect_about' =>
        'Le nom et le mot de passe sont oubliés, et plus rien là-bas ne retire d’horaires. Les rendez-vous qui ' .
        'figurent dans votre agenda y restent ; ce qu’ils deviennent n’y est plus inscrit.',
    'disconnect_sure' => 'L’oublier',
    'disconnect_not' => 'Le laisser',
    'still_counts' => '{failure} Ce que l’on en savait compte toujours ; un nouvel essai se fait tout seul.',
    'demo' => 'Dans cette démonstration il y en a un à {address}, avec le nom {name} et le mot de passe {password}.',
    'not_https' =>
        'L’adresse d’un serveur d’agendas commence par https://, pour que personne en chemin ne lise votre mot ' .
        'de passe.',
    'wrong_password' => 'Le serveur ne connaît pas ce nom avec ce mot de passe.',
    'not_let' => 'Le serveur ne nous laisse ni lire ni écrire là-bas.',
    'no_calendars' =>
        'Il n’y a pas d’agenda à cette adresse. Copiez-la depuis votre logiciel d’agenda, ou demandez à qui ' .
        's’occupe du serveur.',
    'full' =>
        'Votre agenda là-bas est plein : rien ne peut plus y être inscrit avant que quelque chose en soit retiré.',
    'error' => 'Le serveur a répondu par une erreur ({status}).',
    'elsewhere' =>
        'Le serveur nous renvoie vers {host}. Votre mot de passe est pour celui que vous avez indiqué : donnez ' .
        'plutôt cette adresse, si elle est juste.',
    'no_end' => 'Le serveur nous renvoie sans fin d’une adresse à l’autre.',
    'not_understood' => 'Ce que le serveur a répondu n’est pas ce que disent les serveurs d’agendas.',
    'not_this_one' => 'Vos rendez-vous ne peuvent pas aller dans celui-ci. Choisissez-en un autre.',
    'calendar_gone' =>
        'L’agenda « {calendar} » n’est plus sur votre serveur : il ne retire plus d’horaires ici, et vos ' .
        'rendez-vous n’y figurent pas.',
    'not_in_step' =>
        'Votre agenda est injoignable pour le moment : ce que l’on en savait compte toujours, et les nouveaux ' .
        'rendez-vous n’y figurent pas encore. Voyez « Vos agendas » dans vos réglages.',
    'taken_out_there' =>
        'Vous avez retiré de votre agenda le rendez-vous avec {name}. Il tient toujours : {name} vous attend, ' .
        '{when}. Annulez-le sur sa feuille si vous ne pouvez pas venir.',
    'proposed' =>
        'Vous avez déplacé dans votre agenda le rendez-vous avec {name} : {there}. {name} a reçu la question de ' .
        'savoir si cela lui convient ; d’ici là, il tient comme convenu : {when}.',
    'moved_there' =>
        'Dans votre agenda, le rendez-vous avec {name} est {there}. {name} n’en sait rien : il a été convenu ' .
        'pour {when}. Déplacez-le sur sa feuille, et la famille est prévenue.',
];
