<?php

declare(strict_types=1);

namespace App\PutAway;

/** One thing in the bin. */
final readonly class Thrown
{
    /**
     * @param string $kind table's name
     * @param string $by who threw it there; empty where nobody signs in
     * @param string $at UTC, as it sorts
     */
    public function __construct(public string $kind, public int $id, public string $name, public string $by, public string $at) {}
}
