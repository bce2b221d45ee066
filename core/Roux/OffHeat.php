<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Heat\PanHeat;

/** Where a pan stands that has left the heat. */
enum OffHeat: string
{
    case Bench = 'bench';
    case WaterBath = 'water-bath';

    /**
     * Bench: losses as on the hob (docs/model.md, B). Water bath: base set into cold water, about 400 W/(m2 K); an estimate, ×/÷ 2.
     *
     * @return float W/K per cm2 of base
     */
    public function lossPerCm2(): float
    {
        return match ($this) {
            self::Bench => PanHeat::LOSS_PER_CM2,
            self::WaterBath => PanHeat::LOSS_PER_CM2 + 400.0 * 1e-4,
        };
    }

    /** @return float °C around it */
    public function celsius(): float
    {
        return match ($this) {
            self::Bench => PanHeat::AMBIENT,
            self::WaterBath => 15.0,
        };
    }
}
