<?php

declare(strict_types=1);

return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '3306'),
            'database' => env('DB_DATABASE', 'recess'),
            'username' => env('DB_USERNAME', 'recess'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            // Strict, as the framework has it.
            'modes' => [
                'ONLY_FULL_GROUP_BY',
                'STRICT_TRANS_TABLES',
                'NO_ZERO_IN_DATE',
                'NO_ZERO_DATE',
                'ERROR_FOR_DIVISION_BY_ZERO',
                'NO_ENGINE_SUBSTITUTION',
            ],
            'timezone' => '+00:00',
            // Readers of a busy evening do not lock the gaps between slots; see docs/decisions/0002-holds.md.
            'isolation_level' => 'READ COMMITTED',
            // The connection names it.
            'use_db_after_connecting' => false,
            'options' => [
                // A statement goes over with its values in one message, not in two and a third to forget it: half of what
                // the database takes. One statement each, whatever a value says.
                PDO::ATTR_EMULATE_PREPARES => true,
                PDO::MYSQL_ATTR_MULTI_STATEMENTS => false,
            ],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
