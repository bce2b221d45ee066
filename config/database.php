<?php

declare(strict_types=1);

return [
    // sqlite, or pgsql where several machines serve one kitchen, or many kitchens one installation.
    'default' => env('DB_CONNECTION', 'sqlite'),
    'connections' => [
        'sqlite' => [
            'driver' => 'sqlite',
            'database' => env('DB_DATABASE', database_path('lento.sqlite')),
            'prefix' => '',
            'foreign_key_constraints' => true,
            // Several tablets write at once: wait for the lock instead of failing.
            'busy_timeout' => 12_000,
            'journal_mode' => 'wal',
            // FULL: an acknowledged tap survives a power cut, at the price of one fsync a write (docs/operations.md).
            'synchronous' => 'full',
            'transaction_mode' => 'IMMEDIATE',
        ],
        'pgsql' => [
            'driver' => 'pgsql',
            'url' => env('DB_URL'),
            'host' => env('DB_HOST', '127.0.0.1'),
            'port' => env('DB_PORT', '5432'),
            'database' => env('DB_NAME', 'lento'),
            'username' => env('DB_USERNAME', 'lento'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8',
            'prefix' => '',
            'search_path' => 'public',
            'sslmode' => env('DB_SSLMODE', 'prefer'),
            // A connection is dear to make, and asking, binding and letting go of a query are three ways there and back: one each will do.
            'options' => !extension_loaded('pdo_pgsql') ? [] : [
                PDO::ATTR_PERSISTENT => (bool) env('DB_PERSISTENT', false),
                PDO::PGSQL_ATTR_DISABLE_PREPARES => true,
            ],
        ],
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
    'redis' => [
        'client' => 'phpredis',
        'default' => [
            'url' => env('REDIS_URL'),
            'host' => env('REDIS_HOST', '127.0.0.1'),
            'port' => env('REDIS_PORT', '6379'),
            'database' => '0',
        ],
        'cache' => [
            'url' => env('REDIS_URL'),
            'host' => env('REDIS_HOST', '127.0.0.1'),
            'port' => env('REDIS_PORT', '6379'),
            'database' => '1',
        ],
    ],
];
