<?php

declare(strict_types=1);

return [
    'declined_heading' => 'Nie przyjdą Państwo? {title}, {when}',
    'declined_news' =>
        'Państwa kalendarz mówi, że nie przyjdą Państwo na to spotkanie, które prowadzi {host}. Termin nadal ' .
        'należy do Państwa.',
    'declined_link' => 'Państwa spotkania: odwołać albo zostawić wszystko, jak jest',
];
