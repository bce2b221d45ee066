<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\OutOfRange;

/** Mass per volume: the only place where a mass and a volume meet. */
final readonly class Density
{
    /** 1 g/ml in kg/m3, exact. */
    private const GRAM_PER_MILLILITRE = 1000.0;

    /**
     * @param float $kilogramsPerCubicMetre kg/m3, finite, > 0
     *
     * @throws OutOfRange if it is not positive or not finite
     */
    private function __construct(public float $kilogramsPerCubicMetre)
    {
        if (!is_finite($kilogramsPerCubicMetre)) {
            throw OutOfRange::notFinite('density');
        }
        if ($kilogramsPerCubicMetre <= 0.0) {
            throw OutOfRange::below('density', $kilogramsPerCubicMetre, 0.001, 'kg/m3');
        }
    }

    public static function ofGramsPerMillilitre(float $gramsPerMillilitre): self
    {
        return new self($gramsPerMillilitre * self::GRAM_PER_MILLILITRE);
    }

    public function inGramsPerMillilitre(): float
    {
        return $this->kilogramsPerCubicMetre / self::GRAM_PER_MILLILITRE;
    }

    public function massOf(Volume $volume): Mass
    {
        return Mass::ofKilograms($volume->cubicMetres * $this->kilogramsPerCubicMetre);
    }

    public function volumeOf(Mass $mass): Volume
    {
        return Volume::ofCubicMetres($mass->kilograms / $this->kilogramsPerCubicMetre);
    }
}
