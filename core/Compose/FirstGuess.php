<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\Missing;
use Lento\Numerics\Curve;
use Lento\Pot\Pan;
use Lento\Quantity\Volume;

/** Litres that roughly go with what is given: good to a third, for the Composer to start from and a pan to be picked by. */
final readonly class FirstGuess
{
    /** Share of the liquid, or of a full pan, that comes out as sauce after a usual simmer. */
    private const LEFT = 0.9;

    private function __construct(private float $flourPerLitre, private float $fatToFlour) {}

    /**
     * @param float $flourPerLitre g
     * @param float $fatToFlour by mass
     */
    public static function of(float $flourPerLitre, float $fatToFlour): self
    {
        return new self($flourPerLitre, $fatToFlour);
    }

    /**
     * @param float $fullAt share of the brim at which a pan counts as full
     * @param float $left of one litre of the liquid that is given, in litres, beside what a usual simmer takes
     *
     * @throws Missing if a pan is to be filled and none is named
     */
    public function yield(Given $given, ?Pan $pan, float $fullAt, float $left = 1.0): Volume
    {
        $grams = $given->mass?->inGrams() ?? 0.0;

        return match ($given->kind) {
            GivenKind::Yield, GivenKind::Portions => $given->volume ?? throw Missing::from('question', 'yield'),
            GivenKind::Liquid => self::sensible(self::LEFT * $left * ($given->volume?->inLitres() ?? 0.0)),
            GivenKind::Fat => self::sensible($grams / $this->fatToFlour / $this->flourPerLitre),
            GivenKind::ReadyRoux => self::sensible($grams / (1.0 + $this->fatToFlour) / $this->flourPerLitre),
            GivenKind::Pan => self::sensible(self::LEFT * $fullAt * ($pan ?? throw Missing::from('question', 'pan'))->brim()->inLitres()),
        };
    }

    /** A guess outside the limits is no reason to refuse: what comes of it may lie inside. */
    private static function sensible(float $litres): Volume
    {
        return Volume::ofLitres(Curve::clamp($litres, Question::LEAST_LITRES, Question::MOST_LITRES));
    }
}
