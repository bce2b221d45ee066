<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A belief pot by pot: its middle and its band, against the line of the house. The scale is one of ratios: twice as far up as down. */
final readonly class ShrinkingBands
{
    public const HEIGHT = 120.0;

    private const LEFT = 48.0;

    private const STEP = 34.0;

    private const TOP = 10.0;

    private const BOTTOM = 96.0;

    /**
     * @param list<array{x: float, low: float, middle: float, high: float, pot: int}> $posts
     * @param list<array{float, string}> $ticks
     */
    private function __construct(public float $width, public array $posts, public float $house, public array $ticks) {}

    /**
     * @param non-empty-list<array{float, float, float}> $course low, middle, high as ratios to the house, before the first pot and after
     * each
     */
    public static function of(array $course): self
    {
        $least = min(0.7, min(array_column($course, 0)));
        $most = max(1.4, max(array_column($course, 2)));
        $y = new Scale(log($least), log($most), self::BOTTOM, self::TOP);
        $posts = [];
        foreach ($course as $pot => [$low, $middle, $high]) {
            $posts[] = [
                'x' => self::LEFT + self::STEP * ($pot + 0.5),
                'low' => $y->at(log($low)),
                'middle' => $y->at(log($middle)),
                'high' => $y->at(log($high)),
                'pot' => $pot,
            ];
        }
        $ticks = array_values(
            array_filter([0.5, 0.7, 1.0, 1.4, 2.0], static fn(float $ratio): bool => $ratio >= $least - 1e-9 && $ratio <= $most + 1e-9),
        );

        return new self(
            self::LEFT + self::STEP * count($course) + 10.0,
            $posts,
            $y->at(0.0),
            array_map(
                static fn(float $ratio): array => [
                    $y->at(log($ratio)),
                    $ratio === 1.0 ? '0 %' : sprintf('%+.0F %%', 100.0 * ($ratio - 1.0)),
                ],
                $ticks,
            ),
        );
    }

    public static function floor(): float
    {
        return self::BOTTOM;
    }

    public static function left(): float
    {
        return self::LEFT;
    }
}
