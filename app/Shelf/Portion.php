<?php

declare(strict_types=1);

namespace App\Shelf;

use App\Kitchen\OwnVessel;
use Lento\Keeping\CoolingForecast;
use Lento\Keeping\Way;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\Lot;
use Lento\Shelf\Spot;

/** So much of a sauce, in so many vessels alike, somewhere. */
final readonly class Portion
{
    /** @param int<1, max> $count */
    public function __construct(public Volume $volume, public OwnVessel $vessel, public int $count, public Spot $spot) {}

    public function each(): Volume
    {
        return Volume::ofCubicMetres($this->volume->cubicMetres / $this->count);
    }

    public function depth(): Length
    {
        return $this->vessel->measured()->depth($this->each());
    }

    public function isTooFull(): bool
    {
        return !$this->vessel->measured()->holds($this->each());
    }

    /** Null where it is kept hot. */
    public function way(): ?Way
    {
        $place = $this->spot->place();

        return $place === null ? null : Way::of($this->vessel->measured(), $this->count, $place);
    }

    public function forecast(Lot $lot, Temperature $from): ?CoolingForecast
    {
        return $this->way()?->forecast($this->volume, $lot->viscosity(), $lot->rules, $from);
    }
}
