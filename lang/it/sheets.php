<?php

declare(strict_types=1);

return [
    'letter_heading' => '{title} con {host}',
    'letter_news' => '{host} ha orari per Lei, riguarda {students}.',
    'letter_link' => 'Scegliere un orario',
    'expected_heading' => 'Un orario per {student}: {title} con {host}',
    'expected_dear' => 'A chi prenota per {student},',
    'expected_invites' => '{host} vuole parlare di {student}. Scelga un orario: il link qui sotto conosce il nome.',
    'expected_text_invites' => '{host} vuole parlare di {student}. Scelga un orario: {link}',
    'expected_news' =>
        '{host} aspetta {student} e non c’è ancora un orario. Il link qui sotto conosce il nome; il resto è un ' .
        'clic.',
    'expected_text' => '{host} aspetta {student} e non c’è ancora un orario. Ne scelga uno: {link}',
    'expected_card' => 'Fotografi il quadrato e scelga un orario; conosce il nome.',
];
