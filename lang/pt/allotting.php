<?php

declare(strict_types=1);

return [
    'board_until' => 'aceitam-se desejos até {moment}',
    'board_over' => 'as horas estão a ser dadas; quem enviou desejos terá notícias dos seus',
    'over' => 'Já não se aceitam desejos. As horas livres estarão aqui quando todos os desejos tiverem as suas.',
    'windows_needed' => 'Diga quando pode vir: sem nenhuma noite não é possível marcar reuniões.',
    'until' => 'Pode enviar desejos, e mudá-los, até {moment}.',
    'until_over' => 'Podiam enviar-se desejos até {moment}. Saberá que horas são suas assim que todos tiverem as suas.',
    'sent_at' => 'A escola tem os seus desejos desde {moment}.',
    'plain_how' => 'Escreva 1 ao lado de quem mais quer ver, depois 2, e assim por diante; deixe os outros vazios.',
    'plain_when' => 'Quando pode vir?',
    'plain_others' => 'Outra pessoa',
    'plain_from' => 'das',
    'plain_until' => 'às',
    'plain_from_again' => 'e das',
    'plain_until_again' => 'às',
    'plain_needs' => 'O que precisa',
    'plain_walk' => 'Tempo para ir de sala em sala',
    'plain_breather' => 'Uma pausa entre duas reuniões',
    'plain_minutes' => '{n, plural, =0 {nenhum} one {# minuto} other {# minutos}}',
    'plain_interpreter' => 'Intérprete',
    'plain_no_interpreter' => 'não é preciso',
    'plain_ground' => 'Precisamos do rés do chão',
    'plain_phone' => 'Número de telefone',
    'plain_name' => 'O seu nome',
    'plain_email' => 'O seu endereço de e-mail',
    'plain_child' => 'Filho {n}',
    'plain_child_name' => 'Nome do aluno',
    'plain_send' => 'Enviar estes desejos',
    'too_many' => 'Mais desejos do que podemos aceitar. Retire alguns.',
    'wishes_heading' => 'Os seus desejos: {title}',
    'wishes_news' =>
        '{count, plural, =0 {Retirou os seus desejos. A escola não tem nada. Pode enviar novos até {moment}.} one {A escola tem o seu desejo. Pode mudá-lo até {moment}. Depois saberá que hora é sua.} other {A escola tem os seus # desejos, por esta ordem. Pode mudá-los até {moment}. Depois saberá que horas são suas.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {O seu desejo está guardado.} other {Os seus # desejos estão guardados.}} Contam quando este endereço tiver respondido: um clique em baixo.',
    'gone_heading' => '{host} já não está',
    'gone_news' =>
        '{host} já não está nesses dias. Os seus outros desejos mantêm-se. {open, select, yes {Pode desejar outra pessoa até {moment}.} other {Ligue para a secretaria se quiser outra pessoa.}}',
    'gone' =>
        '{count, plural, one {{names} já não está nesses dias.} other {{names} já não estão nesses dias.}} Escolha outra pessoa, ou continue com o resto.',
    'wishes_link' => 'Mudar ou juntar desejos',
    'wishes_confirm' => 'Sim, é o meu endereço',
    'wishes_row' => '{host}{student, select, none {} other { – sobre {student}}}',
    'wishes_when' => 'Pode vir',
    'wishes_hours' => '{day}, {from} – {until}',
    'wishes_needs' => 'Precisa de',
    'wishes_interpreter' => 'um intérprete ({language})',
    'wishes_ground' => 'o rés do chão',
    'wishes_break' => '{n, plural, one {uma pausa de # minuto} other {uma pausa de # minutos}}',
    'wishes_rank' => '{rank, selectordinal, other {#.º}} desejo',
    'given_heading' => 'As suas horas: {title}',
    'given_news' =>
        '{count, plural, =0 {Não se pôde dar nenhuma hora para o que desejou.} one {Esta hora é sua.} other {Estas # horas são suas.}} {left, plural, =0 {É tudo o que foi desejado.} one {Para # desejo não houve hora; está em baixo.} other {Para # desejos não houve hora; estão em baixo.}} O que está livre pode agora ser marcado por todos.',
    'given_asked' => 'Algumas foram pedidas por um professor.',
    'given_link' => 'As suas reuniões: mudar, imprimir ou desmarcar',
    'given_left' => 'Nenhuma hora com {host}',
    'host_heading' => 'As suas reuniões: {title}',
    'host_news' =>
        'As horas estão distribuídas: {count, plural, =0 {por agora ninguém vem ter consigo} one {uma reunião é sua} other {# reuniões são suas}}. O que ainda está livre na sua folha pode agora ser marcado por todos.',
    'host_link' => 'A sua folha, com quem vem',
    'families_with_none' =>
        '{count, plural, =0 {Cada família tem pelo menos uma reunião.} one {Uma família não tem nenhuma reunião.} other {# famílias não têm nenhuma reunião.}}',
    'helps_times' => 'Ajudariam mais horas destes professores, ou horas em que ainda lhes restam algumas.',
    'helps_other_hours' => 'Ajudariam outras horas: peça-as à família antes de publicar.',
    'helps_interpreter' => 'Ajudaria um intérprete a outras horas, ou um segundo.',
    'helps_another' => 'Podem desejar outra pessoa.',
    'why_outside_windows' => '{host} não tem horas quando eles podem vir.',
    'why_host_full' => 'As horas de {host} quando eles podem vir foram para outros.',
    'why_clashes' => '{host} só está livre enquanto eles estão noutra reunião, ou a caminho.',
    'why_no_interpreter' => '{host} ainda tem horas, mas então nenhum intérprete da língua deles está livre.',
    'why_other_guardian' => 'Outro encarregado da criança desejou {host} primeiro.',
    'why_host_gone' => '{host} já não está na jornada.',
    'why_time_gone' => 'A hora com {host} foi para outra coisa antes de poder ser marcada.',
    'to_family_outside_windows' => 'Não há nenhuma hora quando pode vir.',
    'to_family_host_full' => 'As horas em que pode vir foram para outros.',
    'to_family_clashes' => 'Livre só enquanto está noutra reunião, ou a caminho.',
    'to_family_no_interpreter' => 'Há horas, mas então não há intérprete da sua língua.',
    'to_family_other_guardian' =>
        '{apart, select, yes {Não lhe pôde ser dada. A secretaria da escola sabe mais.} other {Outro encarregado de educação desejou o mesmo, e foi o primeiro.}}',
    'to_family_host_gone' => '{host} já não participa.',
    'to_family_time_gone' => 'A hora foi para outra coisa antes de poder ser marcada.',
    'title' => 'Distribuição: {round}',
    'sent' =>
        '{families, plural, =0 {Nenhuma família enviou ainda desejos.} one {Uma família enviou desejos.} other {# famílias enviaram desejos.}}',
    'none_yet' => 'Ainda nada está distribuído.',
    'waiting' => 'Começa dentro de momentos.',
    'running' =>
        '{granted, number} de {wishes, number} desejos até agora; nunca poderão ser atendidos mais de {bound, number}.',
    'found' =>
        '{granted, number} de {wishes, number} desejos são atendidos. Está provado que nunca podem ser mais de {bound, number}.',
    'short' =>
        'Nada foi marcado, e ninguém foi avisado: pouco antes da primeira mensagem, {short, plural, one {uma destas horas} other {# destas horas}} já não se podia obter. O que resta está aqui: {granted, number} de {wishes, number} desejos. Veja e publique, ou mande procurar de novo.',
    'found_best' => '{granted, number} de {wishes, number} desejos são atendidos. Está provado que não podem ser mais.',
    'booking' => '{booked, number} de {families, number} famílias têm as suas horas.',
    'booked' =>
        'Todas as {families, number} famílias têm as suas horas e foram avisadas. O que está livre fica aberto a todos.{gone, plural, =0 {} one { Um desejo perdeu a sua hora entre a procura e a marcação; a família foi avisada.} other { # desejos perderam as suas horas entre a procura e a marcação; as famílias foram avisadas.}}',
    'failed' => 'Terminou antes de se encontrar algo. Nada foi marcado; comece de novo.',
    'not_granted' =>
        '{count, plural, =0 {Todos os desejos são atendidos.} one {Um desejo não é atendido.} other {# desejos não são atendidos{listed, plural, =200 {; os primeiros 200 estão aqui, todos na tabela} other {}}.}}',
    'not_collecting' => 'Esta jornada não recolhe desejos.',
    'allotted_already' => 'As horas desta jornada já estão distribuídas e marcadas.',
    'at_work' => 'Alguém já começou uma; ainda está a decorrer. Nada mais foi começado.',
    'not_the_last' => 'Desde então foi encontrada outra. Veja essa e publique-a.',
    'still_collecting' =>
        'As famílias ainda podem enviar desejos. Termine isso primeiro, ou espere que acabe; depois mande procurar de novo. Nada foi marcado.',
    'wishes_since' =>
        'Foi encontrada quando ainda podiam chegar desejos. Mande procurar de novo e publique. Nada foi marcado.',
    'nothing_to_pin' => 'Não há aqui nada cuja hora ainda possa mudar.',
    'too_late' => 'Os desejos terminam antes do primeiro dia da jornada.',
];
