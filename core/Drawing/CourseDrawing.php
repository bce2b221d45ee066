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

    /** For the words of what happened, one above the other. */
    public const LANES = 4;

    /** A letter of 14 px is about half as wide; a mark stands before the words. */
    private const LETTER = 7.6;

    private const GAP = 22.0;

    private const BESIDE = 9.0;

    /** y of the first lane of marks, px between lanes, and y of the axis where there are none. */
    private const FIRST_LANE = 126.0;

    private const LANE = 22.0;

    private const NO_LANES = 122.0;

    /** px below the axis for its numbers. */
    private const FOOT = 38.0;

    /**
     * @param list<array{x: float, width: float, step: int, word: bool}> $planned
     * @param list<array{x: float, width: float, step: int, word: bool}> $happened
     * @param list<array{x: float, minute: int}> $ticks
     * @param list<array{x: float, kind: string, text: string, y: float, wordsX: float, lane: int|null, left: bool}> $marks what happened
     * besides: the lane of its words, or null where there is no room for them
     */
    private function __construct(
        public array $planned,
        public array $happened,
        public array $ticks,
        public float $end,
        public array $marks = [],
    ) {}

    /**
     * @param list<float> $plannedMinutes one a step
     * @param list<array{int, float, float}> $visits step, minutes from, minutes until
     * @param list<array{float, string, string}> $marks minute, what kind of thing, its words; in the order they happened
     * @param float $least minutes that the scale reaches at least, so that two drawings share one
     */
    public static function of(array $plannedMinutes, array $visits, array $marks = [], float $least = 1.0): self
    {
        $happenedEnd = max([0.0, ...array_column($visits, 2)]);
        $end = max($least, array_sum($plannedMinutes), $happenedEnd);
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

        return new self(
            $planned,
            array_map(static fn(array $visit): array => $block($visit[0], $visit[1], $visit[2]), $visits),
            self::ticks($end, $x),
            $x->at($happenedEnd),
            self::marks($marks, $x, $end),
        );
    }

    /** y of the line of time, under as many lanes as there are words in. */
    public function axis(): float
    {
        $lanes = array_filter(array_column($this->marks, 'lane'), is_int(...));

        return self::NO_LANES + ($lanes === [] ? 0.0 : self::LANE * (1 + max($lanes)));
    }

    public function height(): float
    {
        return $this->axis() + self::FOOT;
    }

    /**
     * Words go into the first lane that is free at their place, to the left of their mark where the drawing ends; the table beside the
     * drawing has them all.
     *
     * @param list<array{float, string, string}> $marks
     *
     * @return list<array{x: float, kind: string, text: string, y: float, wordsX: float, lane: int|null, left: bool}>
     */
    private static function marks(array $marks, Scale $x, float $end): array
    {
        $free = array_fill(0, self::LANES, -INF);
        $placed = [];
        foreach ($marks as [$minute, $kind, $text]) {
            if ($minute < 0.0 || $minute > $end) {
                continue;
            }
            $at = $x->at($minute);
            $wide = self::LETTER * mb_strlen($text) + self::GAP;
            $left = $at + $wide > self::WIDTH;
            [$from, $until] = $left ? [$at - $wide, $at + self::GAP / 2.0] : [$at - self::GAP / 2.0, $at + $wide];
            $lane = null;
            for ($i = 0; $i < self::LANES && $text !== '' && $lane === null; $i++) {
                $lane = $free[$i] <= $from ? $i : null;
            }
            if ($lane !== null) {
                $free[$lane] = $until;
            }
            $placed[] = [
                'x' => $at,
                'kind' => $kind,
                'text' => $text,
                'y' => self::FIRST_LANE + self::LANE * ($lane ?? 0),
                'wordsX' => $left ? $at - self::BESIDE : $at + self::BESIDE,
                'lane' => $lane,
                'left' => $left,
            ];
        }

        return $placed;
    }

    /** @return list<array{x: float, minute: int}> */
    private static function ticks(float $end, Scale $x): array
    {
        $step = (int) TickStep::first(
            [1.0, 2.0, 5.0, 10.0, 15.0, 30.0, 60.0, 120.0, 240.0],
            static fn(float $step): bool => $end / $step <= 13.0,
        );
        $ticks = [];
        for ($minute = 0; $minute <= $end + 1e-9; $minute += $step) {
            $ticks[] = ['x' => $x->at((float) $minute), 'minute' => $minute];
        }

        return $ticks;
    }
}
