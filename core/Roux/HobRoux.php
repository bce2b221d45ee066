<?php

declare(strict_types=1);

namespace Lento\Roux;

use Closure;
use Lento\Exception\NotReachable;
use Lento\Heat\Fire;
use Lento\Heat\HobHeat;
use Lento\Quantity\Duration;
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

    /** °C of fat that vegetables have softened in. */
    public const MOIST = 100.0;

    /** No cook stands longer at a roux; past this the colour counts as not reachable. */
    private const LONGEST_MINUTES = 240;

    /**
     * @param float $panDiameter cm
     * @param float $panHeat J/K
     * @param float $waterBeside g in vegetables that share the pan
     */
    private function __construct(
        private Roux $roux,
        private float $panDiameter,
        private float $panHeat,
        private float $waterBeside,
        private HobHeat $heat,
        private float $browning,
        private ?Temperature $fatAt,
    ) {}

    /**
     * @param float $browning this kitchen's browning speed against the house figure, > 0; 1 until it has been measured
     * @param Temperature|null $fatAt of fat that is hot already, as browned butter is; else it is melted first
     */
    public static function inPan(
        Roux $roux,
        PanBottom $pan,
        HobHeat $heat,
        float $browning = 1.0,
        ?Temperature $fatAt = null,
    ): self {
        return new self($roux, $pan->diameter->inCentimetres(), $pan->capacity(), $pan->waterBeside(), $heat, $browning, $fatAt);
    }

    /**
     * The roux so many minutes after the flour went in.
     *
     * @throws NotReachable after more than four hours
     */
    public function after(Duration $time): RouxState
    {
        return $this->cooked((int) round($time->seconds / self::STEP_SECONDS), INF)
            ?? throw NotReachable::target('roux-after-minutes', (string) round($time->inMinutes()));
    }

    /**
     * The roux at the moment it has reached a shade.
     *
     * @throws NotReachable if this heat does not brown it so far within four hours
     */
    public function until(Shade $shade): RouxState
    {
        return $this->cooked(PHP_INT_MAX, $shade->dose()) ?? throw NotReachable::target('colour-on-this-heat', $this->heat->value);
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

        return $this->cooked(PHP_INT_MAX, $shade->dose(), $gains) ?? throw NotReachable::target('colour-on-this-heat', $this->heat->value);
    }

    /**
     * The roux going on from a moment that was observed, for so long, or until a shade if that comes first.
     *
     * How its water is shared between fat and flour is taken as it was weighed in.
     */
    public function onward(RouxState $from, Duration $atMost, ?Shade $until = null): RouxState
    {
        $water = $from->water->inGrams();
        $all = $this->roux->fatWaterGrams() + $this->roux->flourWaterGrams();
        $ofFat = $all > 0.0 ? $water * $this->roux->fatWaterGrams() / $all : 0.0;
        $start = [$from->temperature->inCelsius(), $ofFat, $water - $ofFat, $from->dose, $from->decay()];
        [$took, [$celsius, $fatWater, $flourWater, $dose, $decay]] = $this->roux
            ->inPan($this->panDiameter, $this->panHeat, $this->waterBeside)
            ->brownedOnHob(
                $start,
                $this->fire(),
                $this->browning,
                (int) round($atMost->seconds / self::STEP_SECONDS),
                $until?->dose() ?? INF,
                null,
            );

        return RouxState::of($from->melting->seconds, $from->time->seconds + $took, $celsius, $dose, $decay, $fatWater + $flourWater);
    }

    /**
     * Up to a number of steps or a browning dose, whichever comes first.
     *
     * @param Closure(float): float|null $gains dose that is still to come from a temperature
     */
    private function cooked(int $steps, float $enough, ?Closure $gains = null): ?RouxState
    {
        $most = self::LONGEST_MINUTES * 60 + 1;
        [$celsius, $fatWater, $melting] = $this->melted();
        $celsius = $this->waterBeside > 0.0 ? min($celsius, self::MOIST) : $celsius;
        $celsius = $this->roux->celsiusWithFlour($celsius, $fatWater, $this->panHeat);
        $start = [$celsius, $fatWater, $this->roux->flourWaterGrams(), 0.0, 0.0];
        [$took, [$celsius, $fatWater, $flourWater, $dose, $decay]] = $this->roux
            ->inPan($this->panDiameter, $this->panHeat, $this->waterBeside)
            ->brownedOnHob($start, $this->fire(), $this->browning, min($steps, $most), $enough, $gains);

        return $took >= $most ? null : RouxState::of($melting, (float) $took, $celsius, $dose, $decay, $fatWater + $flourWater);
    }

    private function fire(): Fire
    {
        return new Fire($this->heat->flux(), $this->heat->heldCelsius());
    }

    /** @return array{float, float, float} °C, g water left in the fat, s it took */
    private function melted(): array
    {
        $water = $this->roux->fatWaterGrams();

        return $this->fatAt !== null
            ? [$this->fatAt->inCelsius(), $water, 0.0]
            : $this->roux
                ->withoutFlour()
                ->inPan($this->panDiameter, $this->panHeat, $this->waterBeside)
                ->melted($water, $this->heat->flux(), $this->heat->heldCelsius());
    }
}
