<?php

declare(strict_types=1);

return [
    'people' => 'Pracownicy',
    'known' => 'Ktoś z tym adresem jest już na liście.',
    'has_come' => '{name} już tu jest. Kto zapomniał hasła, dostanie wiadomość ze strony logowania.',
    'on_sheet' => '{name} jest już na arkuszu. Najpierw proszę stamtąd usunąć to nazwisko.',
    'last_office' =>
        '{name} to jedyna osoba z sekretariatu, która może się zalogować. Najpierw proszę przekazać sekretariat komuś innemu.',
    'reader_has_sheets' =>
        '{name} ma arkusze, a osoba tylko czytająca ich nie ma. Najpierw proszę je odłożyć albo przekazać.',
    'has_left' => 'Odejście: {when}.',
    'lent' => '{to} opiekuje się arkuszami tej osoby do {until}.',
    'meeting' => '{when}: {who}',
    'leave_yourself' => 'Nie można odnotować własnego odejścia. Robi to ktoś inny z sekretariatu.',
    'left_said' =>
        'Odejście odnotowane: {name}. {to, select, nobody {{sheets, plural, =0 {Nie było arkuszy do zamknięcia} one {Zamknięto jeden arkusz} few {Zamknięto # arkusze} many {Zamknięto # arkuszy} other {Zamknięto # arkusza}}} other {{sheets, plural, =0 {Nie było arkuszy do przekazania} one {Jeden arkusz przejmuje {to}} few {# arkusze przejmuje {to}} many {# arkuszy przejmuje {to}} other {# arkusza przejmuje {to}}}}}; {moved, plural, =0 {żadne spotkanie nie zmieniło prowadzącego} one {jedno spotkanie zmieniło prowadzącego} few {# spotkania zmieniły prowadzącego} many {# spotkań zmieniło prowadzącego} other {# spotkania zmieniło prowadzącego}}, {cancelled, plural, =0 {żadnego nie odwołano} one {jedno odwołano} few {# odwołano} many {# odwołano} other {# odwołano}}. Wszyscy, których to dotyczy, dostają wiadomość.',
    'office' => 'Sekretariat',
    'moved_in' => '{school} już tu jest. Sekretariat zaprasza wszystkich innych na stronie „Pracownicy”.',
    'move_in' => 'Szkoła się wprowadza',
    'test_heading' => 'Wiadomości dochodzą',
    'test_dear' => 'Dzień dobry,',
    'test_news' => 'to jest wiadomość próbna. Wiadomości z nowego Recess dochodzą.',
    'test_link' => 'Tablica szkoły',
    'test_sent' =>
        'Serwer poczty przyjął wiadomość do: {email}. Proszę sprawdzić, czy doszła; także wśród niechcianych.',
    'test_failed' => 'Serwer poczty jej nie przyjął: {why}',
    'let_in_nobody' => 'Nikt z sekretariatu nie ma tego adresu.',
    'come_in' =>
        '{name} wybiera tu hasło. Adres otwiera się jeden raz, w ciągu siedmiu dni; po następny proszę uruchomić to jeszcze raz.',
    'file_columns' =>
        'Pierwszy wiersz musi nazywać kolumny: name, email, subject; i, jeśli trzeba, role, z office albo reader dla osób, które nie są po prostu pracownikami.',
    'file_long' => 'Więcej niż {most, number} wierszy. Proszę wysłać je w kilku plikach.',
    'file_guessed' =>
        'Litery nie są ani w UTF-8, ani w UTF-16; odczytano je tak, jak zapisuje Windows. Proszę sprawdzić nazwiska ze znakami diakrytycznymi.',
    'file_line' => 'Wiersz {line, number}: {why}',
    'file_twice' => 'Wiersz {line, number} ma ten sam adres co wiersz {first, number}, i liczy się tamten.',
    'file_said' =>
        '{new, plural, =0 {Nikogo nowego} one {Jedna osoba jest nowa} few {# osoby są nowe} many {# osób jest nowych} other {# osoby jest nowych}}, {known, plural, =0 {nikogo nie ma jeszcze na liście} one {jedna już jest na liście} few {# już są na liście} many {# już jest na liście} other {# już jest na liście}}, {notes, plural, =0 {nic więcej do powiedzenia} other {a poniżej jest jeszcze coś do obejrzenia}}.',
    'file_changed' =>
        'Ktoś inny zaprosił tymczasem jedną z tych osób. Nic nie wysłano; proszę jeszcze raz obejrzeć plik.',
    'file_sent' =>
        '{sent, plural, =0 {Nikogo nowego; nie wysłano żadnej wiadomości} one {Jedna wiadomość jest w drodze} few {# wiadomości są w drodze} many {# wiadomości jest w drodze} other {# wiadomości jest w drodze}}.',
    'invited_until' => 'Zaproszenie ważne do {until}.',
    'invitation_over' => 'Zaproszenie wygasło. Proszę wysłać nowe.',
    'password_short' =>
        'Co najmniej {least} znaków. Dobre jest kilka słów, które tylko Państwo by zestawili, także ze spacjami.',
    'password_long' => 'Najwyżej {most} znaków.',
    'password_guessed' =>
        'To jedno z pierwszych, które inni by wypróbowali. Proszę wziąć słowa niezwiązane z Państwem ani ze sobą.',
    'current_wrong' => 'To nie jest obecne hasło.',
    'changed' => 'Hasło jest teraz inne. Wszędzie indziej wylogowano.',
    'key_spent_title' => 'Ten adres niczego już nie otwiera',
    'key_spent' =>
        'Tego adresu już użyto albo jego czas minął. Kto ma hasło, może się zalogować. W innym razie proszę zamówić wiadomość poniżej albo zapytać w sekretariacie.',
    'title_invitation' => 'Witamy',
    'title_password' => 'Nowe hasło',
    'page_invitation' => '{school} ogłasza tu terminy spotkań. Wystarczy wybrać hasło.',
    'page_password' => 'Proszę wybrać nowe hasło. Wszędzie, gdzie trwa logowanie, nastąpi wylogowanie.',
    'forgotten_title' => 'Zapomniane hasło',
    'forgotten_said' =>
        'Jeśli istnieje konto z tym adresem, wiadomość jest w drodze. Otwiera się jeden raz, w ciągu {hours, plural, one {godziny} few {# godzin} many {# godzin} other {# godziny}}. Nic nie ma? Proszę sprawdzić wśród niechcianych albo zapytać w sekretariacie.',
    'invitation_heading' => '{school} zaprasza',
    'invitation_news' =>
        '{role, select, reader {{by} zaprasza do oglądania dziennych list, {school}: kto przychodzi, kiedy i gdzie.} other {{by} zaprasza do ogłaszania terminów spotkań, {school}.}} Adres poniżej otwiera się jeden raz, do {until}.',
    'invitation_link' => 'Wybrać hasło i wejść',
    'password_heading' => 'Nowe hasło',
    'password_news' =>
        'Ktoś, mamy nadzieję, że Państwo, prosi o nowe hasło do tego konta. Adres poniżej otwiera się jeden raz, do {until}. Jeśli to nie Państwo, proszę nic nie robić: hasło zostaje, jakie jest.',
    'password_link' => 'Wybrać nowe hasło',
    'changed_heading' => 'Hasło zostało zmienione',
    'changed_news' =>
        'Hasło do konta jest teraz inne, a wszędzie indziej nastąpiło wylogowanie. Jeśli to nie Państwo, proszę je od razu odzyskać przez „Zapomniane hasło” na stronie logowania i powiedzieć w sekretariacie.',
    'changed_link' => 'Zaloguj się',
    'lent_of_heading' => 'Ktoś z pracowników opiekuje się Państwa arkuszami',
    'lent_of_news' =>
        '{to} opiekuje się Państwa arkuszami do {until}, żeby podczas nieobecności nikt nie czekał. {to} widzi, kto się umówił, i może zmieniać to, co Państwo. Tak ustawia {by}.',
    'lent_of_link' => 'Do arkuszy',
    'lent_to_heading' => 'Opiekują się Państwo arkuszami innej osoby',
    'lent_to_news' =>
        'Do {until} opiekują się Państwo arkuszami, które ma {of}. Są na pierwszej stronie: widać, kto się umówił, i można zmieniać to, co może {of}. Tak ustawia {by}.',
    'lent_to_link' => 'Do pierwszej strony',
    'lent_over_of_heading' => 'Państwa arkusze są znów tylko Państwa',
    'lent_over_of_news' => '{to} nie opiekuje się już Państwa arkuszami. Tak ustawia {by}.',
    'lent_over_of_link' => 'Do arkuszy',
    'lent_over_to_heading' => 'Cudze arkusze nie są już u Państwa',
    'lent_over_to_news' => 'Nie opiekują się już Państwo arkuszami, które ma {of}. Tak ustawia {by}.',
    'lent_over_to_link' => 'Do pierwszej strony',
    'wrong_keys' =>
        'Wypróbowano stąd wiele linków, które niczego nie otwierają. Proszę odczekać godzinę albo poprosić sekretariat o nowy.',
];
