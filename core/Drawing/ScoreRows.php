<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** Finds room for words above or below a staff: row by row outwards, so that none lies on another. */
final readonly class ScoreRows
{
    /** px between two words in a row. */
    private const GAP = 8.0;

    /**
     * @param list<array{ScoreLabel, int}> $placed each with its row, from 0 at the staff
     * @param int $rows how many it took
     */
    private function __construct(public array $placed, public int $rows) {}

    /**
     * @param list<ScoreLabel> $labels
     * @param float $right beyond which none may reach
     * @param int $most rows; what finds none is left out, but for titles
     */
    public static function of(array $labels, float $right, int $most): self
    {
        // A title first: it is never left out. Then from left to right.
        usort($labels, static fn(ScoreLabel $a, ScoreLabel $b): int
            => [$a->kind !== ScoreLabel::TITLE, $a->x] <=> [$b->kind !== ScoreLabel::TITLE, $b->x]);
        $taken = $placed = [];
        foreach ($labels as $label) {
            $x = max(0.0, min($label->x, $right - $label->width()));
            for ($row = 0; $row < $most || $label->kind === ScoreLabel::TITLE; $row++) {
                if (self::isFree($taken[$row] ?? [], $x, $x + $label->width())) {
                    $taken[$row][] = [$x, $x + $label->width()];
                    $placed[] = [$label->at($x, 0.0), $row];
                    break;
                }
            }
        }

        return new self($placed, $taken === [] ? 0 : max(array_keys($taken)) + 1);
    }

    /** @param list<array{float, float}> $taken */
    private static function isFree(array $taken, float $from, float $until): bool
    {
        foreach ($taken as [$a, $b]) {
            if ($from < $b + self::GAP && $a < $until + self::GAP) {
                return false;
            }
        }

        return true;
    }
}
