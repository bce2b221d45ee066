<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;

/** Mass fractions of an ingredient, where a kitchen knows some and the rest follows a similar one. */
final readonly class Parts
{
    /** Tables are rounded: parts that add up to this much over one are still believed. */
    private const ROUNDING = 0.02;

    /**
     * Nothing, if each is a fraction.
     *
     * @param array<string, float> $fractions
     *
     * @throws OutOfRange naming the part
     */
    public static function refuse(array $fractions): void
    {
        foreach ($fractions as $part => $fraction) {
            // A larder of sixty things is laid out for every page: most of them are looked at here only.
            if (!($fraction >= 0.0 && $fraction <= 1.0)) {
                OutOfRange::refuse('part', 100.0 * $fraction, 0.0, 100.0, '%', $part);
            }
        }
    }

    /**
     * The unknown parts keep their proportions and fill what the known ones leave.
     *
     * @param array<string, float> $similar fractions of the similar ingredient
     * @param array<string, float|null> $known fractions the kitchen knows, null where it does not
     *
     * @return array<string, float>
     *
     * @throws OutOfRange if a fraction is none, or the known ones are more than all
     */
    public static function filled(array $similar, array $known): array
    {
        $given = array_filter($known, static fn(?float $fraction): bool => $fraction !== null);
        self::refuse($given);
        $sum = array_sum($given);
        if ($sum > 1.0 + self::ROUNDING) {
            throw OutOfRange::between('parts-together', 100.0 * $sum, 0.0, 100.0, '%');
        }
        $unknown = array_diff_key($similar, $given);
        $rest = array_sum($unknown);
        $scale = $rest > 0.0 ? max(0.0, array_sum($similar) - $sum) / $rest : 0.0;

        return [...$similar, ...$given, ...array_map(static fn(float $fraction): float => $fraction * $scale, $unknown)];
    }
}
