<?php

declare(strict_types=1);

return [
    'letter_heading' => '{title} con {host}',
    'letter_news' => '{host} tiene horas para usted, sobre {students}.',
    'letter_link' => 'Elegir una hora',
    'expected_heading' => 'Una hora para {student}: {title} con {host}',
    'expected_dear' => 'A quien reserve por {student}:',
    'expected_invites' =>
        '{host} quiere reunirse sobre {student}. Elija una hora: el enlace de abajo conoce el nombre.',
    'expected_text_invites' => '{host} quiere reunirse sobre {student}. Elija una hora: {link}',
    'expected_news' =>
        '{host} espera a {student} y aún no hay hora. El enlace de abajo conoce el nombre; el resto es un toque.',
    'expected_text' => '{host} espera a {student} y aún no hay hora. Elija una: {link}',
    'expected_card' => 'Haga una foto del cuadrado y elija una hora; conoce el nombre.',
];
