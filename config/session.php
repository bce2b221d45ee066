<?php

declare(strict_types=1);

// Whoever has not been heard of for twelve hours signs in again; App\Doors\Session ends it after thirty days whatever happens.
return [
    'driver' => env('SESSION_DRIVER', 'file'),
    'lifetime' => (int) env('LENTO_SESSION_MINUTES', 60 * 12),
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'connection' => null,
    'table' => 'sessions',
    'store' => env('SESSION_STORE'),
    'lottery' => [2, 100],
    // Behind TLS the name itself holds browsers to it: such a cookie is only ever sent back over TLS, to this very name.
    'cookie' => env('LENTO_TLS', false) ? '__Host-lento' : 'lento_session',
    'path' => '/',
    'domain' => null,
    'secure' => (bool) env('LENTO_TLS', false),
    'http_only' => true,
    'same_site' => 'lax',
    'partitioned' => false,
];
