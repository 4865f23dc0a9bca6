<?php

declare(strict_types=1);

return [
    'letter_heading' => '{title} avec {host}',
    'letter_news' => '{host} a des créneaux pour vous, au sujet de {students}.',
    'letter_link' => 'Choisir un créneau',
    'expected_heading' => 'Un rendez-vous au sujet de {student} : {title} avec {host}',
    'expected_dear' => 'À la personne qui réserve pour {student},',
    'expected_invites' =>
        '{host} souhaite un rendez-vous au sujet de {student}. Choisissez un créneau : le lien ci-dessous connaît ' .
        'le nom.',
    'expected_text_invites' => '{host} souhaite un rendez-vous au sujet de {student}. Choisissez un créneau : {link}',
    'expected_news' =>
        '{host} attend {student} et n’a pas encore de créneau. Le lien ci-dessous connaît le nom ; le reste tient ' .
        'en un clic.',
    'expected_text' => '{host} attend {student} et n’a pas encore de créneau. Choisissez-en un : {link}',
    'expected_card' => 'Photographiez le carré et choisissez un créneau ; il connaît le nom.',
];
