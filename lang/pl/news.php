<?php

declare(strict_types=1);

return [
    'subject' =>
        '{what, select, booked {Zarezerwowano} please_confirm {Proszę potwierdzić} lapsed {Wygasło} asked {Prośba} accepted {Przyjęto} maybe {Może} declined {Odrzucono} moved {Przeniesiono} moved_away {Przekazano} cancelled {Odwołano} link_added {Jest link} link_changed {Nowy link} place_changed {Inne miejsce} answers_changed {Zmienione odpowiedzi} reminder {Przypomnienie} guest_brought {Dodano gościa} guest_left {Gość nie przyjdzie} other {}}: {date} {time}, {with} – {title}',
    'booked' => [
        'host' =>
            '{who, select, you {Rezerwacja od Państwa dla: {visitor}.} office {Sekretariat zarezerwował u Państwa termin dla: {visitor}.} visitor {Termin u Państwa rezerwuje {visitor}.} other {Termin u Państwa rezerwuje {name}, dla: {visitor}.}}',
        'visitor' =>
            '{who, select, office {Sekretariat zarezerwował ten termin dla Państwa.} host {Termin dla Państwa rezerwuje {name}.} colleague {Termin dla Państwa rezerwuje {name}.} other {Ten termin należy do Państwa.}}',
        'guest' => '{visitor} dodaje Państwa do tego spotkania.',
    ],
    'please_confirm' => [
        'visitor' =>
            'Ten termin czeka na Państwa do {until}. Po naciśnięciu przycisku jest zarezerwowany. Jeśli nie prosili Państwo o termin, proszę nic nie robić: znów będzie wolny.',
    ],
    'lapsed' => [
        'visitor' => 'Ten termin czekał na Państwa. Znów jest wolny.',
    ],
    'moved_away' => [
        'host' => 'To spotkanie prowadzi teraz {host}, o innej porze. Państwa termin jest znów wolny.',
    ],
    'asked' => [
        'host' => '{visitor} prosi o termin u Państwa. Czeka do {until}.',
        'visitor' =>
            'Prośba o ten termin została wysłana. Czeka on na Państwa, aż odpowie {host}, najdłużej do {until}.',
        'guest' => '{visitor} prosi o ten termin. Czeka on, aż odpowie {host}, najdłużej do {until}.',
    ],
    'accepted' => [
        'host' =>
            '{who, select, you {Zgoda od Państwa: {visitor}.} visitor {{visitor} bierze termin, który Państwo podali.} other {Zgadza się {name}: {visitor}.}}',
        'visitor' =>
            '{who, select, you {Ten termin należy do Państwa.} other {{name} się zgadza. Ten termin należy do Państwa.}}',
        'guest' =>
            '{who, select, visitor {{visitor} bierze ten termin.} other {{name} się zgadza.}} Spotkanie się odbędzie.',
    ],
    'maybe' => [
        'host' =>
            '{who, select, you {Od Państwa: „jeszcze niepewne”, {visitor}.} other {{name} mówi „jeszcze niepewne”: {visitor}.}}',
        'visitor' => '{name} nie ma jeszcze pewności. Termin czeka na Państwa do {until}.',
        'guest' => '{name} nie ma jeszcze pewności. Termin czeka do {until}.',
    ],
    'declined' => [
        'host' => '{who, select, you {Odmowa od Państwa: {visitor}.} other {Odmawia {name}: {visitor}.}}',
        'visitor' => '{host} nie może się z Państwem spotkać w tym terminie. Może inne są wolne.',
        'guest' => '{host} nie może w tym terminie. Spotkanie się nie odbędzie.',
    ],
    'moved' => [
        'host' =>
            '{who, select, you {To spotkanie zostało przez Państwa przesunięte.} office {Sekretariat przesunął to spotkanie.} other {To spotkanie przesuwa {name}.}} Oto nowy termin.',
        'visitor' =>
            '{held, select, yes {Termin, o który Państwo prosili, jest teraz inny. Czeka na Państwa, aż odpowie {host}, najdłużej do {until}.} other {{who, select, you {Przenieśli Państwo to spotkanie.} office {Sekretariat przeniósł to spotkanie.} host {To spotkanie trzeba było przenieść ({name}).} colleague {To spotkanie trzeba było przenieść ({name}).} other {To spotkanie zostało przeniesione ({name}).}} To jest nowy termin.}}',
        'guest' =>
            '{who, select, you {Przenieśli Państwo to spotkanie.} office {Sekretariat przeniósł to spotkanie.} host {To spotkanie trzeba było przenieść ({name}).} colleague {To spotkanie trzeba było przenieść ({name}).} other {To spotkanie zostało przeniesione ({name}).}} To jest nowy termin.',
    ],
    'cancelled' => [
        'host' =>
            '{who, select, you {To spotkanie zostało przez Państwa odwołane.} office {Sekretariat odwołał to spotkanie.} other {To spotkanie odwołuje {name}.}} Termin jest znów wolny.',
        'visitor' =>
            '{who, select, you {Odwołali Państwo to spotkanie. Termin jest teraz wolny dla innych.} office {Sekretariat odwołał to spotkanie.} host {To spotkanie trzeba było odwołać ({name}). Przepraszamy.} colleague {To spotkanie trzeba było odwołać ({name}). Przepraszamy.} other {To spotkanie zostało odwołane ({name}).}}',
        'guest' =>
            '{who, select, you {Odwołali Państwo to spotkanie. Termin jest teraz wolny dla innych.} office {Sekretariat odwołał to spotkanie.} host {To spotkanie trzeba było odwołać ({name}). Przepraszamy.} colleague {To spotkanie trzeba było odwołać ({name}). Przepraszamy.} other {To spotkanie zostało odwołane ({name}).}}',
    ],
    'link_added' => [
        'host' => 'Jest link wideo.',
        'visitor' => 'Link do wideo na to spotkanie jest już dostępny.',
        'guest' => 'Link do wideo na to spotkanie jest już dostępny.',
    ],
    'link_changed' => [
        'host' => 'Link wideo tego spotkania jest nowy. Stary już nie działa.',
        'visitor' => 'Link do wideo na to spotkanie jest nowy. Stary już nie działa.',
        'guest' => 'Link do wideo na to spotkanie jest nowy. Stary już nie działa.',
    ],
    'place_changed' => [
        'host' => 'To spotkanie jest teraz w innym miejscu.',
        'visitor' => 'To spotkanie jest teraz w innym miejscu.',
        'guest' => 'To spotkanie jest teraz w innym miejscu.',
    ],
    'answers_changed' => [
        'host' => '{name} zmienia swoje odpowiedzi.',
    ],
    'reminder' => [
        'host' => 'To spotkanie jest {when}.',
        'visitor' => 'To spotkanie: {when}.',
        'guest' => 'To spotkanie: {when}.',
    ],
    'guest_brought' => [
        'host' => '{name} dodaje do tego spotkania: {guest}.',
        'visitor' =>
            '{who, select, you {Dodali Państwo do tego spotkania: {guest}.} other {{name} dodaje do tego spotkania: {guest}.}} Ta osoba dostaje własną prywatną stronę.',
        'about' => '{name} dodaje Państwa do tego spotkania.',
        'guest' => '{name} dodaje do tego spotkania: {guest}.',
    ],
    'guest_left' => [
        'host' => '{guest} już nie przychodzi na to spotkanie. Samo spotkanie zostaje.',
        'visitor' =>
            '{who, select, you {Usunęli Państwo z tego spotkania: {guest}.} other {{guest} nie przyjdzie na to spotkanie.}} Samo spotkanie pozostaje.',
        'about' =>
            '{who, select, you {Nie przyjdą Państwo na to spotkanie.} other {Usunięto Państwa z tego spotkania ({name}).}} Samo spotkanie pozostaje.',
        'guest' => '{guest} nie przyjdzie na to spotkanie. Samo spotkanie pozostaje.',
    ],
    'sitting' => [
        'heading' => 'Zarezerwowane terminy ({count}): {school}',
        'news' => 'Te terminy ({count, number}) należą do Państwa.',
        'press' =>
            '{may, select, change {Przenieść lub odwołać: {time}, {host}} cancel {Odwołać: {time}, {host}} other {Zobaczyć: {time}, {host}}}',
        'another' => 'Zarezerwować inny termin',
    ],
    'link' => [
        'answer' => 'Odpowiedzieć na tę prośbę',
        'everybody' => 'Zobaczyć wszystkich, którzy zarezerwowali',
        'another' => 'Wybrać inny termin',
        'confirm' => 'Tak, to mój adres: zarezerwować',
        'change' => 'Państwa spotkania: zobaczyć, przenieść lub odwołać',
        'cancel' => 'Państwa spotkania: zobaczyć lub odwołać',
        'look' => 'Państwa spotkania',
    ],
    'off' => [
        'declined' => '{host} nie może się z Państwem spotkać w tym terminie.',
        'cancelled' =>
            '{who, select, you {Odwołali Państwo to spotkanie. Termin jest teraz wolny dla innych.} office {Sekretariat odwołał to spotkanie.} host {To spotkanie trzeba było odwołać ({name}).} colleague {To spotkanie trzeba było odwołać ({name}).} other {To spotkanie zostało odwołane ({name}).}}',
        'by' => '{who, select, office {przez sekretariat} other {{name}}}',
    ],
    'digest_heading' =>
        'Państwa spotkania: nowości przy {times, plural, one {# terminie} few {# terminach} many {# terminach} other {# terminu}}',
    'digest' => 'To jest nowe od wczoraj.',
    'digest_link' => 'Zobaczyć swoje arkusze',
    'digest_line' =>
        '{state, select, booked {zarezerwowane} asked {prośba, czeka na Państwa odpowiedź} cancelled {odwołane} kept {jeszcze niepotwierdzone} declined {odmowa} other {}}: {who}{about, select, none {} other {, w sprawie: {student}}}',
    'again_heading' => 'Państwa spotkania',
    'again' => 'Oto Państwa spotkania.',
    'again_other' => 'I {number}',
    'was' => 'Już nie',
    'that_day' => 'Także tego dnia',
    'free_now' => 'Teraz wolne',
];
