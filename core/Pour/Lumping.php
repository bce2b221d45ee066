<?php

declare(strict_types=1);

namespace Lento\Pour;

use Lento\Exception\OutOfRange;
use Lento\Numerics\Curve;

/**
 * How likely starch swells shut around dry flour, pour by pour: it ranks ways of working, it is no probability.
 *
 * Two half-spaces that touch take the contact temperature at once (physics; effusivities recalled); lumps need it, or the mixture, hot
 * enough to swell starch. Source: docs/model.md, C.
 */
final readonly class Lumping
{
    /** W s^0.5/(m2 K): thermal effusivity of roux, and of a watery liquid. */
    private const ROUX_EFFUSIVITY = 630.0;

    private const LIQUID_EFFUSIVITY = 1600.0;

    /** °C around which starch swells within a stir, and K over which that turns. */
    private const SWELLS_AT = 68.0;

    private const SWELLS_WITHIN = 5.0;

    /** What is left of the risk below that: flour can be wetted badly even cold. */
    private const COLD_REST = 0.05;

    /** Square of the pour-to-pan ratio at which half of its risk is reached. */
    private const BIG_POUR = 2.25;

    /** Parts of liquid to one of roux by which half of the danger is over. */
    private const LOOSENED = 1.5;

    /** A roux drier than this fat-to-flour ratio lumps up to three times as easily. */
    private const DRY = 0.75;

    private const DRY_WITHIN = 0.08;

    private const DRY_FACTOR = 2.0;

    /** g at which half a piece's own risk is reached; roux above this °C is soft and smears. */
    private const BIG_PIECE = 60.0;

    private const SOFT_AT = 60.0;

    private const SOFT_WITHIN = 8.0;

    /** @throws OutOfRange for what cannot be */
    public function __construct(private Tool $tool, private float $fatToFlour)
    {
        OutOfRange::refuse('fat-to-flour', $fatToFlour, 0.0, 100.0, 'to 1');
    }

    /** @return float °C at the face where roux and liquid meet */
    public static function contactCelsius(float $roux, float $liquid): float
    {
        return (self::ROUX_EFFUSIVITY * $roux + self::LIQUID_EFFUSIVITY * $liquid) / (self::ROUX_EFFUSIVITY + self::LIQUID_EFFUSIVITY);
    }

    /**
     * @internal of one pour onto the roux
     *
     * @param float $ratio of the pour to what is in the pan
     * @param float $met parts of liquid to one of roux already in
     */
    public function ofPour(float $panCelsius, float $liquidCelsius, float $mixedCelsius, float $ratio, float $met): float
    {
        $hot = max(self::contactCelsius($panCelsius, $liquidCelsius), $mixedCelsius);
        $swells = self::COLD_REST + (1.0 - self::COLD_REST) * self::swelling($hot);
        $dry = 1.0 + self::DRY_FACTOR * Curve::sigmoid((self::DRY - $this->fatToFlour) / self::DRY_WITHIN);

        return Curve::clamp(
            (($swells * $ratio ** 2) / ($ratio ** 2 + self::BIG_POUR) / (1.0 + ($met / self::LOOSENED) ** 2))
                * $dry
                * (1.0 - $this->tool->breaks()),
            0.0,
            1.0,
        );
    }

    /**
     * @internal of one piece of roux into hot liquid
     *
     * @param int<1, max> $pieces in all
     */
    public function ofPiece(float $rouxCelsius, float $liquidCelsius, float $grams, int $pieces): float
    {
        $soft = 1.0 + self::DRY_FACTOR * Curve::sigmoid(($rouxCelsius - self::SOFT_AT) / self::SOFT_WITHIN);
        $risk = ((self::swelling(self::contactCelsius($rouxCelsius, $liquidCelsius)) * $grams) / ($grams + self::BIG_PIECE))
        * (1.0 - $this->tool->breaks())
        * $soft;

        return Curve::clamp($risk, 0.0, 1.0) / sqrt($pieces);
    }

    private static function swelling(float $celsius): float
    {
        return Curve::sigmoid(($celsius - self::SWELLS_AT) / self::SWELLS_WITHIN);
    }
}
