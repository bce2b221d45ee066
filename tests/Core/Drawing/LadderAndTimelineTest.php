<?php

declare(strict_types=1);

use Lento\Drawing\BalanceDrawing;
use Lento\Drawing\LadderDrawing;
use Lento\Drawing\TimelineDrawing;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Room;

covers(...Room::of('Drawing'));

it('stands the classes on their rungs, and what lies between in proportion', function (): void {
    foreach (array_reverse(ThicknessClass::askable()) as $rung => $class) {
        expect(LadderDrawing::at($class->target()->gramsPerLitre))->toEqualWithDelta(0.1 + 0.2 * $rung, 1e-12);
    }
    // Half way from 58 to 85 is half way between their rungs.
    expect(LadderDrawing::at(71.5))->toEqualWithDelta(0.4, 1e-12)
        ->and(LadderDrawing::at(160.0))->toBe(0.0)
        ->and(LadderDrawing::at(500.0))->toBe(0.0)
        ->and(LadderDrawing::at(15.0))->toBe(1.0)
        ->and(LadderDrawing::at(1.0))->toBe(1.0)
        ->and(LadderDrawing::stops())->toBe('0:160 0.1:125 0.3:85 0.5:58 0.7:43 0.9:30 1:15');
});

it('climbs without a step back', function (): void {
    $last = 2.0;
    foreach (range(10, 170) as $grams) {
        $at = LadderDrawing::at((float) $grams);
        expect($at)->toBeLessThanOrEqual($last)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0);
        $last = $at;
    }
});

it('tells the ratio from a place on the balance bar', function (): void {
    foreach (explode(' ', BalanceDrawing::stops()) as $stop) {
        [$share, $ratio] = array_map(floatval(...), explode(':', $stop));
        expect($share / (1.0 - $share))->toEqualWithDelta($ratio, 1e-3 * (1.0 + $ratio) ** 2);
    }
    expect(BalanceDrawing::stops())->toStartWith('0.3333:0.50')->toEndWith('0.7500:3.00');
});

it('draws the work as hands on and waiting, end to end', function (): void {
    $drawing = TimelineDrawing::of([[5.0, true], [6.0, true], [0.0, false], [30.0, false], [0.0, true], [1.0, true]]);
    expect($drawing->minutes)
        ->toBe(42.0)
        ->and(array_map(fn(array $one): array => [$one['hands'], $one['minutes'], $one['labelled']], $drawing->stretches))
        ->toBe([[true, 11.0, true], [false, 30.0, true], [true, 1.0, false]]);
    $end = 0.0;
    foreach ($drawing->stretches as $one) {
        expect($one['x'])->toEqualWithDelta($end, 1e-9);
        $end = $one['x'] + $one['width'];
    }
    expect($end)
        ->toEqualWithDelta(TimelineDrawing::WIDTH, 1e-9)
        ->and(array_column($drawing->ticks(), 'minutes'))
        ->toBe([0, 5, 10, 15, 20, 25, 30, 35, 40])
        ->and(array_column(TimelineDrawing::of([[600.0, false]])->ticks(), 'minutes'))
        ->toBe([0, 60, 120, 180, 240, 300, 360, 420, 480, 540, 600])
        ->and(TimelineDrawing::of([[0.0, true]])->stretches)
        ->toBe([]);
});
