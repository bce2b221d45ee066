<?php

declare(strict_types=1);

namespace App\Format;

/** Parts of a total, rounded so that they still add up to the rounded total: the largest remainders get the leftovers. */
final readonly class Shares
{
    /**
     * @param non-empty-list<float> $parts
     * @param float $grain what they are rounded to, > 0
     *
     * @return non-empty-list<float>
     */
    public static function rounded(array $parts, float $grain): array
    {
        $exact = array_map(static fn(float $part): float => $part / $grain, $parts);
        $whole = array_map(floor(...), $exact);
        $left = (int) round(round(array_sum($exact)) - array_sum($whole));
        $order = array_keys($exact);
        usort($order, static fn(int $a, int $b): int => ($exact[$b] - $whole[$b]) <=> ($exact[$a] - $whole[$a]));
        foreach (array_slice($order, 0, max(0, $left)) as $index) {
            $whole[$index]++;
        }

        return array_values(array_map(static fn(float $count): float => $count * $grain, $whole));
    }
}
