<?php

declare(strict_types=1);

return [
    'date' => 'Data',
    'from' => 'Das',
    'to' => 'Às',
    'host' => 'Com',
    'student' => 'Aluno',
    'visitor' => 'Visitante',
    'phone' => 'Telefone',
    'place' => 'Lugar',
    'answers' => 'Respostas',
    'arrived' => 'Chegou',
    'became' => 'O que aconteceu',
    'offered' => 'Oferecidas',
    'booked' => 'Marcadas',
    'came' => 'Vieram',
    'did_not_come' => 'Não vieram',
    'wait' => 'Espera média em minutos',
    'overrun' => 'Excesso médio em minutos',
    'family' => 'Família',
    'teacher' => 'Professor',
    'wish' => 'Desejo',
    'asked' => 'Pedido',
    'why_not' => 'Porque não',
    'email' => 'E-mail',
    'link' => 'Ligação',
    'state' => 'Estado',
    'word' => 'Palavra',
];
