<?php

declare(strict_types=1);

return [
    // "mailroom" keeps every message inside the application, for the demo; "smtp" sends.
    'default' => env('MAIL_MAILER', 'mailroom'),
    'mailers' => [
        'mailroom' => ['transport' => 'mailroom'],
        'smtp' => [
            'transport' => 'smtp',
            'scheme' => env('MAIL_SCHEME'),
            'host' => env('MAIL_HOST', '127.0.0.1'),
            'port' => env('MAIL_PORT', 25),
            'username' => env('MAIL_USERNAME'),
            'password' => env('MAIL_PASSWORD'),
            'timeout' => 20,
        ],
        'array' => ['transport' => 'array'],
    ],
    'from' => [
        'address' => env('MAIL_FROM_ADDRESS', 'meetings@school.example'),
        'name' => env('MAIL_FROM_NAME', 'School meetings'),
    ],
];
