<?php

declare(strict_types=1);

return [
    'on_board' => 'Poprosić o inny termin',
    'on_board_next' => 'gdy obie strony są wolne',
    'ask_title' => 'Poprosić o termin: {host}',
    'closed' => 'Na razie nie można prosić o inny termin: {host}. Na stronie tej osoby jest to, co można zarezerwować.',
    'no_scripts' =>
        'Aby poprosić o inny termin, ta strona potrzebuje JavaScriptu. {phone, select, none {Pomoże też ' .
        'sekretariat szkoły.} other {Sekretariat szkoły zrobi to za Państwa: {phone}.}}',
    'kept_for' =>
        'Państwa terminy czekają do odpowiedzi, najdłużej {hours, plural, one {# godzinę} few {# godziny} many {# ' .
        'godzin} other {# godziny}}.',
    'calendar_read' =>
        '{count, plural, =0 {Państwa kalendarz mówi, że nie mają Państwo zajęć.} one {Z kalendarza odczytano # ' .
        'zajęty termin.} few {Z kalendarza odczytano # zajęte terminy.} many {Z kalendarza odczytano # zajętych ' .
        'terminów.} other {Z kalendarza odczytano # zajętego terminu.}} {skipped, plural, =0 {} one {# wpisu nie ' .
        'dało się odczytać.} few {# wpisów nie dało się odczytać.} many {# wpisów nie dało się odczytać.} other {# ' .
        'wpisu nie dało się odczytać.}}',
    'own_not_read' => 'Tego, co odczytano z kalendarza, nie da się już zrozumieć. Proszę odczytać go ponownie.',
    'feed_address' => 'Adres kalendarza zaczyna się od https://, http:// lub webcal://.',
    'feed_or_file' => 'Proszę podać adres kalendarza albo wybrać plik.',
    'file_size' => 'Plik kalendarza ma najwyżej 10 MB.',
    'work_address' => 'Adres zaczyna się od https:// lub http://, na przykład https://docs.example.org/essay.',
    'no_choice' => 'Proszę umieścić na skalach co najmniej jeden termin.',
    'three_choices' => 'Trzy terminy wystarczą.',
    'no_such_length' =>
        '{minutes, plural, one {O spotkanie # minuta} few {O spotkanie # minuty} many {O spotkanie # minut} other ' .
        '{O spotkanie # minuty}} nie można tu prosić. Proszę wybrać jedną z długości powyżej.',
    'outside' => 'Ten termin jest poza godzinami, w których można prosić. Proszę wybrać termin na zielonym pasku.',
    'not_free' => 'Nie są Państwo wtedy wolni albo nie jest wolny ktoś inny, kto musi być.',
    'choices_overlap' => 'Ten termin pokrywa się z innym z wybranych.',
    'not_together' => 'Tych osób nie można na razie prosić razem. Proszę poprosić jedną.',
    'gone' =>
        '{time} właśnie zajęto. {count, plural, =0 {W pobliżu nic nie jest wolne dla wszystkich; proszę spojrzeć ' .
        'na inne dni.} one {{times} jest wolne dla wszystkich. Niczego nie wysłano; tekst nadal tu jest.} few ' .
        '{{times} są wolne dla wszystkich. Niczego nie wysłano; tekst nadal tu jest.} many {{times} są wolne dla ' .
        'wszystkich. Niczego nie wysłano; tekst nadal tu jest.} other {{times} są wolne dla wszystkich. Niczego ' .
        'nie wysłano; tekst nadal tu jest.}}',
    'enough_of_yours' =>
        'Mają już Państwo {most, plural, one {# otwartą prośbę} few {# otwarte prośby} many {# otwartych próśb} ' .
        'other {# otwartej prośby}}. Są przy Państwa spotkaniach. Gdy na którąś przyjdzie odpowiedź, można prosić ' .
        'znowu.',
    'enough_of_theirs' =>
        '{host} ma tyle otwartych próśb, ile może mieć naraz. Niczego nie wysłano. Proszę spróbować za dzień lub ' .
        'dwa albo zarezerwować termin na stronie tej osoby.',
    'over' =>
        'Ta prośba nie jest już otwarta: odpowiedziano na nią, wycofano ją albo jej czas minął. Niczego nie ' .
        'zmieniono.',
    'no_such_time' =>
        'Tego terminu nie ma już wśród tych, o które się prosi. Proszę spojrzeć jeszcze raz; niczego nie zmieniono.',
    'cannot_be_had' =>
        'Teraz coś koliduje z tym terminem, u Państwa albo po drugiej stronie. Niczego nie zmieniono; proszę podać ' .
        'inne terminy.',
    'not_offered' => 'Ten termin nie jest już proponowany. Niczego nie zmieniono.',
    'move_by_asking' =>
        'Ten termin uzgodniono: {host}. Aby mieć inny, proszę poprosić ponownie na stronie tej osoby i oddać ten, ' .
        'gdy nowy będzie uzgodniony.',
    'other_none' => '{host} jeszcze nie odpowiada',
    'other_accepted' => '{host} się zgadza',
    'other_maybe' => '{host} mówi „może”',
    'other_declined' => '{host} odmawia',
    'over_accepted' => 'Uzgodniono: {when}',
    'over_declined' => 'Odrzucono',
    'over_lapsed' => 'Bez odpowiedzi na czas',
    'over_taken_back' => 'Prośba wycofana',
    'pass_unconfirmed' =>
        'Czeka na Państwa do {until}. Jedno kliknięcie w wiadomości na {email} i prośba {hosts, plural, one {idzie ' .
        'do: {host}} few {idzie do: {host}} many {idzie do: {host}} other {idzie do: {host}}}.',
    'pass_asked' =>
        '{hosts, plural, one {Prośba poszła do: {host}.} few {Prośba poszła do: {host}.} many {Prośba poszła do: ' .
        '{host}.} other {Prośba poszła do: {host}.}} Państwa terminy czekają do {until}.',
    'pass_maybe' =>
        '{hosts, plural, one {{host} mówi „może”.} few {Nie wszyscy poproszeni są już pewni.} many {Nie wszyscy ' .
        'poproszeni są już pewni.} other {Nie wszyscy poproszeni są już pewni.}} Ten termin czeka na Państwa i nie ' .
        'jest jeszcze pewny. Więcej dowiedzą się Państwo najpóźniej {until}.',
    'pass_proposed' =>
        '{hosts, plural, one {{host} podaje inne terminy.} few {Podano inne terminy.} many {Podano inne terminy.} ' .
        'other {Podano inne terminy.}} Czekają na Państwa do {until}; jedno kliknięcie bierze jeden.',
    'pass_declined' => '{host} nie może się z Państwem spotkać w tych terminach.',
    'pass_lapsed' => 'Nikt nie odpowiedział na czas. Terminy znów są wolne.',
    'pass_taken_back' => 'To zostało przez Państwa wycofane.',
    'letter_sent' => 'Wysłali Państwo prośbę o termin: {host}. Czeka do {until}.',
    'letter_sent_heading' => 'Prośba do: {host}, {title}',
    'letter_to_confirm' =>
        'Chcą Państwo poprosić o termin: {host}. Czeka na Państwa do {until}. Jedno kliknięcie adresu poniżej i ' .
        'prośba idzie dalej. Jeśli o nic Państwo nie prosili, proszę nic nie robić: znów będzie wolny.',
    'letter_to_confirm_heading' => 'Proszę potwierdzić: prośba o termin, {host}',
    'letter_maybe' =>
        '{host} mówi „może”. Termin czeka na Państwa i nie jest jeszcze pewny. Więcej dowiedzą się Państwo ' .
        'najpóźniej {until}.',
    'letter_maybe_heading' => 'Może: {title}, {host}',
    'letter_declined' => '{host} nie może się z Państwem spotkać w tych terminach.',
    'letter_declined_heading' => 'Odrzucono: {title}, {host}',
    'letter_off' => 'To się nie odbędzie, a termin znów jest wolny. Jeśli jest w kalendarzu, ta wiadomość go usuwa.',
    'letter_off_heading' => 'Nie odbędzie się: {title}, {who}',
    'letter_proposed' =>
        '{host} podaje inne terminy. Czekają na Państwa do {until}. Aby wziąć jeden, proszę otworzyć swoje ' .
        'spotkania.',
    'letter_proposed_heading' => 'Inne terminy: {title}, {host}',
    'letter_lapsed' => 'Nikt nie odpowiedział na czas. Terminy znów są wolne.',
    'letter_lapsed_heading' => 'Bez odpowiedzi: {title}, {host}',
    'fact_about' => 'W jakiej sprawie',
    'fact_details' => 'Własnymi słowami',
    'fact_details_yours' => 'Państwa słowami',
    'fact_work' => 'Praca, o którą chodzi',
    'fact_student' => 'Dotyczy',
    'fact_where' => 'Gdzie',
    'fact_from' => 'Od',
    'fact_with' => 'Z kim',
    'fact_choice' => '{position, selectordinal, other {#. wybór}}',
    'fact_time' => 'Kiedy',
    'fact_answer' => 'Odpowiedź',
    'to_pass' => 'Państwa spotkania: zobaczyć, jak stoi sprawa, albo wycofać',
    'to_confirm' => 'Tak, to mój adres: wysłać prośbę',
    'summary' => '{title}, {other}',
    'also' => 'Prośba dotyczy też: {times}.',
    'forgotten_title' => 'Prośba',
    'also_asked' => 'prośba dotyczy też',
    'word' => 'Słowo, jeśli Państwo chcą',
    'stranger_title' => 'własny termin',
    'field_student' => 'Imię i nazwisko ucznia',
    'field_phone' => 'Numer telefonu',
    'field_about' => 'W jakiej sprawie',
    'field_work' => 'Adres pracy',
];
