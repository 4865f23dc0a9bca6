<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    'table' => 'sessions',
    // Minutes of doing nothing; what is typed is kept on the server meanwhile. See also Accounts/SessionEnds.
    'lifetime' => 30,
    'expire_on_close' => false,
    'encrypt' => true,
    'lottery' => [2, 100],
    // Of this host and no other, and only by https (RFC 6265bis, 4.1.3.2), where there is https.
    'cookie' => str_starts_with((string) env('APP_URL', ''), 'https://') ? '__Host-recess_session' : 'recess_session',
    'path' => '/',
    'domain' => null,
    // Set by the address people use: https in a school, http on loopback in the demo.
    'secure' => str_starts_with((string) env('APP_URL', ''), 'https://'),
    'http_only' => true,
    'same_site' => 'lax',
];
