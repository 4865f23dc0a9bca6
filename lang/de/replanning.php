<?php

declare(strict_types=1);

return [
    'moved_heading' => 'Ein anderes Datum: {title}',
    'moved_news' =>
        '{count, plural, one {Ihr Termin ist jetzt an einem anderen Datum, zur selben Uhrzeit.} other {Ihre # ' .
        'Termine sind jetzt an einem anderen Datum, zur selben Uhrzeit.}}',
    'moved_link' => 'Alles, was Sie gebucht haben',
];
