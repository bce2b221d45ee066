<?php

declare(strict_types=1);

namespace Lento\Drawing;

use Closure;

/** The finest round step whose ticks do not crowd. */
final readonly class TickStep
{
    private const MOST_ZEROS = 300;

    /**
     * @param non-empty-list<float> $steps fine to coarse
     * @param Closure(float): bool $fits
     *
     * @return float where none fits, the coarsest times ten, a hundred …: a scale may be of anything, and its ticks stay few
     */
    public static function first(array $steps, Closure $fits): float
    {
        foreach ($steps as $step) {
            if ($fits($step)) {
                return $step;
            }
        }

        $step = $steps[count($steps) - 1];
        for ($i = 0; $i < self::MOST_ZEROS && !$fits($step); $i++) {
            $step *= 10.0;
        }

        return $step;
    }
}
