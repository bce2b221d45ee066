<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;

/** Where water boils above the sea: a degree less for every 300 m. Source: docs/model.md, conventions. */
final readonly class BoilingPoint
{
    private const METRES_PER_KELVIN = 300.0;

    private const AT_SEA = 100.0;

    private const MOST_METRES = 5500.0;

    /** @throws OutOfRange above 5,500 m, where nobody cooks */
    public static function at(Length $altitude): Temperature
    {
        if ($altitude->metres > self::MOST_METRES) {
            throw OutOfRange::between('altitude', $altitude->metres, 0.0, self::MOST_METRES, 'm');
        }

        return Temperature::ofCelsius(self::AT_SEA - $altitude->metres / self::METRES_PER_KELVIN);
    }
}
