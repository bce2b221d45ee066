<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\Missing;
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

    /** @throws Missing if a pan is to be filled and none is named */
    public static function yield(Given $given, EquivalentFlour $thickness, Colour $colour, float $fatToFlour, School $school, ?Pan $pan): Volume
    {
        $flourPerLitre = $thickness->gramsPerLitre / $colour->shade()->strength();
        $grams = $given->mass?->inGrams() ?? 0.0;

        return match ($given->kind) {
            GivenKind::Yield, GivenKind::Portions => $given->volume ?? throw Missing::from('the question', 'yield'),
            GivenKind::Liquid => Volume::ofLitres(self::LEFT * ($given->volume?->inLitres() ?? 0.0)),
            GivenKind::Fat => Volume::ofLitres($grams / $fatToFlour / $flourPerLitre),
            GivenKind::ReadyRoux => Volume::ofLitres($grams / (1.0 + $fatToFlour) / $flourPerLitre),
            GivenKind::Pan => Volume::ofLitres(self::LEFT * Warnings::fullAt($school) * ($pan ?? throw Missing::from('the question', 'pan'))->brim()->inLitres()),
        };
    }
}
