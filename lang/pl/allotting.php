<?php

declare(strict_types=1);

return [
    'board_until' => 'życzenia przyjmujemy do {moment}',
    'board_over' => 'terminy są właśnie przydzielane; kto wysłał życzenia, dostanie wiadomość',
    'over' => 'Życzeń już nie przyjmujemy. Wolne terminy pojawią się tutaj, gdy wszystkie życzenia dostaną swoje.',
    'windows_needed' => 'Proszę powiedzieć, kiedy mogą Państwo przyjść: w żaden wieczór nikt nie może się spotkać.',
    'until' => 'Życzenia można wysyłać i zmieniać do {moment}.',
    'until_over' =>
        'Życzenia można było wysyłać do {moment}. Dowiedzą się Państwo, które terminy są Państwa, gdy wszyscy ' .
        'dostaną swoje.',
    'sent_at' => 'Szkoła ma Państwa życzenia od {moment}.',
    'plain_how' =>
        'Proszę wpisać 1 przy osobie, z którą najbardziej chcą się Państwo spotkać, potem 2 i tak dalej; resztę ' .
        'zostawić pustą.',
    'plain_when' => 'Kiedy mogą Państwo przyjść?',
    'plain_others' => 'Ktoś inny',
    'plain_from' => 'od',
    'plain_until' => 'do',
    'plain_from_again' => 'i od',
    'plain_until_again' => 'do',
    'plain_needs' => 'Czego Państwo potrzebują',
    'plain_walk' => 'Czas na przejście między salami',
    'plain_breather' => 'Przerwa między dwoma spotkaniami',
    'plain_minutes' => '{n, plural, =0 {nie trzeba} one {# minuta} few {# minuty} many {# minut} other {# minuty}}',
    'plain_interpreter' => 'Tłumacz',
    'plain_no_interpreter' => 'niepotrzebny',
    'plain_ground' => 'Potrzebny jest parter',
    'plain_phone' => 'Numer telefonu',
    'plain_name' => 'Imię i nazwisko',
    'plain_email' => 'Adres e-mail',
    'plain_child' => 'Dziecko {n}',
    'plain_child_name' => 'Imię i nazwisko ucznia',
    'plain_send' => 'Wyślij te życzenia',
    'too_many' => 'Więcej życzeń, niż możemy przyjąć. Proszę kilka opuścić.',
    'wishes_heading' => 'Państwa życzenia: {title}',
    'wishes_news' =>
        '{count, plural, =0 {Wycofali Państwo życzenia. Szkoła niczego nie ma. Nowe można wysłać do {moment}.} one ' .
        '{Szkoła ma Państwa życzenie. Można je zmienić do {moment}. Potem dowiedzą się Państwo, który termin jest ' .
        'Państwa.} few {Szkoła ma Państwa # życzenia, w tej kolejności. Można je zmienić do {moment}. Potem ' .
        'dowiedzą się Państwo, które terminy są Państwa.} many {Szkoła ma Państwa # życzeń, w tej kolejności. ' .
        'Można je zmienić do {moment}. Potem dowiedzą się Państwo, które terminy są Państwa.} other {Szkoła ma ' .
        'Państwa # życzenia, w tej kolejności. Można je zmienić do {moment}. Potem dowiedzą się Państwo, które ' .
        'terminy są Państwa.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {Życzenie jest zapisane.} few {Zapisano # życzenia.} many {Zapisano # życzeń.} other ' .
        '{Zapisano # życzenia.}} Liczą się, gdy ten adres odpowie: jedno kliknięcie poniżej.',
    'gone_heading' => '{host} już nie bierze udziału',
    'gone_news' =>
        '{host} nie bierze już udziału w te dni. Pozostałe życzenia zostają. {open, select, yes {Można życzyć ' .
        'sobie kogoś innego do {moment}.} other {Jeśli chcą Państwo kogoś innego, proszę zadzwonić do ' .
        'sekretariatu.}}',
    'gone' =>
        '{count, plural, one {{names} nie bierze już udziału w te dni.} few {{names} nie biorą już udziału w te ' .
        'dni.} many {{names} nie biorą już udziału w te dni.} other {{names} nie biorą już udziału w te dni.}} ' .
        'Proszę wybrać kogoś innego albo kontynuować z resztą.',
    'wishes_link' => 'Zmienić lub dodać życzenia',
    'wishes_confirm' => 'Tak, to mój adres',
    'wishes_row' => '{host}{student, select, none {} other { – dotyczy: {student}}}',
    'wishes_when' => 'Mogą Państwo przyjść',
    'wishes_hours' => '{day}, {from}–{until}',
    'wishes_needs' => 'Potrzebne',
    'wishes_interpreter' => 'tłumacz ({language})',
    'wishes_ground' => 'parter',
    'wishes_break' =>
        '{n, plural, one {przerwa # minuta} few {przerwa # minuty} many {przerwa # minut} other {przerwa # minuty}}',
    'wishes_rank' => '{rank, selectordinal, other {#.}} życzenie',
    'given_heading' => 'Państwa terminy: {title}',
    'given_news' =>
        '{count, plural, =0 {Na Państwa życzenia nie udało się dać żadnego terminu.} one {Ten termin należy do ' .
        'Państwa.} few {Te # terminy należą do Państwa.} many {Te # terminów należy do Państwa.} other {Te # ' .
        'terminu należy do Państwa.}} {left, plural, =0 {To wszystko, o co proszono.} one {Na # życzenie nie było ' .
        'terminu; jest poniżej.} few {Na # życzenia nie było terminu; są poniżej.} many {Na # życzeń nie było ' .
        'terminu; są poniżej.} other {Na # życzenia nie było terminu; są poniżej.}} To, co teraz wolne, mogą ' .
        'rezerwować wszyscy.',
    'given_asked' => 'O niektóre prosił nauczyciel.',
    'given_link' => 'Państwa spotkania: zmienić, wydrukować lub odwołać',
    'given_left' => 'Brak terminu: {host}',
    'to_family_outside_windows' => 'Nie ma terminu, gdy mogą Państwo przyjść.',
    'to_family_host_full' => 'Terminy, w których mogą Państwo przyjść, dostali inni.',
    'to_family_clashes' => 'Wolne tylko wtedy, gdy są Państwo na innym spotkaniu albo w drodze.',
    'to_family_no_interpreter' => 'Są terminy, ale wtedy nie ma tłumacza Państwa języka.',
    'to_family_other_guardian' =>
        '{apart, select, yes {Nie udało się tego Państwu dać. Więcej wie sekretariat szkoły.} other {Inny opiekun ' .
        'dziecka życzył sobie tego samego i był pierwszy.}}',
    'to_family_host_gone' => '{host} już nie bierze udziału.',
    'to_family_time_gone' => 'Termin przepadł, zanim można go było zarezerwować.',
];
