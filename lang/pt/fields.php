<?php

declare(strict_types=1);

return [
    'phone' => 'Isto não parece um número de telefone. Um número de outro país começa por + e o indicativo.',
    'phone_of_which_country' =>
        'Não sabemos de que país é este número. Escreva-o com + e o indicativo do país, por exemplo +44 20 7946 ' .
        '0018.',
    'mail' => 'Isto não parece um endereço de e-mail.',
    'name' => 'Escreva um nome, sem endereços nem sinais que nenhum nome tem.',
    'name_long' => 'Escreva um nome mais curto: até 120 letras.',
];
