<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** An amount as it was understood from a line. */
final readonly class Understood
{
    public function __construct(
        public Mass $mass,
        /** as measured cold */
        public Volume $volume,
        public bool $loose,
        /** the same amount said again in the line, where the two differ by more than a rounding */
        public ?Mass $saidAgain = null,
        public ?Measuring $measuring = null,
        /** ounces of a liquid, taken for fluid ounces */
        public bool $fluidOunces = false,
    ) {}
}
