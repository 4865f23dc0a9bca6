<?php

declare(strict_types=1);

// What calendar programs send by mail. In ICU MessageFormat.
return [
    'title' => 'Mail that was left alone',
    'left_too_large' => 'It is larger than an answer of a calendar program can be.',
    'left_automatic' => 'A machine sent it by itself, such as a note of absence.',
    'left_no_calendar' => 'It is an ordinary message: somebody may want to read it.',
    'left_not_readable' => 'Its calendar part cannot be read.',
    'left_other_method' => 'It is an invitation or something else, not an answer.',
    'left_unknown_entry' => 'It answers an entry that is not ours, or is gone.',
    'left_stranger' => 'It comes from an address to which that entry was never sent.',
    'left_other_address' => 'It was sent to another address than the entry names.',
    'left_older' => 'It answers an entry that was changed since, or another answer came later.',
    'left_off' => 'What it answers is off, or was answered already.',
    'left_begun' => 'It came after the meeting had begun.',
    'left_nothing' => 'Nothing comes of what it says: a host cancels on their own page.',
    'left_refused' => 'What it asks for cannot be had any more.',
    // To whoever declined an entry in their calendar, where the sheet asks first.
    'declined_heading' => 'Are you not coming? {title}, {when}',
    'declined_news' =>
        'Your calendar says that you are not coming to this meeting with {host}. The time is still yours.',
    'declined_link' => 'Your bookings: cancel it, or leave all as it is',
];
