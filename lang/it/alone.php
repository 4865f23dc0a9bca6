<?php

declare(strict_types=1);

return [
    'title' => 'Cominciare in proprio',
    'first_title' => 'Lezioni',
    'asked' => 'Un messaggio è in viaggio. Apra l’indirizzo che contiene entro un giorno, e comincia.',
    'heading' => 'Cominci con una Sua pagina',
    'news' =>
        'Qualcuno (speriamo Lei) vuole pubblicare orari con questo indirizzo. La pagina dietro chiede le Sue ore, e poi ha una pagina Sua. Se non è stata una Sua richiesta, non faccia nulla: non si conserva nulla.',
    'link' => 'Cominciare',
    'known_heading' => 'Ha già un account',
    'known_news' =>
        'Qualcuno (speriamo Lei) ha voluto cominciare con questo indirizzo. Ha già un account: acceda, o chieda lì una nuova password.',
    'known_link' => 'Accedere',
];
