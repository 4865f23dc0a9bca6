<?php

declare(strict_types=1);

return [
    'range_ends_first' => 'Un periodo finisce il primo giorno o dopo; {last} è prima di {first}.',
    'range_too_long' => 'Da {first} a {last} sono più di dieci anni. Guardi ancora gli anni.',
    'zone_too_long' => 'I cambi d’ora del fuso «{name}» richiedono troppo tempo per essere calcolati.',
    'no_such_date' => 'La data «{given}» non esiste. La scriva come anno-mese-giorno, per esempio 2026-11-26.',
    'no_such_instant' =>
        '«{given}» non è un istante. Lo scriva come dice la RFC 3339, per esempio 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '«{given}» non è un’ora. La scriva come 16:30, 1630, 16.30 o 4:30pm.',
    'no_such_hours' => '«{given}» non dice ore. Scriva da quando a quando, per esempio 8:00 to 12:00, 13:00 to 16:00.',
    'early_hours' => '«{given}»: di mattina o di sera? Scriva 16:00 to 18:00, o 4pm to 6pm; o 5am, se è così presto.',
    'no_such_zone' => 'Il fuso orario «{given}» non esiste. Usi un nome della base tz, per esempio Europe/Lisbon.',
    'ends_before_start' => 'La fine, {until}, deve venire dopo l’inizio, {from}.',
    'cannot_repeat_by' =>
        '«{rule}» è più di ciò che qui si può ripetere; deve essere ogni settimana in giorni della settimana, o ' .
        'ogni mese in giorni del mese.',
    'this_kind' => 'una ripetizione di questo tipo',
    'as_month_day' => '{given} come giorno del mese',
    'rule_part' => 'La ripetizione non si può leggere: {name}={value}.',
    'rule_too_much' => 'Le ripetizioni di questo calendario richiedono troppo tempo, e questa è stata lasciata fuori.',
    'rule_too_long' =>
        'La ripetizione avviene più spesso di quanto ci si incontri, e non è stata seguita fino alla fine.',
    'not_a_calendar' => 'Riga 1: questo non è un calendario. Un file iCalendar inizia con BEGIN:VCALENDAR.',
    'never_ends' => 'Riga {line, number, integer}: {component} inizia qui e non finisce mai.',
    'calendar_too_large' =>
        'Questo calendario ha {bytes, number, integer} byte; se ne leggono al massimo {most, number, integer}.',
    'no_entry' => 'Riga 1: in questo calendario non c’è alcun VEVENT (RFC 5545, 3.6.1).',
    'no_availability' => 'Riga 1: in questo calendario non c’è alcun VAVAILABILITY (RFC 7953).',
    'at_line' => 'Riga {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} finisce qui, ma nulla è iniziato.} other {{ends} finisce qui, ma è ' .
        'iniziato {begun}.}}',
    'an_entry' => 'una voce',
    'a_busy_period' => 'un periodo occupato',
    'only_busy' => 'si leggono solo {most, number, integer} orari occupati',
    'only_entries' => 'si leggono solo le prime {most, number, integer} voci',
    'unreadable' => 'non si può leggere',
];
