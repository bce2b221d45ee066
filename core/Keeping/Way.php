<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;
use Lento\Quantity\Volume;

/** One way of cooling a sauce: in so many alike vessels, somewhere, on ice first or not. */
final readonly class Way
{
    /** °C down to which ice is stirred: what the usual rules ask for first. */
    private const ICE_UNTIL = 21.0;

    /** @param int<1, max> $count */
    private function __construct(public Vessel $vessel, public int $count, public Place $place, public bool $onIceFirst) {}

    /** @param int<1, max> $count */
    public static function of(Vessel $vessel, int $count, Place $place, bool $onIceFirst = false): self
    {
        return new self($vessel, $count, $place, $onIceFirst);
    }

    public function isAlike(self $other): bool
    {
        return $this->vessel->isAlike($other->vessel)
            && [$this->count, $this->place, $this->onIceFirst] === [$other->count, $other->place, $other->onIceFirst];
    }

    public function each(Volume $all): Volume
    {
        return Volume::ofCubicMetres($all->cubicMetres / $this->count);
    }

    public function holds(Volume $all): bool
    {
        return $this->vessel->holds($this->each($all));
    }

    public function cooling(Volume $all, Viscosity $thickness): Cools
    {
        $filled = $this->vessel->filled($this->each($all));
        $stands = Cooling::of($filled, $this->place, $thickness);

        return $this->onIceFirst
            ? InTurn::of(
                Cooling::of($filled, Place::IceBathStirred, $thickness),
                Temperature::ofCelsius(self::ICE_UNTIL),
                $stands,
            )
            : $stands;
    }

    public function forecast(Volume $all, Viscosity $thickness, FoodSafety $rules, Temperature $from): CoolingForecast
    {
        return CoolingForecast::of($this->cooling($all, $thickness), $rules, $from);
    }

    public static function iceUntil(): Temperature
    {
        return Temperature::ofCelsius(self::ICE_UNTIL);
    }
}
