<?php

declare(strict_types=1);

return [
    'feed_name' => 'Encontros',
    'not_http' => 'O endereço de um calendário começa por https://, http:// ou webcal://.',
    'not_allowed' =>
        'Este endereço leva à rede da própria escola, de onde não se trazem calendários. A administração pode ' .
        'permiti-lo.',
    'not_plain' =>
        'O nome do servidor tem letras que os endereços não têm. Copie-o de novo do seu programa de calendário.',
    'unknown_host' => 'Não se conhece nenhum servidor com esse nome. Veja outra vez o endereço.',
    'no_end' => 'O endereço leva de um a outro sem fim. Copie-o de novo do seu programa de calendário.',
    'too_large' => 'O calendário tem mais de {megabytes} MB.',
    'not_let' => 'O servidor não nos deixa lê-lo. Copie o endereço privado do seu programa de calendário.',
    'gone' => 'Já não há nenhum calendário neste endereço.',
    'error' => 'O servidor respondeu com um erro ({status}). Tentamos mais tarde.',
    'no_answer' => 'O servidor não respondeu a tempo. Tentamos mais tarde.',
    'address_or_file' => 'Dê o endereço de um calendário, ou escolha um ficheiro.',
    'file_most' => 'Um ficheiro de calendário tem no máximo {megabytes} MB.',
    'skipped' => 'Linha {line, number, integer}, {what}: {why}',
    'summary' => '{title}: {with}',
    'summary_about' => '{title}: {with}, sobre {student}',
];
