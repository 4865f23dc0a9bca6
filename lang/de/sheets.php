<?php

declare(strict_types=1);

return [
    'letter_heading' => '{title} bei {host}',
    'letter_news' => '{host} hat Zeiten für Sie, es geht um {students}.',
    'letter_link' => 'Zeit wählen',
    'expected_heading' => 'Ein Termin für {student}: {title} bei {host}',
    'expected_dear' => 'Guten Tag an alle, die für {student} buchen,',
    'expected_invites' =>
        '{host} möchte über {student} sprechen. Wählen Sie eine Zeit: Der Link unten kennt den Namen.',
    'expected_text_invites' => '{host} möchte über {student} sprechen. Wählen Sie eine Zeit: {link}',
    'expected_news' =>
        '{host} erwartet {student} und hat noch keine Zeit dafür. Der Link unten kennt den Namen; der Rest ist ein ' .
        'Klick.',
    'expected_text' => '{host} erwartet {student} und hat noch keine Zeit dafür. Wählen Sie eine: {link}',
    'expected_card' => 'Fotografieren Sie das Quadrat und wählen Sie eine Zeit; es kennt den Namen.',
];
