<?php

declare(strict_types=1);

return [
    'title' => 'Gdy coś wypadnie: {round}',
    'away_said' =>
        '{hit, plural, =0 {Nikt się wtedy nie umówił ({host}), więc nie trzeba nikogo powiadamiać.} one {Jedno spotkanie ({host}) nie może się odbyć.} few {# spotkania ({host}) nie mogą się odbyć.} many {# spotkań ({host}) nie może się odbyć.} other {# spotkania ({host}) nie może się odbyć.}} {hit, plural, =0 {} other {{placed, plural, =0 {Dla żadnego nie ma innego terminu.} one {Dla jednego jest inny termin, przesunięty jak najmniej.} few {Dla # są inne terminy, przesunięte jak najmniej.} many {Dla # są inne terminy, przesunięte jak najmniej.} other {Dla # są inne terminy, przesunięte jak najmniej.}}}}',
    'stead' => '{time}, {host}',
    'away_done' => 'Nieobecność: {host}. Wszyscy, których to dotyczy, dowiedzą się za pół minuty.',
    'is_away' =>
        'Nieobecność: {host}; {times, plural, one {zamknięto jeden termin, {from}} few {zamknięto # terminy, od {from}} many {zamknięto # terminów, od {from}} other {zamknięto # terminu, od {from}}}.',
    'not_away' => 'Nie ma nieobecności albo już minęła. Niczego nie zmieniono.',
    'not_in_it' => 'Brak otwartego arkusza w tej turze.',
    'others_hit' =>
        'Dotyka to innych niż ci, których Państwo widzieli: ktoś tymczasem zarezerwował albo przesunął. Niczego nie zmieniono; proszę spojrzeć jeszcze raz.',
    'taken_meanwhile' => 'Jeden z tych terminów tymczasem zajęto. Niczego nie zmieniono; proszę spojrzeć jeszcze raz.',
    'evening_said' =>
        '{meetings, plural, =0 {Nikt nie zarezerwował {from}; terminy przechodzą na {to}.} one {Jedno spotkanie przechodzi z {from} na {to}, o swojej godzinie.} few {# spotkania ({families, plural, one {jedna rodzina} few {# rodziny} many {# rodzin} other {# rodziny}}) przechodzą z {from} na {to}, każde o swojej godzinie.} many {# spotkań ({families, plural, one {jedna rodzina} few {# rodziny} many {# rodzin} other {# rodziny}}) przechodzi z {from} na {to}, każde o swojej godzinie.} other {# spotkania ({families, plural, one {jedna rodzina} few {# rodziny} many {# rodzin} other {# rodziny}}) przechodzi z {from} na {to}, każde o swojej godzinie.}} {cannot, plural, =0 {} one {Jedno nie może się wtedy odbyć i zostaje odwołane.} few {# nie mogą się wtedy odbyć i zostają odwołane.} many {# nie może się wtedy odbyć i zostaje odwołanych.} other {# nie może się wtedy odbyć i zostaje odwołane.}}',
    'evening_done' =>
        'Wieczór przesunięto. Za pół minuty każda rodzina dowie się o wszystkich spotkaniach z jednej wiadomości.',
    'not_its_date' => 'Tura nie jest w tym dniu.',
    'date_over' => 'Ten dzień już minął.',
    'date_far' => 'To za daleko na tę samą turę. Proszę zrobić ją na nowo w nowe dni.',
    'date_taken' => 'Tura jest już w tym dniu.',
    'date_closed' => 'Szkoła jest w tym dniu zamknięta.',
    'others_cannot' =>
        'W tym dniu nie mogą inni niż ci, których Państwo widzieli. Niczego nie zmieniono; proszę spojrzeć jeszcze raz.',
    'moved_heading' => 'Inna data: {title}',
    'moved_news' =>
        '{count, plural, one {Państwa spotkanie jest teraz w innym dniu, o tej samej godzinie.} few {Państwa # spotkania są teraz w innym dniu, o tej samej godzinie.} many {Państwa # spotkań jest teraz w innym dniu, o tej samej godzinie.} other {Państwa # spotkania jest teraz w innym dniu, o tej samej godzinie.}}',
    'moved_link' => 'Wszystkie Państwa rezerwacje',
    'video_said' =>
        '{can, plural, =0 {Nikt nie ma linku.} one {Jeden nauczyciel ma link.} few {# nauczyciele mają link.} many {# nauczycieli ma link.} other {# nauczyciela ma link.}} {cannot, plural, =0 {} one {{names} go nie ma i zostaje na miejscu, aż go poda.} few {# go nie mają i zostają na miejscu, aż go podadzą: {names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other { i inni}}.} many {# go nie ma i zostaje na miejscu, aż go poda: {names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other { i inni}}.} other {# go nie ma i zostaje na miejscu, aż go poda: {names}{cannot, plural, =1 {} =2 {} =3 {} =4 {} =5 {} =6 {} =7 {} =8 {} =9 {} =10 {} =11 {} =12 {} other { i inni}}.}}',
    'by_video_label' => 'Przez wideo',
    'undone' => 'Wszystko jest, jak było. Do nikogo nie napisano.',
    'undo_late' => 'Za późno, żeby to cofnąć: już do nich napisano.',
    'undo_taken' => 'Tego nie da się już cofnąć: ktoś ma teraz jeden z tych terminów. Niczego nie zmieniono.',
];
