<?php

declare(strict_types=1);

return [
    '403_title' => 'Isto é de outra pessoa',
    '403_text' => 'Entrou, mas esta página é de outra pessoa da equipa. Nada foi mostrado nem mudado.',
    '404_title' => 'Aqui não há nada',
    '404_text' =>
        'Este endereço não leva a lado nenhum (ou já não). Se veio numa mensagem, veja se foi copiado inteiro. Uma ' .
        'hora marcada continua marcada.',
    '419_title' => 'Esta página esteve aberta demasiado tempo',
    '419_text' =>
        'Entretanto a sua sessão terminou. Entre de novo e repita o último passo; nada do que está antes se perdeu.',
    '429_title' => 'Foi muito de uma vez',
    '429_text' => 'Espere um minuto e tente outra vez. O que está marcado continua marcado.',
    '500_title' => 'Alguma coisa correu mal aqui',
    '500_text' =>
        'A culpa é nossa, não sua, e ficou anotado. Nada foi guardado a meio. Tente outra vez dentro de um minuto.',
    '503_title' => 'Voltamos já',
    '503_text' =>
        'A escola está a atualizar este serviço. Tente outra vez dentro de um minuto; o que está marcado continua ' .
        'marcado.',
];
