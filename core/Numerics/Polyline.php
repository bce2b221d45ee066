<?php

declare(strict_types=1);

namespace Lento\Numerics;

/** Straight lines between given points, level before the first and after the last. */
final readonly class Polyline
{
    /** @param non-empty-list<array{float, float}> $points x growing */
    public static function at(array $points, float $x): float
    {
        [$fromX, $fromY] = $points[0];
        foreach ($points as [$toX, $toY]) {
            if ($x <= $toX) {
                return $toX > $fromX ? $fromY + max(0.0, $x - $fromX) / ($toX - $fromX) * ($toY - $fromY) : $toY;
            }
            [$fromX, $fromY] = [$toX, $toY];
        }

        return $fromY;
    }
}
