<?php

declare(strict_types=1);

return [
    'title' => 'Co zachowuje się o gościach',
    'goes' =>
        '{meetings, plural, one {To, co powiedziano przy jednym z Państwa spotkań,} few {To, co powiedziano przy # z Państwa spotkań,} many {To, co powiedziano przy # z Państwa spotkań,} other {To, co powiedziano przy # z Państwa spotkań,}} znika od {date}, razem z nazwiskami i numerami, tak jak przechowuje szkoła. Proszę wcześniej wyjąć to, co jeszcze potrzebne.',
    'page_title' => 'Wszystko, co o Państwu przechowujemy',
    'page_intro' =>
        '{school} przechowuje o Państwu to i nic więcej. Znika samo {days, plural, one {# dzień} few {# dni} many {# dni} other {# dnia}} po ostatnim spotkaniu.',
    'page_lists' => 'Z list samej szkoły:',
    'page_no_meetings' => 'Brak spotkań.',
    'page_file' => 'Zabrać jako plik',
    'page_forget' => 'Kazać usunąć',
    'page_forget_says' =>
        'Znikną Państwa nazwisko, adres i numer oraz wszystko, co Państwo podali, wraz z prywatną stroną. {ahead, plural, =0 {} one {# zarezerwowane spotkanie zostanie odwołane, a szkoła się o tym dowie.} few {# zarezerwowane spotkania zostaną odwołane, a szkoła się o tym dowie.} many {# zarezerwowanych spotkań zostanie odwołanych, a szkoła się o tym dowie.} other {# zarezerwowanego spotkania zostanie odwołane, a szkoła się o tym dowie.}} Tego nie można cofnąć.',
    'page_forget_lists' => 'To, co jest na listach szkoły, tam pozostaje; więcej powie sekretariat.',
    'page_sure' => 'Tak, usunąć wszystko',
    'page_back' => 'Wróć do Państwa spotkań',
    'forgotten_title' => 'Usunięto',
    'forgotten' => 'Tego, co o Państwu przechowywaliśmy, już nie ma, a adres prywatnej strony niczego nie otwiera.',
    'board' => 'Wróć na początek',
    'forgotten_known' =>
        'Wszystko, co Państwo podali, zostało usunięte. Są Państwo nadal na listach szkoły, więc prywatna strona dalej się otwiera.',
    'page_state' =>
        '{state, select, kept {zatrzymany na chwilę} asked {czeka na odpowiedź} booked {zarezerwowany} declined {odrzucony} cancelled {odwołany} other {}}',
    'page_answer' => '{question}: {answer}',
    'page_yes' => 'tak',
    'page_no' => 'nie',
];
