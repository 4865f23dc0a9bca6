<?php

declare(strict_types=1);

return [
    'date' => '{date}',
    'until' => 'do {last}',
    'hours' => '{from} do {until}',
    'month' =>
        '{number, plural, =1 {styczeń} =2 {luty} =3 {marzec} =4 {kwiecień} =5 {maj} =6 {czerwiec} =7 {lipiec} =8 {sierpień} =9 {wrzesień} =10 {październik} =11 {listopad} other {grudzień}}',
    'of_each_month' => '{which} {day} każdego miesiąca',
    'which' => 'Co jest na myśli?',
    'which_weekday' => '{date} to {is}, a nie {said}. Co jest na myśli?',
    'days_or_hours' => 'Czy „{typed}” to dni, czy godziny?',
    'which_date' => 'Jaka to data: {typed}?',
    'read_as' => '{typed} odczytano jako {meant}.',
    'read_as_later' => '{typed} odczytano jako {meant}, po {start}.',
    'start_is_early' => '{start} to wczesny ranek.',
    'is_early' => '{from} do {until} to wczesny ranek.',
    'morning' => '{from} do {until} odczytano jako przedpołudnie.',
    'afternoon' => '{from} do {until} odczytano jako popołudnie: {later} do {later_end}.',
    'every_other' =>
        '„Co {which} {day}” odczytano jako co {weeks, plural, one {tydzień} few {# tygodnie} many {# tygodni} other {# tygodnia}}.',
    'times_of_those_before' => 'Ostatnie dni mają godziny poprzednich.',
    'repeats_from' => 'Powtarza się od {date}: {day}.',
    'endless' => 'Powtarza się bez końca. Proszę napisać do i datę albo 10 razy.',
    'first_is_on' => 'Pierwszy raz: {day} {date}. Na inny tydzień proszę napisać od i datę.',
    'last_is_on' =>
        '{times, plural, one {# raz} few {# razy} many {# razy} other {# raza}}, które się odbędą: ostatni {date}, bo niektóre dni po drodze są zamknięte albo pominięte.',
    'every_day' => 'Każdy dzień od {first} do {last}.',
    'first_day' => 'Pierwszy dzień odczytano jako {date}.',
    'until_month' => 'Do: {month} odczytano jako do {last}.',
    'next_read_as' => 'Następny ({day}) odczytano jako {date}.',
    'next_is' => 'Następny ({day}) to {date}.',
    'feast' => '{feast, select, christmas {Boże Narodzenie} other {Wielkanoc}} odczytano jako {date}.',
    'other_is_past' => '{typed} odczytano jako {date}, bo {past} już minął.',
    'day_is_past' => '{day, number, integer} ({month}) już minął, więc odczytano {date}.',
    'closed_days' => 'Dni zamknięcia szkoły same odpadają.',
    'all_past' => 'Wszystko już minęło: kończy się {last} i nie powstaje żadne spotkanie.',
    'none_left' => 'Nie zostaje żaden z tych dni i nie powstaje żadne spotkanie.',
    'closed_then' => 'Szkoła jest zamknięta {date} i nie powstaje żadne spotkanie.',
    'closed_all' => 'Szkoła jest zamknięta we wszystkie te dni i nie powstaje żadne spotkanie.',
    'closed_on' => 'Szkoła jest zamknięta: {dates}. Wtedy nic się nie odbywa.',
    'too_long' => 'Szybki wiersz ma najwyżej {most, number, integer} znaków.',
    'days_missing' => 'Nie powiedziano, w jakie dni. Proszę je napisać, jak wt czw albo 3 gru.',
    'hours_missing' => 'Nie powiedziano, od kiedy do kiedy. Proszę to napisać, jak 10:25-11:35.',
    'length_missing' => 'Nie powiedziano, jak długo trwa spotkanie. Proszę to napisać, jak /15.',
    'no_days' => 'Nie powiedziano, w jakie dni.',
    'whose_times' =>
        'Nie wiadomo, które godziny należą do których dni. Proszę pisać godziny po ich dniach: wt 9-11 czw 14-16.',
    'pause_outside' => 'Przerwa {pause} leży poza godzinami, w których ma być.',
    'pause_of_all' => 'Przerwa nie zostawia nic z godzin.',
    'kinds_apart' =>
        'Dni tygodnia, dni miesiąca i daty mówi się w osobnych blokach, z ; między nimi, albo kolejną datę z plus.',
    'dates_do_not_repeat' =>
        'Daty się nie powtarzają, więc nie mają pierwszego dnia, końca ani „co”. Na to, co się powtarza, proszę napisać dni tygodnia.',
    'ends_before_it_begins' => 'Skończyłoby się {last}, zanim zacznie się {first}.',
    'step_too_small' =>
        'Spotkania po {minutes, plural, one {# minucie} few {# minuty} many {# minut} other {# minuty}} nie mogą zaczynać się co {step, plural, one {minutę} few {# minuty} many {# minut} other {# minuty}}.',
    'minutes_needed' => 'Potrzebne są tu minuty, jak /15.',
    'length_twice' => 'Długość spotkania podano dwa razy.',
    'gap_needed' => 'Potrzebna jest tu liczba minut, jak odstęp 5.',
    'weeks' => 'Może trwać od 1 do 520 tygodni.',
    'every_days' =>
        'Co {number, number, integer} dni nie da się powiedzieć. Proszę podać dni tygodnia, jak co pon śr pt.',
    'every_what' => 'Co ile? Może to być 2 tygodnie, drugi wtorek, dzień albo 15 minut.',
    'date_needed' => 'Potrzebna jest tu data, jak 28 maja albo 2027-05-28.',
    'dates_needed' => 'Potrzebna jest tu data, jak 25 gru albo 21 gru - 3 sty.',
    'end_needed' => 'Potrzebna jest tu data, jak 28 maja.',
    'hours_needed' => 'Potrzebne są tu godziny, jak 10:25-11:35.',
    'range_too_long' => 'Zakres dat trwa najwyżej dziesięć lat.',
    'end_of_what' => 'Koniec czego? Może to być maj albo okres szkoły.',
    'no_such_term' =>
        '{nearest, select, unknown {Nie jest znany okres o tej nazwie.} other {Nie jest znany okres o tej nazwie. Czy chodzi o „{nearest}”?}}',
    'no_term' => 'Szkoła nie ma takiego okresu. Proszę napisać do i datę.',
    'next_what' => 'Mógłby tu być dzień tygodnia, tydzień albo okres, jak następny wtorek.',
    'no_such_digits' => 'Nie ma daty {typed}. Proszę napisać miesiąc literami, jak 3 gru.',
    'no_such_day' =>
        'Nie ma takiego dnia: {day, number, integer} {year, select, any {{month}} other {{month} {year}}}.',
    'no_end' => '„{typed}” to godzina bez końca. Proszę napisać od kiedy do kiedy, jak {typed}-17:00.',
    'biweekly' =>
        '„{typed}” może znaczyć co dwa tygodnie albo dwa razy w tygodniu. Proszę napisać co 2 tygodnie albo podać oba dni.',
    'not_understood' =>
        '{at, select, end {Koniec wiersza} other {„{typed}”}} {could, select, nearest {jest niezrozumiałe. Czy chodzi o „{nearest}”?} number {samo jest niezrozumiałe. Na długość proszę napisać /{typed}.} days {jest niezrozumiałe. Mogłyby tu być dni, jak wt czw albo 3 gru.} hours {jest niezrozumiałe. Mogłyby tu być godziny, jak 10:25-11:35.} length {jest niezrozumiałe. Mogłaby tu być długość, jak /15.} other {jest niezrozumiałe. Wiersz mógłby się tu skończyć albo na do 28 maja.}}',
];
