<?php

declare(strict_types=1);

return [
    'queue_well' => 'Wiadomości wychodzą.',
    'queue_wrong' =>
        '{waiting, plural, one {Czeka jedna wiadomość albo inna praca} few {Czekają # wiadomości i inne prace} many {Czeka # wiadomości i innych prac} other {Czeka # wiadomości i innych prac}}, najstarsza od {minutes, plural, one {minuty} few {# minut} many {# minut} other {# minuty}}. Czy kolejka działa? Powie to bin/recess school status.',
    'scheduler_well' => 'Planista działa.',
    'scheduler_wrong' =>
        '{known, select, no {Planista jeszcze nie działał} other {Planista milczy od {minutes, plural, one {minuty} few {# minut} many {# minut} other {# minuty}}}}: tymczasem nie wysyła się przypomnień. Czy działa, powie bin/recess school status.',
    'letters_well' => 'Żadnej wiadomości z ostatniej doby nie porzucono.',
    'letters_wrong' =>
        '{failed, plural, one {Jednej wiadomości albo innej pracy} few {# wiadomości i innych prac} many {# wiadomości i innych prac} other {# wiadomości i innych prac}} z ostatniej doby w ogóle nie udało się wykonać. Dlaczego: bin/recess school artisan queue:failed; jeszcze raz: bin/recess school artisan queue:retry all.',
    'clock_well' => 'Niczego nie zapisano później niż teraz.',
    'clock_wrong' =>
        'Coś zapisano {minutes, plural, one {minutę} few {# minuty} many {# minut} other {# minuty}} później niż teraz: zegar urządzenia cofnięto albo przedtem był zły. Proszę go ustawić: terminy zarezerwowane tymczasem są dobre, ale „za późno” i przypomnienia idą według zegara.',
    'workers_well' => 'Procesy robocze są.',
    'worker_silent' =>
        '{queue, select, rounds {Proces, który szuka terminów tur,} other {Proces, który wysyła wiadomości,}} nie odzywa się od {minutes, plural, one {minuty} few {# minut} many {# minut} other {# minuty}}. bin/recess up uruchamia to, co nie działa.',
    'held' =>
        '{held, plural, =0 {Nie wstrzymuje się żadnej wiadomości z przywróconej kopii.} one {Wstrzymana jest jedna wiadomość albo inna praca z przywróconej kopii} few {Wstrzymane są # wiadomości i inne prace z przywróconej kopii} many {Wstrzymanych jest # wiadomości i innych prac z przywróconej kopii} other {Wstrzymane jest # wiadomości i innych prac z przywróconej kopii}}{held, plural, =0 {} other {: mogły wyjść przed przywróceniem. Proszę je wysłać: bin/recess school artisan recess:held send, albo porzucić: … recess:held drop.}}',
    'held_sent' =>
        '{held, plural, one {Wychodzi teraz jedna wiadomość albo inna praca} few {Wychodzą teraz # wiadomości i inne prace} many {Wychodzi teraz # wiadomości i innych prac} other {Wychodzi teraz # wiadomości i innych prac}}.',
    'held_dropped' =>
        '{held, plural, one {Porzucono jedną wiadomość albo inną pracę} few {Porzucono # wiadomości i inne prace} many {Porzucono # wiadomości i innych prac} other {Porzucono # wiadomości i innych prac}}.',
    'held_how' => 'Są recess:held, recess:held send i recess:held drop. Niczego nie wykonano.',
    'unsent_well' => 'Żadnej wiadomości nie próbuje się od dawna na próżno.',
    'letters_waiting' =>
        '{count, plural, one {Jednej wiadomości próbowano i nie wychodzi} few {# wiadomości próbowano i nie wychodzą} many {# wiadomości próbowano i nie wychodzi} other {# wiadomości próbowano i nie wychodzi}}. Serwer poczty mówi „{why}”.',
    'letters_given_up' =>
        '{count, plural, one {Jedną wiadomość porzucono} few {# wiadomości porzucono} many {# wiadomości porzucono} other {# wiadomości porzucono}} w ciągu doby. Serwer poczty powiedział „{why}”.',
    'mail_well' => 'Serwer poczty przyjmuje nasze wiadomości ({server}).',
    'mail_wrong' =>
        'Serwer poczty ({server}) nie przyjmuje naszych wiadomości: „{why}”. Czekają i są próbowane przez trzy dni. Naprawa: bin/recess install --mail-host NAME --mail-user NAME --mail-password-file FILE',
    'other_tables' =>
        'Tabele tej szkoły są z innej wersji Recess niż jej program, więc niczego się nie pokazuje i niczego nie zapisuje; nic nie ginie. Dla osoby opiekującej się serwerem: bin/recess doctor, potem bin/recess up.',
    'census' =>
        '{staff, plural, one {jeden pracownik} few {# pracowników} many {# pracowników} other {# pracownika}}, {sheets, plural, one {jeden arkusz} few {# arkusze} many {# arkuszy} other {# arkusza}}, {bookings, plural, one {jedna rezerwacja} few {# rezerwacje} many {# rezerwacji} other {# rezerwacji}}, {students, plural, one {jeden uczeń} few {# uczniów} many {# uczniów} other {# ucznia}}.',
    'first_key_over' => '{school} już tu jest. Sekretariat zaprasza wszystkich innych na stronie „Pracownicy”.',
    'too_much' => 'To więcej, niż wysyła którakolwiek z naszych stron, więc tego nie obejrzano. Niczego nie zmieniono.',
    'calendar_too_much' =>
        'Odczytanie tego kalendarza wymaga więcej czasu albo pamięci, niż wolno kalendarzowi. Proszę poszukać w nim wpisów, które powtarzają się co minutę albo co sekundę.',
    'file_quote_open' =>
        'Cudzysłów (") otwarty w wierszu {line, number} tego pliku nie jest zamknięty, więc to, co dalej, byłoby jednym długim słowem. Niczego nie zmieniono. Proszę go zamknąć albo usunąć i podać plik jeszcze raz.',
    'file_too_large' =>
        'Ten plik ma więcej niż {lines, number} wierszy albo bardzo długi wiersz, więc go nie odczytano. Niczego nie zmieniono. Proszę podać go w częściach.',
    'a_lot_at_once' => 'To było dużo naraz. Proszę odczekać minutę i nacisnąć jeszcze raz; nic nie zginęło.',
    'settings_title' => 'Ustawienia',
    'school_title' => 'Szkoła',
    'text_refused' => 'Bramka SMS odpowiedziała {status}.',
    'text_unanswered' => 'Bramka SMS nie odpowiedziała.',
    'no_texts' => 'Stąd nie wysyła się SMS-ów.',
];
