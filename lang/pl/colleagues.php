<?php

declare(strict_types=1);

return [
    'must' => '{count, plural, one {Musi być: {names}.} other {Muszą być: {names}.}}',
    'any' => 'Zamiast Państwa może być: {names}.',
    'manage' => '{count, plural, one {Opiekuje się nim {names}.} other {Opiekują się nim {names}.}}',
    'told_must' =>
        '{owner} umieszcza Państwa na „{title}” jako osobę, która musi być: każda rezerwacja zajmuje też Państwa czas. Jeśli nie mogą Państwo, proszę to powiedzieć na jego stronie.',
    'told_any' =>
        '{owner} umieszcza Państwa na „{title}” jako osobę, która może być zamiast: można się umówić z Państwem. Jeśli nie mogą Państwo, proszę to powiedzieć na jego stronie.',
    'asked_must' => 'Muszą Państwo być na tych spotkaniach.',
    'asked_any' => 'Te spotkania mogą być z Państwem.',
    'refused' =>
        '{name} nie może być na „{title}” i już tam nie figuruje.{meetings, plural, =0 {} one { Jedno przyszłe spotkanie odbędzie się bez tej osoby.} few { # przyszłe spotkania odbędą się bez tej osoby.} many { # przyszłych spotkań odbędzie się bez tej osoby.} other { # przyszłego spotkania odbędzie się bez tej osoby.}}',
    'sheet' => 'Arkusz',
    'owner_names' =>
        'Kto jeszcze jest na tym arkuszu, mówi {owner}, właściciel, albo sekretariat. Wszystko inne mogą Państwo zmieniać.',
];
