<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;

// One line of JSON for each thing that went wrong, so that nothing typed can forge another; a fortnight is kept, for its owner alone.
return [
    'default' => env('LOG_CHANNEL', 'daily'),
    'channels' => [
        'daily' => [
            'driver' => 'daily',
            'path' => storage_path('logs/lento.log'),
            'level' => env('LOG_LEVEL', 'warning'),
            'days' => 14,
            'permission' => 0o600,
            'formatter' => JsonFormatter::class,
        ],
    ],
];
