<?php

declare(strict_types=1);

return [
    'tells' => [
        'lead_minutes' =>
            '{lead_minutes, plural, =0 {Pode marcar-se até a reunião começar.} other {Pode marcar-se até {lead_minutes_said} antes da reunião.}}',
        'lead_days' =>
            '{lead_working, select, yes {{lead_days, plural, =0 {Pode marcar-se até às {lead_by_said} do próprio dia.} =1 {Pode marcar-se até às {lead_by_said} do dia útil anterior.} one {Pode marcar-se até às {lead_by_said}, # dia útil antes.} other {Pode marcar-se até às {lead_by_said}, # dias úteis antes.}}} other {{lead_days, plural, =0 {Pode marcar-se até às {lead_by_said} do próprio dia.} =1 {Pode marcar-se até às {lead_by_said} da véspera.} one {Pode marcar-se até às {lead_by_said}, # dia antes.} other {Pode marcar-se até às {lead_by_said}, # dias antes.}}}}',
        'opens_at' => 'As marcações abrem {opens_at_said}.',
        'closes_at' => 'As marcações fecham {closes_at_said}.',
        'per_student' =>
            '{each_guardian, select, yes {{per_student, plural, =1 {Uma hora por aluno e encarregado de educação: quem marca na sua própria página tem a sua.} one {No máximo # hora por aluno e encarregado de educação.} other {No máximo # horas por aluno e encarregado de educação.}}} other {{per_student, plural, =1 {Uma hora por aluno.} one {No máximo # hora por aluno.} other {No máximo # horas por aluno.}}}}',
        'per_visitor' =>
            '{per_visitor, plural, =1 {Uma hora por pessoa.} =6 {} one {No máximo # hora por pessoa.} other {No máximo # horas por pessoa.}}',
        'per_week' =>
            '{per_week, plural, =1 {Uma hora por pessoa e semana.} one {No máximo # hora por pessoa e semana.} other {No máximo # horas por pessoa e semana.}}',
        'per_term' =>
            '{per_term, plural, =1 {Uma hora por pessoa e período.} one {No máximo # hora por pessoa e período.} other {No máximo # horas por pessoa e período.}}',
        'per_month' =>
            '{per_month, plural, =1 {Uma hora por pessoa e mês.} one {No máximo # hora por pessoa e mês.} other {No máximo # horas por pessoa e mês.}}',
        'approve' => 'Pede uma hora; é sua quando chegar a resposta, dentro de {asked_hours_said}.',
        'show_who' => '{seats, plural, =1 {} other {Quem vem à mesma hora vê o seu nome.}}',
    ],
    'asks' => [
        'seats' => 'Visitantes por hora',
        'per_day' => 'Reuniões por dia',
        'lead_minutes' => 'Minutos antes da reunião',
        'lead_days' => 'Dias antes',
        'lead_by' => 'Hora do relógio',
        'lead_working' => 'Dias úteis',
        'furthest_days' => 'Dias de antecedência',
        'per_student' => 'Vezes por aluno',
        'each_guardian' => 'Cada encarregado pode ter a sua própria hora',
        'per_visitor' => 'Vezes por visitante',
        'per_week' => 'Vezes por visitante numa semana',
        'per_term' => 'Vezes por visitante num período',
        'per_month' => 'Vezes por visitante num mês',
        'opens_at' => 'Início das marcações',
        'closes_at' => 'Fim das marcações',
        'show_who' => 'Veem quem mais vem',
        'approve' => 'Respondo primeiro a cada pedido',
        'asked_hours' => 'Horas que um pedido fica guardado',
        'guests' => 'Acompanhantes',
        'waiting' => 'Quando tudo está ocupado, há lista de espera',
        'declined_entry' => 'Alguém recusa no calendário: devolver a hora, ou perguntar primeiro',
        'email_optional' => 'Um endereço de e-mail não é preciso',
        'link_shown' => 'Quando se mostra a ligação',
        'link_minutes' => 'Minutos antes',
        'reminders' => 'Minutos antes da reunião em que saem os lembretes',
    ],
    'why' => [
        'Past' => '{time} já passou.',
        'SheetDraft' => 'Esta página ainda não abriu.',
        'SheetPaused' => 'As marcações estão suspensas de momento.',
        'SheetClosed' => 'As marcações estão fechadas aqui.',
        'NoLongerOpen' => 'As marcações estão fechadas aqui.',
        'SlotClosed' => '{time} já não está livre.',
        'HostBusy' => '{time} já não está livre.',
        'NoSeat' => 'Alguém acabou de tomar {time}.',
        'NoInterpreter' => 'Às {time} não há intérprete livre para si.',
        'NotLongEnough' => 'Às {time} não há tempo suficiente para esta reunião, que é mais longa do que outras.',
        'DayFull' => 'Esse dia está cheio.',
        'TooSoon' => '{time} está demasiado perto para ser marcada agora.',
        'VisitorHasEnough' => 'Já marcou aqui, tantas vezes quantas se pode. Mude antes essa reunião.',
        'VisitorHadWeek' =>
            'Já marcou aqui nessa semana, tantas vezes quantas se pode. Escolha outra semana, ou mude essa reunião.',
        'VisitorHadMonth' =>
            'Já marcou aqui nesse mês, tantas vezes quantas se pode. Escolha outro mês, ou mude essa reunião.',
        'VisitorHadTerm' =>
            'Já marcou aqui nesse período, tantas vezes quantas se pode. Escolha uma hora noutro período, ou mude essa reunião.',
        'StudentHasEnough' =>
            'Para este aluno já se marcou aqui, tantas vezes quantas se pode. Mude antes essa reunião. Para outro aluno com o mesmo nome, junte um segundo nome.',
        'VisitorElsewhere' => 'Por volta das {time} está noutra reunião, ou não chegaria a tempo de uma à outra.',
        'StudentElsewhere' =>
            'Por volta das {time} o aluno está noutra reunião. Para outro aluno com o mesmo nome, junte um segundo nome.',
        'NotAtPlace' => '{time} não é no lugar que escolheu.',
        'NotOpenYet' => '{time} pode marcar-se a partir de {until}.',
        'TooFarAhead' => '{time} pode marcar-se a partir de {until}.',
    ],
];
