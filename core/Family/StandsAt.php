<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Quantity\Length;
use Lento\Quantity\Volume;

/** How much is in a pan, and where the dip-stick reads then. */
final readonly class StandsAt
{
    /**
     * @param Volume $volume of what is in the pan when it is done
     * @param Length $depth where the dip-stick reads then
     */
    public function __construct(
        public Volume $volume,
        public Length $depth,
    ) {}
}
