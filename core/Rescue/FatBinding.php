<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Larder\Larder;
use Lento\Larder\Thickener;
use Lento\Pot\Simmer;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Thickness\Sauce;

/**
 * A fat film that shall stay in the sauce: flour whisked into cold water, then into the sauce. It thickens too. Source: docs/model.md, F.
 */
final readonly class FatBinding
{
    /** g of fat that a gram of white flour binds. */
    private const BOUND_PER_FLOUR = 1.5;

    /** @param Duration $time until the new flour's raw taste is gone */
    private function __construct(public Mass $flour, public Duration $time, public Sauce $sauce) {}

    public static function of(Sauce $sauce, Thickener $flour, Simmer $simmer): self
    {
        $grams = $sauce->freeFat()->inGrams() / self::BOUND_PER_FLOUR;
        if ($grams <= 0.0) {
            return new self(Mass::ofGrams(0.0), Duration::ofSeconds(0.0), $sauce);
        }
        $bound = Thickening::by(Mass::ofGrams($grams), $sauce, Means::Slurry, $flour, Larder::house());

        return new self(Mass::ofGrams($grams), Thickening::cookOut($bound, $simmer), $bound);
    }
}
