<?php

declare(strict_types=1);

// What people write on sheets and rounds, in further languages. ICU MessageFormat.
return [
    'title' => '{title} dans d’autres langues',
    'heading' => 'Dans d’autres langues',
    'about' =>
        'Qui lit une de ces langues lit ce que vous écrivez ici ; tous les autres le lisent tel qu’il a été ' .
        'écrit d’abord. Ce que demande chaque feuille (nom, téléphone) y est déjà dans toutes.',
    'written_in' => 'Écrit en',
    'not_said' => 'non précisé',
    'into' => 'Dans quelle langue',
    'in' => 'En {language}',
    'save' => 'Garder ({language})',
    'kept' => 'C’est gardé.',
    'leave' => 'Laisser',
    'save_first' => 'Gardez avant de passer à une autre langue.',
    'as_before' => 'Comme avant : {text}',
    'left' => 'De ce qui n’y figure plus ; cela disparaît quand vous gardez',
    'meanwhile' =>
        'Quelqu’un d’autre l’a changé entre-temps. Ce que vous avez tapé est encore ici ; regardez la page ' .
        'de nouveau dans un autre onglet.',
    'changed' => 'La feuille a changé depuis l’ouverture de cette page. Rouvrez-la ; rien n’a été gardé.',
    'one_line' => '« {text} » doit tenir sur une ligne.',
    'long' => '« {text} » : c’est trop long.',
    'link' => 'Dans d’autres langues',
];
