<?php

declare(strict_types=1);

namespace Lento\Score;

/** What settles a draw between plans of which none is better. */
final readonly class Ease
{
    /**
     * @param int $handOvers from cook to cook within a pot
     * @param int $potMinutes from the first start of each pot to the last serving
     */
    public function __construct(public int $handOvers = 0, public int $potMinutes = 0) {}
}
