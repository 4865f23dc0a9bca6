<?php

declare(strict_types=1);

// What people read at a field. Plain words: what is wrong, and what would be right.

return [
    'required' => 'Please fill this in.',
    'required_if' => 'Please fill this in.',
    'required_if_accepted' => 'Please fill this in.',
    'required_with' => 'Please fill this in.',
    'required_without' => 'Please fill this in.',
    'present' => 'This page has gone wrong. Load it again; what you typed is kept.',
    'array' => 'This cannot be read.',
    'in' => 'This cannot be chosen.',
    'date_format' => 'This cannot be read. A date is written like 2026-12-03, a clock time like 16:40.',
    'date' => 'This cannot be read. A date is written like 2026-12-03.',
    'after_or_equal' => 'The last day comes before the first one.',
    'timezone' => 'This is no time zone. One looks like Europe/Lisbon.',
    'alpha' => 'Letters from A to Z only.',
    'distinct' => 'This stands here twice.',
    'file' => 'Choose a file.',
    'uploaded' => 'This file did not arrive whole. It may be too large.',
    'mimes' => 'This kind of file cannot be read here.',
    'image' => 'This is not a picture that can be read.',
    'dimensions' => 'This picture is too large, or too small.',
    'numeric' => 'This has to be a number.',
    'size' => [
        'string' => 'This has to have :size letters.',
        'numeric' => 'This has to be :size.',
        'array' => 'There have to be :size of these.',
        'file' => 'This file has the wrong size.',
    ],
    'min' => [
        'string' => 'This is too short: it needs :min characters.',
        'numeric' => 'At least :min.',
        'array' => 'At least :min of these.',
        'file' => 'This file is too small.',
    ],
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
        'array' => 'That is too many: at most :max.',
        'file' => 'This file is too large.',
    ],
    'between' => [
        'numeric' => 'A whole number from :min to :max.',
        'string' => 'From :min to :max characters.',
        'array' => 'From :min to :max of these.',
        'file' => 'This file has the wrong size.',
    ],
    'custom' => [
        'phone' => ['regex' => 'This does not look like a phone number. Digits, spaces, and + - ( ) . / are fine.'],
        'slot' => ['regex' => 'Pick a time on the ruler.', 'required' => 'Pick a time on the ruler first.'],
        'minutes' => ['integer' => 'A whole number of minutes.'],
        'gap' => ['integer' => 'A whole number of minutes, or 0.'],
        'email' => ['max' => 'This is too long for an e-mail address.'],
    ],
];
