<?php

declare(strict_types=1);

return [
    'none_here' => 'Na razie niczego tu nie można zarezerwować. <link>Zobacz, z kim jeszcze można się spotkać</link>.',
    'ask_for_time' => 'Poprosić o termin: {host}',
    'heading' => 'Spotkania z nami',
    'card' => 'Wpisać kod z karty',
    'again' => 'Gdzie są moje spotkania?',
    'none_now' => 'Na razie niczego nie można zarezerwować.',
    'intro' => 'Proszę wybrać, z kim chcą się Państwo spotkać, a potem termin. Konto nie jest potrzebne.',
    'under_way' => 'W toku',
    'seek' => 'Nazwisko, przedmiot lub sala',
    'about' => 'Albo ktokolwiek wolny w sprawie',
    'show_times' => 'Pokaż wolne terminy',
    'found' =>
        '{many, plural, one {Znaleziono # osobę} few {Znaleziono # osoby} many {Znaleziono # osób} other ' .
        '{Znaleziono # osoby}}',
    'some_shown' => 'Pokazano {shown, number, integer} z {many, number, integer}.',
    'show_more' => 'Pokaż więcej',
    'or_type' => 'Albo proszę wpisać nazwisko powyżej.',
    'nobody' => 'Nikt o tym nazwisku nie ma otwartych terminów. Proszę spróbować przedmiotu albo krótszego słowa.',
    'again_sent' => 'Jeśli na ten adres coś zarezerwowano, wiadomość z Państwa spotkaniami jest w drodze.',
    'again_email' => 'Adres e-mail użyty przy rezerwacji',
    'again_send' => 'Wyślij je ponownie',
    'staff' => 'Dla pracowników: logowanie',
    'find_heading' => 'Kto jest wolny i kiedy',
    'find_about' => 'W jakiej sprawie',
    'find_from' => 'Od',
    'find_to' => 'Do',
    'find_names' => 'Tylko te nazwiska lub przedmioty',
    'find_booked' =>
        '{at}, {host}: termin należy do Państwa. Proszę wybrać następny albo zobaczyć <link>wszystkie ' .
        'rezerwacje</link>.',
    'find_no_clash' => 'Nie pokazujemy terminów, które kolidują z Państwa spotkaniami.',
    'find_small_times' => 'Małe godziny są w Państwa strefie czasowej, {city}.',
    'find_time' => '{host}, {from}–{until}',
    'find_all_of' =>
        '{count, plural, one {Jedyny termin: {host}} few {Wszystkie # terminy: {host}} many {Wszystkie # terminów: ' .
        '{host}} other {Wszystkie # terminu: {host}}}',
    'find_all' => 'wszystkie {count, number, integer}',
    'find_nobody' => 'W te dni nikt tego nie oferuje. Proszę spojrzeć na inne dni albo <link>na wszystkich</link>.',
    'find_these' =>
        'Nauczyciele {first, number, integer}–{last, number, integer} z {all, number, integer}, według nazwisk.',
    'find_before' => 'Poprzedni',
    'find_after' => 'Następni',
    'round' =>
        '{said, select, wishes {<bold>{title}</bold>, {when}: {wishes}} free {<bold>{title}</bold>, {when}: ' .
        '{hosts, plural, one {# nauczyciel} few {# nauczycieli} many {# nauczycieli} other {# nauczyciela}}, z ' .
        'wolnymi terminami} other {<bold>{title}</bold>, {when}: {hosts, plural, one {# nauczyciel} few {# ' .
        'nauczycieli} many {# nauczycieli} other {# nauczyciela}}}}',
    'round_wishes' => 'Państwa życzenia',
    'round_plan' => 'Zaplanować wszystkie spotkania',
    'round_beside' => 'Zobaczyć obok siebie',
    'find_none_that_day' => '{subject}: tego dnia nic wolnego',
    'find_ruler' => '{host}, {subject}',
    'next_elsewhere' => '{next} ({there} w Państwa strefie czasowej)',
    'ask_all_the_same' => 'Mimo to można poprosić o termin:',
    'ask_none_suits' => 'Żaden termin nie pasuje?',
];
