<?php

declare(strict_types=1);

namespace Lento\Pour;

use Lento\Exception\OutOfRange;
use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/** A roux in its pan, before the liquid meets it: how much, how hot, and how much heat the pan keeps. */
final readonly class RouxInPan
{
    /**
     * @param float $panHeat J/K
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(public Mass $roux, public Temperature $temperature, public float $panHeat)
    {
        OutOfRange::refuse('heat-of-a-pan', $panHeat, 0.0, 1e9, 'J/K');
    }

    public static function of(Mass $roux, Temperature $temperature, Mass $pan): self
    {
        return new self($roux, $temperature, $pan->inGrams() * PanHeat::METAL_CAPACITY);
    }

    public function cooledTo(Temperature $temperature): self
    {
        return new self($this->roux, $temperature, $this->panHeat);
    }

    /** Off the heat until it is as cool as a school wants it. */
    public function letDownFor(School $school): self
    {
        return $this->cooledTo(Temperature::ofCelsius(min($this->temperature->inCelsius(), $school->rouxCelsius())));
    }

    /** @return float J/K of both */
    public function capacity(): float
    {
        return $this->roux->inGrams() * HeatCapacity::ROUX + $this->panHeat;
    }
}
