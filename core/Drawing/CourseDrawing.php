<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** The course of a pot in time: what was planned above, what happened below, on one scale. */
final readonly class CourseDrawing
{
    public const WIDTH = 1180.0;

    private const LEFT = 92.0;

    /** A block narrower than this has no room for its word. */
    private const WORD_FROM = 62.0;

    /**
     * @param list<array{x: float, width: float, step: int, word: bool}> $planned
     * @param list<array{x: float, width: float, step: int, word: bool}> $happened
     * @param list<array{x: float, minute: int}> $ticks
     */
    private function __construct(public array $planned, public array $happened, public array $ticks, public float $end) {}

    /**
     * @param list<float> $plannedMinutes one a step
     * @param list<array{int, float, float}> $visits step, minutes from, minutes until
     */
    public static function of(array $plannedMinutes, array $visits): self
    {
        $happenedEnd = max([0.0, ...array_column($visits, 2)]);
        $end = max(1.0, array_sum($plannedMinutes), $happenedEnd);
        $x = new Scale(0.0, $end, self::LEFT, self::WIDTH - 8.0);
        $block = static fn(int $step, float $from, float $until): array => [
            'x' => $x->at($from),
            'width' => max(2.0, $x->at($until) - $x->at($from)),
            'step' => $step,
            'word' => $x->at($until) - $x->at($from) >= self::WORD_FROM,
        ];
        $planned = [];
        $at = 0.0;
        foreach ($plannedMinutes as $step => $minutes) {
            if ($minutes > 0.0) {
                $planned[] = $block($step, $at, $at + $minutes);
            }
            $at += $minutes;
        }

        return new self($planned, array_map(static fn(array $visit): array => $block($visit[0], $visit[1], $visit[2]), $visits), self::ticks($end, $x), $x->at($happenedEnd));
    }

    /** @return list<array{x: float, minute: int}> */
    private static function ticks(float $end, Scale $x): array
    {
        $step = (int) TickStep::first([1.0, 2.0, 5.0, 10.0, 15.0, 30.0, 60.0, 120.0, 240.0], static fn(float $step): bool => $end / $step <= 13.0);
        $ticks = [];
        for ($minute = 0; $minute <= $end + 1e-9; $minute += $step) {
            $ticks[] = ['x' => $x->at((float) $minute), 'minute' => $minute];
        }

        return $ticks;
    }
}
