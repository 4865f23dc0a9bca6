<?php

declare(strict_types=1);

return [
    'title' => 'Poczta odłożona na bok',
    'left_too_large' => 'Jest większa, niż może być odpowiedź kalendarza.',
    'left_automatic' => 'Wysłał ją sam program, na przykład zawiadomienie o nieobecności.',
    'left_no_calendar' => 'To zwykła wiadomość: ktoś może chcieć ją przeczytać.',
    'left_not_readable' => 'Jej części kalendarzowej nie da się odczytać.',
    'left_other_method' => 'To zaproszenie albo coś innego, a nie odpowiedź.',
    'left_unknown_entry' => 'Odpowiada na wpis, który nie jest nasz albo którego już nie ma.',
    'left_stranger' => 'Przychodzi z adresu, na który tego wpisu nigdy nie wysłano.',
    'left_other_address' => 'Wysłano ją na inny adres niż podany we wpisie.',
    'left_older' => 'Odpowiada na wpis zmieniony od tamtej pory albo później przyszła inna odpowiedź.',
    'left_off' => 'To, na co odpowiada, nie odbędzie się albo ma już odpowiedź.',
    'left_begun' => 'Przyszła po rozpoczęciu spotkania.',
    'left_nothing' => 'To, co mówi, nie ma skutku: prowadzący odwołuje na własnej stronie.',
    'left_refused' => 'Tego, o co prosi, nie da się już mieć.',
    'declined_heading' => 'Nie przyjdą Państwo? {title}, {when}',
    'declined_news' =>
        'Państwa kalendarz mówi, że nie przyjdą Państwo na to spotkanie, które prowadzi {host}. Termin nadal należy do Państwa.',
    'declined_link' => 'Państwa spotkania: odwołać albo zostawić wszystko, jak jest',
];
