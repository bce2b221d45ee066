<?php

declare(strict_types=1);

namespace Lento\Drawing;

use Closure;

/** The finest round step whose ticks do not crowd. */
final readonly class TickStep
{
    /**
     * @param non-empty-list<float> $steps fine to coarse
     * @param Closure(float): bool $fits
     *
     * @return float the coarsest where none fits
     */
    public static function first(array $steps, Closure $fits): float
    {
        foreach ($steps as $step) {
            if ($fits($step)) {
                return $step;
            }
        }

        return $steps[count($steps) - 1];
    }
}
