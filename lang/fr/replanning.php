<?php

declare(strict_types=1);

return [
    'title' => 'En cas d’imprévu : {round}',
    'away_said' =>
        '{hit, plural, =0 {Personne n’a réservé avec {host} alors, il n’y a donc personne à prévenir.} one {Un rendez-vous avec {host} ne peut avoir lieu.} other {# rendez-vous avec {host} ne peuvent avoir lieu.}} {hit, plural, =0 {} other {{placed, plural, =0 {Il n’y a d’autre créneau pour aucun.} one {Pour un, il y a un autre créneau, déplacé le moins possible.} other {Pour #, il y a d’autres créneaux, déplacés le moins possible.}}}}',
    'stead' => '{time} avec {host}',
    'away_done' => '{host} est absent. Toutes les personnes concernées l’apprennent dans une demi-minute.',
    'is_away' =>
        '{host} est absent : {times, plural, one {un créneau est fermé, le {from}} other {# créneaux sont fermés, à partir du {from}}}.',
    'not_away' => 'Il n’y a pas d’absence, ou elle est finie. Rien n’a été changé.',
    'not_in_it' => 'Pas de feuille ouverte dans cette session.',
    'others_hit' =>
        'Cela touche d’autres personnes que celles que vous avez vues : quelqu’un a réservé ou déplacé entre-temps. Rien n’a été changé ; regardez encore.',
    'taken_meanwhile' => 'Un de ces créneaux a été pris entre-temps. Rien n’a été changé ; regardez encore.',
    'evening_said' =>
        '{meetings, plural, =0 {Personne n’a réservé le {from} ; les créneaux passent au {to}.} one {Un rendez-vous passe du {from} au {to}, à son heure.} other {# rendez-vous de {families, plural, one {une famille} other {# familles}} passent du {from} au {to}, chacun à son heure.}} {cannot, plural, =0 {} one {Un ne peut avoir lieu alors, et est annulé.} other {# ne peuvent avoir lieu alors, et sont annulés.}}',
    'evening_done' =>
        'La soirée est déplacée. Dans une demi-minute, chaque famille apprend tous ses rendez-vous en un message.',
    'not_its_date' => 'La session n’a pas lieu à cette date.',
    'date_over' => 'Cette date est passée.',
    'date_far' => 'C’est trop loin pour la même session. Refaites-la avec de nouvelles dates.',
    'date_taken' => 'La session a déjà lieu à cette date.',
    'date_closed' => 'L’école est fermée à cette date.',
    'others_cannot' =>
        'D’autres personnes que celles que vous avez vues ne peuvent pas à cette date. Rien n’a été changé ; regardez encore.',
    'moved_heading' => 'Une autre date : {title}',
    'moved_news' =>
        '{count, plural, one {Votre rendez-vous a maintenant lieu à une autre date, à la même heure.} other {Vos # rendez-vous ont maintenant lieu à une autre date, à la même heure.}}',
    'moved_link' => 'Tout ce que vous avez réservé',
    'video_said' =>
        '{can, plural, =0 {Personne n’a de lien.} one {Un enseignant a un lien.} other {# enseignants ont un lien.}} {cannot, plural, =0 {} one {{names} n’en a pas, et reste où il est jusqu’à en donner un.} other {# n’en ont pas, et restent où ils sont jusqu’à en donner un : {names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other { et d’autres}}.}}',
    'by_video_label' => 'En vidéo',
    'undone' => 'Tout est comme avant. Personne n’a reçu de message.',
    'undo_late' => 'Il est trop tard pour revenir en arrière : les messages sont partis.',
    'undo_taken' =>
        'On ne peut plus revenir en arrière : quelqu’un a maintenant un de ces créneaux. Rien n’a été changé.',
];
