<?php

declare(strict_types=1);

namespace Lento\Eye;

/** What an eye reads at the stove. */
enum EyeKind: string
{
    case Spoon = 'spoon';
    case Shade = 'shade';
    case Depth = 'depth';

    /**
     * How far off a reading is: the logarithm of the thickness for the spoon and of the depth, the shade itself.
     *
     * @param float $called as it was read: g flour per litre, shade 0 to 4, mm
     */
    public function error(float $called, float $actual): float
    {
        return $this === self::Shade ? $called - $actual : log(max(1e-6, $called) / max(1e-6, $actual));
    }

    /** @return float standard deviation of a reading by an eye that nobody knows: the house's. Source: docs/model.md, T13 */
    public function houseScatter(): float
    {
        return match ($this) {
            self::Spoon => 0.12,
            self::Shade => 0.15,
            self::Depth => 0.05,
        };
    }
}
