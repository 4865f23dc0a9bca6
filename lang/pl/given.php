<?php

declare(strict_types=1);

return [
    'span_ends_first' =>
        'Odcinek musi kończyć się po rozpoczęciu; {end, number, integer} s nie jest po {start, number, integer} s.',
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
        '„{given}”: rano czy wieczorem? Proszę zapisać 16:00 to 18:00 albo 4pm to 6pm; albo 5am, jeśli tak wcześnie.',
    'no_such_zone' => 'Nie ma strefy czasowej „{given}”. Proszę użyć nazwy z bazy tz, na przykład Europe/Lisbon.',
    'ends_before_start' => 'Koniec, {until}, musi być później niż początek, {from}.',
    'after_midnight' =>
        '„{given}” jest po północy. Blok kończy się najpóźniej o 24:00 i trwa najwyżej 24 godziny; na dłuższy proszę napisać drugi blok w następnym dniu.',
    'longer_than_a_day' =>
        'Odcinek może trwać najwyżej 24 godziny; ten trwa {hours, plural, one {# godzinę} few {# godziny} many {# godzin} other {# godziny}} i {minutes, plural, one {# minutę} few {# minuty} many {# minut} other {# minuty}}.',
    'no_dates' => 'Nie wybrano jeszcze żadnego dnia.',
    'no_days' => 'Powtarzanie co tydzień wymaga co najmniej jednego dnia tygodnia.',
    'no_month_days' => 'Powtarzanie co miesiąc wymaga co najmniej jednego dnia miesiąca.',
    'month_day' => 'Dzień miesiąca to od 1 do 31 albo od -1 (ostatni) do -31; podano {given, number, integer}.',
    'nth' =>
        'Dni tygodnia w miesiącu numeruje się od 1 do 5 albo od -1 (ostatni) do -5; podano {given, number, integer}.',
    'interval' => 'Powtarzanie przypada co 1 do 1000 tygodni albo miesięcy; podano {given, number, integer}.',
    'times' => 'Powtarzanie zdarza się od 1 do 10000 razy; podano {given, number, integer}.',
    'cannot_repeat_by' =>
        '„{rule}” to więcej, niż może się tu powtarzać; musi być co tydzień w dni tygodnia albo co miesiąc w dni miesiąca.',
    'both_month_days' => 'dni miesiąca razem z dniami tygodnia w miesiącu',
    'monthly_hours' => 'inne godziny w niektóre dni powtarzania miesięcznego bez końca',
    'this_kind' => 'powtórzenie tego rodzaju',
    'as_month_day' => '{given} jako dzień miesiąca',
    'nothing_left' => 'Nie zostaje żaden dzień, na który przypadałby blok.',
    'rule_part' => 'Powtórzenia nie można odczytać: {name}={value}.',
    'rule_too_much' => 'Obliczenie powtórzeń tego kalendarza trwa zbyt długo; to pominięto.',
    'rule_too_long' => 'Powtórzenie zdarza się częściej, niż ktokolwiek się spotyka, i nie prześledzono go do końca.',
    'length' => 'Spotkanie trwa od 1 do 1440 minut; podano {given, number, integer}.',
    'gap' => 'Odstęp między spotkaniami to od 0 do 1440 minut; podano {given, number, integer}.',
    'no_number' => 'Potrzebna jest całkowita liczba minut.',
    'stretches_overlap' => '{one} i {other} nachodzą na siebie. Odcinki jednego dnia leżą osobno albo się stykają.',
    'date_and_hours' => '{date}, {from} do {until}',
    'blocks_overlap' => 'Dwa bloki arkusza nachodzą na siebie: {one} i {other}. Proszę je połączyć albo zmienić jeden.',
    'longer_than_hours' =>
        'Spotkanie trwające {minutes, plural, one {# minutę} few {# minuty} many {# minut} other {# minuty}} nie mieści się między {from} a {until}; to {there, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}}.',
    'object' => 'Potrzebny jest tu obiekt.',
    'text' => 'Potrzebny jest tu tekst od 1 do 200 znaków.',
    'whole' => 'Potrzebna jest tu liczba całkowita od {least, number, integer} do {most, number, integer}.',
    'flag' => 'Potrzebne jest tu true albo false.',
    'list' => 'Potrzebna jest tu lista.',
    'too_many' => 'Można tu podać najwyżej {most, number, integer}, a nie {given, number, integer}.',
    'at_most' => 'Można tu podać najwyżej {most, number, integer}.',
    'two_instants' => 'Potrzebne są tu dwie chwile, from i to.',
    'no_block' => 'Tego bloku nie da się odczytać.',
    'no_hours' => 'Nie powiedziano, od kiedy do kiedy.',
    'way' => 'Potrzebne są tu dwa miejsca i minuty między nimi.',
    'way_twice' => 'Drogę między {from} a {to} podano dwa razy, i różnie.',
    'order' => 'Można tu ułożyć evenings, home i waiting, każde raz.',
    'twice' => '„{id}” jest dwa razy.',
    'slot_overlaps' => 'Nachodzi na slots[{before, number, integer}]: prowadzący jest naraz na jednym spotkaniu.',
    'no_host' => 'W tej turze nie ma „{host}”.',
    'not_a_calendar' => 'Wiersz 1: to nie jest kalendarz. Plik iCalendar zaczyna się od BEGIN:VCALENDAR.',
    'never_ends' => 'Wiersz {line, number, integer}: {component} zaczyna się tu i nigdy się nie kończy.',
    'calendar_too_large' =>
        'Ten kalendarz ma {bytes, number, integer} bajtów; czytamy najwyżej {most, number, integer}.',
    'no_entry' => 'Wiersz 1: w tym kalendarzu nie ma VEVENT (RFC 5545, 3.6.1).',
    'no_availability' => 'Wiersz 1: w tym kalendarzu nie ma VAVAILABILITY (RFC 7953).',
    'at_line' => 'Wiersz {line, number, integer}: {why}',
    'of_what' => '{what}: {why}',
    'ends_otherwise' =>
        '{begun, select, undefined {{ends} kończy się tutaj, ale nic się nie zaczęło.} other {{ends} kończy się tutaj, ale zaczęło się {begun}.}}',
    'an_entry' => 'wpis',
    'a_busy_period' => 'zajęty czas',
    'only_busy' => 'czytanych jest tylko {most, number, integer} zajętych terminów',
    'only_entries' => 'czytane są tylko pierwsze wpisy ({most, number, integer})',
    'unreadable' => 'nie można odczytać',
];
