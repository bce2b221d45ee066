<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Finish\Finishing;
use Lento\Plan\Effect;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;

/** An act with this pot's own amounts, minutes and level. */
final readonly class DoneAct
{
    public Volume $volume;

    public Length $depth;

    /**
     * @param list<array{Dose, Mass}> $doses what goes in
     * @param list<Finishing> $finishings what each does, with its own limits, where it goes in off the boil
     * @param Effect $effect what it does to the sauce, beside boiling it down
     */
    public function __construct(
        public Act $act,
        public array $doses,
        public Duration $time,
        StandsAt $stands,
        public array $finishings,
        public Effect $effect,
    ) {
        $this->volume = $stands->volume;
        $this->depth = $stands->depth;
    }

    /** How hot the sauce may be at most: the kitchen's own limit or the law of what goes in, whichever is stricter. */
    public function atMost(): ?Temperature
    {
        return self::strictest([
            $this->act->atMost,
            ...array_map(static fn(Finishing $one): ?Temperature => $one->atMost, $this->finishings),
        ]);
    }

    public function atLeast(): ?Temperature
    {
        $yolks = array_values(array_filter(array_map(static fn(Finishing $one): ?Temperature => $one->atLeast, $this->finishings)));

        return $this->act->atLeast ?? $yolks[0] ?? null;
    }

    /** @param list<Temperature|null> $limits */
    public static function strictest(array $limits): ?Temperature
    {
        $least = null;
        foreach ($limits as $limit) {
            $least = $limit !== null && ($least === null || $limit->kelvin < $least->kelvin) ? $limit : $least;
        }

        return $least;
    }
}
