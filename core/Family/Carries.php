<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Larder\Allergen;
use Lento\Quantity\Temperature;

/** What a sauce hands on to all that is made of it: its allergens, what its labels may hold, a limit that it may not pass. */
final readonly class Carries
{
    /**
     * @param list<Allergen> $allergens that it certainly holds
     * @param list<Allergen> $readLabel that it may hold, by a label
     */
    public function __construct(public array $allergens, public array $readLabel = [], public ?Temperature $keepBelow = null) {}
}
