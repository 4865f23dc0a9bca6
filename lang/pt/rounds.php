<?php

declare(strict_types=1);

return [
    'was' => 'Era {moment}.',
    'not_to_move' => 'Esta reunião já não se pode mudar.',
    'not_moved' =>
        'Alguém acabou de tomar uma destas horas, por isso nada foi mudado. Tudo o que tinha marcado fica onde ' .
        'estava. Veja o plano mais uma vez.',
    'back_heading' => 'Desmarcada: {title}',
    'back_news' =>
        '{count, plural, one {Desmarcou esta reunião.} other {Desmarcou estas # reuniões.}} As horas estão agora ' .
        'livres para outros.',
    'back_link' => 'Marcar de novo',
    'only_families' => 'Estes dias de reuniões são para as famílias de {school}. O cartão que recebeu abre-os.',
    'day_said' =>
        '{from} – {until}, {waiting, plural, =0 {sem espera} one {# minuto entre reuniões} other {# minutos entre ' .
        'reuniões}}.',
    'between_none' => 'logo a seguir',
    'between_wait' => '{wait, plural, one {# minuto} other {# minutos}} de espera',
    'between_way' => '{way, plural, one {# minuto} other {# minutos}} de caminho',
    'between_both' => '{way, plural, one {# minuto} other {# minutos}} de caminho, {wait} de espera',
    'left_nothing' => '{host} já não tem horas livres.',
    'left_interpreter' => '{host} tem horas livres, mas então não há intérprete da sua língua.',
    'left_interpreter_stay' =>
        '{host} tem horas livres, mas então não há intérprete da sua língua; {time} estaria livre, se puder ficar ' .
        'até {until}.',
    'left_interpreter_come' =>
        '{host} tem horas livres, mas então não há intérprete da sua língua; {time} estaria livre, se puder vir ' .
        'então.',
    'left_outside' => '{host} não tem horas livres quando pode vir.',
    'left_outside_stay' =>
        '{host} não tem horas livres quando pode vir; {time} estaria livre, se puder ficar até {until}.',
    'left_outside_come' => '{host} não tem horas livres quando pode vir; {time} estaria livre, se puder vir então.',
    'left_clashes' => '{host} só está livre enquanto está com {others}, ou a caminho.',
    'left_clashes_stay' =>
        '{host} só está livre enquanto está com {others}; {time} está livre, se puder ficar até {until}.',
    'left_clashes_come' => '{host} só está livre enquanto está com {others}; {time} está livre, se puder vir então.',
    'take_otherwise' => 'Posso vir às {time}',
    'not_proven' => 'Um bom plano. Se há um melhor não se conseguiu ver no tempo que uma página pode levar.',
    'not_proven_meetings' =>
        '{most, plural, one {Talvez caiba # reunião} other {Talvez caibam até # reuniões}}; não se conseguiu ver ' .
        'tudo no tempo que uma página pode levar.',
    'gone' =>
        'Alguém acabou de tomar {time} com {host}. Nada foi marcado; aqui está o melhor plano seguinte, com as ' .
        'mudanças assinaladas.',
    'no_longer' =>
        'A escola mudou ou fechou essa hora: {time} com {host}. Nada foi marcado; aqui está o melhor plano ' .
        'seguinte, com as mudanças assinaladas.',
    'no_interpreter' =>
        'Já não há intérprete livre {time}, quando estaria com {host}. Nada foi marcado; aqui está o melhor plano ' .
        'seguinte, com as mudanças assinaladas.',
    'have_it' =>
        'Já tem uma hora com {host} sobre {child}, talvez de outra página. Mais nada foi marcado; o plano continua ' .
        'do que tem.',
    'child_has_it' =>
        '{apart, select, yes {Uma hora com {host} sobre {child} não se pode marcar daqui. Nada foi marcado; a ' .
        'secretaria da escola sabe mais.} other {Uma hora com {host} sobre {child} já foi marcada por outra pessoa ' .
        'que cuida desta criança. Nada foi marcado; pergunte-lhe, ou à secretaria.}}',
    'elsewhere' =>
        '{apart, select, yes {A hora {time} já não se pode marcar. Nada foi marcado; aqui está o melhor plano ' .
        'seguinte, com as mudanças assinaladas.} other {Há agora outra reunião sua, ou de {child} com outra ' .
        'pessoa, {time}. Nada foi marcado; aqui está o melhor plano seguinte, com as mudanças assinaladas.}}',
    'left_child' =>
        '{apart, select, yes {Uma hora com {host} sobre {child} não se pode marcar daqui. A secretaria da escola ' .
        'sabe mais.} other {Outra pessoa que cuida de {child} já marcou com {host}.}}',
    'not_open' => 'Estes dias de reuniões não aceitam marcações agora. A secretaria da escola sabe mais.',
    'cohort_opens' => 'Para si as marcações abrem {moment}.',
    'not_in_it' => 'A pessoa não está nestes dias de reuniões, ou não aceita marcações agora.',
    'not_theirs' => 'Sobre esta criança não pode marcar aqui.',
    'twice' => 'A pessoa está duas vezes para a mesma criança.',
    'nothing_picked' => 'Assinale alguém com quem quer falar.',
    'no_such_hours' => 'Essas horas não existem nesse dia.',
    'kept_heading' => '{moved, plural, =0 {O seu plano} other {O seu novo plano}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Esta reunião é sua} other {Estas # reuniões são suas}}.} one ' .
        '{Mudou # reunião. {count, plural, one {Esta reunião é sua} other {Estas # reuniões são suas}} agora.} ' .
        'other {Mudou # reuniões. {count, plural, one {Esta reunião é sua} other {Estas # reuniões são suas}} ' .
        'agora.}} Abra as suas reuniões para mudar ou desmarcar uma.',
    'kept_to_confirm' =>
        '{count, plural, one {Esta reunião fica guardada} other {Estas # reuniões ficam guardadas}} para si ' .
        'durante meia hora. Um clique no endereço em baixo e tudo fica marcado.',
    'kept_link' => 'Tudo o que marcou',
    'kept_confirm' => 'Sim, é o meu endereço: marcar',
    'no_scripts' =>
        'O plano procura-se enquanto vê, o que precisa de JavaScript. Sem ele marca-se com um professor após outro:',
    'invite_heading' => '{title}: {collects, select, yes {com quem quer falar?} other {escolha as suas horas}}',
    'remind_heading' => '{title}: ainda não soubemos de si',
    'remind_news_book' => 'Pode marcar horas sobre {students} com todos os que lhe dão aulas, e ver como tudo encaixa.',
    'remind_news_wish' => 'Pode dizer com quem quer falar sobre {students}, e quando pode vir, até {moment}.',
    'remind_link' => 'Abrir a página',
    'remind_text' => '{title}: horas sobre {students} em {link}',
];
