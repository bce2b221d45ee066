<?php

declare(strict_types=1);

return [
    'default' => 'sqlite',
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
    ],
    'migrations' => ['table' => 'migrations', 'update_date_on_publish' => false],
];
