<?php

declare(strict_types=1);

return [
    'range_ends_first' => 'Ein Zeitraum endet am ersten Tag oder danach; {last} liegt vor {first}.',
    'range_too_long' => 'Von {first} bis {last} sind mehr als zehn Jahre. Sehen Sie sich die Jahre an.',
    'zone_too_long' => 'Die Zeitumstellungen der Zone „{name}“ zu berechnen, dauert zu lange.',
    'no_such_date' => 'Das Datum „{given}“ gibt es nicht. Schreiben Sie Jahr-Monat-Tag, zum Beispiel 2026-11-26.',
    'no_such_instant' =>
        '„{given}“ ist kein Zeitpunkt. Schreiben Sie ihn nach RFC 3339, zum Beispiel 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '„{given}“ ist keine Uhrzeit. Schreiben Sie 16:30, 1630, 16.30 oder 4:30pm.',
    'no_such_hours' =>
        '„{given}“ nennt keine Stunden. Schreiben Sie von wann bis wann, zum Beispiel 8:00 to 12:00, 13:00 to ' .
        '16:00.',
    'early_hours' =>
        '„{given}“: morgens oder abends? Schreiben Sie 16:00 to 18:00 oder 4pm to 6pm; oder 5am, wenn es so früh ' .
        'ist.',
    'no_such_zone' =>
        'Die Zeitzone „{given}“ gibt es nicht. Nehmen Sie einen Namen der tz-Datenbank, zum Beispiel Europe/Lisbon.',
    'ends_before_start' => 'Das Ende, {until}, muss nach dem Anfang, {from}, liegen.',
    'cannot_repeat_by' =>
        '„{rule}“ ist mehr, als sich hier wiederholen kann; es geht wöchentlich an Wochentagen oder monatlich an ' .
        'Tagen des Monats.',
    'this_kind' => 'eine Wiederholung dieser Art',
    'as_month_day' => '{given} als Tag des Monats',
    'rule_part' => 'Die Wiederholung lässt sich nicht lesen: {name}={value}.',
    'rule_too_much' => 'Die Wiederholungen dieses Kalenders zu berechnen, dauert zu lange; diese wurde ausgelassen.',
    'rule_too_long' => 'Die Wiederholung kommt öfter, als man sich trifft, und wurde nicht bis zum Ende verfolgt.',
    'not_a_calendar' => 'Zeile 1: Das ist kein Kalender. Eine iCalendar-Datei beginnt mit BEGIN:VCALENDAR.',
    'never_ends' => 'Zeile {line, number, integer}: {component} beginnt hier und endet nie.',
    'calendar_too_large' =>
        'Dieser Kalender hat {bytes, number, integer} Bytes; höchstens {most, number, integer} werden gelesen.',
    'no_entry' => 'Zeile 1: In diesem Kalender ist kein VEVENT (RFC 5545, 3.6.1).',
    'no_availability' => 'Zeile 1: In diesem Kalender ist kein VAVAILABILITY (RFC 7953).',
    'at_line' => 'Zeile {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} endet hier, aber nichts hat begonnen.} other {{ends} endet hier, aber ' .
        'begonnen hat {begun}.}}',
    'an_entry' => 'ein Eintrag',
    'a_busy_period' => 'eine belegte Zeit',
    'only_busy' => 'nur {most, number, integer} belegte Zeiten werden gelesen',
    'only_entries' => 'nur die ersten {most, number, integer} Einträge werden gelesen',
    'unreadable' => 'nicht lesbar',
];
