<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Numerics\Root;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;

/**
 * The funnel test: 100 ml through a straight nozzle 30 mm long, head falling from 90 to 30 mm.
 *
 * Pipe flow of a Herschel–Bulkley liquid with entrance and jet losses, in twenty slices. A 6 mm nozzle tells thickness apart from 35 to
 * 60 g of flour a litre, a 10 mm one from 48 to 75; both amplify errors of temperature. Source: docs/model.md, D.
 */
final readonly class FunnelTest
{
    private const VOLUME = 100e-6;

    private const NOZZLE = 0.030;

    private const HEAD_FROM = 0.090;

    private const HEAD_TO = 0.030;

    private const SLICES = 20;

    /** Wall stress that the yield takes in a pipe, over the yield itself. */
    private const YIELD_IN_PIPE = 1.33;

    private const JET = 1.1;

    /** m/s: nothing pours faster here. */
    private const FASTEST = 2.0;

    public function __construct(private Length $bore) {}

    public static function wide(): self
    {
        return new self(Length::ofMillimetres(10.0));
    }

    public static function narrow(): self
    {
        return new self(Length::ofMillimetres(6.0));
    }

    /** @return Duration|null null where the sauce stands in the funnel */
    public function time(Flow $flow): ?Duration
    {
        $area = M_PI * $this->bore->metres ** 2 / 4.0;
        $seconds = 0.0;
        for ($slice = 0; $slice < self::SLICES; $slice++) {
            $head = self::HEAD_FROM + (self::HEAD_TO - self::HEAD_FROM) * ($slice + 0.5) / self::SLICES + self::NOZZLE;
            $speed = $this->speed($flow, Flow::DENSITY * Flow::GRAVITY * $head);
            if ($speed === null) {
                return null;
            }
            $seconds += self::VOLUME / self::SLICES / ($area * $speed);
        }

        return Duration::ofSeconds($seconds);
    }

    /** @return float|null m/s in the nozzle under a pressure in Pa; null where the yield stress holds it */
    private function speed(Flow $flow, float $pressure): ?float
    {
        $bore = $this->bore->metres;
        $wall = 4.0 * (self::NOZZLE + 2.0 * $bore) / $bore;
        if ($wall * $flow->yield * self::YIELD_IN_PIPE >= $pressure) {
            return null;
        }
        $n = $flow->index;
        $missing = static fn(float $v): float => $wall
            * (self::YIELD_IN_PIPE * $flow->yield
                + $flow->consistency * ((((3.0 * $n + 1.0) / (4.0 * $n)) * 8.0 * $v) / $bore) ** $n
                + ($flow->solvent * 8.0 * $v) / $bore)
            + self::JET * Flow::DENSITY * $v ** 2
            - $pressure;

        return $missing(1e-9) >= 0.0 ? 1e-9 : (new Root(1e-13))->of($missing, 1e-9, self::FASTEST, 'speed-in-the-funnel');
    }
}
