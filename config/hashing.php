<?php

declare(strict_types=1);

return [
    'driver' => 'argon2id',
    // 19 MB, two passes: what the OWASP password storage cheat sheet asks at least (2024); three quarters of a tenth of a second here.
    'argon' => ['memory' => (int) env('LENTO_HASH_KB', 19_456), 'threads' => 1, 'time' => 2, 'verify' => true],
    'rehash_on_login' => true,
];
