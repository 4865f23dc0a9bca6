<?php

declare(strict_types=1);

return [
    'date' => 'Datum',
    'from' => 'Von',
    'to' => 'Bis',
    'host' => 'Bei',
    'student' => 'Kind',
    'visitor' => 'Besuch',
    'phone' => 'Telefon',
    'place' => 'Ort',
    'answers' => 'Antworten',
    'arrived' => 'Da um',
    'became' => 'Was daraus wurde',
    'offered' => 'Angeboten',
    'booked' => 'Gebucht',
    'came' => 'Gekommen',
    'did_not_come' => 'Nicht gekommen',
    'wait' => 'Wartezeit im Mittel, Minuten',
    'overrun' => 'Überzogen im Mittel, Minuten',
    'family' => 'Familie',
    'teacher' => 'Lehrkraft',
    'wish' => 'Wunsch',
    'asked' => 'Hergebeten',
    'why_not' => 'Warum nicht',
    'email' => 'E-Mail',
    'link' => 'Link',
    'state' => 'Stand',
    'word' => 'Wort',
];
