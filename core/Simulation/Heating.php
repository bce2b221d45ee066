<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Temperature;
use Lento\Roux\OffHeat;
use Lento\Roux\OvenRoux;

/** Where a pan stands: on a hob at a level, held at a simmer by the cook, in the oven, or off the heat. */
final readonly class Heating
{
    private function __construct(
        public ?HobHeat $hob = null,
        public ?SimmerLevel $simmer = null,
        public ?float $ovenCelsius = null,
        public OffHeat $off = OffHeat::Bench,
    ) {}

    public static function off(OffHeat $where = OffHeat::Bench): self
    {
        return new self(off: $where);
    }

    public static function hob(HobHeat $level): self
    {
        return new self(hob: $level);
    }

    /** Brought up on a brisk flame and then kept there by the cook. */
    public static function simmer(SimmerLevel $level): self
    {
        return new self(simmer: $level);
    }

    /** @throws OutOfRange unless the oven is between 80 and 280 °C */
    public static function oven(Temperature $air): self
    {
        $celsius = $air->inCelsius();
        if ($celsius < OvenRoux::LEAST_AIR - 1e-9 || $celsius > OvenRoux::MOST_AIR + 1e-9) {
            throw OutOfRange::between('oven', $celsius, OvenRoux::LEAST_AIR, OvenRoux::MOST_AIR, '°C');
        }

        return new self(ovenCelsius: $celsius);
    }

    /** @return float W/cm2 that the hob may give; a cook brings a pot to its simmer on medium-high */
    public function flux(): float
    {
        return $this->hob?->flux() ?? ($this->simmer === null ? 0.0 : HobHeat::MediumHigh->flux());
    }
}
