<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Quantity\Volume;

/** How much of a sauce there is, and how much of it is served as it is. */
final readonly class HowMuch
{
    /**
     * @param Volume $made nothing where what is on hand is enough
     * @param Volume $onHand of it that is used
     * @param Volume $served of it as it is
     */
    public function __construct(
        public Volume $made,
        public Volume $onHand,
        public Volume $served,
    ) {}
}
