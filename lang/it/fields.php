<?php

declare(strict_types=1);

return [
    'phone' => 'Non sembra un numero di telefono. Un numero di un altro paese inizia con + e il suo prefisso.',
    'phone_of_which_country' =>
        'Non sappiamo di quale paese sia questo numero. Lo scriva con + e il prefisso del paese, per esempio +44 ' .
        '20 7946 0018.',
    'mail' => 'Non sembra un indirizzo e-mail.',
    'name' => 'Scriva un nome, senza indirizzi né segni che nessun nome ha.',
    'name_long' => 'Scriva un nome più corto: fino a 120 lettere.',
];
