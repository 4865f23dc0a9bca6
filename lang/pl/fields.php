<?php

declare(strict_types=1);

return [
    'phone' => 'To nie wygląda na numer telefonu. Numer z innego kraju zaczyna się od + i numeru kierunkowego.',
    'phone_of_which_country' =>
        'Nie wiemy, z jakiego kraju jest ten numer. Proszę zapisać go z + i numerem kierunkowym kraju, na przykład ' .
        '+44 20 7946 0018.',
    'mail' => 'To nie wygląda na adres e-mail.',
    'name' => 'Proszę wpisać imię i nazwisko, bez adresów i znaków, których nazwiska nie mają.',
    'name_long' => 'Proszę wpisać krótsze nazwisko: do 120 liter.',
];
