<?php

declare(strict_types=1);

return [
    'queue_well' => 'As mensagens saem.',
    'queue_wrong' =>
        '{waiting, plural, one {Espera uma mensagem ou outro trabalho} other {Esperam # mensagens e outros trabalhos}}, o mais antigo há {minutes, plural, one {um minuto} other {# minutos}}. A fila está a andar? bin/recess school status diz.',
    'scheduler_well' => 'O agendador funciona.',
    'scheduler_wrong' =>
        '{known, select, no {O agendador ainda não correu} other {O agendador está calado há {minutes, plural, one {um minuto} other {# minutos}}}}: entretanto não se enviam lembretes. bin/recess school status diz se funciona.',
    'letters_well' => 'Nenhuma mensagem do último dia foi abandonada.',
    'letters_wrong' =>
        '{failed, plural, one {Uma mensagem ou outro trabalho do último dia não pôde} other {# mensagens e outros trabalhos do último dia não puderam}} ser feito. Porquê: bin/recess school artisan queue:failed; de novo: bin/recess school artisan queue:retry all.',
    'clock_well' => 'Nada foi anotado mais tarde do que agora.',
    'clock_wrong' =>
        'Algo foi anotado {minutes, plural, one {um minuto} other {# minutos}} mais tarde do que agora: o relógio da máquina foi atrasado, ou estava errado antes. Acerte-o: as horas marcadas entretanto estão certas, mas «tarde demais» e os lembretes seguem o relógio.',
    'workers_well' => 'Os processos de trabalho estão lá.',
    'worker_silent' =>
        '{queue, select, rounds {Do processo que procura horas para jornadas} other {Do processo que envia mensagens}} nada se sabe há {minutes, plural, one {um minuto} other {# minutos}}. bin/recess up arranca o que não corre.',
    'held' =>
        '{held, plural, =0 {Nenhuma mensagem de uma cópia reposta está retida.} one {Uma mensagem ou outro trabalho de uma cópia reposta está retido} other {# mensagens e outros trabalhos de uma cópia reposta estão retidos}}{held, plural, =0 {} other {: podem ter saído antes da reposição. Envie-os com bin/recess school artisan recess:held send, ou deite-os fora com … recess:held drop.}}',
    'held_sent' =>
        '{held, plural, one {Sai agora uma mensagem ou outro trabalho} other {Saem agora # mensagens e outros trabalhos}}.',
    'held_dropped' =>
        '{held, plural, one {Uma mensagem ou outro trabalho foi deitado fora} other {# mensagens e outros trabalhos foram deitados fora}}.',
    'held_how' => 'Há recess:held, recess:held send e recess:held drop. Nada foi feito.',
    'unsent_well' => 'Nenhuma mensagem é tentada em vão há muito.',
    'letters_waiting' =>
        '{count, plural, one {Uma mensagem foi tentada e não sai} other {# mensagens foram tentadas e não saem}}. O servidor de correio diz «{why}».',
    'letters_given_up' =>
        '{count, plural, one {Uma mensagem foi abandonada} other {# mensagens foram abandonadas}} num dia. O servidor de correio disse «{why}».',
    'mail_well' => 'O servidor de correio aceita as nossas mensagens ({server}).',
    'mail_wrong' =>
        'O servidor de correio ({server}) não aceita as nossas mensagens: «{why}». Esperam, e são tentadas durante três dias. Para corrigir: bin/recess install --mail-host NAME --mail-user NAME --mail-password-file FILE',
    'other_tables' =>
        'As tabelas desta escola são de outra versão do Recess que não a do programa, por isso nada se mostra e nada se escreve; nada se perde. Para quem cuida do servidor: bin/recess doctor, depois bin/recess up.',
    'census' =>
        '{staff, plural, one {uma pessoa do pessoal} other {# pessoas do pessoal}}, {sheets, plural, one {uma folha} other {# folhas}}, {bookings, plural, one {uma marcação} other {# marcações}}, {students, plural, one {um aluno} other {# alunos}}.',
    'first_key_over' => '{school} já está instalada. A secretaria convida todos os outros, na página «Pessoal».',
    'too_much' => 'Isto é mais do que qualquer das nossas páginas envia, por isso não foi visto. Nada foi alterado.',
    'calendar_too_much' =>
        'Ler este calendário leva mais tempo ou memória do que um calendário pode. Procure nele entradas que se repitam a cada minuto ou segundo.',
    'file_quote_open' =>
        'Umas aspas (") abertas na linha {line, number} deste ficheiro não estão fechadas, por isso o que se segue seria uma só palavra longa. Nada foi alterado. Feche-as ou retire-as, e entregue o ficheiro de novo.',
    'file_too_large' =>
        'Este ficheiro tem mais de {lines, number} linhas, ou uma muito longa, por isso não foi lido. Nada foi alterado. Entregue-o por partes.',
    'a_lot_at_once' => 'Foi muito de uma vez. Espere um minuto e prima de novo; nada se perde.',
    'settings_title' => 'Definições',
    'school_title' => 'A escola',
    'text_refused' => 'O serviço de mensagens de texto respondeu {status}.',
    'text_unanswered' => 'O serviço de mensagens de texto não respondeu.',
    'no_texts' => 'Aqui não se enviam mensagens de texto.',
];
