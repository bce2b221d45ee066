<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Quantity\Volume;

/** What could be made of a base that is there, and what would run out first. */
final readonly class Possible
{
    /**
     * @param Volume $atMost of the base that can go into it
     * @param Derived $made from all of that
     * @param string|null $limitedBy the ingredient that runs out before the base does
     */
    public function __construct(public Derivative $derivative, public Volume $atMost, public Derived $made, public ?string $limitedBy) {}
}
