<?php

declare(strict_types=1);

return [
    'phone' =>
        'Ceci ne ressemble pas à un numéro de téléphone. Un numéro d’un autre pays commence par + et son indicatif.',
    'phone_of_which_country' =>
        'Nous ne savons pas de quel pays est ce numéro. Écrivez-le avec + et l’indicatif du pays, par exemple +44 ' .
        '20 7946 0018.',
    'mail' => 'Ceci ne ressemble pas à une adresse e-mail.',
    'name' => 'Écrivez un nom, sans adresse ni signe qu’aucun nom ne contient.',
    'name_long' => 'Écrivez un nom plus court : 120 lettres au plus.',
];
