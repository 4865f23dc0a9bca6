<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'table' => 'sessions',
    'lifetime' => 480,
    'expire_on_close' => false,
    'encrypt' => true,
    'lottery' => [2, 100],
    'cookie' => 'recess_session',
    'path' => '/',
    'domain' => null,
    // Set by the address people use: https in a school, http on loopback in the demo.
    'secure' => str_starts_with((string) env('APP_URL', ''), 'https://'),
    'http_only' => true,
    'same_site' => 'lax',
];
