<?php

declare(strict_types=1);

return [
    'was' => 'Era {moment}.',
    'not_to_move' => 'Esta reunião já não se pode mudar.',
    'not_moved' =>
        'Alguém acabou de tomar uma destas horas, por isso nada foi mudado. Tudo o que tinha marcado fica onde estava. Veja o plano mais uma vez.',
    'back_heading' => 'Desmarcada: {title}',
    'back_news' =>
        '{count, plural, one {Desmarcou esta reunião.} other {Desmarcou estas # reuniões.}} As horas estão agora livres para outros.',
    'back_link' => 'Marcar de novo',
    'title' => 'Jornadas',
    'new' => 'Uma nova jornada',
    'only_families' => 'Estes dias de reuniões são para as famílias de {school}. O cartão que recebeu abre-os.',
    'day_said' =>
        '{from} – {until}, {waiting, plural, =0 {sem espera} one {# minuto entre reuniões} other {# minutos entre reuniões}}.',
    'between_none' => 'logo a seguir',
    'between_wait' => '{wait, plural, one {# minuto} other {# minutos}} de espera',
    'between_way' => '{way, plural, one {# minuto} other {# minutos}} de caminho',
    'between_both' => '{way, plural, one {# minuto} other {# minutos}} de caminho, {wait} de espera',
    'left_nothing' => '{host} já não tem horas livres.',
    'left_interpreter' => '{host} tem horas livres, mas então não há intérprete da sua língua.',
    'left_interpreter_stay' =>
        '{host} tem horas livres, mas então não há intérprete da sua língua; {time} estaria livre, se puder ficar até {until}.',
    'left_interpreter_come' =>
        '{host} tem horas livres, mas então não há intérprete da sua língua; {time} estaria livre, se puder vir então.',
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
        '{most, plural, one {Talvez caiba # reunião} other {Talvez caibam até # reuniões}}; não se conseguiu ver tudo no tempo que uma página pode levar.',
    'gone' =>
        'Alguém acabou de tomar {time} com {host}. Nada foi marcado; aqui está o melhor plano seguinte, com as mudanças assinaladas.',
    'no_longer' =>
        'A escola mudou ou fechou essa hora: {time} com {host}. Nada foi marcado; aqui está o melhor plano seguinte, com as mudanças assinaladas.',
    'no_interpreter' =>
        'Já não há intérprete livre {time}, quando estaria com {host}. Nada foi marcado; aqui está o melhor plano seguinte, com as mudanças assinaladas.',
    'dates' => '{first} a {last}',
    'card_how' =>
        '{teachers, select, none {} other {Com {teachers}. }}Fotografe o quadrado, ou escreva o código em {address}',
    'card_teachers' => '{names} e outros {more}',
    'cards_cut' =>
        'Estes são os cartões dos primeiros {most, number} alunos de {all, number}. Imprima os outros turma a turma.',
    'have_it' =>
        'Já tem uma hora com {host} sobre {child}, talvez de outra página. Mais nada foi marcado; o plano continua do que tem.',
    'child_has_it' =>
        '{apart, select, yes {Uma hora com {host} sobre {child} não se pode marcar daqui. Nada foi marcado; a secretaria da escola sabe mais.} other {Uma hora com {host} sobre {child} já foi marcada por outra pessoa que cuida desta criança. Nada foi marcado; pergunte-lhe, ou à secretaria.}}',
    'elsewhere' =>
        '{apart, select, yes {A hora {time} já não se pode marcar. Nada foi marcado; aqui está o melhor plano seguinte, com as mudanças assinaladas.} other {Há agora outra reunião sua, ou de {child} com outra pessoa, {time}. Nada foi marcado; aqui está o melhor plano seguinte, com as mudanças assinaladas.}}',
    'left_child' =>
        '{apart, select, yes {Uma hora com {host} sobre {child} não se pode marcar daqui. A secretaria da escola sabe mais.} other {Outra pessoa que cuida de {child} já marcou com {host}.}}',
    'not_open' => 'Estes dias de reuniões não aceitam marcações agora. A secretaria da escola sabe mais.',
    'collecting' => 'Aqui vêm primeiro os desejos. Nada pode ser marcado até todos saberem as suas horas.',
    'cohort_opens' => 'Para si as marcações abrem {moment}.',
    'not_in_it' => 'A pessoa não está nestes dias de reuniões, ou não aceita marcações agora.',
    'not_theirs' => 'Sobre esta criança não pode marcar aqui.',
    'twice' => 'A pessoa está duas vezes para a mesma criança.',
    'nothing_picked' => 'Assinale alguém com quem quer falar.',
    'no_such_hours' => 'Essas horas não existem nesse dia.',
    'kept_heading' => '{moved, plural, =0 {O seu plano} other {O seu novo plano}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {Esta reunião é sua} other {Estas # reuniões são suas}}.} one {Mudou # reunião. {count, plural, one {Esta reunião é sua} other {Estas # reuniões são suas}} agora.} other {Mudou # reuniões. {count, plural, one {Esta reunião é sua} other {Estas # reuniões são suas}} agora.}} Abra as suas reuniões para mudar ou desmarcar uma.',
    'kept_to_confirm' =>
        '{count, plural, one {Esta reunião fica guardada} other {Estas # reuniões ficam guardadas}} para si durante meia hora. Um clique no endereço em baixo e tudo fica marcado.',
    'kept_link' => 'Tudo o que marcou',
    'kept_confirm' => 'Sim, é o meu endereço: marcar',
    'no_scripts' =>
        'O plano procura-se enquanto vê, o que precisa de JavaScript. Sem ele marca-se com um professor após outro:',
    'published_already' =>
        'Esta jornada está publicada. O que é comum a todas as folhas já não pode ser alterado aqui.',
    'wished_already' => 'Já há famílias que enviaram desejos, por isso continua publicada. Nada foi alterado.',
    'wishes_too_late' => 'Os desejos terminam antes do primeiro dia da jornada, para haver tempo de distribuir.',
    'wishes_until_over' => 'O momento até ao qual as famílias desejam já passou. Escolha um mais tarde e publique.',
    'cohort_too_late' => 'Estes vêm primeiro: antes de abrir para todos; diga então acima quando isso é.',
    'booked_already' => 'Alguém já marcou, por isso continua publicada. Nada foi alterado.',
    'changed_elsewhere' =>
        'Entretanto alguém alterou esta jornada. O que escreveu ainda está aqui; carregue a página de novo para ver a outra versão.',
    'nobody_in_it' => 'Ainda não há ninguém nesta jornada. Escolha professores e publique.',
    'all_closed' => 'A escola está fechada em todos estes dias, por isso não haveria horas. Nada foi publicado.',
    'no_place' =>
        '{count, plural, one {{names} ainda não tem lugar: ninguém daria com ele.} other {# ainda não têm lugar, por isso ninguém daria com eles: {names}{count, plural, =2 {} =3 {} =4 {} =5 {} other { e outros}}.}} Nada foi publicado.',
    'not_past' => 'A primeira data já passou.',
    'dates_needed' =>
        'Uma jornada é em datas. Escreva-as como «12 março, 14 março 16:00-19:00 /10», ou «2027-03-09 16:00-19:00 /10 intervalo 5».',
    'too_long' => 'Uma jornada cabe em dois meses.',
    'too_many_hosts' => 'Numa jornada podem estar no máximo {most}.',
    'no_such_staff' => 'Uma destas pessoas já não trabalha aqui.',
    'no_such_class' => 'Uma destas turmas já não existe.',
    'look_said' =>
        '{slots, plural, one {Uma hora} other {# horas}} para cada professor: {all, number} para {hosts, plural, one {um professor} other {# professores}}.',
    'look_untaught' =>
        '{count, plural, one {Um aluno não tem} other {# alunos não têm}} nenhum dos seus professores nesta jornada. As famílias veem todos os que participam.',
    'look_short' =>
        '{count, plural, =0 {Todos têm tempo para todos os seus alunos.} one {Um professor tem mais alunos do que horas.} other {# professores têm mais alunos do que horas.}}',
    'absent_on_sheet' => 'Esta jornada está publicada. Feche as horas na sua folha: lá vê primeiro quem afeta.',
    'interpreter_here' => 'Uma destas pessoas já não trabalha aqui, ou está duas vezes para uma língua.',
    'interpreter_is_host' =>
        'Quem recebe famílias nesta jornada não pode interpretar nela: as suas horas são dadas antes de se saber quais estão livres.',
    'no_such_language' => 'Esta não é uma língua que conheçamos; escreva o código, como fr, ar ou uk.',
    'not_taught' => 'Um destes alunos já não está entre os que essa pessoa ensina.',
    'not_published_yet' => 'Esta jornada ainda não está publicada: inclua-os onde ela é escrita. Nada foi alterado.',
    'it_is_over' => 'Todas as datas desta jornada passaram. Nada foi alterado.',
    'nobody_here' => 'Ninguém com esse nome recebe famílias aqui.',
    'has_meetings' => 'Alguém marcou com {host}, que por isso fica. Nada foi alterado.',
    'without_link' =>
        '{count, plural, one {{names} recebe por vídeo e ainda não tem ligação.} other {# recebem por vídeo e ainda não têm ligação: {names}.}}',
    'ground' =>
        '{count, plural, one {{names} precisa} other {# famílias precisam}} do rés do chão{count, plural, one {} other {: {names}}}.',
    'needs_ground' => 'precisa do rés do chão',
    'due_said' =>
        '{can, plural, =0 {Agora não se escreveria a ninguém.} one {Escrever-se-ia a um encarregado.} other {Escrever-se-ia a # encarregados.}} {lately, plural, =0 {} one {A um já se escreveu no último dia.} other {A # já se escreveu no último dia.}} {cannot, plural, =0 {} one {Um não tem endereço: imprima um cartão.} other {# não têm endereço: imprima cartões.}}',
    'invite_heading' => '{title}: {collects, select, yes {com quem quer falar?} other {escolha as suas horas}}',
    'remind_heading' => '{title}: ainda não soubemos de si',
    'remind_news_book' => 'Pode marcar horas sobre {students} com todos os que lhe dão aulas, e ver como tudo encaixa.',
    'remind_news_wish' => 'Pode dizer com quem quer falar sobre {students}, e quando pode vir, até {moment}.',
    'remind_link' => 'Abrir a página',
    'remind_text' => '{title}: horas sobre {students} em {link}',
    'wished_gone' =>
        '{count, plural, one {Uma família desejou {names}, que já não participa. Foi avisada.} other {# famílias desejaram {names}, que já não participa. Foram avisadas.}}',
    'nobody_yet' => 'Ninguém marcou ainda nesta jornada.',
    'place_needed' => 'Diga onde está.',
    'link_needed' => 'Uma reunião por vídeo precisa da sua ligação, que começa por https://',
    'longer' => '{student}, por mais tempo',
];
