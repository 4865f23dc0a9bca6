<?php

declare(strict_types=1);

// What staff read about their sheets, in ICU MessageFormat.
return [
    'fill' => '{taken, number} of {slots, number} taken',
    'fill_none' => '{standing, plural, =0 {No time to come} one {No time to come; one meeting stands} other {No time to come; # meetings stand}}',
    'fill_next' => '{taken, number} of {slots, number} taken on its next days',
    'links_there' => 'Some of these meetings have a link already, and it has been sent. Change those one by one.',
    'link_cleaned' => 'Without that it is {link}',
    'nobody_yet' => 'Nobody has booked yet.',
];
