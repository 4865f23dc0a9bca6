<?php

declare(strict_types=1);

return [
    'none_here' => 'De momento nada se pode marcar aqui. <link>Veja com quem mais pode falar</link>.',
    'ask_for_time' => 'Pedir uma hora a {host}',
    'heading' => 'Fale com a nossa equipa',
    'card' => 'Escrever o código do seu cartão',
    'again' => 'Onde estão as minhas reuniões?',
    'none_now' => 'De momento nada se pode marcar.',
    'intro' => 'Escolha com quem quer falar e depois uma hora. Não é preciso conta.',
    'under_way' => 'A decorrer',
    'seek' => 'Um nome, uma disciplina ou uma sala',
    'about' => 'Ou quem estiver livre para',
    'show_times' => 'Ver horas livres',
    'found' => '{many, plural, one {# pessoa encontrada} other {# pessoas encontradas}}',
    'some_shown' => 'Mostram-se {shown, number, integer} de {many, number, integer}.',
    'show_more' => 'Ver mais',
    'or_type' => 'Ou escreva um nome em cima.',
    'nobody' => 'Ninguém com esse nome tem horas abertas. Tente uma disciplina, ou menos letras.',
    'again_sent' => 'Se houver algo marcado com este endereço, vai a caminho uma mensagem com as suas reuniões.',
    'again_email' => 'O endereço de e-mail com que marcou',
    'again_send' => 'Enviá-las outra vez',
    'staff' => 'Para a equipa: entrar',
    'find_heading' => 'Quem está livre, e quando',
    'find_about' => 'De que se trata',
    'find_from' => 'De',
    'find_to' => 'Até',
    'find_names' => 'Só estes nomes ou disciplinas',
    'find_booked' => '{at} com {host} é sua. Escolha a hora seguinte, ou veja <link>tudo o que marcou</link>.',
    'find_no_clash' => 'As horas que coincidem com as suas reuniões não se mostram.',
    'find_small_times' => 'As horas pequenas são no seu fuso horário, {city}.',
    'find_time' => '{host}, {from} – {until}',
    'find_all_of' => '{count, plural, one {A única hora de {host}} other {Todas as # horas de {host}}}',
    'find_all' => 'todas as {count, number, integer}',
    'find_nobody' => 'Ninguém oferece isto nestes dias. Veja outros dias, ou <link>toda a equipa</link>.',
    'find_these' =>
        'Professores {first, number, integer} a {last, number, integer} de {all, number, integer}, por nome.',
    'find_before' => 'Os anteriores',
    'find_after' => 'Os seguintes',
    'round' =>
        '{said, select, wishes {<bold>{title}</bold>, {when}: {wishes}} free {<bold>{title}</bold>, {when}: ' .
        '{hosts, plural, one {# professor} other {# professores}}, com horas livres} other {<bold>{title}</bold>, ' .
        '{when}: {hosts, plural, one {# professor} other {# professores}}}}',
    'round_wishes' => 'Os seus desejos',
    'round_plan' => 'Planear todas as reuniões',
    'round_beside' => 'Vê-los lado a lado',
    'find_none_that_day' => '{subject}: nada livre neste dia',
    'find_ruler' => '{host}, {subject}',
    'next_elsewhere' => '{next} ({there} no seu fuso horário)',
    'ask_all_the_same' => 'Pode pedir uma hora mesmo assim:',
    'ask_none_suits' => 'Nenhuma hora serve?',
];
