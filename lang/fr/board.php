<?php

declare(strict_types=1);

return [
    'none_here' => 'Rien ne peut être réservé ici pour le moment. <link>Voyez qui d’autre peut vous recevoir</link>.',
    'ask_for_time' => 'Demander un rendez-vous à {host}',
    'heading' => 'Rencontrer notre équipe',
    'card' => 'Saisir le code de votre carte',
    'again' => 'Où sont mes rendez-vous ?',
    'none_now' => 'Rien ne peut être réservé pour le moment.',
    'intro' => 'Choisissez qui vous souhaitez rencontrer, puis un créneau. Aucun compte n’est nécessaire.',
    'under_way' => 'En cours',
    'seek' => 'Un nom, une matière ou une salle',
    'about' => 'Ou toute personne disponible pour',
    'show_times' => 'Voir les créneaux libres',
    'found' => '{many, plural, one {# personne trouvée} other {# personnes trouvées}}',
    'some_shown' => '{shown, number, integer} sur {many, number, integer} affichées.',
    'show_more' => 'En voir plus',
    'or_type' => 'Ou saisissez un nom ci-dessus.',
    'nobody' => 'Personne de ce nom n’a de créneaux ouverts. Essayez une matière, ou une partie du mot.',
    'again_sent' =>
        'Si des rendez-vous sont réservés pour cette adresse, un message avec vos rendez-vous part vers elle.',
    'again_email' => 'L’adresse e-mail de votre réservation',
    'again_send' => 'Me les renvoyer',
    'staff' => 'Personnel : se connecter',
    'find_heading' => 'Qui est libre, et quand',
    'find_about' => 'De quoi il s’agit',
    'find_from' => 'De',
    'find_to' => 'À',
    'find_names' => 'Seulement ces noms ou matières',
    'find_booked' =>
        '{at} avec {host} est à vous. Choisissez le créneau suivant, ou voyez <link>tout ce que vous avez ' .
        'réservé</link>.',
    'find_no_clash' => 'Les créneaux qui tombent en même temps que vos rendez-vous ne sont pas affichés.',
    'find_small_times' => 'Les heures en petit sont dans votre fuseau horaire, {city}.',
    'find_time' => '{host}, {from} – {until}',
    'find_all_of' =>
        '{count, plural, one {Le seul créneau de {host}} many {Les # créneaux de {host}} other {Les # créneaux de ' .
        '{host}}}',
    'find_all' => 'les {count, number, integer}',
    'find_nobody' => 'Personne ne le propose ces jours-là. Voyez d’autres jours, ou <link>toute l’équipe</link>.',
    'find_these' =>
        'Enseignants {first, number, integer} à {last, number, integer} sur {all, number, integer}, par nom.',
    'find_before' => 'Les précédents',
    'find_after' => 'Les suivants',
    'round' =>
        '{said, select, wishes {<bold>{title}</bold>, {when} : {wishes}} free {<bold>{title}</bold>, {when} : ' .
        '{hosts, plural, one {# enseignant} other {# enseignants}}, avec des créneaux libres} other ' .
        '{<bold>{title}</bold>, {when} : {hosts, plural, one {# enseignant} other {# enseignants}}}}',
    'round_wishes' => 'Vos souhaits',
    'round_plan' => 'Organiser tous vos rendez-vous',
    'round_beside' => 'Les voir côte à côte',
    'find_none_that_day' => '{subject} : rien de libre ce jour-là',
    'find_ruler' => '{host}, {subject}',
    'next_elsewhere' => '{next} ({there} dans votre fuseau horaire)',
    'ask_all_the_same' => 'Vous pouvez tout de même demander un rendez-vous :',
    'ask_none_suits' => 'Aucun créneau ne convient ?',
];
