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
        '{count, plural, =0 {Retirou os seus desejos. A escola não tem nada. Pode enviar novos até {moment}.} one ' .
        '{A escola tem o seu desejo. Pode mudá-lo até {moment}. Depois saberá que hora é sua.} other {A escola tem ' .
        'os seus # desejos, por esta ordem. Pode mudá-los até {moment}. Depois saberá que horas são suas.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {O seu desejo está guardado.} other {Os seus # desejos estão guardados.}} Contam ' .
        'quando este endereço tiver respondido: um clique em baixo.',
    'gone_heading' => '{host} já não está',
    'gone_news' =>
        '{host} já não está nesses dias. Os seus outros desejos mantêm-se. {open, select, yes {Pode desejar outra ' .
        'pessoa até {moment}.} other {Ligue para a secretaria se quiser outra pessoa.}}',
    'gone' =>
        '{count, plural, one {{names} já não está nesses dias.} other {{names} já não estão nesses dias.}} Escolha ' .
        'outra pessoa, ou continue com o resto.',
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
        '{count, plural, =0 {Não se pôde dar nenhuma hora para o que desejou.} one {Esta hora é sua.} other {Estas ' .
        '# horas são suas.}} {left, plural, =0 {É tudo o que foi desejado.} one {Para # desejo não houve hora; ' .
        'está em baixo.} other {Para # desejos não houve hora; estão em baixo.}} O que está livre pode agora ser ' .
        'marcado por todos.',
    'given_asked' => 'Algumas foram pedidas por um professor.',
    'given_link' => 'As suas reuniões: mudar, imprimir ou desmarcar',
    'given_left' => 'Nenhuma hora com {host}',
    'to_family_outside_windows' => 'Não há nenhuma hora quando pode vir.',
    'to_family_host_full' => 'As horas em que pode vir foram para outros.',
    'to_family_clashes' => 'Livre só enquanto está noutra reunião, ou a caminho.',
    'to_family_no_interpreter' => 'Há horas, mas então não há intérprete da sua língua.',
    'to_family_other_guardian' =>
        '{apart, select, yes {Não lhe pôde ser dada. A secretaria da escola sabe mais.} other {Outro encarregado ' .
        'de educação desejou o mesmo, e foi o primeiro.}}',
    'to_family_host_gone' => '{host} já não participa.',
    'to_family_time_gone' => 'A hora foi para outra coisa antes de poder ser marcada.',
];
