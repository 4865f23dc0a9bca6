<?php

declare(strict_types=1);

return [
    'range_ends_first' => 'Okres kończy się w pierwszym dniu lub później; {last} jest przed {first}.',
    'range_too_long' => 'Od {first} do {last} jest ponad dziesięć lat. Proszę sprawdzić lata.',
    'zone_too_long' => 'Obliczenie zmian czasu strefy „{name}” trwa zbyt długo.',
    'no_such_date' => 'Nie ma daty „{given}”. Proszę zapisać ją jako rok-miesiąc-dzień, na przykład 2026-11-26.',
    'no_such_instant' =>
        '„{given}” nie jest chwilą. Proszę zapisać ją według RFC 3339, na przykład 2026-11-26T16:30:00-04:00.',
    'no_such_time' => '„{given}” nie jest godziną. Proszę zapisać ją jako 16:30, 1630, 16.30 lub 4:30pm.',
    'no_such_hours' =>
        '„{given}” nie podaje godzin. Proszę zapisać od kiedy do kiedy, na przykład 8:00 to 12:00, 13:00 to 16:00.',
    'early_hours' =>
        '„{given}”: rano czy wieczorem? Proszę zapisać 16:00 to 18:00 albo 4pm to 6pm; albo 5am, jeśli tak ' .
        'wcześnie.',
    'no_such_zone' => 'Nie ma strefy czasowej „{given}”. Proszę użyć nazwy z bazy tz, na przykład Europe/Lisbon.',
    'ends_before_start' => 'Koniec, {until}, musi być później niż początek, {from}.',
    'cannot_repeat_by' =>
        '„{rule}” to więcej, niż może się tu powtarzać; musi być co tydzień w dni tygodnia albo co miesiąc w dni ' .
        'miesiąca.',
    'this_kind' => 'powtórzenie tego rodzaju',
    'as_month_day' => '{given} jako dzień miesiąca',
    'rule_part' => 'Powtórzenia nie można odczytać: {name}={value}.',
    'rule_too_much' => 'Obliczenie powtórzeń tego kalendarza trwa zbyt długo; to pominięto.',
    'rule_too_long' => 'Powtórzenie zdarza się częściej, niż ktokolwiek się spotyka, i nie prześledzono go do końca.',
    'not_a_calendar' => 'Wiersz 1: to nie jest kalendarz. Plik iCalendar zaczyna się od BEGIN:VCALENDAR.',
    'never_ends' => 'Wiersz {line, number, integer}: {component} zaczyna się tu i nigdy się nie kończy.',
    'calendar_too_large' =>
        'Ten kalendarz ma {bytes, number, integer} bajtów; czytamy najwyżej {most, number, integer}.',
    'no_entry' => 'Wiersz 1: w tym kalendarzu nie ma VEVENT (RFC 5545, 3.6.1).',
    'no_availability' => 'Wiersz 1: w tym kalendarzu nie ma VAVAILABILITY (RFC 7953).',
    'at_line' => 'Wiersz {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} kończy się tutaj, ale nic się nie zaczęło.} other {{ends} kończy się ' .
        'tutaj, ale zaczęło się {begun}.}}',
    'an_entry' => 'wpis',
    'a_busy_period' => 'zajęty czas',
    'only_busy' => 'czytanych jest tylko {most, number, integer} zajętych terminów',
    'only_entries' => 'czytane są tylko pierwsze wpisy ({most, number, integer})',
    'unreadable' => 'nie można odczytać',
];
