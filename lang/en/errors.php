<?php

declare(strict_types=1);

// Pages that stand where another was asked for, by the status of HTTP. ICU MessageFormat.
return [
    '403_title' => 'This is somebody else’s',
    '403_text' => 'You are signed in, but this page belongs to another staff member. Nothing was shown or changed.',
    '404_title' => 'Nothing is here',
    '404_text' =>
        'This address leads nowhere (any more). If it came in a message, check that the whole of it was copied. A time that was booked stays booked.',
    '419_title' => 'This page has been open too long',
    '419_text' => 'You were signed out meanwhile. Sign in again and repeat the last step; nothing before it is lost.',
    '429_title' => 'That was a lot at once',
    '429_text' => 'Wait a minute and try again. What was booked stays booked.',
    '500_title' => 'Something went wrong here',
    '500_text' =>
        'It is our fault, not yours, and it has been written down. Nothing was half-saved. Try again in a minute.',
    '503_title' => 'Back in a moment',
    '503_text' => 'The school is updating this service. Try again in a minute; what was booked stays booked.',
];
