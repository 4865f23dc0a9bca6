<?php

declare(strict_types=1);

return [
    'here_early' =>
        'To za wcześnie: od {time}, {date}, można zaznaczyć, że są Państwo na miejscu. Nic nie przepadło; proszę ' .
        'wtedy wrócić.',
    'here_off' => 'To spotkanie jest odwołane.',
    'here_over' => 'To spotkanie się skończyło.',
    'no_word' => 'Nie ma już na co odpowiadać.',
    'offer_answered' => 'Na tę propozycję już odpowiedziano albo jej czas minął. Niczego nie zmieniono.',
    'offer_gone' => 'Ten termin nie jest już proponowany. Pozostałe spotkania są, jak były.',
    'offer_open' => 'Zaproponowano {time}; termin czeka do {until}.',
    'late_heading' =>
        '{minutes, plural, =0 {{host} znów jest o czasie} one {{host} ma około # minuty opóźnienia} few {{host} ma ' .
        'około # minut opóźnienia} many {{host} ma około # minut opóźnienia} other {{host} ma około # minuty ' .
        'opóźnienia}}',
    'late_news' =>
        '{minutes, plural, =0 {{host} znów jest o czasie. Spotkanie zaczyna się o {time}, zgodnie z planem.} one ' .
        '{{host} ma dziś około # minuty opóźnienia. Spotkanie zaczyna się około {time}. Termin pozostaje Państwa.} ' .
        'few {{host} ma dziś około # minut opóźnienia. Spotkanie zaczyna się około {time}. Termin pozostaje ' .
        'Państwa.} many {{host} ma dziś około # minut opóźnienia. Spotkanie zaczyna się około {time}. Termin ' .
        'pozostaje Państwa.} other {{host} ma dziś około # minuty opóźnienia. Spotkanie zaczyna się około {time}. ' .
        'Termin pozostaje Państwa.}}',
    'late_link' => 'Państwa spotkania: ile to potrwa według obecnego stanu',
    'late_text' =>
        '{minutes, plural, =0 {{school}: {host} znów jest o czasie. Spotkanie zaczyna się o {time}.} one ' .
        '{{school}: {host} ma około # minuty opóźnienia. Spotkanie zaczyna się około {time}.} few {{school}: ' .
        '{host} ma około # minut opóźnienia. Spotkanie zaczyna się około {time}.} many {{school}: {host} ma około ' .
        '# minut opóźnienia. Spotkanie zaczyna się około {time}.} other {{school}: {host} ma około # minuty ' .
        'opóźnienia. Spotkanie zaczyna się około {time}.}}',
    'offer_heading' => '{host} proponuje Państwu inny termin',
    'offer_news' =>
        '{host} proponuje Państwu {time}. Termin czeka do {until}. Aby go wziąć, proszę otworzyć swoje spotkania.',
    'offer_instead' => 'Po tym spotkaniu',
    'offer_link' => 'Wziąć ten termin albo odmówić',
    'offer_text' => '{host} proponuje Państwu {time}. Aby wziąć termin, proszę otworzyć swoje spotkania: {link}',
    'kiosk_title' => 'Przyjście: {school}',
    'kiosk_too_often' =>
        'Na tym tablecie było dużo prób. Proszę zapytać w sekretariacie albo spróbować za dziesięć minut.',
    'kiosk_no_code' =>
        'Na dziś niczego nie ma pod tym kodem. Proszę sprawdzić, czy jest pełny, albo poszukać według nazwiska i ' .
        'godziny.',
    'kiosk_no_name' =>
        'Nikt o tym nazwisku nie ma o tej godzinie spotkania albo nie jest ono jeszcze blisko. Proszę wpisać pełne ' .
        'nazwisko użyte przy rezerwacji, swoje lub ucznia; albo zapytać w sekretariacie.',
    'kiosk_time' => 'Proszę wpisać godzinę spotkania, na przykład {time}.',
    'after_link' => 'Państwa spotkania',
    'plain_ahead' => 'Od {time} można tu zaznaczyć, że są Państwo na miejscu.',
    'plain_here' => 'Jestem na miejscu',
    'plain_waits' =>
        '{host} wie, że Państwo są na miejscu. {wait, plural, =0 {} one {Kolej na Państwa w ciągu # minuty.} few ' .
        '{Kolej na Państwa w ciągu # minut.} many {Kolej na Państwa w ciągu # minut.} other {Kolej na Państwa w ' .
        'ciągu # minuty.}} Aby zobaczyć obecny stan, proszę wczytać stronę ponownie.',
    'plain_called' => 'Proszę wejść.',
    'plain_late' =>
        '{host} ma około {minutes, plural, one {# minuty} few {# minut} many {# minut} other {# minuty}} ' .
        'opóźnienia.',
    'plain_word' => '{host}: „{word}”',
    'ahead_minutes' => 'za {minutes, plural, one {# minutę} few {# minuty} many {# minut} other {# minuty}}',
    'ahead_today' => 'dziś o {time}',
    'ahead_tomorrow' => 'jutro o {time}',
    'ahead_date' => '{date}',
    'wait_now' => 'Kolej na Państwa lada chwila.',
    'wait_about' =>
        'Kolej na Państwa za około {high, plural, one {# minutę} few {# minuty} many {# minut} other {# minuty}}.',
    'wait_within' =>
        'Kolej na Państwa w ciągu {high, plural, one {# minuty} few {# minut} many {# minut} other {# minuty}}.',
    'wait_between' =>
        'Kolej na Państwa za {low, number, integer} do {high, plural, one {# minuty} few {# minut} many {# minut} ' .
        'other {# minuty}}.',
    'see_the_way' => 'Zobacz drogę: {place}',
    'the_way' => 'Droga: {place}',
    'kiosk_head' => '{school}, {day}',
    'kiosk_no_camera' => 'Nie można użyć kamery tego tabletu. Proszę wpisać kod albo nazwisko i godzinę.',
    'kiosk_yours' => 'Państwa spotkania dzisiaj',
    'kiosk_with' => '<time>{at}</time>, prowadzi {host}',
    'kiosk_known' => '{host} wie, że Państwo są na miejscu.',
    'kiosk_go_in' => 'Proszę wejść.',
    'kiosk_missed' =>
        '{host}: czekano na Państwa, a potem poproszono następne osoby. Proszę zaznaczyć, że są Państwo na ' .
        'miejscu; jeśli będzie chwila, znajdzie się.',
    'kiosk_here' => 'Jestem na miejscu',
    'kiosk_ahead' => 'Od {at} można tu zaznaczyć, że są Państwo na miejscu.',
    'kiosk_over' => 'To spotkanie się skończyło.',
    'kiosk_late' =>
        '{host} ma około {minutes, plural, one {# minuty} few {# minut} many {# minut} other {# minuty}} ' .
        'opóźnienia.',
    'kiosk_done' => 'Gotowe',
    'kiosk_forgets' => 'Za chwilę ta strona o Państwu zapomni.',
    'kiosk_question' => 'Przyszli Państwo na spotkanie?',
    'kiosk_code' => 'Kod z Państwa spotkań lub z karty',
    'kiosk_find' => 'Szukaj',
    'kiosk_camera_sees' => 'Co widzi kamera',
    'kiosk_hold' => 'Proszę przytrzymać przed kamerą kod QR spotkań lub karty.',
    'kiosk_no_picture' => 'Bez kamery',
    'kiosk_show' => 'Pokazać kwadrat kamerze',
    'kiosk_name' => 'Albo pełne nazwisko, swoje lub ucznia',
    'kiosk_and_time' => 'i godzina spotkania, gdy jest już blisko',
    'kiosk_like' => 'na przykład {time}',
    'kiosk_who_is_where' => 'Kto jest gdzie',
    'kiosk_host' => '{known, select, yes {<bold>{host}</bold>: {places}} other {<bold>{host}</bold>}}',
    'kiosk_about_late' =>
        'około {minutes, plural, one {# minuty} few {# minut} many {# minut} other {# minuty}} opóźnienia',
    'kiosk_nobody' => 'Dziś nikt nie ma już spotkań.',
];
