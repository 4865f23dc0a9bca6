<?php

declare(strict_types=1);

return [
    'default' => env('CACHE_STORE', 'file'),
    // Counting of attempts: in shared memory, atomic across the web server's processes.
    'limiter' => env('CACHE_LIMITER', 'apc'),
    'stores' => [
        'array' => ['driver' => 'array'],
        'apc' => ['driver' => 'apc'],
        'file' => ['driver' => 'file', 'path' => storage_path('framework/cache'), 'lock_path' => storage_path('framework/cache')],
    ],
    'prefix' => 'recess',
];
