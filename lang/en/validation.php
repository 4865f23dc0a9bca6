<?php

declare(strict_types=1);

// What people read at a field. Plain words: what is wrong, and what would be right.

return [
    'required' => 'Please fill this in.',
    'required_if' => 'Please fill this in.',
    'string' => 'This has to be text.',
    'integer' => 'This has to be a whole number.',
    'boolean' => 'This has to be yes or no.',
    'email' => 'This does not look like an e-mail address. One looks like name@mail.example.',
    'uuid' => 'This page has gone wrong. Load it again; what you typed is kept.',
    'url' => 'A video link has to begin with https:// or http:// and be a whole address.',
    'enum' => 'This cannot be chosen.',
    'exists' => 'This cannot be chosen. Load the page again and choose once more.',
    'regex' => 'This cannot be read.',
    'not_regex' => 'This has to be on one line.',
    'max' => [
        'string' => 'This is too long: :max characters fit.',
        'numeric' => 'At most :max.',
    ],
    'between' => [
        'numeric' => 'A whole number from :min to :max.',
    ],
    'custom' => [
        'phone' => ['regex' => 'This does not look like a phone number. Digits, spaces, and + - ( ) . / are fine.'],
        'slot' => ['regex' => 'Pick a time on the ruler.', 'required' => 'Pick a time on the ruler first.'],
        'minutes' => ['integer' => 'A whole number of minutes.'],
        'gap' => ['integer' => 'A whole number of minutes, or 0.'],
        'email' => ['max' => 'This is too long for an e-mail address.'],
    ],
];
