<?php

declare(strict_types=1);

namespace Lento\Pot;

use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/**
 * Steam off a surface that does not boil: holding, warming, cooling; and the skin it leaves.
 *
 * Stefan flow through still air, its one constant set so that 96 °C steams like a bare simmer. Source: docs/model.md, E and H.
 */
final readonly class QuietSurface
{
    private const FLUX = 0.005;

    /** kPa; vapour pressure is capped so that the logarithm stays tame at the boil. */
    private const ATMOSPHERE = 101.3;

    private const MOST_VAPOUR = 88.0;

    /** g/cm2 dried off that make a skin. */
    private const SKIN = 0.012;

    /** @return float g/min and cm2 */
    public static function flux(float $celsius, Lid $lid = Lid::Open): float
    {
        return self::FLUX
            * log(self::ATMOSPHERE / (self::ATMOSPHERE - min(self::vapourPressure($celsius), self::MOST_VAPOUR)))
            * $lid->share();
    }

    /** @return Duration|null until a skin has formed; null where it never does */
    public static function skin(Temperature $temperature, Lid $lid = Lid::Open): ?Duration
    {
        $flux = self::flux($temperature->inCelsius(), $lid);

        return $flux < 1e-6 ? null : Duration::ofMinutes(self::SKIN / $flux);
    }

    /** @return float kPa; Antoine's equation for water, 1 to 100 °C */
    private static function vapourPressure(float $celsius): float
    {
        return 0.133322 * 10.0 ** (8.07131 - 1730.63 / (233.426 + $celsius));
    }
}
