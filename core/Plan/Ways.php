<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Keeping\SkinGuard;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Rescue\LateThickening;
use Lento\Risk\Risk;

/** How this pot is cooked where practitioners disagree: its simmer, how it is stirred, what mends it late, what keeps a skin off. */
final readonly class Ways
{
    /**
     * @param SimmerLevel $level of the main simmer
     * @param Duration $time that it lasts
     * @param float $stirred share of the simmer that is stirred, 0 to 1
     * @param Risk $lumps of how roux and liquid meet
     */
    public function __construct(
        public SimmerLevel $level,
        public Duration $time,
        public float $stirred,
        public LateThickening $late = LateThickening::Reduce,
        public SkinGuard $skin = SkinGuard::Cartouche,
        public Risk $lumps = Risk::Low,
    ) {}
}
