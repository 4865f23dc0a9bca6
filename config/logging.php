<?php

declare(strict_types=1);

return [
    'default' => env('LOG_CHANNEL', 'app'),
    'deprecations' => ['channel' => 'null', 'trace' => false],
    'channels' => [
        'app' => [
            'driver' => 'daily',
            'path' => storage_path('logs/app.log'),
            'level' => env('LOG_LEVEL', 'info'),
            'days' => 14,
        ],
        'stderr' => [
            'driver' => 'monolog',
            'handler' => Monolog\Handler\StreamHandler::class,
            'with' => ['stream' => 'php://stderr'],
            'level' => 'warning',
        ],
        'null' => ['driver' => 'monolog', 'handler' => Monolog\Handler\NullHandler::class],
    ],
];
