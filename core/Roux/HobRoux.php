<?php

declare(strict_types=1);

namespace Lento\Roux;

use Generator;
use Lento\Exception\NotReachable;
use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Numerics\Curve;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/**
 * A roux cooking on the hob: temperature, water and browning, second by second.
 *
 * One lump of pan and paste, heated through the base; the cook throttles the flame so that it settles at the held temperature.
 * Free water boils off above 100 °C and holds the temperature there meanwhile. The clock is weak, the colour is strong: a held
 * temperature 10 °C off moves "dark" from 44 to 29 or 73 minutes. Source: docs/model.md, B.
 */
final readonly class HobRoux
{
    private const STEP_SECONDS = 1.0;

    /** No cook stands longer at a roux; past this the colour counts as not reachable. */
    private const LONGEST_MINUTES = 240;

    /** 1/(K s): how fast the fat's and the flour's water leave above the boil. */
    private const FAT_WATER_RATE = 0.002;

    private const FLOUR_WATER_RATE = 0.0006;

    /** J/mol and °C: browning; ±25 kJ/mol. */
    private const BROWNING_ENERGY = 85e3;

    private const BROWNING_REFERENCE = 160.0;

    /** 1/min at 110 °C, and J/mol: loss of raw taste in the dry roux. */
    private const RAW_RATE = 0.40;

    private const RAW_ENERGY = 60e3;

    private const RAW_REFERENCE = 110.0;

    /** Whole butter heats alone until a fifth of its water is left (the foam has fallen), at most 6 min. */
    private const FOAM_FALLEN = 0.20;

    private const LONGEST_MELTING = 360.0;

    private const WARM_ENOUGH = 60.0;

    /** @param float $panDiameter cm */
    private function __construct(
        private Roux $roux,
        private float $panDiameter,
        private float $panGrams,
        private HobHeat $heat,
    ) {}

    public static function inPan(Roux $roux, float $diameterCm, Mass $pan, HobHeat $heat): self
    {
        return new self($roux, $diameterCm, $pan->inGrams(), $heat);
    }

    /** The roux so many minutes after the flour went in. */
    public function after(Duration $time): RouxState
    {
        $seconds = (int) round($time->seconds / self::STEP_SECONDS);
        foreach ($this->steps() as $step => $state) {
            if ($step >= $seconds) {
                return $this->state($state);
            }
        }

        throw NotReachable::target('a roux after ' . round($time->inMinutes()) . ' minutes');
    }

    /**
     * The roux at the moment it has reached a shade.
     *
     * @throws NotReachable if this heat does not brown it so far within four hours
     */
    public function until(Shade $shade): RouxState
    {
        $dose = $shade->dose();
        foreach ($this->steps() as $state) {
            if ($state[2] >= $dose) {
                return $this->state($state);
            }
        }

        throw NotReachable::target('this colour on ' . $this->heat->value . ' heat');
    }

    /** @param array{float, float, float, float, float, float} $s */
    private function state(array $s): RouxState
    {
        return new RouxState(
            Duration::ofSeconds($s[5]),
            Duration::ofSeconds($s[0]),
            Temperature::ofCelsius($s[1]),
            $s[2],
            Shade::afterDose($s[2]),
            exp(-$s[3]),
            Mass::ofGrams($s[4]),
        );
    }

    /**
     * @return Generator<int, array{float, float, float, float, float, float}> s since flour, °C, dose min, decay of raw taste,
     *                                                                         g water, s of melting before
     */
    private function steps(): Generator
    {
        $flour = $this->roux->flour->inGrams();
        $flourWater = $flour * $this->roux->flourKind->water;
        $dry = $flour - $flourWater;
        [$celsius, $fatWater, $melting] = $this->melted();
        $dryFat = $this->dryFat();

        $hot = $this->panGrams * PanHeat::METAL_CAPACITY + HeatCapacity::FAT_IN_ROUX * $dryFat + HeatCapacity::WATER * $fatWater;
        $cold = HeatCapacity::FLOUR_IN_ROUX * $dry + HeatCapacity::WATER * $flourWater;
        $celsius = ($hot * $celsius + $cold * PanHeat::AMBIENT) / ($hot + $cold);

        $dose = 0.0;
        $decay = 0.0;
        $minutes = self::STEP_SECONDS / 60.0;
        for ($i = 0, $most = self::LONGEST_MINUTES * 60; $i <= $most; $i++) {
            yield $i => [$i * self::STEP_SECONDS, $celsius, $dose, $decay, $fatWater + $flourWater, $melting];
            [$celsius, $fatWater, $flourWater] = $this->heated($celsius, $fatWater, $flourWater, $dry);
            $dose += $minutes * Curve::arrhenius(self::BROWNING_ENERGY, $celsius, self::BROWNING_REFERENCE);
            $decay += $minutes * self::RAW_RATE * Curve::arrhenius(self::RAW_ENERGY, $celsius, self::RAW_REFERENCE);
        }
    }

    /** @return array{float, float, float} °C, g water left in the fat, s it took */
    private function melted(): array
    {
        $celsius = PanHeat::AMBIENT;
        $all = $this->roux->fat->inGrams() * $this->roux->fatKind->water;
        $water = $all;
        $seconds = 0.0;
        while ($seconds < 3600.0
            && ($celsius < 100.0 || $water > self::FOAM_FALLEN * $all + 1e-9)
            && $celsius < $this->heat->heldCelsius() - 8.0
            && ($seconds < self::LONGEST_MELTING || $celsius < self::WARM_ENOUGH)) {
            [$celsius, $water] = $this->heated($celsius, $water, 0.0, 0.0);
            $seconds += self::STEP_SECONDS;
        }

        return [$celsius, $water, $seconds];
    }

    /** @return array{float, float, float} °C, g of the fat's water, g of the flour's water, one step later */
    private function heated(float $celsius, float $fatWater, float $flourWater, float $dryFlour): array
    {
        $capacity = $this->panGrams * PanHeat::METAL_CAPACITY + HeatCapacity::FAT_IN_ROUX * $this->dryFat() + HeatCapacity::FLOUR_IN_ROUX * $dryFlour + HeatCapacity::WATER * ($fatWater + $flourWater);
        $area = M_PI * $this->panDiameter ** 2 / 4.0;
        $loss = PanHeat::LOSS_PER_CM2 * $area;
        $flux = Curve::clamp($this->heat->flux() / 20.0 * ($this->heat->heldCelsius() - $celsius) + $loss * ($celsius - PanHeat::AMBIENT) / $area, 0.0, $this->heat->flux());
        $watts = $flux * $area - $loss * ($celsius - PanHeat::AMBIENT);
        $boils = $celsius > 100.0 || $celsius + $watts * self::STEP_SECONDS / $capacity > 100.0;
        $boiling = $boils ? HeatCapacity::STEAM * (self::FAT_WATER_RATE * $fatWater + self::FLOUR_WATER_RATE * $flourWater) : 0.0;
        $after = ($capacity * $celsius + self::STEP_SECONDS * ($watts + $boiling * 100.0)) / ($capacity + self::STEP_SECONDS * $boiling);
        $excess = max(0.0, $after - 100.0) * self::STEP_SECONDS;

        return [$after, $fatWater * exp(-self::FAT_WATER_RATE * $excess), $flourWater * exp(-self::FLOUR_WATER_RATE * $excess)];
    }

    private function dryFat(): float
    {
        return $this->roux->fat->inGrams() * (1.0 - $this->roux->fatKind->water);
    }
}
