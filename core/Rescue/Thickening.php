<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\NotReachable;
use Lento\Larder\Larder;
use Lento\Larder\Thickener;
use Lento\Numerics\Root;
use Lento\Pot\Simmer;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Thickness\Doneness;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

/** Too thin: how much roux, beurre manié or slurry, and how long until its raw taste is gone. Source: docs/model.md, F. */
final readonly class Thickening
{
    /** What three to four minutes at the boil swell. */
    public const SWOLLEN = 0.98;

    /** min at the boil that take. Source: docs/model.md, F. */
    public const SWELLS_MINUTES = 4.0;


    /** Share of the sauce's mass: more thickener than that is a dough. */
    private const MOST = 0.5;

    private function __construct(
        public Means $means,
        public Mass $thickener,
        public Mass $butter,
        public Mass $water,
        public Duration $time,
        public Sauce $sauce,
    ) {}

    /** @throws NotReachable if half its mass of thickener is not enough */
    public static function to(EquivalentFlour $target, Sauce $sauce, Means $means, Thickener $kind, Simmer $simmer, Larder $larder): self
    {
        $goal = Consistency::of($target);
        $with = static fn(float $grams): Sauce => self::thickened($sauce, $grams, $means, $kind, $larder);
        $thickEnough = static fn(float $grams): float => Consistency::ofSauce($with($grams)) - $goal;
        $most = self::MOST * $sauce->grams();
        $grams = $thickEnough(0.0) >= 0.0 ? 0.0 : Root::across($most)->of($thickEnough, 0.0, $most, 'thickness-by-thickening');
        $thick = $with($grams);

        return new self(
            $means,
            Mass::ofGrams($grams),
            Mass::ofGrams($grams * $means->butter()),
            Mass::ofGrams($grams * $means->water()),
            self::cookOut($thick, $simmer),
            $thick,
        );
    }

    /** The sauce once so much has been stirred in and has boiled for its three to four minutes. */
    public static function by(Mass $thickener, Sauce $sauce, Means $means, Thickener $kind, Larder $larder): Sauce
    {
        return self::thickened($sauce, $thickener->inGrams(), $means, $kind, $larder);
    }

    /** How long until nobody tastes the raw flour. */
    public static function cookOut(Sauce $sauce, Simmer $simmer): Duration
    {
        return $sauce->starch->tastesRaw() > Doneness::COOKED_OUT
            ? $simmer->minutesUntilCookedOut($sauce, Doneness::COOKED_OUT)
            : Duration::ofSeconds(0.0);
    }

    private static function thickened(Sauce $sauce, float $grams, Means $means, Thickener $kind, Larder $larder): Sauce
    {
        return $sauce->boiledThrough(self::SWOLLEN)
            ->withThickener($kind, Mass::ofGrams($grams), rawTaste: $means->rawTaste(), gelatinised: self::SWOLLEN)
            ->withFat($larder->fat('butter'), Mass::ofGrams($grams * $means->butter()))
            ->with($larder->ingredient('water'), Mass::ofGrams($grams * $means->water()));
    }
}
