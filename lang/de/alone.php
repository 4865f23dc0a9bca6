<?php

declare(strict_types=1);

return [
    'title' => 'Allein beginnen',
    'first_title' => 'Unterricht',
    'asked' => 'Eine Nachricht ist unterwegs. Öffnen Sie die Adresse darin innerhalb eines Tages, und Sie beginnen.',
    'heading' => 'Beginnen Sie mit einer eigenen Seite',
    'news' =>
        'Jemand (wir hoffen: Sie) möchte mit dieser Adresse Zeiten veröffentlichen. Die Seite dahinter fragt nach Ihren Stunden, und dann haben Sie eine eigene Seite. Wenn Sie es nicht waren, tun Sie nichts: Nichts wird aufbewahrt.',
    'link' => 'Beginnen',
    'known_heading' => 'Sie haben schon ein Konto',
    'known_news' =>
        'Jemand (wir hoffen: Sie) wollte mit dieser Adresse beginnen. Sie hat schon ein Konto: Melden Sie sich an, oder fordern Sie dort ein neues Passwort an.',
    'known_link' => 'Anmelden',
];
