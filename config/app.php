<?php

declare(strict_types=1);

return [
    'name' => 'Recess',
    'env' => env('APP_ENV', 'production'),
    'debug' => (bool) env('APP_DEBUG', false),
    'url' => env('APP_URL', 'http://127.0.0.1:8000'),
    // Scripts and styles come from wherever the page did.
    'asset_url' => '/',
    // Instants are UTC everywhere; the school's zone is data.
    'timezone' => 'UTC',
    // In which language visitors read who have said none, by their browser or otherwise; one of lang/.
    'locale' => env('RECESS_SCHOOL_LANGUAGE', 'en'),
    'fallback_locale' => 'en',
    'cipher' => 'AES-256-CBC',
    'key' => env('APP_KEY'),
    'previous_keys' => array_filter(explode(',', (string) env('APP_PREVIOUS_KEYS', ''))),
    'maintenance' => ['driver' => 'file'],
];
