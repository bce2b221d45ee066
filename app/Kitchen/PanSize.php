<?php

declare(strict_types=1);

namespace App\Kitchen;

/** What a ruler says inside a pan, in mm. */
final readonly class PanSize
{
    /** @param int|null $long of a tin; null for a round pan */
    public function __construct(public int $wide, public int $high, public ?int $long = null) {}
}
