<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\OutOfRange;

/** Heat per time: what is written on a hob, or what reaches the pot. */
final readonly class Power
{
    /**
     * @param float $watts W, finite, >= 0
     *
     * @throws OutOfRange if it is negative or not finite
     */
    private function __construct(public float $watts)
    {
        if (!is_finite($watts)) {
            throw OutOfRange::notFinite('power');
        }
        if ($watts < 0.0) {
            throw OutOfRange::below('power', $watts, 0.0, 'W');
        }
    }

    public static function ofWatts(float $watts): self
    {
        return new self($watts);
    }

    public static function ofKilowatts(float $kilowatts): self
    {
        return new self($kilowatts * 1000.0);
    }

    public function inWatts(): float
    {
        return $this->watts;
    }
}
