<?php

declare(strict_types=1);

return [
    'if_you_like' => '(se quiser)',
    'help_by_phone' => 'Precisa de ajuda? Ligue para a secretaria da escola: <link>{phone}</link>',
    'help' => 'Precisa de ajuda? Ligue para a secretaria da escola.',
    'recess' => 'Recess',
    'less' => 'Menos',
    'more' => 'Mais',
    'a_moment' => 'Um momento, isto continua sozinho. Nada se perde, e nada acontece duas vezes.',
    'no_answer' =>
        'Não houve resposta. O que escreveu continua aqui. Verifique a sua ligação e prima outra vez; nada ' .
        'acontece duas vezes.',
    'another_look' => 'Alguma coisa precisa de ser revista. Nada se perdeu.',
    'signed_out' =>
        'Entretanto a sua sessão terminou. Entre de novo noutro separador e prima aqui outra vez; nada se perde.',
    'file_too_large' => 'Esse ficheiro é demasiado grande. Nada foi guardado; o que escreveu continua aqui.',
    'file_too_large_here' => 'Este ficheiro é demasiado grande.',
    'a_lot' => 'Foi muito de uma vez. Espere um minuto e prima outra vez; nada se perde.',
    'machine_away' =>
        'O servidor da escola não responde há meio minuto. O que escreveu continua aqui. Prima outra vez dentro de ' .
        'um minuto; nada acontece duas vezes.',
    'went_wrong' => 'Alguma coisa correu mal aqui. Nada foi guardado a meio. Tente outra vez dentro de um minuto.',
    'go_on' => 'Continuar',
    'leave_it' => 'Deixar',
    'undo' => 'Desfazer',
    'close_this' => 'Fechar',
    'e_mail_address' => 'Endereço de e-mail',
    'with' => 'com <link>{host}</link>',
    'with_also' => 'com <link>{host}</link> {also}',
    'clock_24' => 'Relógio de 24 horas',
    'clock_12' => 'Relógio de 12 horas',
    'with_titles' => 'com <link>{host}</link>, {titles}',
    'with_also_titles' => 'com <link>{host}</link> {also}, {titles}',
    'and' => '{others} e {last}',
    'minutes_short' => '{minutes, number, integer} min',
    'day_1' => 'segunda-feira',
    'day_2' => 'terça-feira',
    'day_3' => 'quarta-feira',
    'day_4' => 'quinta-feira',
    'day_5' => 'sexta-feira',
    'day_6' => 'sábado',
    'day_7' => 'domingo',
    'one_moment' => 'Um momento…',
    'slot' => '{day}, {from} – {until}',
    'language' => 'Língua',
];
