<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {Zarezerwowano} please_confirm {Proszę potwierdzić} lapsed {Wygasło} asked {Prośba} ' .
        'accepted {Przyjęto} maybe {Może} declined {Odrzucono} moved {Przeniesiono} moved_away {Przekazano} ' .
        'cancelled {Odwołano} link_added {Jest link} link_changed {Nowy link} place_changed {Inne miejsce} ' .
        'answers_changed {Zmienione odpowiedzi} reminder {Przypomnienie} guest_brought {Dodano gościa} guest_left ' .
        '{Gość nie przyjdzie} other {}}: {date} {time}, {with} – {title}',
    'booked' => [
        'visitor' =>
            '{who, select, office {Sekretariat zarezerwował ten termin dla Państwa.} host {Termin dla Państwa ' .
            'rezerwuje {name}.} colleague {Termin dla Państwa rezerwuje {name}.} other {Ten termin należy do ' .
            'Państwa.}}',
        'guest' => '{visitor} dodaje Państwa do tego spotkania.',
    ],
    'please_confirm' => [
        'visitor' =>
            'Ten termin czeka na Państwa do {until}. Po naciśnięciu przycisku jest zarezerwowany. Jeśli nie ' .
            'prosili Państwo o termin, proszę nic nie robić: znów będzie wolny.',
    ],
    'lapsed' => [
        'visitor' => 'Ten termin czekał na Państwa. Znów jest wolny.',
    ],
    'asked' => [
        'visitor' =>
            'Prośba o ten termin została wysłana. Czeka on na Państwa, aż odpowie {host}, najdłużej do {until}.',
        'guest' => '{visitor} prosi o ten termin. Czeka on, aż odpowie {host}, najdłużej do {until}.',
    ],
    'accepted' => [
        'visitor' =>
            '{who, select, you {Ten termin należy do Państwa.} other {{name} się zgadza. Ten termin należy do ' .
            'Państwa.}}',
        'guest' =>
            '{who, select, visitor {{visitor} bierze ten termin.} other {{name} się zgadza.}} Spotkanie się ' .
            'odbędzie.',
    ],
    'maybe' => [
        'visitor' => '{name} nie ma jeszcze pewności. Termin czeka na Państwa do {until}.',
        'guest' => '{name} nie ma jeszcze pewności. Termin czeka do {until}.',
    ],
    'declined' => [
        'visitor' => '{host} nie może się z Państwem spotkać w tym terminie. Może inne są wolne.',
        'guest' => '{host} nie może w tym terminie. Spotkanie się nie odbędzie.',
    ],
    'moved' => [
        'visitor' =>
            '{held, select, yes {Termin, o który Państwo prosili, jest teraz inny. Czeka na Państwa, aż odpowie ' .
            '{host}, najdłużej do {until}.} other {{who, select, you {Przenieśli Państwo to spotkanie.} office ' .
            '{Sekretariat przeniósł to spotkanie.} host {To spotkanie trzeba było przenieść ({name}).} colleague ' .
            '{To spotkanie trzeba było przenieść ({name}).} other {To spotkanie zostało przeniesione ({name}).}} ' .
            'To jest nowy termin.}}',
        'guest' =>
            '{who, select, you {Przenieśli Państwo to spotkanie.} office {Sekretariat przeniósł to spotkanie.} ' .
            'host {To spotkanie trzeba było przenieść ({name}).} colleague {To spotkanie trzeba było przenieść ' .
            '({name}).} other {To spotkanie zostało przeniesione ({name}).}} To jest nowy termin.',
    ],
    'cancelled' => [
        'visitor' =>
            '{who, select, you {Odwołali Państwo to spotkanie. Termin jest teraz wolny dla innych.} office ' .
            '{Sekretariat odwołał to spotkanie.} host {To spotkanie trzeba było odwołać ({name}). Przepraszamy.} ' .
            'colleague {To spotkanie trzeba było odwołać ({name}). Przepraszamy.} other {To spotkanie zostało ' .
            'odwołane ({name}).}}',
        'guest' =>
            '{who, select, you {Odwołali Państwo to spotkanie. Termin jest teraz wolny dla innych.} office ' .
            '{Sekretariat odwołał to spotkanie.} host {To spotkanie trzeba było odwołać ({name}). Przepraszamy.} ' .
            'colleague {To spotkanie trzeba było odwołać ({name}). Przepraszamy.} other {To spotkanie zostało ' .
            'odwołane ({name}).}}',
    ],
    'link_added' => [
        'visitor' => 'Link do wideo na to spotkanie jest już dostępny.',
        'guest' => 'Link do wideo na to spotkanie jest już dostępny.',
    ],
    'link_changed' => [
        'visitor' => 'Link do wideo na to spotkanie jest nowy. Stary już nie działa.',
        'guest' => 'Link do wideo na to spotkanie jest nowy. Stary już nie działa.',
    ],
    'place_changed' => [
        'visitor' => 'To spotkanie jest teraz w innym miejscu.',
        'guest' => 'To spotkanie jest teraz w innym miejscu.',
    ],
    'reminder' => [
        'visitor' => 'To spotkanie: {when}.',
        'guest' => 'To spotkanie: {when}.',
    ],
    'guest_brought' => [
        'visitor' =>
            '{who, select, you {Dodali Państwo do tego spotkania: {guest}.} other {{name} dodaje do tego ' .
            'spotkania: {guest}.}} Ta osoba dostaje własną prywatną stronę.',
        'about' => '{name} dodaje Państwa do tego spotkania.',
        'guest' => '{name} dodaje do tego spotkania: {guest}.',
    ],
    'guest_left' => [
        'visitor' =>
            '{who, select, you {Usunęli Państwo z tego spotkania: {guest}.} other {{guest} nie przyjdzie na to ' .
            'spotkanie.}} Samo spotkanie pozostaje.',
        'about' =>
            '{who, select, you {Nie przyjdą Państwo na to spotkanie.} other {Usunięto Państwa z tego spotkania ' .
            '({name}).}} Samo spotkanie pozostaje.',
        'guest' => '{guest} nie przyjdzie na to spotkanie. Samo spotkanie pozostaje.',
    ],
    'sitting' => [
        'heading' => 'Zarezerwowane terminy ({count}): {school}',
        'news' => 'Te terminy ({count, number}) należą do Państwa.',
        'press' =>
            '{may, select, change {Przenieść lub odwołać: {time}, {host}} cancel {Odwołać: {time}, {host}} other ' .
            '{Zobaczyć: {time}, {host}}}',
        'another' => 'Zarezerwować inny termin',
    ],
    'link' => [
        'another' => 'Wybrać inny termin',
        'confirm' => 'Tak, to mój adres: zarezerwować',
        'change' => 'Państwa spotkania: zobaczyć, przenieść lub odwołać',
        'cancel' => 'Państwa spotkania: zobaczyć lub odwołać',
        'look' => 'Państwa spotkania',
    ],
    'off' => [
        'declined' => '{host} nie może się z Państwem spotkać w tym terminie.',
        'cancelled' =>
            '{who, select, you {Odwołali Państwo to spotkanie. Termin jest teraz wolny dla innych.} office ' .
            '{Sekretariat odwołał to spotkanie.} host {To spotkanie trzeba było odwołać ({name}).} colleague {To ' .
            'spotkanie trzeba było odwołać ({name}).} other {To spotkanie zostało odwołane ({name}).}}',
        'by' => '{who, select, office {przez sekretariat} other {{name}}}',
    ],
    'again_heading' => 'Państwa spotkania',
    'again' => 'Oto Państwa spotkania.',
    'again_other' => 'I {number}',
    'was' => 'Już nie',
    'that_day' => 'Także tego dnia',
    'free_now' => 'Teraz wolne',
];
