<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Exception\NotReachable;
use Lento\Larder\Ingredient;
use Lento\Numerics\Root;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;

/** Too thick: how much of which liquid, and the sauce it makes. Source: docs/model.md, F. */
final readonly class Thinning
{
    /** °C of liquid that is poured into a hot pot. */
    public const HOT = 80.0;

    /** Times the sauce's own mass: beyond that it is another sauce. */
    private const MOST = 20.0;

    /** @param Duration|null $time to the boil again; null where this hob never brings it there */
    private function __construct(public Mass $liquid, public ?Duration $time, public Sauce $sauce) {}

    /**
     * Nothing is added to a sauce that is thin enough already. The sauce is taken as boiling.
     *
     * @throws NotReachable if even twenty times its mass leaves it thicker
     */
    public static function to(EquivalentFlour $target, Sauce $sauce, Ingredient $liquid, Temperature $liquidAt, TimeToBoil $hob): self
    {
        $goal = Consistency::of($target);
        $with = static fn(float $grams): Sauce => $sauce->with($liquid, Mass::ofGrams($grams));
        $stillTooThick = static fn(float $grams): float => $goal - Consistency::ofSauce($with($grams));
        if ($stillTooThick(0.0) >= 0.0) {
            return new self(Mass::ofGrams(0.0), Duration::ofSeconds(0.0), $sauce);
        }
        $most = self::MOST * $sauce->grams();
        $grams = Root::across($most)->of($stillTooThick, 0.0, $most, 'thickness-by-thinning');

        $thinned = $with($grams);

        return new self(Mass::ofGrams($grams), BackToBoil::time($sauce, $thinned, $liquidAt, $hob), $thinned);
    }
}
