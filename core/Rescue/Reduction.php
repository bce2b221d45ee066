<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\NotReachable;
use Lento\Numerics\Root;
use Lento\Pot\Simmer;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

/** Too thin, with volume and time to spare: down to which volume, how long at this simmer. Source: docs/model.md, F. */
final readonly class Reduction
{
    /** Share of the water that can be boiled off before it is no sauce any more. */
    private const MOST = 0.9;

    /** @param Sauce $sauce with just the water gone; what the simmer does to starch on the way is in the minutes' own forecast */
    private function __construct(public Volume $volume, public Duration $time, public Sauce $sauce) {}

    /**
     * @throws NotReachable if boiling off nine tenths of the water leaves it thinner, or this simmer never gets there
     */
    public static function to(EquivalentFlour $target, Sauce $sauce, Simmer $simmer): self
    {
        $goal = Consistency::of($target);
        $without = static fn(float $grams): Sauce => $sauce->withoutWater(Mass::ofGrams($grams));
        $thickEnough = static fn(float $grams): float => Consistency::ofSauce($without($grams)) - $goal;
        if ($thickEnough(0.0) >= 0.0) {
            return new self($sauce->volume(), Duration::ofSeconds(0.0), $sauce);
        }
        $most = self::MOST * $sauce->waterGrams;
        $reduced = $without((new Root(1e-10 * max(1.0, $most)))->of($thickEnough, 0.0, $most, 'this thickness by reducing'));

        return new self($reduced->volume(), $simmer->timeDownTo($sauce, $reduced->volume()), $reduced);
    }
}
