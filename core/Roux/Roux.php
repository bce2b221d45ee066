<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Exception\OutOfRange;
use Lento\Larder\Fat;
use Lento\Larder\Thickener;
use Lento\Quantity\Mass;

/** Flour and fat, weighed and named, before they meet the heat. */
final readonly class Roux
{
    private function __construct(public Thickener $flourKind, public Mass $flour, public Fat $fatKind, public Mass $fat) {}

    public static function of(Thickener $flourKind, Mass $flour, Fat $fatKind, Mass $fat): self
    {
        return new self($flourKind, $flour, $fatKind, $fat);
    }

    /**
     * @param float $fatToFlour by mass, 0 to 4
     *
     * @throws OutOfRange
     */
    public static function withRatio(Thickener $flourKind, Mass $flour, Fat $fatKind, float $fatToFlour): self
    {
        if (!is_finite($fatToFlour) || $fatToFlour < 0.0 || $fatToFlour > 4.0) {
            throw OutOfRange::between('fat to flour', $fatToFlour, 0.0, 4.0, '');
        }

        return new self($flourKind, $flour, $fatKind, Mass::ofKilograms($flour->kilograms * $fatToFlour));
    }

    /** @return float by mass; 0 where there is no flour */
    public function fatToFlour(): float
    {
        return $this->flour->kilograms > 0.0 ? $this->fat->kilograms / $this->flour->kilograms : 0.0;
    }

    public function mass(): Mass
    {
        return Mass::ofKilograms($this->flour->kilograms + $this->fat->kilograms);
    }
}
