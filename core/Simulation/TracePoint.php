<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;

/**
 * What one would see and measure at one moment; comparable with a log.
 *
 * The pot as it stood is kept, and looked at when somebody reads it: of most points nobody wants more than the temperature.
 */
final readonly class TracePoint
{
    public Temperature $temperature;

    /** Of the roux; null before there is flour. */
    public ?Shade $shade;

    /** Gone so far. */
    public Mass $steam;

    public function __construct(public Duration $at, private PotState $state, private Setting $setting, private HeatedPan $vessel)
    {
        $this->temperature = Temperature::ofCelsius($state->celsius);
        $this->shade = $state->shade;
        $this->steam = Mass::ofGrams(max(0.0, $state->ledger->steam));
    }

    public function mass(): Mass
    {
        return $this->state->content()->mass();
    }

    public function volume(): Volume
    {
        return $this->state->content()->volume();
    }

    public function depth(): Length
    {
        return $this->vessel->pan->depth($this->volume());
    }

    /** Floating; none before there is liquid. */
    public function freeFat(): Mass
    {
        return $this->state->paste === null ? $this->state->sauce->freeFat() : Mass::ofGrams(0.0);
    }

    /** Tasted at 60 °C; null before there is liquid. */
    public function thickness(): ?EquivalentFlour
    {
        return $this->state->paste === null ? EquivalentFlour::of($this->state->sauce) : null;
    }

    /** @return float 1 raw, below 0.15 cooked out */
    public function rawTaste(): float
    {
        return $this->state->content()->starch->rawTaste;
    }

    /** @return float 0 to 1 */
    public function gelatinised(): float
    {
        return $this->state->content()->starch->gelatinised;
    }

    /** @return float 0 to 1, as are the others: ranks ways of working, no probability */
    public function lumpRank(): float
    {
        return 1.0 - $this->state->smooth;
    }

    public function speckRank(): float
    {
        return (new Watch($this->vessel))->speckRank($this->state, $this->setting);
    }

    public function scorchRank(): float
    {
        return (new Watch($this->vessel))->scorchRank($this->state, $this->setting);
    }
}
