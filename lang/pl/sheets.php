<?php

declare(strict_types=1);

return [
    'how_anyone' => 'Proszę wybrać termin tutaj; konto nie jest potrzebne:',
    'how_families' => 'Proszę wybrać termin linkiem z własnej wiadomości albo tutaj kodem ze swojej karty:',
    'how_staff' => 'Proszę wybrać termin tutaj; logowanie jak zawsze:',
    'day_title' => 'Kto przychodzi {date}',
    'card_for' => 'dla: {students}',
    'card_how' => 'Proszę sfotografować kwadrat albo wpisać kod na {address}',
    'missing_title' => 'Tytuł',
    'missing_when' => 'Kiedy: dni, godziny i długość',
    'missing_look' => 'Kiedy: coś trzeba jeszcze obejrzeć',
    'missing_blanks' => 'Kiedy: {blanks}',
    'missing_blank' =>
        '{blank, select, dates {dzień} date {dzień} days {dni tygodnia} from {od kiedy} until {do kiedy} minutes {jak długo każde} hours {od kiedy do kiedy} first {pierwszy dzień} last {ostatni dzień} other {dzień i godziny}}',
    'missing_where' => 'Gdzie: sala, telefon albo link wideo',
    'card_nobody' => 'Nikt ze spisu nie może rezerwować na tym arkuszu.',
    'roster' =>
        '{missing, plural, =0 {Zarezerwowano dla {expected, plural, one {jedynego ucznia} few {wszystkich # uczniów} many {wszystkich # uczniów} other {wszystkich # ucznia}}.} one {Jeszcze bez rezerwacji: # z {expected, plural, one {jednego ucznia} few {# uczniów} many {# uczniów} other {# ucznia}}.} few {Jeszcze bez rezerwacji: # z {expected, plural, one {jednego ucznia} few {# uczniów} many {# uczniów} other {# ucznia}}.} many {Jeszcze bez rezerwacji: # z {expected, plural, one {jednego ucznia} few {# uczniów} many {# uczniów} other {# ucznia}}.} other {Jeszcze bez rezerwacji: # z {expected, plural, one {jednego ucznia} few {# uczniów} many {# uczniów} other {# ucznia}}.}}',
    'letters_sent' =>
        '{sent, plural, =0 {Nie było już do kogo pisać: każda rodzina zarezerwowała, nie ma adresu albo dostała wiadomość w ciągu doby.} one {Jedna wiadomość jest w drodze.} few {# wiadomości są w drodze.} many {# wiadomości jest w drodze.} other {# wiadomości jest w drodze.}}',
    'letter_heading' => '{title}, {host}',
    'letter_news' => '{host} ma dla Państwa terminy w sprawie: {students}.',
    'letter_link' => 'Wybrać termin',
    'fill' => 'zajęto {taken, number} z {slots, number}',
    'none_comes' => 'Spotkania: z tych dni i godzin nie powstaje żadne',
    'fill_none' =>
        '{standing, plural, =0 {Brak dalszych terminów} one {Brak dalszych terminów; zostaje jedno spotkanie} few {Brak dalszych terminów; zostają # spotkania} many {Brak dalszych terminów; zostaje # spotkań} other {Brak dalszych terminów; zostaje # spotkania}}',
    'fill_next' => 'zajęto {taken, number} z {slots, number} w najbliższe dni',
    'links_there' => 'Niektóre z tych spotkań mają już link, i został wysłany. Te proszę zmieniać po jednym.',
    'link_cleaned' => 'Bez tego to {link}',
    'nobody_yet' => 'Nikt jeszcze nie zarezerwował.',
    'expected_guessed' => 'Litery tej tabeli odgadnięto; proszę sprawdzić znaki diakrytyczne.',
    'expected_none' =>
        'Nie znaleziono w niej nazwiska. Proszę pisać po jednym w wierszu albo przynieść tabelę z kolumną „name”.',
    'expected_no_column' => 'Ta tabela nie ma kolumny „name” (ani „first name” i „last name”). Niczego nie zapisano.',
    'expected_too_many' => 'To więcej niż {most, number}. Niczego nie zapisano; proszę przynieść mniej.',
    'expected_no_name' => 'Wiersz {line, number} nie ma nazwiska i jest pominięty.',
    'expected_bad_email' => 'Wiersz {line, number}, {name}: to nie adres e-mail; na liście jest bez niego.',
    'expected_bad_phone' => 'Wiersz {line, number}, {name}: to nie numer telefonu; na liście jest bez niego.',
    'expected_twice' =>
        '{twice, plural, one {Jedno nazwisko już było na liście.} few {# już były na liście.} many {# już było na liście.} other {# już było na liście.}}',
    'reminders_sent' =>
        '{sent, plural, =0 {Nie było już komu przypominać: każdy zarezerwował, nie ma kontaktu albo dostał przypomnienie w ciągu doby.} one {Jedno przypomnienie jest w drodze.} few {# przypomnienia są w drodze.} many {# przypomnień jest w drodze.} other {# przypomnienia jest w drodze.}}',
    'expected_heading' => 'Termin dla: {student}. {title}, {host}',
    'expected_dear' => 'Do osoby, która rezerwuje dla: {student}',
    'expected_invites' =>
        '{host} chce porozmawiać w sprawie: {student}. Proszę wybrać termin: link poniżej zna nazwisko.',
    'expected_text_invites' => '{host} chce porozmawiać w sprawie: {student}. Proszę wybrać termin: {link}',
    'expected_news' =>
        '{host} czeka na: {student}, a terminu jeszcze nie ma. Link poniżej zna nazwisko; reszta to jedno kliknięcie.',
    'expected_text' => '{host} czeka na: {student}, a terminu jeszcze nie ma. Proszę wybrać: {link}',
    'expected_card' => 'Proszę sfotografować kwadrat i wybrać termin; zna on nazwisko.',
    'cards_of_drafts' =>
        'Karty otwierają arkusz, a ten nie jest jeszcze ogłoszony. Najpierw proszę go ogłosić, potem drukować.',
    'cards_of_everybody' =>
        'Ten arkusz jest dla wszystkich rodzin szkoły: ich karty drukuje sekretariat. Proszę podać klasy na arkuszu albo zapytać w sekretariacie.',
    'cancel_over' => 'To spotkanie się zaczęło albo skończyło, więc nie da się go już odwołać.',
    'undo_moved' => 'Spotkanie ({name}) przesunięto na {when}.',
    'undo_given_back' => 'Spotkanie ({name}) odwołano.',
    'shift_clock' =>
        '{minutes, plural, =0 {ta sama pora} one {1 min {way}} few {# min {way}} many {# min {way}} other {# min {way}}}',
    'shift_days' =>
        '{days, plural, one {jeden dzień {day_way}} few {# dni {day_way}} many {# dni {day_way}} other {# dnia {day_way}}}, {minutes, plural, =0 {ta sama pora} one {1 min {way}} few {# min {way}} many {# min {way}} other {# min {way}}}',
    'move_all' =>
        '{count, plural, one {Propozycja jest} few {Wszystkie # propozycje są} many {Wszystkie # propozycji jest} other {Wszystkie # propozycji jest}} {days, plural, =0 {tego samego dnia} one {jeden dzień {day_way}} few {# dni {day_way}} many {# dni {day_way}} other {# dnia {day_way}}}, {minutes, plural, =0 {o tej samej porze} one {# minutę {way}} few {# minuty {way}} many {# minut {way}} other {# minuty {way}}}.',
    'move_each' =>
        'Propozycja najmniej przesuwa osoby ({count}): {days, plural, =0 {tego samego dnia} one {najwyżej o jeden dzień} few {najwyżej o # dni} many {najwyżej o # dni} other {najwyżej o # dnia}}, {minutes, plural, =0 {o tej samej porze} one {i najwyżej o # minutę na zegarze} few {i najwyżej o # minuty na zegarze} many {i najwyżej o # minut na zegarze} other {i najwyżej o # minuty na zegarze}}.',
    'affected' =>
        'Ta zmiana dotyka osób, które zarezerwowały. Jeszcze niczego nie zapisano: proszę zobaczyć, kogo dotyka, i wybrać.',
    'address_form' => 'Adres ma małe litery, cyfry i pojedyncze łączniki: spotkania-jesien.',
    'address_taken' => 'Ten adres ma albo miał inny arkusz. Proszę wybrać inny.',
    'nothing_to_book' =>
        'Na tym arkuszu nie da się już zarezerwować żadnego terminu, więc go nie ogłoszono. Zostaje jako szkic. Proszę wybrać późniejszy dzień albo pozwolić rezerwować bliżej spotkania.',
    'no_draft_again' =>
        'Ktoś tu zarezerwował albo czeka na termin, więc ten arkusz nie może znów być szkicem. Proszę go wstrzymać albo zamknąć: kto zarezerwował, zachowuje termin.',
    'settle_all' => 'Dla każdej przesuwanej osoby trzeba wybrać termin.',
    'settle_gone' => 'Wybranego terminu nie ma już na arkuszu.',
    'settle_taken' =>
        'Termin wybrany dla kogoś jest zajęty albo zderza się z rezerwacją, która zostaje. Niczego nie zapisano. Proszę jeszcze raz obejrzeć terminy.',
    'moved' =>
        'Ktoś inny zmienił ten arkusz od jego otwarcia. Niczego od Państwa nie utracono ani nie zapisano. Proszę obejrzeć oba i wybrać.',
    'too_long' => 'To więcej, niż mieści arkusz. Proszę skrócić to, co na nim napisano.',
    'too_many' =>
        'To byłoby więcej niż {most, number, integer} spotkań. Proszę jeszcze raz obejrzeć długość, godziny i ostatni dzień.',
    'date_past' => '{date} już minął. Proszę wybrać dziś albo później.',
    'date_far' => '{date} jest za ponad trzy lata. Proszę jeszcze raz obejrzeć rok.',
    'link_needed' =>
        'Proszę to wypełnić albo wybrać, że link powstanie dla każdego spotkania albo zostanie dodany później.',
    'no_link_maker' =>
        'Nic tu nie tworzy linku dla każdego spotkania. Proszę podać jeden dla wszystkich albo dodać go później.',
    'two_answers' => 'Proszę napisać co najmniej dwie odpowiedzi do wyboru, po jednej w wierszu.',
    'student_once' => 'O nazwisko ucznia pyta się raz i pytaniem, które do tego służy.',
    'title_yours' => 'Państwa arkusze',
    'title_new' => 'Nowy arkusz',
    'title_change' => 'Zmiana: {title}',
    'your_title' => 'Państwa tytuł',
    'begins_about' => 'O co chodzi?',
    'begins_conferences' => 'Spotkania z rodzinami',
    'begins_office_hours' => 'Konsultacje',
    'handout_dear' => 'Drogie Rodziny,',
    'handout_when' => '{title}, {host}: {when}',
    'handout_pick' => 'Proszę wybrać termin.',
    'file_not_text' => 'Ten plik nie jest tekstem UTF-8. Proszę go wyeksportować na nowo albo zapisać jako UTF-8.',
    'file_not_ours' => 'To nie jest arkusz napisany przez Recess: nie ma "format": "{format}".',
    'file_other_version' => 'Ten plik napisała inna wersja Recess i nie da się go tu odczytać.',
    'begins_imported' => 'Wczytane terminy',
    'begins_place' => 'Do powiedzenia',
    'ask_student' => 'Imię i nazwisko ucznia',
    'ask_student_hint' => 'O kogo chodzi.',
    'ask_phone' => 'Numer telefonu',
    'ask_word' => 'Słowo wcześniej',
    'ask_word_hint' => 'Czyta je tylko osoba, z którą się Państwo spotykają.',
];
