<?php

declare(strict_types=1);

namespace App\Stove;

/** Which pot of which service one is, and how far it is. */
final readonly class PotOfService
{
    /** @param int $step place of the step it is at */
    public function __construct(public int $service, public string $branch, public int $step) {}
}
