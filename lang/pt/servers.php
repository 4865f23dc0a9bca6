<?php

declare(strict_types=1);

// A host's own calendars on a calendar server, both ways. ICU MessageFormat.
return [
    'title' => 'Os seus calendários',
    'heading' => 'Os seus calendários, nos dois sentidos',
    'about' =>
        'O que está ocupado no seu calendário não é oferecido aqui a ninguém, e o que é marcado aqui fica nele ' .
        'em segundos. Para calendários num servidor que fala CalDAV; a maioria fala, e diz o endereço nas suas ' .
        'definições.',
    'other_ways' => 'Sem servidor, basta <link>o endereço de um feed ou um ficheiro</link>, e as cartas que recebe.',
    'connect_heading' => 'Onde estão',
    'address' => 'Endereço do servidor',
    'address_help' => 'Tal como o seu programa de calendário o tem; começa por https://',
    'name' => 'O seu nome lá',
    'password' => 'A sua palavra-passe lá',
    'password_help' =>
        'De preferência uma só para programas, se o servidor as der. É guardada selada e não é mostrada a ninguém.',
    'connect' => 'Procurar os meus calendários',
    'connecting' => 'A procurar…',
    'again_heading' => 'Outra palavra-passe ou outro servidor',
    'on' => '{name}, em {host}',
    'looked' => 'Consultado: {when}.',
    'which_heading' => 'Para que serve cada um',
    'which_about' =>
        'Um encontro fica no seu calendário com o nome, o número e as respostas de quem vem: melhor num que mais ' .
        'ninguém leia.',
    'counts' => 'O que está ocupado nele tira horas aqui',
    'counts_times' =>
        '{times, plural, =0 {Nada por vir nele.} one {Um tempo ocupado por vir.} many {# tempos ocupados por ' .
        'vir.} other {# tempos ocupados por vir.}}',
    'skipped' =>
        '{many, plural, one {Uma entrada não pôde ser lida.} many {# entradas não puderam ser lidas.} other {# ' .
        'entradas não puderam ser lidas.}}',
    'takes' => 'Os meus encontros vão para este',
    'takes_none' => 'Os meus encontros não vão para nenhum',
    'written' =>
        '{many, plural, =0 {Ainda não está nele nenhum encontro.} one {Está nele um encontro.} many {Estão nele ' .
        '# encontros.} other {Estão nele # encontros.}}',
    'read_only' => 'Não pode escrever nele.',
    'keep' => 'Guardar isto',
    'keeping' => 'A guardar…',
    'kept' => 'Guardado, e consultado.',
    'look_now' => 'Consultar agora',
    'looked_now' => 'Consultado agora mesmo.',
    'disconnect' => 'Esquecer este servidor',
    'disconnect_about' =>
        'O nome e a palavra-passe são esquecidos, e nada de lá tira mais horas. Os encontros que estão no seu ' .
        'calendário ficam nele; o que lhes acontecer já não é escrito lá.',
    'disconnect_sure' => 'Esquecê-lo',
    'disconnect_not' => 'Deixá-lo',
    'still_counts' => '{failure} O que se sabia dele continua a contar; tenta-se de novo sozinho.',
    'demo' => 'Nesta demonstração há um em {address}, com o nome {name} e a palavra-passe {password}.',
    'not_https' =>
        'O endereço de um servidor de calendários começa por https://, para que ninguém leia a sua palavra-passe ' .
        'pelo caminho.',
    'wrong_password' => 'O servidor não conhece este nome com esta palavra-passe.',
    'not_let' => 'O servidor não nos deixa ler nem escrever lá.',
    'no_calendars' =>
        'Não há calendários neste endereço. Copie-o do seu programa de calendário, ou pergunte a quem trata do ' .
        'servidor.',
    'full' => 'O seu calendário lá está cheio: nada mais pode ser escrito nele até que se tire alguma coisa.',
    'error' => 'O servidor respondeu com um erro ({status}).',
    'elsewhere' =>
        'O servidor manda-nos para {host}. A sua palavra-passe é para o que indicou: dê antes esse endereço, se ' .
        'estiver certo.',
    'no_end' => 'O servidor manda-nos de um endereço para outro sem fim.',
    'not_understood' => 'O que o servidor respondeu não é como falam os servidores de calendários.',
    'not_this_one' => 'Os seus encontros não podem ir para este. Escolha outro.',
    'calendar_gone' =>
        'O calendário «{calendar}» já não está no seu servidor: não tira horas aqui, e os seus encontros não ' .
        'estão nele.',
    'not_in_step' =>
        'De momento não se chega ao seu calendário: o que se sabia dele continua a contar, e os novos encontros ' .
        'ainda não estão nele. Veja «Os seus calendários» nas suas definições.',
    'taken_out_there' =>
        'Tirou do seu calendário o encontro com {name}. Ele mantém-se: {name} espera por si, {when}. Desmarque-o ' .
        'na sua folha se não puder vir.',
    'proposed' =>
        'Mudou no seu calendário o encontro com {name}: {there}. Perguntou-se a {name} se lhe convém; até que o ' .
        'diga, mantém-se como combinado: {when}.',
    'moved_there' =>
        'No seu calendário o encontro com {name} é {there}. {name} não sabe de nada: foi combinado para {when}. ' .
        'Mude-o na sua folha, e a família é avisada.',
];
