<?php

declare(strict_types=1);

return [
    'if_you_like' => '(jeśli Państwo chcą)',
    'help_by_phone' => 'Potrzebna pomoc? Proszę zadzwonić do sekretariatu szkoły: <link>{phone}</link>',
    'help' => 'Potrzebna pomoc? Proszę zadzwonić do sekretariatu szkoły.',
    'recess' => 'Recess',
    'less' => 'Mniej',
    'more' => 'Więcej',
    'a_moment' => 'Chwileczkę, to samo ruszy dalej. Nic nie przepadnie i nic nie stanie się dwa razy.',
    'no_answer' =>
        'Brak odpowiedzi. Wpisany tekst nadal tu jest. Proszę sprawdzić połączenie i nacisnąć ponownie; nic nie ' .
        'stanie się dwa razy.',
    'another_look' => 'Coś wymaga poprawki. Nic nie przepadło.',
    'signed_out' =>
        'Tymczasem sesja wygasła. Proszę zalogować się w innej karcie i nacisnąć tu ponownie; nic nie przepadło.',
    'file_too_large' => 'Ten plik jest za duży. Niczego nie zapisano; wpisany tekst nadal tu jest.',
    'file_too_large_here' => 'Ten plik jest za duży.',
    'a_lot' => 'To było dużo naraz. Proszę odczekać minutę i nacisnąć ponownie; nic nie przepadnie.',
    'machine_away' =>
        'Serwer szkoły nie odpowiada od pół minuty. Wpisany tekst nadal tu jest. Proszę nacisnąć ponownie za ' .
        'minutę; nic nie stanie się dwa razy.',
    'went_wrong' => 'Coś tu się nie udało. Niczego nie zapisano połowicznie. Proszę spróbować za minutę.',
    'go_on' => 'Dalej',
    'leave_it' => 'Zostawić',
    'undo' => 'Cofnij',
    'close_this' => 'Zamknij',
    'e_mail_address' => 'Adres e-mail',
    'with' => 'prowadzi <link>{host}</link>',
    'with_also' => 'prowadzi <link>{host}</link> {also}',
    'clock_24' => 'Zegar 24-godzinny',
    'clock_12' => 'Zegar 12-godzinny',
    'with_titles' => 'prowadzi <link>{host}</link>, {titles}',
    'with_also_titles' => 'prowadzi <link>{host}</link> {also}, {titles}',
    'and' => '{others} i {last}',
    'minutes_short' => '{minutes, number, integer} min',
    'day_1' => 'poniedziałek',
    'day_2' => 'wtorek',
    'day_3' => 'środa',
    'day_4' => 'czwartek',
    'day_5' => 'piątek',
    'day_6' => 'sobota',
    'day_7' => 'niedziela',
    'one_moment' => 'Chwileczkę…',
    'slot' => '{day}, {from}–{until}',
    'language' => 'Język',
];
