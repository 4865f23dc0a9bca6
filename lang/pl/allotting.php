<?php

declare(strict_types=1);

return [
    'board_until' => 'życzenia przyjmujemy do {moment}',
    'board_over' => 'terminy są właśnie przydzielane; kto wysłał życzenia, dostanie wiadomość',
    'over' => 'Życzeń już nie przyjmujemy. Wolne terminy pojawią się tutaj, gdy wszystkie życzenia dostaną swoje.',
    'windows_needed' => 'Proszę powiedzieć, kiedy mogą Państwo przyjść: w żaden wieczór nikt nie może się spotkać.',
    'until' => 'Życzenia można wysyłać i zmieniać do {moment}.',
    'until_over' =>
        'Życzenia można było wysyłać do {moment}. Dowiedzą się Państwo, które terminy są Państwa, gdy wszyscy dostaną swoje.',
    'sent_at' => 'Szkoła ma Państwa życzenia od {moment}.',
    'plain_how' =>
        'Proszę wpisać 1 przy osobie, z którą najbardziej chcą się Państwo spotkać, potem 2 i tak dalej; resztę zostawić pustą.',
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
        '{count, plural, =0 {Wycofali Państwo życzenia. Szkoła niczego nie ma. Nowe można wysłać do {moment}.} one {Szkoła ma Państwa życzenie. Można je zmienić do {moment}. Potem dowiedzą się Państwo, który termin jest Państwa.} few {Szkoła ma Państwa # życzenia, w tej kolejności. Można je zmienić do {moment}. Potem dowiedzą się Państwo, które terminy są Państwa.} many {Szkoła ma Państwa # życzeń, w tej kolejności. Można je zmienić do {moment}. Potem dowiedzą się Państwo, które terminy są Państwa.} other {Szkoła ma Państwa # życzenia, w tej kolejności. Można je zmienić do {moment}. Potem dowiedzą się Państwo, które terminy są Państwa.}}',
    'wishes_to_confirm' =>
        '{count, plural, one {Życzenie jest zapisane.} few {Zapisano # życzenia.} many {Zapisano # życzeń.} other {Zapisano # życzenia.}} Liczą się, gdy ten adres odpowie: jedno kliknięcie poniżej.',
    'gone_heading' => '{host} już nie bierze udziału',
    'gone_news' =>
        '{host} nie bierze już udziału w te dni. Pozostałe życzenia zostają. {open, select, yes {Można życzyć sobie kogoś innego do {moment}.} other {Jeśli chcą Państwo kogoś innego, proszę zadzwonić do sekretariatu.}}',
    'gone' =>
        '{count, plural, one {{names} nie bierze już udziału w te dni.} few {{names} nie biorą już udziału w te dni.} many {{names} nie biorą już udziału w te dni.} other {{names} nie biorą już udziału w te dni.}} Proszę wybrać kogoś innego albo kontynuować z resztą.',
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
        '{count, plural, =0 {Na Państwa życzenia nie udało się dać żadnego terminu.} one {Ten termin należy do Państwa.} few {Te # terminy należą do Państwa.} many {Te # terminów należy do Państwa.} other {Te # terminu należy do Państwa.}} {left, plural, =0 {To wszystko, o co proszono.} one {Na # życzenie nie było terminu; jest poniżej.} few {Na # życzenia nie było terminu; są poniżej.} many {Na # życzeń nie było terminu; są poniżej.} other {Na # życzenia nie było terminu; są poniżej.}} To, co teraz wolne, mogą rezerwować wszyscy.',
    'given_asked' => 'O niektóre prosił nauczyciel.',
    'given_link' => 'Państwa spotkania: zmienić, wydrukować lub odwołać',
    'given_left' => 'Brak terminu: {host}',
    'host_heading' => 'Państwa spotkania: {title}',
    'host_news' =>
        'Terminy są przydzielone: {count, plural, =0 {na razie nikt nie przychodzi} one {jedno spotkanie jest Państwa} few {# spotkania są Państwa} many {# spotkań jest Państwa} other {# spotkania jest Państwa}}. To, co na arkuszu zostało wolne, mogą teraz rezerwować wszyscy.',
    'host_link' => 'Państwa arkusz, z tymi, którzy przychodzą',
    'families_with_none' =>
        '{count, plural, =0 {Każda rodzina ma co najmniej jedno spotkanie.} one {Jedna rodzina nie ma żadnego spotkania.} few {# rodziny nie mają żadnego spotkania.} many {# rodzin nie ma żadnego spotkania.} other {# rodziny nie ma żadnego spotkania.}}',
    'helps_times' => 'Pomogłoby więcej terminów tych nauczycieli albo godziny, w których jeszcze jakieś mają.',
    'helps_other_hours' => 'Pomogłyby inne godziny: proszę zapytać o nie rodzinę przed ogłoszeniem.',
    'helps_interpreter' => 'Pomógłby tłumacz w innych godzinach albo drugi tłumacz.',
    'helps_another' => 'Mogą wybrać kogoś innego.',
    'why_outside_windows' => '{host} nie ma terminów, kiedy mogą przyjść.',
    'why_host_full' => 'Terminy ({host}), kiedy mogą przyjść, dostali inni.',
    'why_clashes' => '{host} ma wolne tylko wtedy, gdy są na innym spotkaniu albo w drodze.',
    'why_no_interpreter' => '{host} ma jeszcze terminy, ale wtedy nie ma wolnego tłumacza ich języka.',
    'why_other_guardian' => 'Inny opiekun dziecka wcześniej poprosił o spotkanie: {host}.',
    'why_host_gone' => '{host} nie bierze już udziału w turze.',
    'why_time_gone' => 'Termin ({host}) zajęło coś innego, zanim dało się go zarezerwować.',
    'to_family_outside_windows' => 'Nie ma terminu, gdy mogą Państwo przyjść.',
    'to_family_host_full' => 'Terminy, w których mogą Państwo przyjść, dostali inni.',
    'to_family_clashes' => 'Wolne tylko wtedy, gdy są Państwo na innym spotkaniu albo w drodze.',
    'to_family_no_interpreter' => 'Są terminy, ale wtedy nie ma tłumacza Państwa języka.',
    'to_family_other_guardian' =>
        '{apart, select, yes {Nie udało się tego Państwu dać. Więcej wie sekretariat szkoły.} other {Inny opiekun dziecka życzył sobie tego samego i był pierwszy.}}',
    'to_family_host_gone' => '{host} już nie bierze udziału.',
    'to_family_time_gone' => 'Termin przepadł, zanim można go było zarezerwować.',
    'title' => 'Przydział: {round}',
    'sent' =>
        '{families, plural, =0 {Żadna rodzina nie przysłała jeszcze życzeń.} one {Jedna rodzina przysłała życzenia.} few {# rodziny przysłały życzenia.} many {# rodzin przysłało życzenia.} other {# rodziny przysłało życzenia.}}',
    'none_yet' => 'Jeszcze nic nie przydzielono.',
    'waiting' => 'Zaraz się zacznie.',
    'running' =>
        'Na razie {granted, number} z {wishes, number} życzeń; nigdy nie da się spełnić więcej niż {bound, number}.',
    'found' =>
        'Spełniono {granted, number} z {wishes, number} życzeń. Udowodniono, że nigdy nie może być więcej niż {bound, number}.',
    'short' =>
        'Nic nie zarezerwowano i nikogo nie powiadomiono: tuż przed pierwszą wiadomością {short, plural, one {jeden z tych terminów nie był} few {# z tych terminów nie były} many {# z tych terminów nie było} other {# z tych terminów nie było}} już do wzięcia. To, co zostało, jest tutaj: {granted, number} z {wishes, number} życzeń. Proszę obejrzeć i ogłosić albo zlecić szukanie jeszcze raz.',
    'found_best' => 'Spełniono {granted, number} z {wishes, number} życzeń. Udowodniono, że nie może być więcej.',
    'booking' => '{booked, number} z {families, number} rodzin ma swoje terminy.',
    'booked' =>
        'Wszystkie rodziny ({families, number}) mają swoje terminy i zostały powiadomione. To, co wolne, jest otwarte dla wszystkich.{gone, plural, =0 {} one { Jedno życzenie straciło termin między znalezieniem a rezerwacją; rodzinę powiadomiono.} few { # życzenia straciły termin między znalezieniem a rezerwacją; rodziny powiadomiono.} many { # życzeń straciło termin między znalezieniem a rezerwacją; rodziny powiadomiono.} other { # życzenia straciło termin między znalezieniem a rezerwacją; rodziny powiadomiono.}}',
    'failed' => 'Skończyło się, zanim cokolwiek znaleziono. Nic nie zarezerwowano; proszę zacząć jeszcze raz.',
    'not_granted' =>
        '{count, plural, =0 {Spełniono każde życzenie.} one {Jedno życzenie nie jest spełnione.} few {# życzenia nie są spełnione{listed, plural, =200 {; pierwsze 200 jest tutaj, wszystkie w tabeli} other {}}.} many {# życzeń nie jest spełnionych{listed, plural, =200 {; pierwsze 200 jest tutaj, wszystkie w tabeli} other {}}.} other {# życzenia nie jest spełnione{listed, plural, =200 {; pierwsze 200 jest tutaj, wszystkie w tabeli} other {}}.}}',
    'not_collecting' => 'Ta tura nie zbiera życzeń.',
    'allotted_already' => 'Terminy tej tury są już przydzielone i zarezerwowane.',
    'at_work' => 'Ktoś już zaczął; to jeszcze trwa. Nic więcej nie zaczęto.',
    'not_the_last' => 'Od tego czasu znaleziono inny. Proszę obejrzeć tamten i go ogłosić.',
    'still_collecting' =>
        'Rodziny mogą jeszcze przysyłać życzenia. Najpierw proszę to zakończyć albo poczekać na koniec, a potem zlecić szukanie jeszcze raz. Nic nie zarezerwowano.',
    'wishes_since' =>
        'Znaleziono go, gdy mogły jeszcze przyjść życzenia. Proszę zlecić szukanie jeszcze raz, potem ogłosić. Nic nie zarezerwowano.',
    'nothing_to_pin' => 'Nie ma tu niczego, czego termin mógłby się jeszcze zmienić.',
    'too_late' => 'Życzenia kończą się przed pierwszym dniem tury.',
];
