<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;

/** How far a recipe says to reduce: to a volume, or to a share of what came to the boil. */
final readonly class ReduceTo
{
    private const LEAST_SHARE = 0.1;

    private function __construct(private ?Volume $volume, private float $share) {}

    public static function volume(Volume $volume): self
    {
        return new self($volume, 1.0);
    }

    /**
     * @param float $left 0.1 to below 1
     *
     * @throws OutOfRange
     */
    public static function share(float $left): self
    {
        if (!is_finite($left) || $left < self::LEAST_SHARE || $left >= 1.0) {
            throw OutOfRange::between('what-a-reduction-leaves', 100.0 * $left, 100.0 * self::LEAST_SHARE, 99.0, '%');
        }

        return new self(null, $left);
    }

    /** @param Volume $atTheBoil of the pot when it first boiled */
    public function target(Volume $atTheBoil): Volume
    {
        return $this->volume ?? Volume::ofCubicMetres($this->share * $atTheBoil->cubicMetres);
    }
}
