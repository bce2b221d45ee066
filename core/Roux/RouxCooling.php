<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Exception\NotReachable;
use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/**
 * A roux off the heat in its own pan: how long until it is mild enough for the first splash, and how much it browns meanwhile.
 *
 * One lump with the losses it has on the hob; the little water left in the paste is left out. Source: docs/model.md, B.
 */
final readonly class RouxCooling
{
    /** Even number of parts for Simpson’s rule: 1e-3 of the dose, where the model knows it to a third. */
    private const PARTS = 4;

    /** @param float $minutes time constant */
    private function __construct(private float $minutes, private float $around) {}

    public static function of(Mass $roux, Mass $pan, Length $panDiameter, OffHeat $where = OffHeat::Bench): self
    {
        return self::inPan($roux, $pan->inGrams() * PanHeat::METAL_CAPACITY, $panDiameter->inCentimetres(), $where);
    }

    /** @internal with the pan as J/K of metal and cm */
    public static function inPan(Mass $roux, float $panHeat, float $diameter, OffHeat $where = OffHeat::Bench): self
    {
        return new self(
            ($roux->inGrams() * HeatCapacity::ROUX + $panHeat) / (($where->lossPerCm2() * M_PI * $diameter ** 2) / 4.0) / 60.0,
            $where->celsius(),
        );
    }

    /** @throws NotReachable if it shall get cooler than its surroundings */
    public function time(Temperature $from, Temperature $to): Duration
    {
        if ($from->kelvin <= $to->kelvin) {
            return Duration::ofSeconds(0.0);
        }
        if ($to->inCelsius() <= $this->around) {
            throw NotReachable::target('roux-cooler-than-what-stands-around-it');
        }

        return Duration::ofMinutes($this->minutes * log(($from->inCelsius() - $this->around) / ($to->inCelsius() - $this->around)));
    }

    /**
     * What it still browns on the way down: a heavy pan keeps a roux hot for minutes. Simpson's rule over the exponential of time().
     *
     * @param float $from °C, as $to
     *
     * @return float min at 160 °C
     */
    public function doseGained(float $from, float $to): float
    {
        if ($from <= $to || $to <= $this->around) {
            return 0.0;
        }
        $step = ($from - $to) / self::PARTS;
        $sum = 0.0;
        for ($i = 0; $i <= self::PARTS; $i++) {
            $weight = $i === 0 || $i === self::PARTS ? 1.0 : ($i % 2 === 1 ? 4.0 : 2.0);
            $celsius = $to + $i * $step;
            $sum += $weight * Browning::perMinute($celsius) / ($celsius - $this->around);
        }

        return $this->minutes * $sum * $step / 3.0;
    }
}
