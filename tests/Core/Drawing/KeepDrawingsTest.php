<?php

declare(strict_types=1);

use Lento\Drawing\CoolingCurves;
use Lento\Drawing\CoolingDrawing;
use Lento\Drawing\CoolingPost;
use Lento\Drawing\TubDrawing;
use Tests\Core\Room;

covers(...Room::of('Drawing'));

/** @param list<array{float, float}> $read */
function coolingDrawn(array $read, CoolingPost ...$posts): CoolingDrawing
{
    $stands = array_map(static fn(int $k): array => [20.0 * $k, 3.0 + 77.0 * exp(-$k / 8.0)], range(0, 20));

    return CoolingDrawing::of(
        new CoolingCurves($read, [[30.0, 200.0]], $read, $stands, [...$stands, ...array_reverse($stands)], []),
        array_values($posts),
        95.0,
        array_map(static fn(int $k): array => [60.0 * $k, sprintf('%02d:00', 18 + $k)], range(0, 8)),
    );
}

it('hangs each gate down to its limit, with its words beside it and never over those of another', function (CoolingPost ...$posts): void {
    $drawn = coolingDrawn([[0.0, 80.0], [40.0, 50.0]], ...array_values($posts));
    $boxes = [];
    foreach ($drawn->posts as $post) {
        // As wide as "by 20:20" at 15 px.
        $boxes[] = $post['anchor'] === 'start' ? [$post['words'], $post['words'] + 62.0] : [$post['words'] - 62.0, $post['words']];
        $boxes[] = [$post['x'] - CoolingDrawing::POST / 2.0, $post['x'] + CoolingDrawing::POST / 2.0];
        expect($post['y'])->toBeGreaterThan(CoolingDrawing::top())->toBeLessThan(CoolingDrawing::floor());
    }
    sort($boxes);
    foreach ($boxes as $i => [$left, $right]) {
        expect($left)->toBeGreaterThanOrEqual(0.0)->and($right)->toBeLessThanOrEqual(CoolingDrawing::WIDTH);
        if ($i > 0) {
            expect($left)->toBeGreaterThanOrEqual($boxes[$i - 1][1]);
        }
    }
})->with([
    'two hours and six' => [
        new CoolingPost(120.0, 21.0, '21 °C', 'by 20:20', true),
        new CoolingPost(360.0, 5.0, '5 °C', 'by 0:20', false),
    ],
    'one' => [new CoolingPost(90.0, 8.0, '8 °C', 'by 19:50', true)],
    'the second early' => [
        new CoolingPost(100.0, 21.0, '21 °C', 'by 20:00', false),
        new CoolingPost(340.0, 5.0, '5 °C', 'by 0:00', true),
    ],
]);

it('crosses a post where the curve as it stands runs into it', function (): void {
    $drawn = coolingDrawn(
        [],
        new CoolingPost(120.0, 21.0, '21 °C', 'by 20:20', true),
        new CoolingPost(360.0, 12.0, '12 °C', 'by 0:20', false),
    );
    $degrees = (CoolingDrawing::floor() - ($drawn->posts[0]['cross'] ?? 0.0)) / (CoolingDrawing::floor() - $drawn->posts[0]['y']) * 21.0;

    expect($degrees)->toEqualWithDelta(3.0 + 77.0 * exp(-6.0 / 8.0), 0.5)->and($drawn->posts[1]['cross'])->toBeNull();
});

it('names readings only where their names have room, the last always', function (): void {
    $read = array_map(static fn(int $k): array => [3.0 * $k, 80.0 - $k], range(0, 30));
    $named = array_values(array_filter(coolingDrawn($read)->read, static fn(array $one): bool => $one['name'] !== ''));

    expect($named[count($named) - 1]['name'])->toBe('50°')->and(count($named))->toBeGreaterThan(3)->toBeLessThan(12);
    foreach ($named as $i => $one) {
        expect($i === 0 ? INF : $one['x'] - $named[$i - 1]['x'])->toBeGreaterThanOrEqual(40.0);
    }
});

it('stays within its picture, whatever is read in it, by day and in Fahrenheit', function (): void {
    $drawn = coolingDrawn([[0.0, 80.0], [400.0, -20.0]], new CoolingPost(120.0, 21.0, '70 °F', 'by 20:20', false));
    foreach ([...array_map(static fn(array $one): array => [$one['x'], $one['y']], $drawn->read), ...$drawn->doubted] as [$x, $y]) {
        expect($y)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(CoolingDrawing::floor() + 1e-9)->and(is_finite($x))->toBeTrue();
    }
    expect($drawn->flag())
        ->toBeGreaterThanOrEqual(CoolingDrawing::left())
        ->and(coolingDrawn([])->read)
        ->toBe([])
        ->and(array_column($drawn->xTicks, 1))
        ->toContain('18:00')
        ->and(array_column(coolingDrawn([])->yTicks, 1))
        ->toContain('60°');
});

it('draws a tub to scale, any tub, with its words where they can be read', function (
    float $wide,
    float $high,
    float $deep,
    bool $inside,
): void {
    $drawn = TubDrawing::of($wide, $high, $deep);

    expect($drawn->isInSauce())
        ->toBe($inside)
        ->and($drawn->wordsY())
        ->toBeGreaterThan(8.0)
        ->toBeLessThan(TubDrawing::HEIGHT)
        ->and($drawn->left())
        ->toBeGreaterThanOrEqual(7.0)
        ->and($drawn->isSmaller)
        ->toBe($wide > 540.0 || $high > 262.0)
        ->and($drawn->walls() . $drawn->sauce())
        ->not->toContain('NAN');
})->with([
    'a tray, three centimetres' => [530.0, 65.0, 30.0, false],
    'a deep tray' => [530.0, 150.0, 110.0, true],
    'a narrow tub' => [176.0, 150.0, 140.0, false],
    'a kettle' => [900.0, 700.0, 600.0, true],
    'a thimble' => [20.0, 20.0, 1.0, false],
    'empty' => [530.0, 65.0, 0.0, false],
    'brimming over' => [530.0, 65.0, 900.0, false],
]);
