<?php

declare(strict_types=1);

return [
    'required' => 'Proszę to wypełnić.',
    'required_if' => 'Proszę to wypełnić.',
    'required_if_accepted' => 'Proszę to wypełnić.',
    'required_with' => 'Proszę to wypełnić.',
    'required_without' => 'Proszę to wypełnić.',
    'present' => 'Ta strona źle się wczytała. Proszę wczytać ją ponownie; wpisany tekst jest zachowany.',
    'array' => 'Nie można tego odczytać.',
    'in' => 'Nie można tego wybrać.',
    'date_format' => 'Nie można tego odczytać. Datę pisze się tak: 2026-12-03, a godzinę tak: 16:40.',
    'date' => 'Nie można tego odczytać. Datę pisze się tak: 2026-12-03.',
    'after_or_equal' => 'Ostatni dzień jest przed pierwszym.',
    'timezone' => 'To nie jest strefa czasowa. Przykład: Europe/Lisbon.',
    'alpha' => 'Tylko litery od A do Z.',
    'different' => 'Proszę podać kogoś innego.',
    'distinct' => 'To jest tu dwa razy.',
    'file' => 'Proszę wybrać plik.',
    'uploaded' => 'Ten plik nie dotarł w całości. Może jest za duży.',
    'mimes' => 'Tego rodzaju pliku nie można tu odczytać.',
    'image' => 'To nie jest czytelny obraz.',
    'dimensions' => 'Ten obraz jest za duży albo za mały.',
    'numeric' => 'To musi być liczba.',
    'size' => [
        'string' => 'Liczba liter musi wynosić :size.',
        'numeric' => 'To musi być :size.',
        'array' => 'Musi ich być :size.',
        'file' => 'Ten plik ma zły rozmiar.',
    ],
    'min' => [
        'string' => 'To za krótkie: liczba znaków co najmniej :min.',
        'numeric' => 'Co najmniej :min.',
        'array' => 'Co najmniej :min.',
        'file' => 'Ten plik jest za mały.',
    ],
    'string' => 'To musi być tekst.',
    'integer' => 'To musi być liczba całkowita.',
    'boolean' => 'To musi być tak lub nie.',
    'email' => 'To nie wygląda na adres e-mail. Przykład: nazwisko@mail.example.',
    'uuid' => 'Ta strona źle się wczytała. Proszę wczytać ją ponownie; wpisany tekst jest zachowany.',
    'url' => 'Link do wideo musi zaczynać się od https:// lub http:// i być całym adresem.',
    'enum' => 'Nie można tego wybrać.',
    'exists' => 'Nie można tego wybrać. Proszę wczytać stronę ponownie i wybrać jeszcze raz.',
    'regex' => 'Nie można tego odczytać.',
    'not_regex' => 'To musi zmieścić się w jednym wierszu.',
    'max' => [
        'string' => 'To za długie: liczba znaków najwyżej :max.',
        'numeric' => 'Najwyżej :max.',
        'array' => 'To za dużo: najwyżej :max.',
        'file' => 'Ten plik jest za duży.',
    ],
    'between' => [
        'numeric' => 'Liczba całkowita od :min do :max.',
        'string' => 'Liczba znaków od :min do :max.',
        'array' => 'Od :min do :max.',
        'file' => 'Ten plik ma zły rozmiar.',
    ],
    'custom' => [
        'phone' => [
            'regex' => 'To nie wygląda na numer telefonu. Mogą być cyfry, spacje oraz + - ( ) . /.',
        ],
        'slot' => [
            'regex' => 'Proszę wybrać termin na skali.',
            'required' => 'Proszę najpierw wybrać termin na skali.',
        ],
        'minutes' => [
            'integer' => 'Całkowita liczba minut.',
        ],
        'gap' => [
            'integer' => 'Całkowita liczba minut albo 0.',
        ],
        'email' => [
            'max' => 'To za długie jak na adres e-mail.',
        ],
    ],
];
