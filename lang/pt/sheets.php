<?php

declare(strict_types=1);

return [
    'letter_heading' => '{title} com {host}',
    'letter_news' => '{host} tem horas para si, sobre {students}.',
    'letter_link' => 'Escolher uma hora',
    'expected_heading' => 'Uma hora para {student}: {title} com {host}',
    'expected_dear' => 'A quem marca por {student},',
    'expected_invites' => '{host} quer falar sobre {student}. Escolha uma hora: a ligação em baixo conhece o nome.',
    'expected_text_invites' => '{host} quer falar sobre {student}. Escolha uma hora: {link}',
    'expected_news' =>
        '{host} espera {student} e ainda não há hora. A ligação em baixo conhece o nome; o resto é um clique.',
    'expected_text' => '{host} espera {student} e ainda não há hora. Escolha uma: {link}',
    'expected_card' => 'Fotografe o quadrado e escolha uma hora; conhece o nome.',
];
