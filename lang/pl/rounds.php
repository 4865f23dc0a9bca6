<?php

declare(strict_types=1);

return [
    'was' => 'Było: {moment}.',
    'not_to_move' => 'Tego spotkania nie można już przenieść.',
    'not_moved' =>
        'Ktoś właśnie zajął jeden z tych terminów, więc niczego nie zmieniono. Wszystkie rezerwacje są, gdzie ' .
        'były. Proszę jeszcze raz spojrzeć na plan.',
    'back_heading' => 'Odwołano: {title}',
    'back_news' =>
        '{count, plural, one {Odwołali Państwo to spotkanie.} few {Odwołali Państwo te # spotkania.} many ' .
        '{Odwołali Państwo te # spotkań.} other {Odwołali Państwo te # spotkania.}} Terminy są teraz wolne dla ' .
        'innych.',
    'back_link' => 'Zarezerwować ponownie',
    'only_families' => 'Te dni spotkań są dla rodzin: {school}. Otwiera je karta, którą Państwo dostali.',
    'day_said' =>
        '{from}–{until}, {waiting, plural, =0 {bez czekania} one {# minuta między spotkaniami} few {# minuty ' .
        'między spotkaniami} many {# minut między spotkaniami} other {# minuty między spotkaniami}}.',
    'between_none' => 'zaraz potem',
    'between_wait' => '{wait, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}} czekania',
    'between_way' => '{way, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}} na przejście',
    'between_both' =>
        '{way, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}} na przejście, {wait} czekania',
    'left_nothing' => '{host} nie ma już wolnych terminów.',
    'left_interpreter' => '{host} ma wolne terminy, ale wtedy nie ma tłumacza Państwa języka.',
    'left_interpreter_stay' =>
        '{host} ma wolne terminy, ale wtedy nie ma tłumacza Państwa języka; {time} byłoby wolne, jeśli mogą ' .
        'Państwo zostać do {until}.',
    'left_interpreter_come' =>
        '{host} ma wolne terminy, ale wtedy nie ma tłumacza Państwa języka; {time} byłoby wolne, jeśli mogą ' .
        'Państwo wtedy przyjść.',
    'left_outside' => '{host} nie ma wolnych terminów, gdy mogą Państwo przyjść.',
    'left_outside_stay' =>
        '{host} nie ma wolnych terminów, gdy mogą Państwo przyjść; {time} byłoby wolne, jeśli mogą Państwo zostać ' .
        'do {until}.',
    'left_outside_come' =>
        '{host} nie ma wolnych terminów, gdy mogą Państwo przyjść; {time} byłoby wolne, jeśli mogą Państwo wtedy ' .
        'przyjść.',
    'left_clashes' => '{host} ma wolne tylko wtedy, gdy mają Państwo inne spotkanie ({others}) albo są w drodze.',
    'left_clashes_stay' =>
        '{host} ma wolne tylko wtedy, gdy mają Państwo inne spotkanie ({others}); {time} jest wolne, jeśli mogą ' .
        'Państwo zostać do {until}.',
    'left_clashes_come' =>
        '{host} ma wolne tylko wtedy, gdy mają Państwo inne spotkanie ({others}); {time} jest wolne, jeśli mogą ' .
        'Państwo wtedy przyjść.',
    'take_otherwise' => 'Mogę przyjść o {time}',
    'not_proven' => 'Dobry plan. Czy jest lepszy, nie dało się sprawdzić w czasie, jaki ma strona.',
    'not_proven_meetings' =>
        '{most, plural, one {Może mieści się # spotkanie} few {Może mieszczą się nawet # spotkania} many {Może ' .
        'mieści się nawet # spotkań} other {Może mieści się nawet # spotkania}}; w czasie, jaki ma strona, nie ' .
        'dało się sprawdzić wszystkiego.',
    'gone' =>
        'Ktoś właśnie zajął {time}, {host}. Niczego nie zarezerwowano; oto następny najlepszy plan, zmiany są ' .
        'zaznaczone.',
    'no_longer' =>
        'Szkoła przeniosła lub zamknęła ten termin: {time}, {host}. Niczego nie zarezerwowano; oto następny ' .
        'najlepszy plan, zmiany są zaznaczone.',
    'no_interpreter' =>
        '{time}, gdy byłoby spotkanie, które prowadzi {host}, żaden tłumacz nie jest już wolny. Niczego nie ' .
        'zarezerwowano; oto następny najlepszy plan, zmiany są zaznaczone.',
    'have_it' =>
        'Mają już Państwo termin, {host}, w sprawie: {child}, może z innej strony. Nic więcej nie zarezerwowano; ' .
        'plan wychodzi od tego, co Państwo mają.',
    'child_has_it' =>
        '{apart, select, yes {Terminu, {host}, w sprawie: {child} nie można stąd zarezerwować. Niczego nie ' .
        'zarezerwowano; więcej wie sekretariat szkoły.} other {Termin, {host}, w sprawie: {child} zarezerwował już ' .
        'inny opiekun. Niczego nie zarezerwowano; proszę zapytać tę osobę albo sekretariat.}}',
    'elsewhere' =>
        '{apart, select, yes {Terminu {time} nie można już zarezerwować. Niczego nie zarezerwowano; oto następny ' .
        'najlepszy plan, zmiany są zaznaczone.} other {Państwo albo {child} z kimś innym mają teraz inne ' .
        'spotkanie: {time}. Niczego nie zarezerwowano; oto następny najlepszy plan, zmiany są zaznaczone.}}',
    'left_child' =>
        '{apart, select, yes {Terminu, {host}, w sprawie: {child} nie można stąd zarezerwować. Więcej wie ' .
        'sekretariat szkoły.} other {Inny opiekun ({child}) zarezerwował już: {host}.}}',
    'not_open' => 'W te dni spotkań nie przyjmuje się teraz rezerwacji. Więcej wie sekretariat szkoły.',
    'cohort_opens' => 'Dla Państwa rezerwacje otwierają się: {moment}.',
    'not_in_it' => 'Tej osoby nie ma w te dni spotkań albo nie przyjmuje teraz rezerwacji.',
    'not_theirs' => 'W sprawie tego dziecka nie mogą Państwo tu rezerwować.',
    'twice' => 'Ta osoba jest tu dwa razy dla jednego dziecka.',
    'nothing_picked' => 'Proszę zaznaczyć kogoś, z kim chcą się Państwo spotkać.',
    'no_such_hours' => 'Takich godzin nie ma tego dnia.',
    'kept_heading' => '{moved, plural, =0 {Państwa plan} other {Państwa nowy plan}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {To spotkanie należy} few {Te # spotkania należą} many {Te # ' .
        'spotkań należy} other {Te # spotkania należą}} do Państwa.} one {Przeniesiono # spotkanie. {count, ' .
        'plural, one {To spotkanie należy} few {Te # spotkania należą} many {Te # spotkań należy} other {Te # ' .
        'spotkania należą}} teraz do Państwa.} few {Przeniesiono # spotkania. {count, plural, one {To spotkanie ' .
        'należy} few {Te # spotkania należą} many {Te # spotkań należy} other {Te # spotkania należą}} teraz do ' .
        'Państwa.} many {Przeniesiono # spotkań. {count, plural, one {To spotkanie należy} few {Te # spotkania ' .
        'należą} many {Te # spotkań należy} other {Te # spotkania należą}} teraz do Państwa.} other {Przeniesiono ' .
        '# spotkania. {count, plural, one {To spotkanie należy} few {Te # spotkania należą} many {Te # spotkań ' .
        'należy} other {Te # spotkania należą}} teraz do Państwa.}} Aby coś zmienić lub odwołać, proszę otworzyć ' .
        'swoje spotkania.',
    'kept_to_confirm' =>
        '{count, plural, one {To spotkanie czeka} few {Te # spotkania czekają} many {Te # spotkań czeka} other {Te ' .
        '# spotkania czekają}} na Państwa pół godziny. Jedno kliknięcie adresu poniżej i wszystko jest ' .
        'zarezerwowane.',
    'kept_link' => 'Wszystkie Państwa rezerwacje',
    'kept_confirm' => 'Tak, to mój adres: zarezerwować',
    'no_scripts' =>
        'Plan jest szukany na bieżąco, do czego potrzebny jest JavaScript. Bez niego rezerwuje się u jednego ' .
        'nauczyciela po drugim:',
    'invite_heading' =>
        '{title}: {collects, select, yes {z kim chcą się Państwo spotkać?} other {proszę wybrać terminy}}',
    'remind_heading' => '{title}: nie mamy jeszcze od Państwa wiadomości',
    'remind_news_book' =>
        'Mogą Państwo zarezerwować terminy w sprawie: {students}, u wszystkich uczących, i zobaczyć, jak to się ' .
        'układa.',
    'remind_news_wish' =>
        'Mogą Państwo powiedzieć, z kim chcą się spotkać w sprawie: {students}, i kiedy mogą przyjść, do {moment}.',
    'remind_link' => 'Otworzyć stronę',
    'remind_text' => '{title}: terminy w sprawie: {students}, {link}',
];
