<?php

declare(strict_types=1);

return [
    'date' => '{date}',
    'until' => 'até {last}',
    'hours' => 'das {from} às {until}',
    'month' =>
        '{number, plural, =1 {janeiro} =2 {fevereiro} =3 {março} =4 {abril} =5 {maio} =6 {junho} =7 {julho} =8 {agosto} =9 {setembro} =10 {outubro} =11 {novembro} other {dezembro}}',
    'of_each_month' => 'o {which} {day} de cada mês',
    'which' => 'O que se quer dizer?',
    'which_weekday' => '{date} é {is}, não {said}. Qual se quer dizer?',
    'days_or_hours' => '«{typed}» são dias ou horas?',
    'which_date' => 'Que data é {typed}?',
    'read_as' => '{typed} foi lido como {meant}.',
    'read_as_later' => '{typed} foi lido como {meant}, depois das {start}.',
    'start_is_early' => '{start} é de madrugada.',
    'is_early' => 'Das {from} às {until} é de madrugada.',
    'morning' => 'Das {from} às {until} foi lido como de manhã.',
    'afternoon' => 'Das {from} às {until} foi lido como de tarde: das {later} às {later_end}.',
    'every_other' => '«Cada {which} {day}» foi lido como a cada {weeks, plural, one {semana} other {# semanas}}.',
    'times_of_those_before' => 'Os últimos dias têm as horas dos anteriores.',
    'repeats_from' => 'Repete-se: {day}, a partir de {date}.',
    'endless' => 'Repete-se sem fim. Escreva até e uma data, ou 10 vezes.',
    'first_is_on' => 'A primeira é {day} {date}. Escreva desde e uma data para outra semana.',
    'last_is_on' =>
        '{times, plural, one {# vez que se realiza} other {# vezes que se realizam}}: a última é em {date}, porque alguns dias pelo meio estão fechados ou de fora.',
    'every_day' => 'Todos os dias de {first} a {last}.',
    'first_day' => 'O primeiro dia foi lido como {date}.',
    'until_month' => 'Até {month} foi lido como até {last}.',
    'next_read_as' => 'Próximo {day} foi lido como {date}.',
    'next_is' => 'Próximo {day} é {date}.',
    'feast' => '{feast, select, christmas {Natal} other {Páscoa}} foi lido como {date}.',
    'other_is_past' => '{typed} foi lido como {date}, porque {past} já passou.',
    'day_is_past' => '{day, number, integer} de {month} já passou, por isso foi lido como {date}.',
    'closed_days' => 'Os dias de fecho da escola ficam de fora por si.',
    'all_past' => 'Já passou tudo: termina em {last}, e não resulta nenhuma reunião.',
    'none_left' => 'Não resta nenhum dos dias, e não resulta nenhuma reunião.',
    'closed_then' => 'A escola está fechada em {date}, e não resulta nenhuma reunião.',
    'closed_all' => 'A escola está fechada em todos esses dias, e não resulta nenhuma reunião.',
    'closed_on' => 'A escola está fechada em {dates}: então nada se realiza.',
    'too_long' => 'Uma linha rápida tem no máximo {most, number, integer} caracteres.',
    'days_missing' => 'Não diz em que dias. Escreva-os, como ter qui ou 3 dez.',
    'hours_missing' => 'Não diz de quando a quando. Escreva-o, como 10:25-11:35.',
    'length_missing' => 'Não diz quanto dura uma reunião. Escreva-o, como /15.',
    'no_days' => 'Não diz em que dias.',
    'whose_times' =>
        'Não é claro que horas pertencem a que dias. Escreva as horas depois dos dias: ter 9-11 qui 14-16.',
    'pause_outside' => 'A pausa {pause} fica fora das horas de que é pausa.',
    'pause_of_all' => 'A pausa não deixa nada das horas.',
    'kinds_apart' =>
        'Dias da semana, dias do mês e datas dizem-se em blocos separados, com ; entre eles, ou mais uma data com mais.',
    'dates_do_not_repeat' =>
        'As datas não se repetem, por isso não têm primeiro dia, nem fim, nem «cada». Escreva dias da semana para o que se repete.',
    'ends_before_it_begins' => 'Terminaria em {last}, antes de começar em {first}.',
    'step_too_small' =>
        'Reuniões de {minutes, plural, one {# minuto} other {# minutos}} não podem começar a cada {step, plural, one {minuto} other {# minutos}}.',
    'minutes_needed' => 'Aqui são precisos minutos, como /15.',
    'length_twice' => 'A duração de uma reunião é dita duas vezes.',
    'gap_needed' => 'Aqui é preciso um número de minutos, como intervalo 5.',
    'weeks' => 'Pode durar de 1 a 520 semanas.',
    'every_days' =>
        'A cada {number, number, integer} dias não se pode dizer. Nomeie os dias da semana, como cada seg qua sex.',
    'every_what' => 'A cada quê? Pode ser 2 semanas, segunda terça, dia ou 15 minutos.',
    'date_needed' => 'Aqui é precisa uma data, como 28 mai ou 2027-05-28.',
    'dates_needed' => 'Aqui é precisa uma data, como 25 dez ou 21 dez - 3 jan.',
    'end_needed' => 'Aqui é precisa uma data, como 28 mai.',
    'hours_needed' => 'Aqui são precisas horas, como 10:25-11:35.',
    'range_too_long' => 'Um intervalo de datas dura no máximo dez anos.',
    'end_of_what' => 'O fim de quê? Pode ser mai, ou um período da escola.',
    'no_such_term' =>
        '{nearest, select, unknown {Nenhum período com esse nome é conhecido.} other {Nenhum período com esse nome é conhecido. Quer dizer «{nearest}»?}}',
    'no_term' => 'A escola não tem tal período. Escreva até e uma data.',
    'next_what' => 'Aqui poderia estar um dia da semana, uma semana ou um período, como próxima terça.',
    'no_such_digits' => 'Não há data {typed}. Escreva o mês em letras, como 3 dez.',
    'no_such_day' => 'Não há {day, number, integer} de {year, select, any {{month}} other {{month} de {year}}}.',
    'no_end' => '«{typed}» é uma hora sem fim. Escreva de quando a quando, como {typed}-17:00.',
    'biweekly' =>
        '«{typed}» pode ser de duas em duas semanas ou duas vezes por semana. Escreva cada 2 semanas, ou nomeie ambos os dias.',
    'not_understood' =>
        '{at, select, end {O fim da linha} other {«{typed}»}} {could, select, nearest {não se percebe. Quer dizer «{nearest}»?} number {sozinho não se percebe. Para uma duração, escreva /{typed}.} days {não se percebe. Aqui poderiam estar dias, como ter qui ou 3 dez.} hours {não se percebe. Aqui poderiam estar horas, como 10:25-11:35.} length {não se percebe. Aqui poderia estar uma duração, como /15.} other {não se percebe. A linha poderia terminar aqui, ou com até 28 mai.}}',
];
