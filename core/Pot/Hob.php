<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Power;

/** One ring of a stove, by what is written on it. */
final readonly class Hob
{
    private const LEAST_WATTS = 100.0;

    private const MOST_WATTS = 50_000.0;

    private function __construct(public HobKind $kind, public Power $rated) {}

    /** @throws OutOfRange outside 100 W to 50 kW */
    public static function of(HobKind $kind, Power $rated): self
    {
        if ($rated->watts < self::LEAST_WATTS || $rated->watts > self::MOST_WATTS) {
            throw OutOfRange::between('the hob’s power', $rated->watts, self::LEAST_WATTS, self::MOST_WATTS, 'W');
        }

        return new self($kind, $rated);
    }

    /** What reaches the pot. */
    public function net(): Power
    {
        return Power::ofWatts($this->rated->watts * $this->kind->efficiency());
    }

    /** @return float W/cm2 into the base of a pan */
    public function fluxInto(Pan $pan): float
    {
        return $this->net()->watts / $pan->areaSquareCentimetres();
    }
}
