<?php

declare(strict_types=1);

return [
    'nobody' => 'Tego dnia nikt nie przychodzi.',
    'outside' => 'Prosimy poczekać na zewnątrz, aż zostaną Państwo poproszeni: może ktoś ma własną rozmowę.',
    'phone' => 'Proszę wybrać termin telefonem',
    'here' => 'jest',
    'not' => 'nie',
    'here_at' => 'jest o ______',
    'missed' => 'nie przyszli',
    'phone_or_at' => 'Proszę wybrać termin telefonem albo na',
    'our_time' => 'Nasz termin: ______________________',
    'entrance' => 'Kto dokąd idzie: {day}',
    'with' => '{host}, {subject}',
    'interprets' => 'Tłumaczy {name}',
    'note' => 'Państwa notatka: {note}',
    'arrived' => 'Tutaj o {time}',
    'slip_with' => '{title}, {host} ({subject})',
    'slip_about' => 'W sprawie: {student}',
    'slip_where' => 'Gdzie: {place}',
    'slip_for' => 'Dla: {name}. Zarezerwował sekretariat.',
    'more_days' => 'i więcej dni',
];
