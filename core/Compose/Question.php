<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;

/** What a cook wants: how much of which sauce, how thick, from what, in which pan. What is left out is the base's usual. */
final readonly class Question
{
    public const LEAST_LITRES = 0.1;

    public const MOST_LITRES = 200.0;

    public const LEAST_RATIO = 0.5;

    public const MOST_RATIO = 3.0;

    public const LEAST_MINUTES = 5.0;

    public const MOST_MINUTES = 480.0;

    /** Limits of what a roux sauce can be asked for, g of flour per litre: from thin soup to a paste. */
    public const LEAST_THICKNESS = 15.0;

    public const MOST_THICKNESS = 160.0;

    private function __construct(
        public Base $base,
        public Volume $yield,
        public string $liquid,
        public EquivalentFlour $thickness,
        public Colour $colour,
        public string $fat,
        public float $fatToFlour,
        public Duration $simmerTime,
        public SimmerLevel $simmerLevel,
        public School $school,
        public Pan $pan,
        public Larder $larder,
    ) {}

    /**
     * @param float $fatToFlour by mass, 0.5 to 3
     *
     * @throws OutOfRange if a number lies outside what the model is valid for
     */
    public static function of(
        Base $base,
        Volume $yield,
        ?string $liquid = null,
        ?EquivalentFlour $thickness = null,
        ?Colour $colour = null,
        ?string $fat = null,
        float $fatToFlour = 1.0,
        ?Duration $simmerTime = null,
        ?SimmerLevel $simmerLevel = null,
        School $school = School::ColdOnHot,
        ?Pan $pan = null,
    ): self {
        $liquid ??= $base->liquids()[0];
        $thickness ??= $base->thickness()->target();
        $simmerTime ??= $base->simmerTime($liquid);
        self::refuseOutside('the yield', $yield->inLitres(), self::LEAST_LITRES, self::MOST_LITRES, 'l');
        self::refuseOutside('the thickness', $thickness->gramsPerLitre, self::LEAST_THICKNESS, self::MOST_THICKNESS, 'g flour per litre');
        self::refuseOutside('fat to flour', $fatToFlour, self::LEAST_RATIO, self::MOST_RATIO, 'to 1');
        self::refuseOutside('the simmer', $simmerTime->inMinutes(), self::LEAST_MINUTES, self::MOST_MINUTES, 'min');

        return new self(
            $base,
            $yield,
            $liquid,
            $thickness,
            $colour ?? $base->colour(),
            $fat ?? $base->fat(),
            $fatToFlour,
            $simmerTime,
            $simmerLevel ?? $base->simmerLevel(),
            $school,
            $pan ?? Pan::suiting(Volume::ofLitres($yield->inLitres() * 1.15)),
            Larder::house(),
        );
    }

    private static function refuseOutside(string $what, float $value, float $least, float $most, string $unit): void
    {
        if (!is_finite($value) || $value < $least - 1e-9 || $value > $most + 1e-9) {
            throw OutOfRange::between($what, $value, $least, $most, $unit);
        }
    }
}
