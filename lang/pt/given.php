<?php

declare(strict_types=1);

return [
    'span_ends_first' =>
        'Um intervalo tem de terminar depois de começar; {end, number, integer} s não é depois de {start, number, integer} s.',
    'range_ends_first' => 'Um período termina no primeiro dia ou depois; {last} é antes de {first}.',
    'range_too_long' => 'De {first} a {last} são mais de dez anos. Veja os anos outra vez.',
    'zone_too_long' => 'As mudanças de hora da zona «{name}» demoram demasiado a calcular.',
    'no_such_date' => 'Não existe a data «{given}». Escreva-a como ano-mês-dia, por exemplo 2026-11-26.',
    'no_such_instant' =>
        '«{given}» não é um instante. Escreva-o como diz a RFC 3339, por exemplo 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '«{given}» não é uma hora. Escreva-a como 16:30, 1630, 16.30 ou 4:30pm.',
    'no_such_hours' =>
        '«{given}» não diz horas. Escreva desde quando até quando, por exemplo 8:00 to 12:00, 13:00 to 16:00.',
    'early_hours' => '«{given}»: de manhã ou à tarde? Escreva 16:00 to 18:00, ou 4pm to 6pm; ou 5am, se for tão cedo.',
    'no_such_zone' => 'Não existe o fuso horário «{given}». Use um nome da base tz, por exemplo Europe/Lisbon.',
    'ends_before_start' => 'O fim, {until}, tem de ser depois do início, {from}.',
    'after_midnight' =>
        '«{given}» é depois da meia-noite. Um bloco termina até às 24:00 e dura no máximo 24 horas; para um mais longo, escreva um segundo bloco na data seguinte.',
    'longer_than_a_day' =>
        'Um período pode durar no máximo 24 horas; este dura {hours, plural, one {# hora} other {# horas}} e {minutes, plural, one {# minuto} other {# minutos}}.',
    'no_dates' => 'Ainda não foi escolhida nenhuma data.',
    'no_days' => 'Uma repetição semanal precisa de pelo menos um dia da semana.',
    'no_month_days' => 'Uma repetição mensal precisa de pelo menos um dia do mês.',
    'month_day' => 'Um dia do mês vai de 1 a 31, ou de -1 (o último) a -31; foi dado {given, number, integer}.',
    'nth' =>
        'Os dias da semana de um mês numeram-se de 1 a 5, ou de -1 (o último) a -5; foi dado {given, number, integer}.',
    'interval' => 'Uma repetição vem a cada 1 a 1000 semanas ou meses; foi dado {given, number, integer}.',
    'times' => 'Uma repetição acontece de 1 a 10000 vezes; foi dado {given, number, integer}.',
    'cannot_repeat_by' =>
        '«{rule}» é mais do que aqui se pode repetir; tem de ser semanal em dias da semana, ou mensal em dias do mês.',
    'both_month_days' => 'dias do mês juntamente com dias da semana do mês',
    'monthly_hours' => 'outras horas em alguns dias de uma repetição mensal sem fim',
    'this_kind' => 'uma repetição deste tipo',
    'as_month_day' => '{given} como dia do mês',
    'nothing_left' => 'Não resta nenhuma data em que o bloco caia.',
    'rule_part' => 'A repetição não se consegue ler: {name}={value}.',
    'rule_too_much' => 'As repetições deste calendário demoram demasiado a calcular, e esta ficou de fora.',
    'rule_too_long' => 'A repetição acontece mais vezes do que alguém se reúne, e não foi seguida até ao fim.',
    'length' => 'Uma reunião dura de 1 a 1440 minutos; foi dado {given, number, integer}.',
    'gap' => 'O intervalo entre reuniões vai de 0 a 1440 minutos; foi dado {given, number, integer}.',
    'no_number' => 'É preciso um número inteiro de minutos.',
    'stretches_overlap' => '{one} e {other} sobrepõem-se. Os períodos de uma data ficam separados, ou tocam-se.',
    'date_and_hours' => '{date}, {from} a {until}',
    'blocks_overlap' => 'Dois blocos da folha sobrepõem-se: {one} e {other}. Junte-os, ou altere um.',
    'longer_than_hours' =>
        'Uma reunião de {minutes, plural, one {# minuto} other {# minutos}} não cabe entre {from} e {until}; são {there, plural, one {# minuto} other {# minutos}}.',
    'object' => 'Aqui é preciso um objeto.',
    'text' => 'Aqui é preciso um texto de 1 a 200 caracteres.',
    'whole' => 'Aqui é preciso um número inteiro de {least, number, integer} a {most, number, integer}.',
    'flag' => 'Aqui é preciso true ou false.',
    'list' => 'Aqui é preciso uma lista.',
    'too_many' => 'Aqui podem dar-se no máximo {most, number, integer}, não {given, number, integer}.',
    'at_most' => 'Aqui podem dar-se no máximo {most, number, integer}.',
    'two_instants' => 'Aqui são precisos dois instantes, from e to.',
    'no_block' => 'Este bloco não se consegue ler.',
    'no_hours' => 'Não diz de quando a quando.',
    'way' => 'Aqui são precisos dois lugares e os minutos entre eles.',
    'way_twice' => 'O caminho entre {from} e {to} é dado duas vezes, e de forma diferente.',
    'order' => 'Aqui podem ordenar-se evenings, home e waiting, cada um uma vez.',
    'twice' => '«{id}» está duas vezes.',
    'slot_overlaps' => 'Sobrepõe-se a slots[{before, number, integer}]: quem recebe está numa reunião de cada vez.',
    'no_host' => 'Não há «{host}» nesta jornada.',
    'not_a_calendar' => 'Linha 1: isto não é um calendário. Um ficheiro iCalendar começa por BEGIN:VCALENDAR.',
    'never_ends' => 'Linha {line, number, integer}: {component} começa aqui e nunca termina.',
    'calendar_too_large' =>
        'Este calendário tem {bytes, number, integer} bytes; leem-se no máximo {most, number, integer}.',
    'no_entry' => 'Linha 1: não há nenhum VEVENT neste calendário (RFC 5545, 3.6.1).',
    'no_availability' => 'Linha 1: não há nenhum VAVAILABILITY neste calendário (RFC 7953).',
    'at_line' => 'Linha {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} termina aqui, mas nada começou.} other {{ends} termina aqui, mas o que começou foi {begun}.}}',
    'an_entry' => 'uma entrada',
    'a_busy_period' => 'um período ocupado',
    'only_busy' => 'só se leem {most, number, integer} horas ocupadas',
    'only_entries' => 'só se leem as primeiras {most, number, integer} entradas',
    'unreadable' => 'não se consegue ler',
];
