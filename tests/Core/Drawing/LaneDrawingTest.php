<?php

declare(strict_types=1);

use Lento\Drawing\LaneDrawing;
use Lento\Drawing\Lanes;
use Tests\Core\Room;

covers(...Room::of('Drawing'));

function lanes(float $from = 60.0, float $until = 660.0): LaneDrawing
{
    return LaneDrawing::of(600.0, 200.0, Lanes::over($from, $until, 4.0, ['white' => 0.6, 'blond' => 1.5, 'brown' => 2.8, 'dark' => 9.0]));
}

it('stacks its lanes from below to the top, without a gap', function (): void {
    $drawing = lanes();
    $below = 200.0;
    foreach ($drawing->lanes as $lane) {
        expect($lane['y'] + $lane['height'])->toEqualWithDelta($below, 1e-9)
            ->and($lane['nameY'])->toBeGreaterThan($lane['y'])
            ->and($lane['named'])->toBe($lane['height'] >= 18.0);
        $below = $lane['y'];
    }
    expect(array_column($drawing->lanes, 'name'))->toBe(['white', 'blond', 'brown', 'dark'])->and($below)->toBe(0.0);
});

it('goes from left to right with time and up with its value, and stays inside', function (): void {
    $drawing = lanes();
    expect($drawing->x(60.0))->toBe(0.0)
        ->and($drawing->x(360.0))->toEqualWithDelta(300.0, 1e-9)
        ->and($drawing->x(9000.0))->toBe(600.0)
        ->and($drawing->y(0.0))->toBe(200.0)
        ->and($drawing->y(2.0))->toEqualWithDelta(100.0, 1e-9)
        ->and($drawing->y(99.0))->toBe(0.0)
        ->and($drawing->line([[60.0, 0.0], [660.0, 4.0]]))->toBe('M0 200L600 0')
        ->and($drawing->line([]))->toBe('');
});

it('tells whole minutes below, few enough to read, however long it was', function (float $until): void {
    $ticks = lanes(0.0, $until)->ticks;
    expect(count($ticks))->toBeLessThanOrEqual(7)->toBeGreaterThan(0)
        ->and($ticks[0])->toBe(['x' => 0.0, 'minutes' => '0'])
        ->and(array_unique(array_column($ticks, 'minutes')))->toHaveCount(count($ticks));
})->with([0.0, 30.0, 600.0, 5400.0, 43_200.0]);
