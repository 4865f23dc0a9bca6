<?php

declare(strict_types=1);

return [
    'phone' => 'Esto no parece un número de teléfono. Un número de otro país empieza por + y su prefijo.',
    'phone_of_which_country' =>
        'No sabemos de qué país es este número. Escríbalo con + y el prefijo del país, por ejemplo +44 20 7946 ' .
        '0018.',
    'mail' => 'Esto no parece una dirección de correo.',
    'name' => 'Escriba un nombre, sin direcciones ni signos que ningún nombre tiene.',
    'name_long' => 'Escriba un nombre más corto: hasta 120 letras.',
];
