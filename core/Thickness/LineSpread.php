<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Quantity\Length;

/**
 * The line-spread test: 50 ml let go from a 50 mm ring on a level plate, radius read after 30 s.
 *
 * Spreading of a viscous pool (Huppert 1982) until the yield stress stops it (Roussel & Coussot 2005). The better stove test: 1 mm is
 * 0.4 to 4.6 g of flour a litre over the whole range. Past 10 cm the film is too thin for the law. Source: docs/model.md, D.
 */
final readonly class LineSpread
{
    /** m3, s, m. */
    private const VOLUME = 50e-6;

    private const SECONDS = 30.0;

    private const RING = 0.025;

    /** N/m3 of sauce. */
    private const WEIGHT = Flow::DENSITY * Flow::GRAVITY;

    private const DAMPED_STEPS = 40;

    public static function radius(Flow $flow): Length
    {
        $stopped = (225.0 * self::WEIGHT * self::VOLUME ** 2 / (128.0 * M_PI ** 2 * max($flow->yield, 1e-6))) ** 0.2;
        $radius = 0.06;
        for ($i = 0; $i < self::DAMPED_STEPS; $i++) {
            $height = self::VOLUME / (M_PI * $radius ** 2);
            $shear = min(500.0, max(1e-3, 3.0 * ($radius / (8.0 * self::SECONDS)) / $height));
            $viscous = $flow->consistency * $shear ** ($flow->index - 1.0) + $flow->solvent;
            $radius = 0.5 * ($radius + 0.894 * (self::WEIGHT * self::VOLUME ** 3 * self::SECONDS / (3.0 * $viscous)) ** 0.125);
        }
        $radius = ($radius ** -6 + $stopped ** -6) ** (-1.0 / 6.0);

        return Length::ofMetres(($radius ** 4 + self::RING ** 4) ** 0.25);
    }
}
