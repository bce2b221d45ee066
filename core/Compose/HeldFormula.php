<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Density;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/**
 * A formula that a cook holds: fat to flour to liquid. How thick it comes out follows from it, and is not asked for.
 *
 * The liquid is all that meets the roux, measured cold.
 */
final readonly class HeldFormula
{
    /** g of flour per litre of liquid: from a broth to a stiff panada. */
    public const LEAST_FLOUR = 5.0;

    public const MOST_FLOUR = 600.0;

    /**
     * @param float $fatToFlour by mass, 0.5 to 3
     * @param float $flourPerLitre g per litre of the liquid, 5 to 600
     *
     * @throws OutOfRange
     */
    private function __construct(public float $fatToFlour, public float $flourPerLitre)
    {
        OutOfRange::refuse('fat-to-flour', $fatToFlour, Question::LEAST_RATIO, Question::MOST_RATIO, 'to 1');
        OutOfRange::refuse('flour-per-litre-of-liquid', $flourPerLitre, self::LEAST_FLOUR, self::MOST_FLOUR, 'g/l');
    }

    /**
     * "50 butter, 50 flour, half a litre"
     *
     * @throws OutOfRange if they make no sauce
     */
    public static function amounts(Mass $fat, Mass $flour, Volume $liquid): self
    {
        return new self(
            $fat->inGrams() / max(1e-9, $flour->inGrams()),
            $flour->inGrams() / max(1e-9, $liquid->inLitres()),
        );
    }

    /**
     * "1 : 1 : 10" on the scale
     *
     * @throws OutOfRange if they make no sauce
     */
    public static function byWeight(float $fat, float $flour, float $liquid, Density $liquidDensity): self
    {
        return self::amounts(Mass::ofGrams($fat), Mass::ofGrams($flour), $liquidDensity->volumeOf(Mass::ofGrams($liquid)));
    }

    /**
     * "1 : 1 : 10" in cups
     *
     * @param Density $flourDensity as it is measured: spooned, scooped, sifted
     *
     * @throws OutOfRange if they make no sauce
     */
    public static function byVolume(float $fat, float $flour, float $liquid, Density $fatDensity, Density $flourDensity): self
    {
        return self::amounts(
            $fatDensity->massOf(Volume::ofMillilitres($fat)),
            $flourDensity->massOf(Volume::ofMillilitres($flour)),
            Volume::ofMillilitres($liquid),
        );
    }

    /**
     * "One of roux to five of liquid", by weight: a roux weighs the same by whatever it is measured.
     *
     * @throws OutOfRange if they make no sauce
     */
    public static function roux(float $roux, float $liquid, float $fatToFlour, Density $liquidDensity): self
    {
        $flour = $roux / (1.0 + $fatToFlour);

        return self::byWeight($fatToFlour * $flour, $flour, $liquid, $liquidDensity);
    }
}
