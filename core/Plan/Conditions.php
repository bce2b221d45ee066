<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Pot\SimmerLevel;
use Lento\Procedure\Vessel;
use Lento\Quantity\Temperature;

/** Under what a step is done: in which vessel, on the simmer or off it, within which temperatures. */
final readonly class Conditions
{
    /**
     * @param SimmerLevel|null $simmers how hard the sauce simmers meanwhile; null where it does not
     * @param Temperature|null $at of the oven's air, or of the liquid that goes in
     */
    private function __construct(public Vessel $vessel, public ?SimmerLevel $simmers, public Bounds $bounds, public ?Temperature $at) {}

    public static function in(Vessel $vessel, ?SimmerLevel $simmers = null, ?Bounds $bounds = null, ?Temperature $at = null): self
    {
        return new self($vessel, $simmers, $bounds ?? Bounds::none(), $at);
    }
}
