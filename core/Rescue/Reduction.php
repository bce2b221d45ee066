<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Numerics\Root;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

/** Too thin, with volume and time to spare: down to which volume, how long at this simmer. Source: docs/model.md, F. */
final readonly class Reduction
{
    /** Share of the water that can be boiled off before it is no sauce any more. */
    private const MOST = 0.9;

    /** @param Sauce $sauce to a thickness with just its water gone, for that is what was solved; to a volume as the simmer leaves it */
    private function __construct(public Volume $volume, public Duration $time, public Sauce $sauce) {}

    /**
     * Down to a volume: a notch on the dip-stick.
     *
     * @throws NotReachable if this simmer never gets there
     */
    public static function toVolume(Volume $volume, Sauce $sauce, Simmer $simmer): self
    {
        $time = $simmer->timeDownTo($sauce, $volume);
        $reduced = $simmer->for($sauce, $time);

        return new self($reduced->volume(), $time, $reduced);
    }

    /**
     * By a third, by half.
     *
     * @param float $share of the volume to boil off, above 0 and below 1
     *
     * @throws OutOfRange
     * @throws NotReachable if this simmer never gets there
     */
    public static function by(float $share, Sauce $sauce, Simmer $simmer): self
    {
        if (!is_finite($share) || $share <= 0.0 || $share >= 1.0) {
            throw OutOfRange::between('part-to-boil-off', is_finite($share) ? 100.0 * $share : 0.0, 1.0, 99.0, '%');
        }

        return self::toVolume(Volume::ofMillilitres((1.0 - $share) * $sauce->millilitres()), $sauce, $simmer);
    }

    /** Where the dip-stick reads it. */
    public function depthIn(Pan $pan): Length
    {
        return $pan->depth($this->volume);
    }

    /**
     * @throws NotReachable if boiling off nine tenths of the water leaves it thinner, or this simmer never gets there
     */
    public static function to(EquivalentFlour $target, Sauce $sauce, Simmer $simmer): self
    {
        $reduced = self::leftWhen($target, $sauce);

        return $reduced === $sauce
            ? new self($sauce->volume(), Duration::ofSeconds(0.0), $sauce)
            : new self($reduced->volume(), $simmer->timeDownTo($sauce, $reduced->volume()), $reduced);
    }

    /**
     * What is left of a sauce when so much water has gone that it is this thick; itself where it is already.
     *
     * @throws NotReachable if boiling off nine tenths of the water leaves it thinner
     */
    public static function leftWhen(EquivalentFlour $target, Sauce $sauce): Sauce
    {
        $goal = Consistency::of($target);
        $without = static fn(float $grams): Sauce => $sauce->withoutWater(Mass::ofGrams($grams));
        $thickEnough = static fn(float $grams): float => Consistency::ofSauce($without($grams)) - $goal;
        if ($thickEnough(0.0) >= 0.0) {
            return $sauce;
        }
        $most = self::MOST * $sauce->waterGrams;

        return $without(Root::across($most)->of($thickEnough, 0.0, $most, 'thickness-by-reducing'));
    }
}
