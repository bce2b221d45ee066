<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Exception\OutOfRange;
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
     *
     * @throws OutOfRange
     */
    public function __construct(
        public SimmerLevel $level,
        public Duration $time,
        public float $stirred,
        public LateThickening $late = LateThickening::Reduce,
        public SkinGuard $skin = SkinGuard::Cartouche,
        public Risk $lumps = Risk::Low,
    ) {
        if ($time->seconds > Pace::LONGEST) {
            throw OutOfRange::between('time-of-a-step', $time->seconds, 0.0, Pace::LONGEST, 's');
        }
        if (!is_finite($stirred) || $stirred < 0.0 || $stirred > 1.0) {
            throw OutOfRange::between('share-that-is-stirred', $stirred, 0.0, 1.0, '');
        }
    }
}
