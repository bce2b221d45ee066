<?php

declare(strict_types=1);

namespace Tests\Core\Drawing;

use Lento\Drawing\BalanceDrawing;
use Lento\Drawing\CourseDrawing;
use Lento\Drawing\LineChart;
use Lento\Drawing\PotDrawing;
use Lento\Drawing\SpoonDrawing;
use Lento\Drawing\StairDrawing;
use Lento\Drawing\StripDrawing;
use ReflectionMethod;
use ReflectionObject;
use Tests\Core\Golden\Results;

/** Drawings whose lines are kept, each looked at on its screen or in docs/charts before. */
final readonly class Drawings
{
    /** @return array<string, list<mixed>> the drawing, and all it can write */
    public static function drawn(): array
    {
        $pot = PotDrawing::of(24.0, 14.0, 2.16, 2.04, 0.85);
        $full = PotDrawing::of(10.0, 30.0, 9.0, 0.4, 0.8);
        $chart = LineChart::of('Shade', 'min', 'shade', 60.0, 4.0, [
            ['name' => 'low', 'points' => [[0.0, 0.0], [30.0, 0.6], [60.0, 1.5]]],
            ['name' => 'high', 'points' => [[0.0, 0.0], [10.0, 3.5], [20.0, 4.4]]],
            ['name' => 'also low', 'points' => [[0.0, 0.0], [60.0, 1.5]]],
        ]);
        $stair = StairDrawing::of(0.2, [0.34, 0.74, 0.85]);

        return [
            'a pot' => [
                ...self::everything($pot),
                $pot->leader($pot->startLevel, 60.0),
                $pot->leader($pot->endLevel, 180.0),
                PotDrawing::labelX(),
            ],
            'a tall pot, over its limit' => self::everything($full),
            'a wide pot' => self::everything(PotDrawing::of(60.0, 12.0, 20.0, 18.0, 0.85)),
            'a cup' => self::everything(PotDrawing::of(9.0, 7.0, 0.12, 0.1, 0.85)),
            'a spoon of soup' => self::everything(SpoonDrawing::of(0.2, 0.6, 0.09)),
            'a spoon that coats' => self::everything(SpoonDrawing::of(0.9, 3.1, 1.2)),
            'a spoon of gratin' => self::everything(SpoonDrawing::of(2.4, 7.9, 3.7)),
            'a spoon of water' => self::everything(SpoonDrawing::of(0.02, 0.0, 0.001)),
            'a stair' => [
                ...self::everything($stair),
                StairDrawing::floor(),
                StairDrawing::rouxWidth(),
                array_map(fn(int $tread): bool => $stair->labels($tread, false), [0, 1, 2]),
            ],
            'a stair of many' => self::everything(StairDrawing::of(0.1, array_fill(0, 14, 0.2))),
            'a balance' => self::everything(BalanceDrawing::of(140.0, 140.0, 1940.0)),
            'a strip' => self::everything(
                StripDrawing::of(300.0, 40.0, [[0.0, '#e8dcbd', 1.0], [1.5, '#a87f4a', 0.8], [4.0, '#402c24', 0.2]]),
            ),
            'a course' => self::everything(
                CourseDrawing::of([5.0, 4.0, 0.0, 12.0, 90.0], [[0, 0.0, 5.5], [1, 5.5, 10.0], [3, 10.0, 24.0], [4, 24.0, 123.5]]),
            ),
            'a short course' => self::everything(CourseDrawing::of([1.0, 2.0], [[0, 0.0, 0.5]])),
            'a chart' => [$chart->svg($chart->gate(20.0, 2.0, 'stop') . $chart->swatch(0.0, 1.0, '#ffffff'))],
        ];
    }

    /** @return list<mixed> */
    private static function everything(object $drawing): array
    {
        $writes = array_filter(
            (new ReflectionObject($drawing))->getMethods(ReflectionMethod::IS_PUBLIC),
            static fn(ReflectionMethod $method): bool => !$method->isStatic() && $method->getNumberOfParameters() === 0,
        );

        return [
            Results::drawn($drawing),
            ...array_values(array_map(static fn(ReflectionMethod $method): mixed => $method->invoke($drawing), $writes)),
        ];
    }
}
