<?php

declare(strict_types=1);

return [
    'nobody' => 'Neste dia não vem ninguém.',
    'outside' => 'Por favor espere lá fora até ser chamado: talvez alguém esteja numa conversa sua.',
    'phone' => 'Escolha uma hora com o telefone',
    'here' => 'aqui',
    'not' => 'não',
    'here_at' => 'aqui às ______',
    'missed' => 'não veio',
    'phone_or_at' => 'Escolha uma hora com o telefone, ou em',
    'our_time' => 'A nossa hora: ______________________',
    'entrance' => 'Quem vai para onde: {day}',
    'with' => 'com {host}, {subject}',
    'interprets' => '{name} interpreta',
    'note' => 'A sua nota: {note}',
    'arrived' => 'Aqui às {time}',
    'slip_with' => '{title} com {host} ({subject})',
    'slip_about' => 'Sobre: {student}',
    'slip_where' => 'Onde: {place}',
    'slip_for' => 'Para {name}. Marcado pela secretaria.',
    'more_days' => 'e mais dias',
];
