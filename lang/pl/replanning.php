<?php

declare(strict_types=1);

return [
    'moved_heading' => 'Inna data: {title}',
    'moved_news' =>
        '{count, plural, one {Państwa spotkanie jest teraz w innym dniu, o tej samej godzinie.} few {Państwa # ' .
        'spotkania są teraz w innym dniu, o tej samej godzinie.} many {Państwa # spotkań jest teraz w innym dniu, ' .
        'o tej samej godzinie.} other {Państwa # spotkania jest teraz w innym dniu, o tej samej godzinie.}}',
    'moved_link' => 'Wszystkie Państwa rezerwacje',
];
