<?php

declare(strict_types=1);

namespace Tests\Core\Family;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** Numbers drawn by a seed, so that what failed once fails again. */
final readonly class Draws
{
    private Randomizer $draws;

    public function __construct(int $seed)
    {
        $this->draws = new Randomizer(new Mt19937($seed));
    }

    public function whole(int $least, int $most): int
    {
        return $this->draws->getInt($least, $most);
    }

    public function between(float $least, float $most): float
    {
        return $least + ($most - $least) * $this->draws->getInt(0, 1_000_000) / 1e6;
    }
}
