<?php

declare(strict_types=1);

namespace App\Doors;

/** Who a kitchen belongs to, and how they sign in. */
final readonly class Owner
{
    public function __construct(public string $name, public string $login, #[\SensitiveParameter] public string $password) {}
}
