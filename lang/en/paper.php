<?php

declare(strict_types=1);

// What is printed. ICU MessageFormat.
return [
    'nobody' => 'Nobody comes on this day.',
    'outside' => 'Please wait outside until you are called in: somebody may be in a talk of their own.',
    'phone' => 'Pick a time with your phone',
    'here' => 'here',
    'not' => 'not',
    'here_at' => 'here at ______',
    'missed' => 'did not come',
    'phone_or_at' => 'Pick a time with your phone, or at',
    'our_time' => 'Our time: ______________________',
    'entrance' => 'Who goes where: {day}',
    'with' => 'with {host}, {subject}',
    'interprets' => '{name} interprets',
    'note' => 'Your note: {note}',
    'arrived' => 'Here at {time}',
    'slip_with' => '{title} with {host} ({subject})',
    'slip_about' => 'About: {student}',
    'slip_where' => 'Where: {place}',
    'slip_for' => 'For {name}. Booked by the office.',
    'more_days' => 'and more days',
];
