<?php

declare(strict_types=1);

// What is said of bookings and of waiting, beside the reasons that the rules give (rules.php).
return [
    'not_as_filled_in' => 'This booking cannot be made as it is filled in. If there is a pass for the same student or e-mail address already, book from that pass; or ring the office. What you typed is kept.',
    'no_line' => 'Nobody can be put in line here just now. Look in again later, or ring the office.',
    'line_is_long' => 'The line is as long as it can be. Look in again later, or ring the office.',
    'dear' => 'Dear {name},',
    'line_subject' => 'Would you like to be told when {host} has a free time?',
    'line_news' => 'Somebody has given this address to be told when a time comes free. If that was you, one press puts you in line. If not, do nothing: you hear no more.',
    'line_press' => 'Put me in line',
    'line_asked' => 'Would you like to be in line?',
    'line_asked_more' => 'When somebody gives a time back, and it is your turn, it is kept for you for a while and a message comes.',
    'line_in' => '{before, plural, =0 {You are the first in line.} =1 {One is in line before you.} other {# are in line before you.}}',
    'line_in_more' => 'When a time comes free and it is your turn, it is kept for you for a while and a message comes. Times that are free anyway can be booked as ever.',
    'line_offered' => 'A time is kept for you: {when}. It is yours to take until {until}.',
    'line_offered_more' => 'The message that told you of it leads to it. If you let it pass you are behind the others in line; the second time you are out of it.',
    'line_out' => 'You are not in line any more.',
    'line_leave' => 'Leave the line',
    'line_decline' => 'This time does not suit me',
    'line_see' => 'See the times',
];
