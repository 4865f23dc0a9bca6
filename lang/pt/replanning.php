<?php

declare(strict_types=1);

return [
    'moved_heading' => 'Outra data: {title}',
    'moved_news' =>
        '{count, plural, one {A sua reunião é agora noutra data, à mesma hora.} other {As suas # reuniões são ' .
        'agora noutra data, à mesma hora.}}',
    'moved_link' => 'Tudo o que marcou',
];
