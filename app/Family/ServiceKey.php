<?php

declare(strict_types=1);

namespace App\Family;

/** The key of a sauce in a flow, "aurore@fish-stock" or "bechamel@whole-milk!gratin", taken apart. */
final readonly class ServiceKey
{
    /** @return array{string, string} the sauce, and what its base is made with */
    public static function parts(string $key): array
    {
        [$sauce, $liquid] = array_pad(explode('@', explode('!', $key)[0], 2), 2, '');

        return [$sauce, $liquid];
    }
}
