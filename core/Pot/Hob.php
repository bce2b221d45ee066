<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Quantity\Power;

/** One ring of a stove, by what is written on it. */
final readonly class Hob
{
    public const LEAST_WATTS = 100.0;

    public const MOST_WATTS = 50_000.0;

    private function __construct(public HobKind $kind, public Power $rated) {}

    /** @throws OutOfRange outside 100 W to 50 kW */
    public static function of(HobKind $kind, Power $rated): self
    {
        if ($rated->watts < self::LEAST_WATTS || $rated->watts > self::MOST_WATTS) {
            throw OutOfRange::between('hob-power', $rated->watts, self::LEAST_WATTS, self::MOST_WATTS, 'W');
        }

        return new self($kind, $rated);
    }

    /** What reaches the pot. */
    public function net(): Power
    {
        return Power::ofWatts($this->rated->watts * $this->kind->efficiency());
    }

    /** The heat asked for, or the most this ring gives into so wide a pan. */
    public function reaches(HobHeat $asked, Pan $pan): HobHeat
    {
        $flux = $this->fluxInto($pan);
        $within = array_filter(HobHeat::cases(), static fn(HobHeat $heat): bool => $heat->flux() <= min($flux, $asked->flux()) + 1e-9);

        return $within === [] ? HobHeat::Low : $within[array_key_last($within)];
    }

    /** @return float W/cm2 into the base of a pan */
    public function fluxInto(Pan $pan): float
    {
        return $this->net()->watts / $pan->areaSquareCentimetres();
    }
}
