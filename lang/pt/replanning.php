<?php

declare(strict_types=1);

return [
    'title' => 'Quando surge algo: {round}',
    'away_said' =>
        '{hit, plural, =0 {Então ninguém marcou com {host}, por isso não há ninguém a avisar.} one {Uma reunião com {host} não pode ser.} other {# reuniões com {host} não podem ser.}} {hit, plural, =0 {} other {{placed, plural, =0 {Para nenhuma há outra hora.} one {Para uma há outra hora, mudada o menos possível.} other {Para # há outras horas, mudadas o menos possível.}}}}',
    'stead' => '{time} com {host}',
    'away_done' => '{host} está ausente. Todas as pessoas afetadas ficam a saber em meio minuto.',
    'is_away' =>
        '{host} está ausente: {times, plural, one {uma hora está fechada, em {from}} other {# horas estão fechadas, a partir de {from}}}.',
    'not_away' => 'Não há ausência, ou já acabou. Nada foi alterado.',
    'not_in_it' => 'Não tem uma folha aberta nesta jornada.',
    'others_hit' =>
        'Afeta outros que não os que viu: entretanto alguém marcou ou mudou. Nada foi alterado; veja mais uma vez.',
    'taken_meanwhile' => 'Uma destas horas foi entretanto ocupada. Nada foi alterado; veja mais uma vez.',
    'evening_said' =>
        '{meetings, plural, =0 {Ninguém marcou em {from}; as horas passam para {to}.} one {Uma reunião passa de {from} para {to}, à sua hora.} other {# reuniões de {families, plural, one {uma família} other {# famílias}} passam de {from} para {to}, cada uma à sua hora.}} {cannot, plural, =0 {} one {Uma não pode ser então, e é cancelada.} other {# não podem ser então, e são canceladas.}}',
    'evening_done' => 'A tarde está mudada. Em meio minuto cada família recebe todas as suas reuniões numa mensagem.',
    'not_its_date' => 'A jornada não é nesta data.',
    'date_over' => 'Esta data já passou.',
    'date_far' => 'Fica demasiado longe para a mesma jornada. Faça-a de novo com novas datas.',
    'date_taken' => 'A jornada já é nesta data.',
    'date_closed' => 'A escola está fechada nesta data.',
    'others_cannot' => 'Nessa data não podem outros que não os que viu. Nada foi alterado; veja mais uma vez.',
    'moved_heading' => 'Outra data: {title}',
    'moved_news' =>
        '{count, plural, one {A sua reunião é agora noutra data, à mesma hora.} other {As suas # reuniões são agora noutra data, à mesma hora.}}',
    'moved_link' => 'Tudo o que marcou',
    'video_said' =>
        '{can, plural, =0 {Ninguém tem ligação.} one {Um professor tem ligação.} other {# professores têm ligação.}} {cannot, plural, =0 {} one {{names} não tem, e fica onde está até a dizer.} other {# não têm, e ficam onde estão até a dizerem: {names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other { e outros}}.}}',
    'by_video_label' => 'Por vídeo',
    'undone' => 'Tudo está como estava. Não se escreveu a ninguém.',
    'undo_late' => 'É tarde para desfazer isto: já lhes foi escrito.',
    'undo_taken' => 'Isto já não se pode desfazer: alguém tem agora uma destas horas. Nada foi alterado.',
];
