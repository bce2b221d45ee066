<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;

/** How thick, as a number that is nearly straight in flour and in water: what every correction is solved on. */
final readonly class Consistency
{
    public static function of(EquivalentFlour $target): float
    {
        return EquivalentFlour::straightened($target->viscosity()->pascalSeconds);
    }

    public static function ofSauce(Sauce $sauce): float
    {
        return EquivalentFlour::straightened(Flow::at($sauce, EquivalentFlour::CELSIUS)->pascalSeconds(EquivalentFlour::SHEAR));
    }
}
