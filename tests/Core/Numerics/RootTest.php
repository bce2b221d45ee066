<?php

declare(strict_types=1);

use Lento\Exception\NotReachable;
use Lento\Numerics\Curve;
use Lento\Numerics\Root;
use Tests\Core\Room;

covers(...Room::of('Numerics', 'Exception'));

it('finds the zero of an increasing function', function (callable $f, float $low, float $high, float $zero): void {
    expect((new Root(1e-12))->of($f(...), $low, $high, 'it'))->toEqualWithDelta($zero, 1e-9);
})->with([
    'straight' => [fn(float $x): float => 2.0 * $x - 3.0, 0.0, 10.0, 1.5],
    'steep' => [fn(float $x): float => $x ** 9 - 1e-9, 0.0, 100.0, 0.1],
    'flat then steep' => [fn(float $x): float => exp($x) - 2.0, -50.0, 50.0, log(2.0)],
    'a step' => [fn(float $x): float => $x < 0.3 ? -1.0 : 1.0, 0.0, 1.0, 0.3],
    'at the end' => [fn(float $x): float => $x, 0.0, 1.0, 0.0],
]);

it('refuses a bracket without a zero', fn() => (new Root(1e-9))->of(fn(float $x): float => $x + 5.0, 0.0, 1.0, 'this thickness'))->throws(NotReachable::class, 'this thickness cannot be reached');

it('clamps what would overflow', function (): void {
    expect(Curve::sigmoid(1e9))->toBe(1.0)
        ->and(Curve::sigmoid(-1e9))->toBeGreaterThan(0.0)->toBeLessThan(1e-15)
        ->and(Curve::softplus(100.0))->toBe(100.0)->and(Curve::softplus(-100.0))->toBe(0.0)
        ->and(is_finite(Curve::arrhenius(1e9, 200.0, 20.0)))->toBeTrue()
        ->and(Curve::arrhenius(85e3, 160.0, 160.0))->toBe(1.0);
});
