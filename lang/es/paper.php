<?php

declare(strict_types=1);

return [
    'nobody' => 'Ese día no viene nadie.',
    'outside' => 'Espere fuera hasta que le llamen, por favor: puede que alguien esté en una conversación propia.',
    'phone' => 'Elija una hora con su teléfono',
    'here' => 'aquí',
    'not' => 'no',
    'here_at' => 'aquí a las ______',
    'missed' => 'no vino',
    'phone_or_at' => 'Elija una hora con su teléfono, o en',
    'our_time' => 'Nuestra hora: ______________________',
    'entrance' => 'Quién va adónde: {day}',
    'with' => 'con {host}, {subject}',
    'interprets' => '{name} interpreta',
    'note' => 'Su nota: {note}',
    'arrived' => 'Aquí a las {time}',
    'slip_with' => '{title} con {host} ({subject})',
    'slip_about' => 'Sobre: {student}',
    'slip_where' => 'Dónde: {place}',
    'slip_for' => 'Para {name}. Reservado por secretaría.',
    'more_days' => 'y más días',
];
