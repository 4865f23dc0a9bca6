<?php

declare(strict_types=1);

return [
    'span_ends_first' =>
        'Eine Spanne muss nach ihrem Beginn enden; {end, number, integer} s liegt nicht nach {start, number, integer} s.',
    'range_ends_first' => 'Ein Zeitraum endet am ersten Tag oder danach; {last} liegt vor {first}.',
    'range_too_long' => 'Von {first} bis {last} sind mehr als zehn Jahre. Sehen Sie sich die Jahre an.',
    'zone_too_long' => 'Die Zeitumstellungen der Zone „{name}“ zu berechnen, dauert zu lange.',
    'no_such_date' => 'Das Datum „{given}“ gibt es nicht. Schreiben Sie Jahr-Monat-Tag, zum Beispiel 2026-11-26.',
    'no_such_instant' =>
        '„{given}“ ist kein Zeitpunkt. Schreiben Sie ihn nach RFC 3339, zum Beispiel 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '„{given}“ ist keine Uhrzeit. Schreiben Sie 16:30, 1630, 16.30 oder 4:30pm.',
    'no_such_hours' =>
        '„{given}“ nennt keine Stunden. Schreiben Sie von wann bis wann, zum Beispiel 8:00 to 12:00, 13:00 to 16:00.',
    'early_hours' =>
        '„{given}“: morgens oder abends? Schreiben Sie 16:00 to 18:00 oder 4pm to 6pm; oder 5am, wenn es so früh ist.',
    'no_such_zone' =>
        'Die Zeitzone „{given}“ gibt es nicht. Nehmen Sie einen Namen der tz-Datenbank, zum Beispiel Europe/Lisbon.',
    'ends_before_start' => 'Das Ende, {until}, muss nach dem Anfang, {from}, liegen.',
    'after_midnight' =>
        '„{given}“ ist nach Mitternacht. Ein Block endet spätestens um 24:00 und dauert höchstens 24 Stunden; für einen längeren schreiben Sie einen zweiten Block am nächsten Tag.',
    'longer_than_a_day' =>
        'Ein Abschnitt darf höchstens 24 Stunden dauern; dieser dauert {hours, plural, one {# Stunde} other {# Stunden}} und {minutes, plural, one {# Minute} other {# Minuten}}.',
    'no_dates' => 'Noch ist kein Tag gewählt.',
    'no_days' => 'Eine wöchentliche Wiederholung braucht mindestens einen Wochentag.',
    'no_month_days' => 'Eine monatliche Wiederholung braucht mindestens einen Tag im Monat.',
    'month_day' =>
        'Ein Tag im Monat reicht von 1 bis 31, oder von -1 (der letzte) bis -31; angegeben wurde {given, number, integer}.',
    'nth' =>
        'Die Wochentage eines Monats zählen von 1 bis 5, oder von -1 (der letzte) bis -5; angegeben wurde {given, number, integer}.',
    'interval' =>
        'Eine Wiederholung kommt alle 1 bis 1000 Wochen oder Monate; angegeben wurde {given, number, integer}.',
    'times' => 'Eine Wiederholung findet 1- bis 10000-mal statt; angegeben wurde {given, number, integer}.',
    'cannot_repeat_by' =>
        '„{rule}“ ist mehr, als sich hier wiederholen kann; es geht wöchentlich an Wochentagen oder monatlich an Tagen des Monats.',
    'both_month_days' => 'Tage im Monat zusammen mit Wochentagen des Monats',
    'monthly_hours' => 'andere Stunden an manchen Wochentagen einer monatlichen Wiederholung ohne Ende',
    'this_kind' => 'eine Wiederholung dieser Art',
    'as_month_day' => '{given} als Tag des Monats',
    'nothing_left' => 'Kein Tag bleibt übrig, auf den der Block fiele.',
    'rule_part' => 'Die Wiederholung lässt sich nicht lesen: {name}={value}.',
    'rule_too_much' => 'Die Wiederholungen dieses Kalenders zu berechnen, dauert zu lange; diese wurde ausgelassen.',
    'rule_too_long' => 'Die Wiederholung kommt öfter, als man sich trifft, und wurde nicht bis zum Ende verfolgt.',
    'length' => 'Ein Gespräch dauert von 1 bis 1440 Minuten; angegeben wurde {given, number, integer}.',
    'gap' => 'Der Abstand zwischen Gesprächen ist 0 bis 1440 Minuten; angegeben wurde {given, number, integer}.',
    'no_number' => 'Eine ganze Zahl von Minuten ist nötig.',
    'stretches_overlap' =>
        '{one} und {other} überschneiden sich. Abschnitte eines Tages liegen auseinander, oder berühren sich.',
    'date_and_hours' => '{date}, {from} bis {until}',
    'blocks_overlap' =>
        'Zwei Blöcke des Blatts überschneiden sich: {one} und {other}. Verbinden Sie sie, oder ändern Sie einen.',
    'longer_than_hours' =>
        'Ein Gespräch von {minutes, plural, one {# Minute} other {# Minuten}} passt nicht zwischen {from} und {until}; das sind {there, plural, one {# Minute} other {# Minuten}}.',
    'object' => 'Hier ist ein Objekt nötig.',
    'text' => 'Hier ist ein Text von 1 bis 200 Zeichen nötig.',
    'whole' => 'Hier ist eine ganze Zahl von {least, number, integer} bis {most, number, integer} nötig.',
    'flag' => 'Hier ist true oder false nötig.',
    'list' => 'Hier ist eine Liste nötig.',
    'too_many' => 'Hier sind höchstens {most, number, integer} möglich, nicht {given, number, integer}.',
    'at_most' => 'Hier sind höchstens {most, number, integer} möglich.',
    'two_instants' => 'Hier sind zwei Zeitpunkte nötig, from und to.',
    'no_block' => 'Dieser Block ist nicht lesbar.',
    'no_hours' => 'Es fehlt, von wann bis wann.',
    'way' => 'Hier sind zwei Orte und die Minuten dazwischen nötig.',
    'way_twice' => 'Der Weg zwischen {from} und {to} steht zweimal da, und verschieden.',
    'order' => 'Hier lassen sich evenings, home und waiting ordnen, jedes einmal.',
    'twice' => '„{id}“ steht zweimal da.',
    'slot_overlaps' =>
        'Es überschneidet sich mit slots[{before, number, integer}]: Wer empfängt, ist immer nur in einem Gespräch.',
    'no_host' => 'Es gibt bei diesem Sprechtag niemanden „{host}“.',
    'not_a_calendar' => 'Zeile 1: Das ist kein Kalender. Eine iCalendar-Datei beginnt mit BEGIN:VCALENDAR.',
    'never_ends' => 'Zeile {line, number, integer}: {component} beginnt hier und endet nie.',
    'calendar_too_large' =>
        'Dieser Kalender hat {bytes, number, integer} Bytes; höchstens {most, number, integer} werden gelesen.',
    'no_entry' => 'Zeile 1: In diesem Kalender ist kein VEVENT (RFC 5545, 3.6.1).',
    'no_availability' => 'Zeile 1: In diesem Kalender ist kein VAVAILABILITY (RFC 7953).',
    'at_line' => 'Zeile {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} endet hier, aber nichts hat begonnen.} other {{ends} endet hier, aber begonnen hat {begun}.}}',
    'an_entry' => 'ein Eintrag',
    'a_busy_period' => 'eine belegte Zeit',
    'only_busy' => 'nur {most, number, integer} belegte Zeiten werden gelesen',
    'only_entries' => 'nur die ersten {most, number, integer} Einträge werden gelesen',
    'unreadable' => 'nicht lesbar',
];
