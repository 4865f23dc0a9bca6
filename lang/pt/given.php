<?php

declare(strict_types=1);

return [
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
    'cannot_repeat_by' =>
        '«{rule}» é mais do que aqui se pode repetir; tem de ser semanal em dias da semana, ou mensal em dias do ' .
        'mês.',
    'this_kind' => 'uma repetição deste tipo',
    'as_month_day' => '{given} como dia do mês',
    'rule_part' => 'A repetição não se consegue ler: {name}={value}.',
    'rule_too_much' => 'As repetições deste calendário demoram demasiado a calcular, e esta ficou de fora.',
    'rule_too_long' => 'A repetição acontece mais vezes do que alguém se reúne, e não foi seguida até ao fim.',
    'not_a_calendar' => 'Linha 1: isto não é um calendário. Um ficheiro iCalendar começa por BEGIN:VCALENDAR.',
    'never_ends' => 'Linha {line, number, integer}: {component} começa aqui e nunca termina.',
    'calendar_too_large' =>
        'Este calendário tem {bytes, number, integer} bytes; leem-se no máximo {most, number, integer}.',
    'no_entry' => 'Linha 1: não há nenhum VEVENT neste calendário (RFC 5545, 3.6.1).',
    'no_availability' => 'Linha 1: não há nenhum VAVAILABILITY neste calendário (RFC 7953).',
    'at_line' => 'Linha {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} termina aqui, mas nada começou.} other {{ends} termina aqui, mas o que ' .
        'começou foi {begun}.}}',
    'an_entry' => 'uma entrada',
    'a_busy_period' => 'um período ocupado',
    'only_busy' => 'só se leem {most, number, integer} horas ocupadas',
    'only_entries' => 'só se leem as primeiras {most, number, integer} entradas',
    'unreadable' => 'não se consegue ler',
];
