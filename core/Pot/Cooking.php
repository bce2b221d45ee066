<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Numerics\Curve;

/**
 * What heat does to a sauce besides drying it, as rates at one temperature: starch swells, raw taste goes, acid wears the starch down.
 *
 * Source: docs/model.md, D. The swelling's end point is Starch::gelatinisedAtRest.
 */
final readonly class Cooking
{
    /** 1/min at 95 °C: swelling of starch; raw taste in the wet sauce, above 60 °C only. */
    private const SWELLING_RATE = 1.2;

    private const RAW_RATE = 0.07;

    private const RAW_GOES_ABOVE = 60.0;

    /** J/mol and °C, for both. */
    private const ENERGY = 80e3;

    private const REFERENCE = 95.0;

    /** 1/min at 95 °C and pH 4, and J/mol: what acid takes of the thickening. */
    private const ACID_RATE = 0.03 / 60.0;

    private const ACID_ENERGY = 110e3;

    /**
     * @param float $swelling 1/min, as are the others
     */
    private function __construct(public float $swelling, public float $rawTaste, public float $acid) {}

    /** @internal plain numbers for inner loops */
    public static function at(float $celsius, float $pH): self
    {
        $cooking = Curve::arrhenius(self::ENERGY, $celsius, self::REFERENCE);

        return new self(
            self::SWELLING_RATE * $cooking,
            $celsius > self::RAW_GOES_ABOVE ? self::RAW_RATE * $cooking : 0.0,
            self::ACID_RATE * 10.0 ** Curve::clamp(4.0 - $pH, -4.0, 1.5) * Curve::arrhenius(self::ACID_ENERGY, $celsius, self::REFERENCE),
        );
    }

    /** @return float how far egg yolk sets at a temperature, 0 to 1 */
    public static function yolkSetAt(float $celsius): float
    {
        return Curve::sigmoid(($celsius - 74.0) / 3.0);
    }
}
