<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\Missing;
use Lento\Numerics\Curve;
use Lento\Pot\Pan;
use Lento\Pour\School;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;

/** Litres that roughly go with what is given: good to a third, for the Composer to start from and a pan to be picked by. */
final readonly class FirstGuess
{
    /** Share of the liquid, or of a full pan, that comes out as sauce after a usual simmer. */
    private const LEFT = 0.9;

    /**
     * @param float $left of one litre of the liquid that is given, in litres, beside what a usual simmer takes
     *
     * @throws Missing if a pan is to be filled and none is named
     */
    public static function yield(
        Given $given,
        EquivalentFlour $thickness,
        Colour $colour,
        float $fatToFlour,
        School $school,
        ?Pan $pan,
        float $left = 1.0,
    ): Volume {
        $flourPerLitre = $thickness->gramsPerLitre / $colour->shade()->strength();
        $grams = $given->mass?->inGrams() ?? 0.0;

        return match ($given->kind) {
            GivenKind::Yield, GivenKind::Portions => $given->volume ?? throw Missing::from('question', 'yield'),
            GivenKind::Liquid => self::sensible(self::LEFT * $left * ($given->volume?->inLitres() ?? 0.0)),
            GivenKind::Fat => self::sensible($grams / $fatToFlour / $flourPerLitre),
            GivenKind::ReadyRoux => self::sensible($grams / (1.0 + $fatToFlour) / $flourPerLitre),
            GivenKind::Pan => self::sensible(
                self::LEFT * Warnings::fullAt($school) * ($pan ?? throw Missing::from('question', 'pan'))->brim()->inLitres(),
            ),
        };
    }

    /** A guess outside the limits is no reason to refuse: what comes of it may lie inside. */
    private static function sensible(float $litres): Volume
    {
        return Volume::ofLitres(Curve::clamp($litres, Question::LEAST_LITRES, Question::MOST_LITRES));
    }
}
