<?php

declare(strict_types=1);

namespace Lento\Drawing;

/**
 * How something goes over time: as planned, as it went, as it was read, and as it should go on, with the line it is to reach.
 *
 * The height is magnified to what moves: a simmer's few millimetres fill it, so the scale stands beside it.
 */
final readonly class ForecastDrawing
{
    private const LEFT = 46.0;

    private const RIGHT = 14.0;

    private const TOP = 20.0;

    private const BOTTOM = 26.0;

    /** Shares of the range that are left free above and below. */
    private const AIR = 0.12;

    private const LEAST_TICK_GAP = 34.0;

    private const THINNEST = 3.0;

    /**
     * @param list<array{float, float}> $read where the readings stand
     * @param array{float, float, float}|null $band x of the soonest, the likely and the latest arrival at the target
     * @param list<array{float, string}> $xTicks
     * @param list<array{float, string}> $yTicks
     */
    private function __construct(
        public float $width,
        public float $height,
        public string $planned,
        public string $gone,
        public string $ahead,
        public array $read,
        public float $target,
        public float $now,
        public ?array $band,
        public array $xTicks,
        public array $yTicks,
    ) {}

    /** @param array{float, float, float}|null $arrives minutes at which the target is reached: soonest, likely, latest */
    public static function of(
        float $width,
        float $height,
        ForecastCurves $curves,
        float $target,
        float $now,
        ?array $arrives,
    ): self {
        $all = $curves->all();
        // A band may end past any use; it is cut where the drawing ends.
        $end = max([1.0, $now, ...array_column($all, 0), min($arrives[1] ?? 0.0, 4.0 * max(1.0, $now))]) * 1.04;
        $values = [$target, ...array_column($all, 1)];
        [$least, $most] = [min($values), max($values)];
        $range = max($most - $least, 0.02 * abs($most), 1e-6);
        $x = new Scale(0.0, $end, self::LEFT, $width - self::RIGHT);
        $y = new Scale($least - self::AIR * $range, $most + self::AIR * $range, $height - self::BOTTOM, self::TOP);

        return new self(
            $width,
            $height,
            self::line($curves->planned, $x, $y),
            self::line($curves->gone, $x, $y),
            self::line($curves->ahead, $x, $y),
            array_map(static fn(array $point): array => [$x->at($point[0]), $y->at($point[1])], $curves->read),
            $y->at($target),
            $x->at($now),
            $arrives === null ? null : array_map(static fn(float $minute): float => $x->at(min($end, $minute)), $arrives),
            self::ticks(0.0, $end, $x, $width - self::LEFT - self::RIGHT, [0.5, 1.0, 2.0, 5.0, 10.0, 15.0, 30.0, 60.0, 120.0, 240.0]),
            self::ticks($least - self::AIR * $range, $most + self::AIR * $range, $y, $height - self::TOP - self::BOTTOM, [
                0.1,
                0.2,
                0.5,
                1.0,
                2.0,
                5.0,
                10.0,
                20.0,
                50.0,
                100.0,
            ]),
        );
    }

    /** Of the arrival, wide enough to be seen. */
    public function bandWidth(): float
    {
        return $this->band === null ? 0.0 : max(self::THINNEST, $this->band[2] - $this->band[0]);
    }

    public function floor(): float
    {
        return $this->height - self::BOTTOM;
    }

    public function left(): float
    {
        return self::LEFT;
    }

    public function right(): float
    {
        return $this->width - self::RIGHT;
    }

    /** @param list<array{float, float}> $points */
    private static function line(array $points, Scale $x, Scale $y): string
    {
        $drawn = [];
        foreach ($points as [$minute, $value]) {
            $drawn[] = [$x->at($minute), $y->at($value)];
        }

        return count($drawn) < 2 ? '' : Svg::line($drawn);
    }

    /**
     * @param non-empty-list<float> $steps
     *
     * @return list<array{float, string}>
     */
    private static function ticks(float $from, float $to, Scale $scale, float $length, array $steps): array
    {
        $step = TickStep::first($steps, static fn(float $step): bool => $step / ($to - $from) * $length >= self::LEAST_TICK_GAP);
        $ticks = [];
        for ($i = (int) ceil($from / $step - 1e-9); $i * $step <= $to + 1e-9; $i++) {
            $ticks[] = [$scale->at($i * $step), rtrim(rtrim(sprintf('%.1F', $i * $step), '0'), '.')];
        }

        return $ticks;
    }
}
