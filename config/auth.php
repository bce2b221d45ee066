<?php

declare(strict_types=1);

use App\Models\Account;

return [
    'defaults' => ['guard' => 'web', 'passwords' => 'accounts'],
    'guards' => ['web' => ['driver' => 'session', 'provider' => 'accounts']],
    'providers' => ['accounts' => ['driver' => 'eloquent', 'model' => Account::class]],
    'passwords' => [],
];
