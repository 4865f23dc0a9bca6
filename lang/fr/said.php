<?php

declare(strict_types=1);

return [
    'slot' => '{date}, {from} – {until} ({zone})',
    'zone' => 'heure de {city}',
    'fact' => '{name} : {value}',
    'answer' => '{name} {value}',
    'then' => '{before}, {next}',
    'and' => '{others} et {last}',
    'or' => '{others} ou {last}',
    'days' => '{count, plural, one {# jour} other {# jours}}',
    'hours' => '{count, plural, one {# heure} other {# heures}}',
    'minutes' => '{count, plural, one {# minute} other {# minutes}}',
    'fact_what' => 'Quoi',
    'fact_when' => 'Quand',
    'fact_where' => 'Où',
    'fact_video' => 'Lien vidéo',
    'fact_way' => 'Pour venir',
    'fact_with' => 'Avec',
    'fact_also' => 'Aussi présents',
    'fact_about' => 'Au sujet de',
    'fact_phone' => 'Téléphone',
    'fact_email' => 'E-mail',
    'signed_out' =>
        'Vous n’êtes plus connecté : rien n’a été fait ici pendant une demi-heure, ou vous vous êtes déconnecté ' .
        'ailleurs. Ce qui est affiché date de {at}. <link>Connectez-vous dans un autre onglet</link> ; cette page ' .
        'reprendra alors.',
    'not_heard' =>
        'Aucune nouvelle de l’école depuis {at}. Ce qui est affiché date de ce moment ; la page continue d’essayer ' .
        'et se mettra à jour d’elle-même.',
    'pattern_date' => 'EEEE d MMMM y',
    'pattern_plain' => 'd MMMM y',
    'pattern_short' => 'EEE d MMM',
    'pattern_day' => 'EEEE d MMMM',
    'pattern_month' => 'LLLL y',
    'am' => '{time} am',
    'pm' => '{time} pm',
    'moment' => '{date}, {time}',
    'between' => '{from} – {until}',
    'shortly' => '{date}, {from} – {until}',
];
