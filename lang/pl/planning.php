<?php

declare(strict_types=1);

return [
    'book' =>
        '{many, plural, one {Zarezerwować to spotkanie} few {Zarezerwować wszystkie # spotkania} many ' .
        '{Zarezerwować wszystkie # spotkań} other {Zarezerwować wszystkie # spotkania}}',
    'move' =>
        '{many, plural, one {Przenieść to spotkanie} few {Przenieść te # spotkania} many {Przenieść te # spotkań} ' .
        'other {Przenieść te # spotkania}}',
    'book_and_move' => 'Zarezerwować {added, number, integer} i przenieść {moved, number, integer}',
    'more_all' => 'Czas na przejście między salami, przerwa, tłumacz',
    'more_times' => 'Czas na przejście między salami, przerwa',
    'more_prefer' => 'Państwa preferencje, czas na przejście między salami, przerwa',
    'moment' => 'Chwileczkę…',
    'for' => '{name}',
    'closed' => 'Teraz niczego tu nie można zarezerwować. Dotychczasowe rezerwacje pozostają.',
    'wished' => 'Państwa życzenia',
    'whom' => 'Z kim chcą się Państwo spotkać?',
    'when' => 'Kiedy mogą Państwo przyjść?',
    'prefer' => 'Najlepiej',
    'walk' => 'Na przejście między salami potrzeba',
    'minutes' => '{minutes, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}}',
    'breather' => 'Między dwoma spotkaniami',
    'breather_none' => 'przerwa niepotrzebna',
    'breather_of' =>
        '{minutes, plural, one {przerwa # minuta} few {przerwa # minuty} many {przerwa # minut} other {przerwa # ' .
        'minuty}}',
    'interpreter' => 'Tłumacz',
    'interpreter_none' => 'niepotrzebny',
    'ground' => 'Potrzebny jest parter; sale znajdzie sekretariat',
    'your_wishes' => 'Państwa życzenia',
    'your_plan' => 'Państwa plan',
    'plan_empty' => 'Proszę zaznaczyć, z kim chcą się Państwo spotkać; plan pojawi się tutaj.',
    'left' => 'Co się nie mieści',
    'about' => 'Dotyczy: {student}.',
    'everything' => 'Wszystkie Państwa rezerwacje',
    'about_meetings' => 'O Państwa spotkaniach',
    'until' => 'do',
    'remove' => 'Usuń',
    'hours_more' => 'Dodać inne godziny tego dnia',
    'place_until' => '{place}, do {until}',
    'booked' => 'zarezerwowane',
    'another_time' => 'inny termin niż wcześniej',
    'may_move' =>
        '{many, plural, one {Zarezerwowane spotkanie może zmienić termin, jeśli tak lepiej} few {Zarezerwowane ' .
        'spotkania mogą zmienić terminy, jeśli tak lepiej} many {Zarezerwowane spotkania mogą zmienić terminy, ' .
        'jeśli tak lepiej} other {Zarezerwowane spotkania mogą zmienić terminy, jeśli tak lepiej}}',
    'best' => 'Żadne inne terminy nie pasują lepiej.',
    'no_better' => 'Nie znaleziono lepszych terminów.',
    'cancel' =>
        '{many, plural, one {Odwołać zarezerwowane spotkanie} few {Odwołać wszystkie # spotkania} many {Odwołać ' .
        'wszystkie # spotkań} other {Odwołać wszystkie # spotkania}}',
    'cancel_press' =>
        '{many, plural, one {Odwołać} few {Odwołać wszystkie #} many {Odwołać wszystkie #} other {Odwołać ' .
        'wszystkie #}}',
    'not_yet' => 'Nic się nie zmieni przed naciśnięciem przycisku powyżej.',
    'cancel_word' => 'Słowo do nauczycieli',
    'cancel_not' => 'Nie odwoływać',
    'find_teachers' => 'Znaleźć nauczycieli',
    'another_child' => 'Inne dziecko',
    'asks' => 'prosi Państwa o przyjście',
    'tick_all' => 'Zaznacz wszystkich ({many, number, integer})',
    'somebody_else' => 'Ktoś inny',
    'seek' => 'Nazwisko, przedmiot lub sala',
    'seek_none' => 'Nikt o tym nazwisku nie bierze udziału.',
    'seek_more' => 'jeszcze {many, number, integer}; proszę wpisać kilka liter nazwiska.',
    'student' => 'Imię i nazwisko ucznia',
    'wishes_sending' => 'Wysyłanie…',
    'wishes_send_again' => 'Wyślij w obecnej postaci',
    'wishes_send' =>
        '{many, plural, one {Wyślij to życzenie} few {Wyślij te # życzenia} many {Wyślij te # życzeń} other ' .
        '{Wyślij te # życzenia}}',
    'wishes_empty' => 'Proszę zaznaczyć, z kim chcą się Państwo spotkać; najważniejsze życzenie stoi tu pierwsze.',
    'wishes_order' => 'Najważniejsze życzenie stoi pierwsze: jest spełniane pierwsze.',
    'wish_more' => '{name}: ważniejsze',
    'wish_less' => '{name}: mniej ważne',
    'wishes_left' => 'Co nie jest możliwe, nawet jeśli nikt inny nie przyjdzie',
    'wishes_unsent' => 'To, co tu jest, nie zostało jeszcze wysłane; szkoła ma to, co wysłano wcześniej.',
    'wishes_back' => 'Wycofać nasze życzenia',
    'from' => 'od',
    'from_more' => 'i od',
    'who_about' => '{name}, dotyczy: {student}',
    'meeting_about' => '<bold>{name}</bold>, dotyczy: {student}',
    'about_child' => 'Dotyczy: {student}',
    'prefer_evenings' => 'jak najmniej wieczorów',
    'prefer_home' => 'wcześnie w domu',
    'prefer_waiting' => 'mało czekania',
    'in_plan' =>
        'W planie: {many, number, integer}. {left, plural, one {# się nie mieści.} few {# się nie mieszczą.} many ' .
        '{# się nie mieści.} other {# się nie mieści.}}',
];
