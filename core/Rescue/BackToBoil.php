<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/** What every cold addition to a boiling pot costs: the minutes until it boils again. */
final readonly class BackToBoil
{
    private const BOILING = 100.0;

    /**
     * @param Sauce $boiling before the addition
     * @param Sauce $with after it
     *
     * @return Duration|null null where this hob never brings it there
     */
    public static function time(Sauce $boiling, Sauce $with, Temperature $addedAt, TimeToBoil $hob): ?Duration
    {
        $added = $with->heatCapacity() - $boiling->heatCapacity();
        $mixed = (self::BOILING * $boiling->heatCapacity() + $addedAt->inCelsius() * $added) / $with->heatCapacity();

        return $hob->from(Temperature::ofCelsius($mixed), $with->heatCapacity());
    }
}
