<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Heat\Metal;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;

/** A pan as a roux feels it: how wide it stands on the heat, how heavy it is, and of what metal. */
final readonly class PanBottom
{
    public function __construct(public Length $diameter, public Mass $pan, public Metal $metal = Metal::Steel) {}

    /** @return float J/K */
    public function capacity(): float
    {
        return $this->pan->inGrams() * $this->metal->capacity();
    }
}
