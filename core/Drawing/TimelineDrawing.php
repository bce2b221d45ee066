<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** The work of a pot as one line in time: bars where hands are on, open stretches where it waits. */
final readonly class TimelineDrawing
{
    public const WIDTH = 800.0;

    public const HEIGHT = 74.0;

    /** Narrower than this a stretch gets no number. */
    private const LABELLED = 26.0;

    private const TICK_GAP = 60.0;

    private const THINNEST = 2.0;

    /** px that a number at either end keeps from the edge. */
    private const FIRST = 6.0;

    private const LAST = 2.0;

    /** @param list<array{x: float, width: float, middle: float, hands: bool, minutes: float, labelled: bool}> $stretches */
    private function __construct(public float $minutes, public array $stretches) {}

    /** @param non-empty-list<array{float, bool}> $steps minutes, and whether hands are on */
    public static function of(array $steps): self
    {
        $all = max(1e-9, array_sum(array_column($steps, 0)));
        $stretches = [];
        $at = 0.0;
        foreach ($steps as [$minutes, $hands]) {
            $last = count($stretches) - 1;
            if ($last >= 0 && $stretches[$last]['hands'] === $hands) {
                $stretches[$last]['width'] += self::WIDTH * $minutes / $all;
                $stretches[$last]['minutes'] += $minutes;
            } elseif ($minutes > 0.0) {
                $stretches[] = [
                    'x' => (self::WIDTH * $at) / $all,
                    'width' => (self::WIDTH * $minutes) / $all,
                    'hands' => $hands,
                    'minutes' => $minutes,
                ];
            }
            $at += $minutes;
        }

        return new self(
            $all,
            array_map(static fn(array $one): array => [
                ...$one,
                'middle' => $one['x'] + $one['width'] / 2.0,
                'labelled' => $one['width'] >= self::LABELLED,
                // Hands that are on for seconds are seen all the same.
                'width' => $one['hands'] ? max(self::THINNEST, $one['width']) : $one['width'],
            ], $stretches),
        );
    }

    /** @return list<array{x: float, numberX: float, minutes: int}> marks at round minutes */
    public function ticks(): array
    {
        $step = (int) TickStep::first(
            [1.0, 5.0, 10.0, 15.0, 30.0, 60.0, 120.0, 240.0],
            fn(float $step): bool => (self::WIDTH * $step) / $this->minutes >= self::TICK_GAP,
        );
        $ticks = [];
        for ($minutes = 0; $minutes <= $this->minutes; $minutes += $step) {
            $x = self::WIDTH * $minutes / $this->minutes;
            $ticks[] = ['x' => $x, 'numberX' => min(self::WIDTH - self::LAST, max(self::FIRST, $x)), 'minutes' => $minutes];
        }

        return $ticks;
    }
}
