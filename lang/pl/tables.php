<?php

declare(strict_types=1);

return [
    'date' => 'Data',
    'from' => 'Od',
    'to' => 'Do',
    'host' => 'Prowadzi',
    'student' => 'Uczeń',
    'visitor' => 'Gość',
    'phone' => 'Telefon',
    'place' => 'Miejsce',
    'answers' => 'Odpowiedzi',
    'arrived' => 'Przyjście',
    'became' => 'Co z tego wyszło',
    'offered' => 'Oferowane',
    'booked' => 'Zarezerwowane',
    'came' => 'Przyszli',
    'did_not_come' => 'Nie przyszli',
    'wait' => 'Średnie oczekiwanie w minutach',
    'overrun' => 'Średnie przekroczenie w minutach',
    'family' => 'Rodzina',
    'teacher' => 'Nauczyciel',
    'wish' => 'Życzenie',
    'asked' => 'Na prośbę',
    'why_not' => 'Dlaczego nie',
    'email' => 'E-mail',
    'link' => 'Link',
    'state' => 'Stan',
    'word' => 'Słowo',
];
