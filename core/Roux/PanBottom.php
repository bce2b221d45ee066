<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Heat\HeatCapacity;
use Lento\Heat\Metal;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;

/** A pan as a roux feels it: how wide it stands on the heat, how heavy it is, of what metal, and what lies in it beside the roux. */
final readonly class PanBottom
{
    /** g of water in a gram of softened vegetables. Source: docs/model.md, B. */
    public const WATER_BESIDE = 0.85;

    private Mass $beside;

    /** @param Mass|null $beside vegetables that were softened in the fat; none if null */
    public function __construct(public Length $diameter, public Mass $pan, public Metal $metal = Metal::Steel, ?Mass $beside = null)
    {
        $this->beside = $beside ?? Mass::ofGrams(0.0);
    }

    /** @return float J/K of the pan and what lies in it */
    public function capacity(): float
    {
        return $this->pan->inGrams() * $this->metal->capacity() + HeatCapacity::VEGETABLES * $this->beside->inGrams();
    }

    /** @return float g of water that holds the roux back */
    public function waterBeside(): float
    {
        return self::WATER_BESIDE * $this->beside->inGrams();
    }
}
