<?php

declare(strict_types=1);

return [
    '403_title' => 'Das gehört jemand anderem',
    '403_text' =>
        'Sie sind angemeldet, aber diese Seite gehört jemand anderem aus dem Kollegium. Nichts wurde gezeigt oder ' .
        'geändert.',
    '404_title' => 'Hier ist nichts',
    '404_text' =>
        'Diese Adresse führt nirgendwohin (oder nicht mehr). Wenn sie aus einer Nachricht stammt, prüfen Sie, ob ' .
        'sie ganz kopiert wurde. Ein gebuchter Termin bleibt gebucht.',
    '419_title' => 'Diese Seite war zu lange offen',
    '419_text' =>
        'Sie wurden inzwischen abgemeldet. Melden Sie sich wieder an und wiederholen Sie den letzten Schritt; ' .
        'nichts davor ist verloren.',
    '429_title' => 'Das war viel auf einmal',
    '429_text' => 'Warten Sie eine Minute und versuchen Sie es wieder. Was gebucht ist, bleibt gebucht.',
    '500_title' => 'Hier ging etwas schief',
    '500_text' =>
        'Das liegt an uns, nicht an Ihnen, und ist aufgeschrieben. Nichts wurde halb gespeichert. Versuchen Sie es ' .
        'in einer Minute wieder.',
    '503_title' => 'Gleich wieder da',
    '503_text' =>
        'Die Schule aktualisiert diesen Dienst. Versuchen Sie es in einer Minute wieder; was gebucht ist, bleibt ' .
        'gebucht.',
];
