<?php

declare(strict_types=1);

use Lento\Drawing\ForecastCurves;
use Lento\Drawing\ForecastDrawing;
use Tests\Core\Room;

covers(...Room::of('Drawing'));

/** @param array{float, float, float}|null $arrives */
function drawnForecast(float $now = 10.0, ?array $arrives = [15.0, 20.0, 28.0]): ForecastDrawing
{
    return ForecastDrawing::of(
        430.0,
        190.0,
        new ForecastCurves([[0.0, 48.0], [30.0, 45.0]], [[0.0, 48.0], [10.0, 47.2]], [[8.0, 47.0]], [[10.0, 47.2], [30.0, 45.2]]),
        45.0,
        $now,
        $arrives,
    );
}

it('draws plan, past, readings and what is to come on one scale', function (): void {
    $d = drawnForecast();
    [$x, $y] = $d->read[0];
    expect($d->planned)->toStartWith('M')->and($d->gone)->toStartWith('M')->and($d->ahead)->toStartWith('M')
        ->and($x)->toBeGreaterThan($d->left())->toBeLessThan($d->now)
        ->and($y)->toBeLessThan($d->target)
        ->and($d->target)->toBeLessThan($d->floor())
        ->and($d->now)->toBeLessThan($d->band[1] ?? 0.0);
});

it('keeps the band in its order and inside the drawing, however late it ends', function (): void {
    [$soon, $likely, $late] = drawnForecast(arrives: [12.0, 40.0, 5000.0])->band ?? [0.0, 0.0, 0.0];
    expect($soon)
        ->toBeLessThan($likely)
        ->and($likely)
        ->toBeLessThanOrEqual($late)
        ->and($late)
        ->toBeLessThanOrEqual(drawnForecast()->right() + 1e-6)
        ->and(drawnForecast(arrives: null)->band)
        ->toBeNull();
});

it('names round numbers on both axes, apart enough to read', function (): void {
    $d = drawnForecast();
    foreach ([$d->xTicks, $d->yTicks] as $ticks) {
        expect(count($ticks))->toBeGreaterThan(1);
        for ($i = 1; $i < count($ticks); $i++) {
            expect(abs($ticks[$i][0] - $ticks[$i - 1][0]))->toBeGreaterThan(30.0);
        }
    }
});

it('draws a pot that has only begun, and one whose level never moves', function (): void {
    $begun = ForecastDrawing::of(430.0, 190.0, new ForecastCurves([], [[0.0, 45.0]], [], []), 45.0, 0.0, null);
    $still = ForecastDrawing::of(430.0, 190.0, new ForecastCurves([[0.0, 45.0], [10.0, 45.0]], [], [], []), 45.0, 5.0, null);
    expect([$begun->planned, $begun->gone, $begun->ahead])->toBe(['', '', ''])
        ->and(is_finite($begun->target) && is_finite($begun->now))->toBeTrue()
        ->and($still->planned)->not->toContain('NAN')->not->toContain('INF');
});
