<?php

declare(strict_types=1);

return [
    'phone' =>
        'Das sieht nicht wie eine Telefonnummer aus. Eine Nummer aus einem anderen Land beginnt mit + und der ' .
        'Vorwahl.',
    'phone_of_which_country' =>
        'Wir wissen nicht, aus welchem Land diese Nummer ist. Bitte schreiben Sie sie mit + und der Landesvorwahl, ' .
        'zum Beispiel +44 20 7946 0018.',
    'mail' => 'Das sieht nicht wie eine E-Mail-Adresse aus.',
    'name' => 'Bitte schreiben Sie einen Namen, ohne Adressen und ohne Zeichen, die kein Name hat.',
    'name_long' => 'Bitte schreiben Sie einen kürzeren Namen: bis zu 120 Buchstaben.',
];
