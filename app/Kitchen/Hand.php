<?php

declare(strict_types=1);

namespace App\Kitchen;

/** One cook as a score reckons with them: when they are there, and whether a liaison may be theirs. */
final readonly class Hand
{
    /** @param string $from "16:00"; '' where they are there from the first, as $until is where they stay */
    public function __construct(public string $name, public string $from = '', public string $until = '', public bool $liaison = true) {}
}
