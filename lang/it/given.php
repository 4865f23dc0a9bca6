<?php

declare(strict_types=1);

return [
    'span_ends_first' =>
        'Un intervallo deve finire dopo il suo inizio; {end, number, integer} s non è dopo {start, number, integer} s.',
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
    'after_midnight' =>
        '«{given}» è dopo mezzanotte. Un blocco finisce entro le 24:00 e dura al massimo 24 ore; per uno più lungo, scriva un secondo blocco alla data seguente.',
    'longer_than_a_day' =>
        'Una fascia può durare al massimo 24 ore; questa dura {hours, plural, one {# ora} other {# ore}} e {minutes, plural, one {# minuto} other {# minuti}}.',
    'no_dates' => 'Nessuna data è ancora scelta.',
    'no_days' => 'Una ripetizione settimanale richiede almeno un giorno della settimana.',
    'no_month_days' => 'Una ripetizione mensile richiede almeno un giorno del mese.',
    'month_day' => 'Un giorno del mese va da 1 a 31, o da -1 (l’ultimo) a -31; è stato dato {given, number, integer}.',
    'nth' =>
        'I giorni della settimana di un mese sono numerati da 1 a 5, o da -1 (l’ultimo) a -5; è stato dato {given, number, integer}.',
    'interval' => 'Una ripetizione viene ogni 1–1000 settimane o mesi; è stato dato {given, number, integer}.',
    'times' => 'Una ripetizione avviene da 1 a 10000 volte; è stato dato {given, number, integer}.',
    'cannot_repeat_by' =>
        '«{rule}» è più di ciò che qui si può ripetere; deve essere ogni settimana in giorni della settimana, o ogni mese in giorni del mese.',
    'both_month_days' => 'giorni del mese insieme a giorni della settimana del mese',
    'monthly_hours' => 'altre ore in alcuni giorni di una ripetizione mensile senza fine',
    'this_kind' => 'una ripetizione di questo tipo',
    'as_month_day' => '{given} come giorno del mese',
    'nothing_left' => 'Non resta alcuna data in cui cada il blocco.',
    'rule_part' => 'La ripetizione non si può leggere: {name}={value}.',
    'rule_too_much' => 'Le ripetizioni di questo calendario richiedono troppo tempo, e questa è stata lasciata fuori.',
    'rule_too_long' =>
        'La ripetizione avviene più spesso di quanto ci si incontri, e non è stata seguita fino alla fine.',
    'length' => 'Un colloquio dura da 1 a 1440 minuti; è stato dato {given, number, integer}.',
    'gap' => 'L’intervallo fra colloqui va da 0 a 1440 minuti; è stato dato {given, number, integer}.',
    'no_number' => 'Serve un numero intero di minuti.',
    'stretches_overlap' => '{one} e {other} si sovrappongono. Le fasce di una data sono separate, o si toccano.',
    'date_and_hours' => '{date}, {from} – {until}',
    'blocks_overlap' => 'Due blocchi del foglio si sovrappongono: {one} e {other}. Li unisca, o ne cambi uno.',
    'longer_than_hours' =>
        'Un colloquio di {minutes, plural, one {# minuto} other {# minuti}} non sta fra le {from} e le {until}; sono {there, plural, one {# minuto} other {# minuti}}.',
    'object' => 'Qui serve un oggetto.',
    'text' => 'Qui serve un testo da 1 a 200 caratteri.',
    'whole' => 'Qui serve un numero intero da {least, number, integer} a {most, number, integer}.',
    'flag' => 'Qui serve true o false.',
    'list' => 'Qui serve un elenco.',
    'too_many' => 'Qui se ne possono dare al massimo {most, number, integer}, non {given, number, integer}.',
    'at_most' => 'Qui se ne possono dare al massimo {most, number, integer}.',
    'two_instants' => 'Qui servono due istanti, from e to.',
    'no_block' => 'Questo blocco non si può leggere.',
    'no_hours' => 'Manca da quando a quando.',
    'way' => 'Qui servono due luoghi e i minuti fra loro.',
    'way_twice' => 'La strada fra {from} e {to} è data due volte, e in modo diverso.',
    'order' => 'Qui si possono ordinare evenings, home e waiting, ciascuno una volta.',
    'twice' => '«{id}» c’è due volte.',
    'slot_overlaps' => 'Si sovrappone a slots[{before, number, integer}]: chi riceve è in un colloquio alla volta.',
    'no_host' => 'In questa tornata non c’è «{host}».',
    'not_a_calendar' => 'Riga 1: questo non è un calendario. Un file iCalendar inizia con BEGIN:VCALENDAR.',
    'never_ends' => 'Riga {line, number, integer}: {component} inizia qui e non finisce mai.',
    'calendar_too_large' =>
        'Questo calendario ha {bytes, number, integer} byte; se ne leggono al massimo {most, number, integer}.',
    'no_entry' => 'Riga 1: in questo calendario non c’è alcun VEVENT (RFC 5545, 3.6.1).',
    'no_availability' => 'Riga 1: in questo calendario non c’è alcun VAVAILABILITY (RFC 7953).',
    'at_line' => 'Riga {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} finisce qui, ma nulla è iniziato.} other {{ends} finisce qui, ma è iniziato {begun}.}}',
    'an_entry' => 'una voce',
    'a_busy_period' => 'un periodo occupato',
    'only_busy' => 'si leggono solo {most, number, integer} orari occupati',
    'only_entries' => 'si leggono solo le prime {most, number, integer} voci',
    'unreadable' => 'non si può leggere',
];
