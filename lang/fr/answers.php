<?php

declare(strict_types=1);

return [
    'title' => 'Courrier laissé de côté',
    'left_too_large' => 'Il est plus grand qu’une réponse de calendrier ne peut l’être.',
    'left_automatic' => 'Une machine l’a envoyé d’elle-même, comme un avis d’absence.',
    'left_no_calendar' => 'C’est un message ordinaire : quelqu’un voudra peut-être le lire.',
    'left_not_readable' => 'Sa partie calendrier est illisible.',
    'left_other_method' => 'C’est une invitation ou autre chose, pas une réponse.',
    'left_unknown_entry' => 'Il répond à une entrée qui n’est pas de nous, ou qui n’existe plus.',
    'left_stranger' => 'Il vient d’une adresse à laquelle cette entrée n’a jamais été envoyée.',
    'left_other_address' => 'Il a été envoyé à une autre adresse que celle de l’entrée.',
    'left_older' => 'Il répond à une entrée modifiée depuis, ou une autre réponse est venue ensuite.',
    'left_off' => 'Ce à quoi il répond n’a plus lieu, ou a déjà sa réponse.',
    'left_begun' => 'Il est arrivé après le début du rendez-vous.',
    'left_nothing' => 'Ce qu’il dit reste sans effet : un hôte annule sur sa propre page.',
    'left_refused' => 'Ce qu’il demande ne peut plus être obtenu.',
    'declined_heading' => 'Vous ne venez pas ? {title}, {when}',
    'declined_news' =>
        'Votre calendrier dit que vous ne venez pas à ce rendez-vous avec {host}. Le créneau est encore à vous.',
    'declined_link' => 'Vos rendez-vous : annulez celui-ci, ou laissez tout comme c’est',
];
