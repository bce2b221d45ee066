<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;

/** Once, slowly, whisked smooth, and up to the temperature the rules ask for. */
final readonly class Reheating
{
    /** @param Duration|null $time null where this hob never gets it there */
    private function __construct(public Temperature $to, public ?Duration $time, public bool $inTime, public Sauce $sauce) {}

    public static function of(Sauce $sauce, Temperature $from, TimeToBoil $hob, FoodSafety $rules): self
    {
        $time = $hob->from($from, $sauce->heatCapacity(), $rules->reheatTo->inCelsius());
        $limit = $rules->reheatWithin->seconds ?? INF;

        return new self($rules->reheatTo, $time, $time !== null && $time->seconds <= $limit, $sauce->reheated());
    }
}
