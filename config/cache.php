<?php

declare(strict_types=1);

return [
    // In the database, where all servers see it: whose turn it is to run what is scheduled.
    'default' => env('CACHE_STORE', 'database'),
    'stores' => [
        'array' => ['driver' => 'array'],
        'database' => ['driver' => 'database', 'table' => 'cache', 'lock_table' => 'cache_locks'],
    ],
    'prefix' => 'recess',
];
