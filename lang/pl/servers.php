<?php

declare(strict_types=1);

// A host's own calendars on a calendar server, both ways. ICU MessageFormat.
return [
    'title' => 'Państwa kalendarze',
    'heading' => 'Państwa kalendarze, w obie strony',
    'about' =>
        'Co jest zajęte w Państwa kalendarzu, nie jest tu nikomu proponowane, a co zostanie tu zarezerwowane, w ' .
        'kilka sekund w nim jest. Dla kalendarzy na serwerze, który zna CalDAV; większość zna i podaje adres w ' .
        'ustawieniach.',
    'other_ways' => 'Bez serwera wystarczy <link>adres kanału albo plik</link> i listy, które Państwo otrzymują.',
    'connect_heading' => 'Gdzie są',
    'address' => 'Adres serwera',
    'address_help' => 'Taki, jaki ma Państwa program kalendarza; zaczyna się od https://',
    'name' => 'Państwa nazwa na serwerze',
    'password' => 'Państwa hasło na serwerze',
    'password_help' =>
        'Najlepiej takie, które jest tylko dla programów, jeśli serwer je wydaje. Jest przechowywane ' .
        'zapieczętowane i nikomu nie jest pokazywane.',
    'connect' => 'Znaleźć moje kalendarze',
    'connecting' => 'Szukanie…',
    'again_heading' => 'Inne hasło albo inny serwer',
    'on' => '{name}, na {host}',
    'looked' => 'Sprawdzono: {when}.',
    'which_heading' => 'Do czego jest każdy',
    'which_about' =>
        'Spotkanie jest w Państwa kalendarzu z imieniem i nazwiskiem, numerem i odpowiedziami osoby, która ' .
        'przychodzi: lepiej w takim, którego nikt inny nie czyta.',
    'counts' => 'Co jest w nim zajęte, zabiera tu terminy',
    'counts_times' =>
        '{times, plural, =0 {Nic w nim nie nadchodzi.} one {# zajęty czas przed nami.} few {# zajęte czasy przed ' .
        'nami.} many {# zajętych czasów przed nami.} other {# zajętego czasu przed nami.}}',
    'skipped' =>
        '{many, plural, one {# wpisu nie dało się odczytać.} few {# wpisów nie dało się odczytać.} many {# ' .
        'wpisów nie dało się odczytać.} other {# wpisu nie dało się odczytać.}}',
    'takes' => 'Moje spotkania trafiają do tego',
    'takes_none' => 'Moje spotkania nie trafiają do żadnego',
    'written' =>
        '{many, plural, =0 {Nie ma w nim jeszcze spotkania.} one {Jest w nim # spotkanie.} few {Są w nim # ' .
        'spotkania.} many {Jest w nim # spotkań.} other {Jest w nim # spotkania.}}',
    'read_only' => 'Nie można w nim pisać.',
    'keep' => 'Zapisać',
    'keeping' => 'Zapisywanie…',
    'kept' => 'Zapisano i sprawdzono.',
    'look_now' => 'Sprawdzić teraz',
    'looked_now' => 'Sprawdzono przed chwilą.',
    'disconnect' => 'Zapomnieć ten serwer',
    'disconnect_about' =>
        'Nazwa i hasło zostają zapomniane i nic stamtąd nie zabiera już terminów. Spotkania, które są w Państwa ' .
        'kalendarzu, w nim zostają; co się z nimi stanie, nie będzie już tam zapisywane.',
    'disconnect_sure' => 'Zapomnieć',
    'disconnect_not' => 'Zostawić',
    'still_counts' => '{failure} Co o nim było wiadomo, nadal się liczy; próba powtórzy się sama.',
    'demo' => 'W tej demonstracji jest jeden pod adresem {address}, z nazwą {name} i hasłem {password}.',
    'not_https' => 'Adres serwera kalendarzy zaczyna się od https://, żeby nikt po drodze nie odczytał hasła.',
    'wrong_password' => 'Serwer nie zna tej nazwy z tym hasłem.',
    'not_let' => 'Serwer nie pozwala nam tam ani czytać, ani pisać.',
    'no_calendars' =>
        'Pod tym adresem nie ma kalendarzy. Proszę skopiować go z programu kalendarza albo zapytać osobę, która ' .
        'prowadzi serwer.',
    'full' => 'Państwa kalendarz tam jest pełny: nic więcej nie da się zapisać, dopóki czegoś się nie usunie.',
    'error' => 'Serwer odpowiedział błędem ({status}).',
    'elsewhere' =>
        'Serwer odsyła nas do {host}. Hasło jest dla tego, który Państwo podali: proszę podać ten adres, jeśli ' .
        'jest właściwy.',
    'no_end' => 'Serwer odsyła nas bez końca od adresu do adresu.',
    'not_understood' => 'Serwer odpowiedział inaczej, niż mówią serwery kalendarzy.',
    'not_this_one' => 'Do tego spotkania trafiać nie mogą. Proszę wybrać inny.',
    'calendar_gone' =>
        'Kalendarza „{calendar}” nie ma już na Państwa serwerze: nie zabiera tu terminów i nie ma w nim Państwa ' .
        'spotkań.',
    'not_in_step' =>
        'Państwa kalendarz jest teraz nieosiągalny: co o nim było wiadomo, nadal się liczy, a nowych spotkań ' .
        'jeszcze w nim nie ma. Proszę zajrzeć do „Państwa kalendarze” w ustawieniach.',
    'taken_out_there' =>
        'Spotkanie ({name}) zostało usunięte z Państwa kalendarza. Nadal się odbędzie: {name} czeka na Państwa, ' .
        '{when}. Jeśli nie mogą Państwo przyjść, proszę je odwołać na jego arkuszu.',
    'proposed' =>
        'Spotkanie ({name}) zostało w Państwa kalendarzu przeniesione: {there}. {name} ma odpowiedzieć, czy to ' .
        'pasuje; do tego czasu obowiązuje, co uzgodniono: {when}.',
    'moved_there' =>
        'W Państwa kalendarzu spotkanie ({name}) jest {there}. {name} nic o tym nie wie: uzgodniono {when}. ' .
        'Proszę je przenieść na jego arkuszu, a rodzina się dowie.',
];
