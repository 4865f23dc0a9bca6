<?php

declare(strict_types=1);

return [
    'nobody' => 'Personne ne vient ce jour-là.',
    'outside' => 'Attendez dehors que l’on vous appelle, s’il vous plaît : quelqu’un est peut-être en entretien.',
    'phone' => 'Choisissez un créneau avec votre téléphone',
    'here' => 'là',
    'not' => 'non',
    'here_at' => 'là à ______',
    'missed' => 'pas venu',
    'phone_or_at' => 'Choisissez un créneau avec votre téléphone, ou sur',
    'our_time' => 'Notre créneau : ______________________',
    'entrance' => 'Qui va où : {day}',
    'with' => 'avec {host}, {subject}',
    'interprets' => '{name} interprète',
    'note' => 'Votre note : {note}',
    'arrived' => 'Là à {time}',
    'slip_with' => '{title} avec {host} ({subject})',
    'slip_about' => 'Au sujet de : {student}',
    'slip_where' => 'Où : {place}',
    'slip_for' => 'Pour {name}. Réservé par le secrétariat.',
    'more_days' => 'et d’autres jours',
];
