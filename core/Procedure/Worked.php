<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Lento\Finish\Finishing;
use Lento\Larder\Ingredient;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** An act done on paper: what stands in the pan then, how long it took, in what it was done. */
final readonly class Worked
{
    /**
     * @param list<Dosed> $doses what went in
     * @param Duration $time that it took
     * @param list<Finishing> $finishings what each does, with its own limits, where it goes in off the boil
     */
    public function __construct(
        public Act $act,
        public array $doses,
        public InThePan $after,
        public Duration $time,
        public array $finishings,
        public DoneIn $in,
    ) {}

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

    public function hasYolk(): bool
    {
        foreach ($this->doses as $dosed) {
            if ($dosed->kind instanceof Ingredient && $dosed->kind->yolk > 0.0) {
                return true;
            }
        }

        return false;
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
