<?php

declare(strict_types=1);

// The headings of tables that are fetched as files. ICU MessageFormat.
return [
    'date' => 'Date',
    'from' => 'From',
    'to' => 'To',
    'host' => 'Host',
    'student' => 'Student',
    'visitor' => 'Visitor',
    'phone' => 'Phone',
    'place' => 'Place',
    'answers' => 'Answers',
    'arrived' => 'Arrived',
    'became' => 'What became of it',
    'offered' => 'Offered',
    'booked' => 'Booked',
    'came' => 'Came',
    'did_not_come' => 'Did not come',
    'wait' => 'Average wait in minutes',
    'overrun' => 'Average overrun in minutes',
    'family' => 'Family',
    'teacher' => 'Teacher',
    'wish' => 'Wish',
    'asked' => 'Asked',
    'why_not' => 'Why not',
    'email' => 'E-mail',
    'link' => 'Link',
    'state' => 'State',
    'word' => 'Word',
];
