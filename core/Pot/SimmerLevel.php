<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Heat\HeatCapacity;

/** How hard a pot simmers. Flux ±40 %: it depends on the cook's idea of a simmer. Source: docs/model.md, E. */
enum SimmerLevel: string
{
    case Bare = 'bare';
    case Simmer = 'simmer';
    case Brisk = 'brisk';
    case Boil = 'boil';

    /** @return float g/min and cm2 of open surface, thin liquid */
    public function flux(): float
    {
        return match ($this) {
            self::Bare => 0.010,
            self::Simmer => 0.025,
            self::Brisk => 0.045,
            self::Boil => 0.075,
        };
    }

    /** @return float W/cm2 through the base that so much steam takes */
    public function heatFlux(): float
    {
        return $this->flux() * HeatCapacity::STEAM / 60.0;
    }

    /** @return float °C of the bulk */
    public function celsius(): float
    {
        return match ($this) {
            self::Bare => 93.0,
            self::Simmer => 97.0,
            self::Brisk => 99.0,
            self::Boil => 100.0,
        };
    }
}
