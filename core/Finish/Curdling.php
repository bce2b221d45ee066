<?php

declare(strict_types=1);

namespace Lento\Finish;

use Lento\Numerics\Curve;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/** Whether milk in a sour, hot sauce breaks. Casein falls near pH 4.6 to 5.2; fat and starch help. A ranking. Source: docs/model.md, G. */
final readonly class Curdling
{
    /**
     * @param float $creamFatPercent % fat of the cream that was added, 0 for milk
     *
     * @return float 0 safe to 1 certain
     */
    public static function risk(Sauce $sauce, Temperature $temperature, float $creamFatPercent = 0.0): float
    {
        if ($sauce->milkSolidsGrams <= 0.0) {
            return 0.0;
        }
        $starch = Curve::clamp($sauce->suspension()->thickening / 40.0, 0.0, 1.0);

        return Curve::sigmoid((5.25 - $sauce->pH()) / 0.12)
            * Curve::sigmoid(($temperature->inCelsius() - 60.0) / 8.0)
            * (1.0 - 0.85 * Curve::clamp(($creamFatPercent - 10.0) / 25.0, 0.0, 1.0))
            * (1.0 - 0.4 * $starch);
    }
}
