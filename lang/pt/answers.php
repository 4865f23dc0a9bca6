<?php

declare(strict_types=1);

return [
    'title' => 'Correio deixado de lado',
    'left_too_large' => 'É maior do que pode ser a resposta de um calendário.',
    'left_automatic' => 'Foi enviado por uma máquina, como um aviso de ausência.',
    'left_no_calendar' => 'É uma mensagem comum: talvez alguém a queira ler.',
    'left_not_readable' => 'A parte de calendário não se consegue ler.',
    'left_other_method' => 'É um convite ou outra coisa, não uma resposta.',
    'left_unknown_entry' => 'Responde a uma entrada que não é nossa, ou que já não existe.',
    'left_stranger' => 'Vem de um endereço para o qual essa entrada nunca foi enviada.',
    'left_other_address' => 'Foi enviado para outro endereço que não o da entrada.',
    'left_older' => 'Responde a uma entrada alterada desde então, ou outra resposta chegou depois.',
    'left_off' => 'Aquilo a que responde já não se realiza, ou já teve resposta.',
    'left_begun' => 'Chegou depois de a reunião começar.',
    'left_nothing' => 'O que diz não tem efeito: quem recebe cancela na sua própria página.',
    'left_refused' => 'O que pede já não se pode obter.',
    'declined_heading' => 'Não vem? {title}, {when}',
    'declined_news' => 'O seu calendário diz que não vem a esta reunião com {host}. A hora continua sua.',
    'declined_link' => 'As suas reuniões: desmarque-a, ou deixe tudo como está',
];
