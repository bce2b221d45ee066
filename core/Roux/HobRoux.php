<?php

declare(strict_types=1);

namespace Lento\Roux;

use Closure;
use Lento\Exception\NotReachable;
use Lento\Heat\Metal;
use Lento\Heat\PanHeat;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/**
 * A roux cooking on the hob: temperature, water and browning, second by second.
 *
 * Heated through the base; the cook throttles the flame so that it settles at the held temperature. The clock is weak, the colour is
 * strong: a held temperature 10 °C off moves "dark" from 44 to 29 or 73 minutes. Source: docs/model.md, B.
 */
final readonly class HobRoux
{
    private const STEP_SECONDS = 1.0;

    /** No cook stands longer at a roux; past this the colour counts as not reachable. */
    private const LONGEST_MINUTES = 240;

    /** Whole butter heats alone until a fifth of its water is left (the foam has fallen), at most 6 min. */
    private const FOAM_FALLEN = 0.20;

    private const LONGEST_MELTING = 360.0;

    private const WARM_ENOUGH = 60.0;

    /** K below the held temperature at which fat without water counts as hot. */
    private const HOT_ENOUGH = 8.0;

    /** s between two looks at what the pan would still do. */
    private const LOOK_SECONDS = 5;

    /** e to the minus this is less than any tongue tells. */
    private const NO_RAW_TASTE_LEFT = 40.0;

    /**
     * @param float $panDiameter cm
     * @param float $panHeat J/K
     */
    private function __construct(
        private Roux $roux,
        private float $panDiameter,
        private float $panHeat,
        private HobHeat $heat,
        private float $browning,
        private ?Temperature $fatAt,
    ) {}

    /**
     * @param float $browning this kitchen's browning speed against the house figure, > 0; 1 until it has been measured
     * @param Temperature|null $fatAt of fat that is hot already, as browned butter is; else it is melted first
     */
    public static function inPan(Roux $roux, Length $diameter, Mass $pan, HobHeat $heat, Metal $metal = Metal::Steel, float $browning = 1.0, ?Temperature $fatAt = null): self
    {
        return new self($roux, $diameter->inCentimetres(), $pan->inGrams() * $metal->capacity(), $heat, $browning, $fatAt);
    }

    /**
     * The roux so many minutes after the flour went in.
     *
     * @throws NotReachable after more than four hours
     */
    public function after(Duration $time): RouxState
    {
        return $this->cooked((int) round($time->seconds / self::STEP_SECONDS), INF) ?? throw NotReachable::target('a roux after ' . round($time->inMinutes()) . ' minutes');
    }

    /**
     * The roux at the moment it has reached a shade.
     *
     * @throws NotReachable if this heat does not brown it so far within four hours
     */
    public function until(Shade $shade): RouxState
    {
        return $this->cooked(PHP_INT_MAX, $shade->dose()) ?? throw NotReachable::target('this colour on ' . $this->heat->value . ' heat');
    }

    /**
     * The roux at the moment to lift it, so that it ends at a shade when the pan has cooled to where the liquid meets it.
     *
     * @param Temperature $meets what the roux is let down to off the heat
     *
     * @throws NotReachable if this heat does not brown it so far within four hours
     */
    public function liftFor(Shade $shade, Temperature $meets): RouxState
    {
        $cooling = RouxCooling::inPan($this->roux->mass(), $this->panHeat, $this->panDiameter);
        $gains = static fn(float $celsius): float => $cooling->doseGained($celsius, $meets->inCelsius());

        return $this->cooked(PHP_INT_MAX, $shade->dose(), $gains) ?? throw NotReachable::target('this colour on ' . $this->heat->value . ' heat');
    }

    /**
     * Up to a number of steps or a browning dose, whichever comes first.
     *
     * @param Closure(float): float|null $gains dose that is still to come from a temperature
     */
    private function cooked(int $steps, float $enough, ?Closure $gains = null): ?RouxState
    {
        $paste = $this->roux->inPan($this->panDiameter, $this->panHeat);
        [$flux, $held] = [$this->heat->flux(), $this->heat->heldCelsius()];
        [$celsius, $fatWater, $melting] = $this->melted();
        $celsius = $this->roux->celsiusWithFlour($celsius, $fatWater, $this->panHeat);
        $flourWater = $this->roux->flourWaterGrams();
        [$dose, $decay, $minutes] = [0.0, 0.0, self::STEP_SECONDS / 60.0];
        for ($i = 0, $most = self::LONGEST_MINUTES * 60; $i <= $most; $i++) {
            if ($i >= $steps || $dose >= $enough || ($gains !== null && $i % self::LOOK_SECONDS === 0 && $dose + $gains($celsius) >= $enough)) {
                return RouxState::of($melting, $i * self::STEP_SECONDS, $celsius, $dose, $decay, $fatWater + $flourWater);
            }
            [$celsius, $fatWater, $flourWater] = $paste->onHob($celsius, $fatWater, $flourWater, $flux, $held, self::STEP_SECONDS);
            $dose += $minutes * $this->browning * Browning::perMinute($celsius);
            $decay += $decay < self::NO_RAW_TASTE_LEFT ? $minutes * Browning::rawTasteLoss($celsius) : 0.0;
        }

        return null;
    }

    /** @return array{float, float, float} °C, g water left in the fat, s it took */
    private function melted(): array
    {
        $fat = $this->roux->withoutFlour()->inPan($this->panDiameter, $this->panHeat);
        $all = $this->roux->fatWaterGrams();
        if ($this->fatAt !== null) {
            return [$this->fatAt->inCelsius(), $all, 0.0];
        }
        [$celsius, $water, $seconds] = [PanHeat::AMBIENT, $all, 0.0];
        [$flux, $held] = [$this->heat->flux(), $this->heat->heldCelsius()];
        while ($seconds < 3600.0
            && ($celsius < 100.0 || $water > self::FOAM_FALLEN * $all + 1e-9)
            && $celsius < $held - self::HOT_ENOUGH
            && ($seconds < self::LONGEST_MELTING || $celsius < self::WARM_ENOUGH)) {
            [$celsius, $water] = $fat->onHob($celsius, $water, 0.0, $flux, $held, self::STEP_SECONDS);
            $seconds += self::STEP_SECONDS;
        }

        return [$celsius, $water, $seconds];
    }
}
