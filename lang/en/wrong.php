<?php

declare(strict_types=1);

// What is possible on a sheet but looks like a slip, and the press that mends it. ICU MessageFormat.
return [
    'early' => 'Meetings at {time} are in the small hours of the morning.',
    'make_it' => 'Make it {time}',
    'endless' => 'This repeats without an end.',
    'end_it' => 'End it on {date}',
    'closed' => 'The school is closed on {dates}, so no meeting is there.',
    'take_out' => '{days, plural, one {Take it out} other {Take them out}}',
    'across' =>
        'This lies across your sheet “{sheet}” on {date}, {from} to {until}. Whatever is booked first takes the time on both.',
    'too_soon' => 'No time is left that can still be booked: every one is sooner than the rules allow.',
    'nothing_left' => 'No time can be booked as this stands.',
    'until_an_hour' => 'Let people book until an hour before',
    'room_used' => '{room} is used by somebody else on {date} at {from}.',
    'room_promised' => '{room} is on the sheet “{sheet}” of {host} too: on {date}, {from} to {until}.',
    'use_link' => 'Use {link}',
    // {name}: the part of the address that does it.
    'link_password' => 'This link carries a user name or password that everybody who gets it could read.',
    'link_session' => 'This link carries your own session (“{name}”). It dies with it, or lets others act as you.',
    'link_host' => 'This link carries a host’s key (“{name}”): whoever has it is the host.',
    'link_expires' => 'This link stops working after some time (“{name}”).',
    'link_entrance' => 'This looks like the host’s own entrance. Copy the link that is meant for those you invite.',
    'link_shared' =>
        'This link stands on the sheet “{sheet}” too: whoever has it from there can walk into these meetings.',
    // A picture that somebody hands in
    'no_picture' => 'This is not a picture that can be used. Choose a PNG, JPEG or WebP file.',
    'picture_unread' => 'This picture cannot be read. Save it anew, as PNG or JPEG, and try again.',
];
