<?php

declare(strict_types=1);

return [
    'letter_heading' => '{title}, {host}',
    'letter_news' => '{host} ma dla Państwa terminy w sprawie: {students}.',
    'letter_link' => 'Wybrać termin',
    'expected_heading' => 'Termin dla: {student}. {title}, {host}',
    'expected_dear' => 'Do osoby, która rezerwuje dla: {student}',
    'expected_invites' =>
        '{host} chce porozmawiać w sprawie: {student}. Proszę wybrać termin: link poniżej zna nazwisko.',
    'expected_text_invites' => '{host} chce porozmawiać w sprawie: {student}. Proszę wybrać termin: {link}',
    'expected_news' =>
        '{host} czeka na: {student}, a terminu jeszcze nie ma. Link poniżej zna nazwisko; reszta to jedno ' .
        'kliknięcie.',
    'expected_text' => '{host} czeka na: {student}, a terminu jeszcze nie ma. Proszę wybrać: {link}',
    'expected_card' => 'Proszę sfotografować kwadrat i wybrać termin; zna on nazwisko.',
];
