<?php

declare(strict_types=1);

return [
    'moved_heading' => 'Un’altra data: {title}',
    'moved_news' =>
        '{count, plural, one {Il Suo colloquio è ora in un’altra data, alla stessa ora.} other {I Suoi # colloqui ' .
        'sono ora in un’altra data, alla stessa ora.}}',
    'moved_link' => 'Tutto ciò che ha prenotato',
];
