<?php

declare(strict_types=1);

namespace Lento\Finish;

use Lento\Numerics\Curve;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/**
 * How hot a sauce may be for what finishes it, and how much butter it carries. Starch protects: the thicker, the more.
 *
 * Source: docs/model.md, G. 83 to 85 °C for yolks without starch is literature, the protection by starch and all fat capacities are
 * estimates; the advice for yolks stays 75 to 82 °C.
 */
final readonly class Limits
{
    private const YOLK_THICKENS = 70.0;

    /** g flour-equivalent per litre of watery phase at which starch protects as much as it can. */
    private const PROTECTED = 40.0;

    /** @param float $thickening g flour-equivalent per litre of watery phase, >= 0 */
    private function __construct(private float $thickening) {}

    public static function of(Sauce $sauce): self
    {
        return new self($sauce->suspension()->thickening);
    }

    public function yolkThickensFrom(): Temperature
    {
        return Temperature::ofCelsius(self::YOLK_THICKENS);
    }

    public function yolkCurdlesAbove(): Temperature
    {
        return Temperature::ofCelsius(83.0 + 15.0 * Curve::clamp(($this->thickening - 5.0) / 35.0, 0.0, 1.0));
    }

    /** Hotter, the cheese turns to strings and oil. */
    public function hardCheeseAtMost(): Temperature
    {
        return Temperature::ofCelsius(78.0 + 8.0 * $this->protection());
    }

    public function youngCheeseAtMost(): Temperature
    {
        return Temperature::ofCelsius(72.0 + 8.0 * $this->protection());
    }

    public function butterAtMost(): Temperature
    {
        return Temperature::ofCelsius(60.0 + 20.0 * $this->protection());
    }

    /** Butter that a mass of this sauce carries before it shows fat. */
    public function butterCarriedBy(Mass $sauce): Mass
    {
        return Mass::ofGrams($sauce->inKilograms() * (60.0 + 90.0 * $this->protection()));
    }

    private function protection(): float
    {
        return Curve::clamp($this->thickening / self::PROTECTED, 0.0, 1.0);
    }
}
