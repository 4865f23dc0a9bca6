<?php

declare(strict_types=1);

return [
    'moved_heading' => 'Otra fecha: {title}',
    'moved_news' =>
        '{count, plural, one {Su cita es ahora en otra fecha, a la misma hora.} other {Sus # citas son ahora en ' .
        'otra fecha, a la misma hora.}}',
    'moved_link' => 'Todo lo que ha reservado',
];
