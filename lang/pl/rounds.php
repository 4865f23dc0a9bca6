<?php

declare(strict_types=1);

return [
    'was' => 'Było: {moment}.',
    'not_to_move' => 'Tego spotkania nie można już przenieść.',
    'not_moved' =>
        'Ktoś właśnie zajął jeden z tych terminów, więc niczego nie zmieniono. Wszystkie rezerwacje są, gdzie były. Proszę jeszcze raz spojrzeć na plan.',
    'back_heading' => 'Odwołano: {title}',
    'back_news' =>
        '{count, plural, one {Odwołali Państwo to spotkanie.} few {Odwołali Państwo te # spotkania.} many {Odwołali Państwo te # spotkań.} other {Odwołali Państwo te # spotkania.}} Terminy są teraz wolne dla innych.',
    'back_link' => 'Zarezerwować ponownie',
    'title' => 'Tury',
    'new' => 'Nowa tura',
    'only_families' => 'Te dni spotkań są dla rodzin: {school}. Otwiera je karta, którą Państwo dostali.',
    'day_said' =>
        '{from}–{until}, {waiting, plural, =0 {bez czekania} one {# minuta między spotkaniami} few {# minuty między spotkaniami} many {# minut między spotkaniami} other {# minuty między spotkaniami}}.',
    'between_none' => 'zaraz potem',
    'between_wait' => '{wait, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}} czekania',
    'between_way' => '{way, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}} na przejście',
    'between_both' =>
        '{way, plural, one {# minuta} few {# minuty} many {# minut} other {# minuty}} na przejście, {wait} czekania',
    'left_nothing' => '{host} nie ma już wolnych terminów.',
    'left_interpreter' => '{host} ma wolne terminy, ale wtedy nie ma tłumacza Państwa języka.',
    'left_interpreter_stay' =>
        '{host} ma wolne terminy, ale wtedy nie ma tłumacza Państwa języka; {time} byłoby wolne, jeśli mogą Państwo zostać do {until}.',
    'left_interpreter_come' =>
        '{host} ma wolne terminy, ale wtedy nie ma tłumacza Państwa języka; {time} byłoby wolne, jeśli mogą Państwo wtedy przyjść.',
    'left_outside' => '{host} nie ma wolnych terminów, gdy mogą Państwo przyjść.',
    'left_outside_stay' =>
        '{host} nie ma wolnych terminów, gdy mogą Państwo przyjść; {time} byłoby wolne, jeśli mogą Państwo zostać do {until}.',
    'left_outside_come' =>
        '{host} nie ma wolnych terminów, gdy mogą Państwo przyjść; {time} byłoby wolne, jeśli mogą Państwo wtedy przyjść.',
    'left_clashes' => '{host} ma wolne tylko wtedy, gdy mają Państwo inne spotkanie ({others}) albo są w drodze.',
    'left_clashes_stay' =>
        '{host} ma wolne tylko wtedy, gdy mają Państwo inne spotkanie ({others}); {time} jest wolne, jeśli mogą Państwo zostać do {until}.',
    'left_clashes_come' =>
        '{host} ma wolne tylko wtedy, gdy mają Państwo inne spotkanie ({others}); {time} jest wolne, jeśli mogą Państwo wtedy przyjść.',
    'take_otherwise' => 'Mogę przyjść o {time}',
    'not_proven' => 'Dobry plan. Czy jest lepszy, nie dało się sprawdzić w czasie, jaki ma strona.',
    'not_proven_meetings' =>
        '{most, plural, one {Może mieści się # spotkanie} few {Może mieszczą się nawet # spotkania} many {Może mieści się nawet # spotkań} other {Może mieści się nawet # spotkania}}; w czasie, jaki ma strona, nie dało się sprawdzić wszystkiego.',
    'gone' =>
        'Ktoś właśnie zajął {time}, {host}. Niczego nie zarezerwowano; oto następny najlepszy plan, zmiany są zaznaczone.',
    'no_longer' =>
        'Szkoła przeniosła lub zamknęła ten termin: {time}, {host}. Niczego nie zarezerwowano; oto następny najlepszy plan, zmiany są zaznaczone.',
    'no_interpreter' =>
        '{time}, gdy byłoby spotkanie, które prowadzi {host}, żaden tłumacz nie jest już wolny. Niczego nie zarezerwowano; oto następny najlepszy plan, zmiany są zaznaczone.',
    'dates' => '{first} do {last}',
    'card_how' =>
        '{teachers, select, none {} other {{teachers}. }}Proszę sfotografować kwadrat albo wpisać kod na {address}',
    'card_teachers' => '{names} i {more} innych',
    'cards_cut' =>
        'Oto karty pierwszych {most, number} z {all, number} uczniów. Pozostałe proszę drukować klasa po klasie.',
    'have_it' =>
        'Mają już Państwo termin, {host}, w sprawie: {child}, może z innej strony. Nic więcej nie zarezerwowano; plan wychodzi od tego, co Państwo mają.',
    'child_has_it' =>
        '{apart, select, yes {Terminu, {host}, w sprawie: {child} nie można stąd zarezerwować. Niczego nie zarezerwowano; więcej wie sekretariat szkoły.} other {Termin, {host}, w sprawie: {child} zarezerwował już inny opiekun. Niczego nie zarezerwowano; proszę zapytać tę osobę albo sekretariat.}}',
    'elsewhere' =>
        '{apart, select, yes {Terminu {time} nie można już zarezerwować. Niczego nie zarezerwowano; oto następny najlepszy plan, zmiany są zaznaczone.} other {Państwo albo {child} z kimś innym mają teraz inne spotkanie: {time}. Niczego nie zarezerwowano; oto następny najlepszy plan, zmiany są zaznaczone.}}',
    'left_child' =>
        '{apart, select, yes {Terminu, {host}, w sprawie: {child} nie można stąd zarezerwować. Więcej wie sekretariat szkoły.} other {Inny opiekun ({child}) zarezerwował już: {host}.}}',
    'not_open' => 'W te dni spotkań nie przyjmuje się teraz rezerwacji. Więcej wie sekretariat szkoły.',
    'collecting' =>
        'Tu najpierw są życzenia. Niczego nie można rezerwować, dopóki wszyscy nie poznają swoich terminów.',
    'cohort_opens' => 'Dla Państwa rezerwacje otwierają się: {moment}.',
    'not_in_it' => 'Tej osoby nie ma w te dni spotkań albo nie przyjmuje teraz rezerwacji.',
    'not_theirs' => 'W sprawie tego dziecka nie mogą Państwo tu rezerwować.',
    'twice' => 'Ta osoba jest tu dwa razy dla jednego dziecka.',
    'nothing_picked' => 'Proszę zaznaczyć kogoś, z kim chcą się Państwo spotkać.',
    'no_such_hours' => 'Takich godzin nie ma tego dnia.',
    'kept_heading' => '{moved, plural, =0 {Państwa plan} other {Państwa nowy plan}}: {title}',
    'kept_news' =>
        '{moved, plural, =0 {{count, plural, one {To spotkanie należy} few {Te # spotkania należą} many {Te # spotkań należy} other {Te # spotkania należą}} do Państwa.} one {Przeniesiono # spotkanie. {count, plural, one {To spotkanie należy} few {Te # spotkania należą} many {Te # spotkań należy} other {Te # spotkania należą}} teraz do Państwa.} few {Przeniesiono # spotkania. {count, plural, one {To spotkanie należy} few {Te # spotkania należą} many {Te # spotkań należy} other {Te # spotkania należą}} teraz do Państwa.} many {Przeniesiono # spotkań. {count, plural, one {To spotkanie należy} few {Te # spotkania należą} many {Te # spotkań należy} other {Te # spotkania należą}} teraz do Państwa.} other {Przeniesiono # spotkania. {count, plural, one {To spotkanie należy} few {Te # spotkania należą} many {Te # spotkań należy} other {Te # spotkania należą}} teraz do Państwa.}} Aby coś zmienić lub odwołać, proszę otworzyć swoje spotkania.',
    'kept_to_confirm' =>
        '{count, plural, one {To spotkanie czeka} few {Te # spotkania czekają} many {Te # spotkań czeka} other {Te # spotkania czekają}} na Państwa pół godziny. Jedno kliknięcie adresu poniżej i wszystko jest zarezerwowane.',
    'kept_link' => 'Wszystkie Państwa rezerwacje',
    'kept_confirm' => 'Tak, to mój adres: zarezerwować',
    'no_scripts' =>
        'Plan jest szukany na bieżąco, do czego potrzebny jest JavaScript. Bez niego rezerwuje się u jednego nauczyciela po drugim:',
    'published_already' =>
        'Ta tura jest ogłoszona. Tego, co wspólne dla wszystkich arkuszy, nie da się tu już zmienić.',
    'wished_already' => 'Rodziny już przysłały życzenia, więc zostaje ogłoszona. Niczego nie zmieniono.',
    'wishes_too_late' => 'Życzenia kończą się przed pierwszym dniem tury, żeby był czas na przydział.',
    'wishes_until_over' =>
        'Chwila, do której rodziny przysyłają życzenia, już minęła. Proszę ustawić późniejszą i ogłosić.',
    'cohort_too_late' =>
        'Ci są pierwsi: wcześniej, niż rezerwacja otwiera się dla wszystkich; proszę więc powyżej powiedzieć, kiedy to jest.',
    'booked_already' => 'Ktoś już zarezerwował, więc zostaje ogłoszona. Niczego nie zmieniono.',
    'changed_elsewhere' =>
        'Ktoś tymczasem zmienił tę turę. To, co Państwo wpisali, jest nadal tutaj; proszę wczytać stronę na nowo, żeby zobaczyć tamto.',
    'nobody_in_it' => 'W tej turze nikogo jeszcze nie ma. Proszę wybrać nauczycieli i ogłosić.',
    'all_closed' => 'Szkoła jest zamknięta we wszystkie te dni, więc nie byłoby terminów. Niczego nie ogłoszono.',
    'no_place' =>
        '{count, plural, one {{names} nie ma jeszcze miejsca: nikt by tam nie trafił.} few {# nie mają jeszcze miejsca, więc nikt by nie trafił: {names}{count, plural, =2 {} =3 {} =4 {} =5 {} other { i inni}}.} many {# nie ma jeszcze miejsca, więc nikt by nie trafił: {names}{count, plural, =2 {} =3 {} =4 {} =5 {} other { i inni}}.} other {# nie ma jeszcze miejsca, więc nikt by nie trafił: {names}{count, plural, =2 {} =3 {} =4 {} =5 {} other { i inni}}.}} Niczego nie ogłoszono.',
    'not_past' => 'Pierwszy dzień już minął.',
    'dates_needed' =>
        'Tura odbywa się w określone dni. Proszę je zapisać jak „12 marca, 14 marca 16:00-19:00 /10” albo „2027-03-09 16:00-19:00 /10 odstęp 5”.',
    'too_long' => 'Tura mieści się w dwóch miesiącach.',
    'too_many_hosts' => 'W turze może być najwyżej {most}.',
    'no_such_staff' => 'Jedna z tych osób już tu nie pracuje.',
    'no_such_class' => 'Jednej z tych klas już nie ma.',
    'look_said' =>
        '{slots, plural, one {Jeden termin} few {# terminy} many {# terminów} other {# terminu}} na nauczyciela: {all, number}, {hosts, plural, one {jeden nauczyciel} few {# nauczyciele} many {# nauczycieli} other {# nauczyciela}}.',
    'look_untaught' =>
        '{count, plural, one {Jeden uczeń nie ma} few {# uczniów nie ma} many {# uczniów nie ma} other {# ucznia nie ma}} w tej turze żadnego swojego nauczyciela. Te rodziny widzą wszystkich, którzy biorą udział.',
    'look_short' =>
        '{count, plural, =0 {Wszyscy mają czas dla wszystkich, których uczą.} one {Jeden nauczyciel uczy więcej uczniów, niż ma terminów.} few {# nauczyciele uczą więcej uczniów, niż mają terminów.} many {# nauczycieli uczy więcej uczniów, niż ma terminów.} other {# nauczyciela uczy więcej uczniów, niż ma terminów.}}',
    'absent_on_sheet' =>
        'Ta tura jest ogłoszona. Proszę zamknąć terminy na swoim arkuszu: tam najpierw widać, kogo to dotyka.',
    'interpreter_here' => 'Jedna z tych osób już tu nie pracuje albo jest dwa razy dla jednego języka.',
    'interpreter_is_host' =>
        'Kto w tej turze przyjmuje rodziny, nie może w niej tłumaczyć: jego terminy rozdaje się, zanim wiadomo, które są wolne.',
    'no_such_language' => 'Tego języka nie znamy; proszę napisać jego kod, jak fr, ar albo uk.',
    'not_taught' => 'Jednego z tych uczniów ta osoba już nie uczy.',
    'not_published_yet' =>
        'Ta tura nie jest jeszcze ogłoszona: proszę wpisać ich tam, gdzie się ją pisze. Niczego nie zmieniono.',
    'it_is_over' => 'Wszystkie dni tej tury minęły. Niczego nie zmieniono.',
    'nobody_here' => 'Nikt o tym nazwisku nie przyjmuje tu rodzin.',
    'has_meetings' => 'Ktoś jest umówiony ({host}), więc nic się tu nie zmienia. Niczego nie zmieniono.',
    'without_link' =>
        '{count, plural, one {{names} przyjmuje przez wideo i nie ma jeszcze linku.} few {# przyjmują przez wideo i nie mają jeszcze linku: {names}.} many {# przyjmuje przez wideo i nie ma jeszcze linku: {names}.} other {# przyjmuje przez wideo i nie ma jeszcze linku: {names}.}}',
    'ground' =>
        '{count, plural, one {{names} potrzebuje parteru.} few {# rodziny potrzebują parteru: {names}.} many {# rodzin potrzebuje parteru: {names}.} other {# rodziny potrzebuje parteru: {names}.}}',
    'needs_ground' => 'potrzebny parter',
    'due_said' =>
        '{can, plural, =0 {Teraz do nikogo by nie napisano.} one {Napisano by do jednego opiekuna.} few {Napisano by do # opiekunów.} many {Napisano by do # opiekunów.} other {Napisano by do # opiekuna.}} {lately, plural, =0 {} one {Do jednego napisano w ostatniej dobie.} few {Do # napisano w ostatniej dobie.} many {Do # napisano w ostatniej dobie.} other {Do # napisano w ostatniej dobie.}} {cannot, plural, =0 {} one {Jeden nie ma adresu: proszę wydrukować kartę.} few {# nie ma adresu: proszę wydrukować karty.} many {# nie ma adresu: proszę wydrukować karty.} other {# nie ma adresu: proszę wydrukować karty.}}',
    'invite_heading' =>
        '{title}: {collects, select, yes {z kim chcą się Państwo spotkać?} other {proszę wybrać terminy}}',
    'remind_heading' => '{title}: nie mamy jeszcze od Państwa wiadomości',
    'remind_news_book' =>
        'Mogą Państwo zarezerwować terminy w sprawie: {students}, u wszystkich uczących, i zobaczyć, jak to się układa.',
    'remind_news_wish' =>
        'Mogą Państwo powiedzieć, z kim chcą się spotkać w sprawie: {students}, i kiedy mogą przyjść, do {moment}.',
    'remind_link' => 'Otworzyć stronę',
    'remind_text' => '{title}: terminy w sprawie: {students}, {link}',
    'wished_gone' =>
        '{count, plural, one {Jedna rodzina prosiła o {names}, co już niemożliwe. Powiadomiono ją.} few {# rodziny prosiły o {names}, co już niemożliwe. Powiadomiono je.} many {# rodzin prosiło o {names}, co już niemożliwe. Powiadomiono je.} other {# rodziny prosiło o {names}, co już niemożliwe. Powiadomiono je.}}',
    'nobody_yet' => 'W tej turze nikt jeszcze nie zarezerwował.',
    'place_needed' => 'Proszę powiedzieć, gdzie Państwa znaleźć.',
    'link_needed' => 'Spotkanie przez wideo potrzebuje linku, który zaczyna się od https://',
    'longer' => '{student}, dłużej',
];
