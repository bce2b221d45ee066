<?php

declare(strict_types=1);

use Lento\Exception\NoConvergence;
use Lento\Exception\NotReachable;
use Lento\Numerics\Curve;
use Lento\Numerics\Root;
use Tests\Core\Room;

covers(...Room::of('Numerics', 'Exception'));

it('finds the zero of an increasing function', function (callable $f, float $low, float $high, float $zero): void {
    expect((new Root(1e-12))->of(static fn(float $x): float => number($f($x)), $low, $high, 'it'))->toEqualWithDelta($zero, 1e-9);
})->with([
    'straight' => [fn(float $x): float => 2.0 * $x - 3.0, 0.0, 10.0, 1.5],
    'steep' => [fn(float $x): float => $x ** 9 - 1e-9, 0.0, 100.0, 0.1],
    'flat then steep' => [fn(float $x): float => exp($x) - 2.0, -50.0, 50.0, log(2.0)],
    'a step' => [fn(float $x): float => $x < 0.3 ? -1.0 : 1.0, 0.0, 1.0, 0.3],
    'at the end' => [fn(float $x): float => $x, 0.0, 1.0, 0.0],
]);

/** @return list<float> where a search looked, in order */
function visited(Closure $f, Closure $search): array
{
    $xs = [];
    $search(function (float $x) use ($f, &$xs): float {
        $xs[] = $x;

        return number($f($x));
    });

    return $xs;
}

it('looks where a secant says, and takes the middle when that is slow', function (): void {
    $line = fn(float $x): float => 2.0 * $x - 3.0;
    $step = fn(float $x): float => $x < 0.3 ? -1.0 : 1.0;
    $steep = fn(float $x): float => $x ** 9 - 1e-9;
    $from = fn(float $low, float $high, float $within = 1e-12): Closure => fn(Closure $f): float => (new Root($within))->of(
        $f,
        $low,
        $high,
        'it',
    );
    // Ends, then by the Illinois rule: the end that stays has its value halved.
    expect(visited($line, $from(0.0, 10.0)))
        ->toBe([0.0, 10.0, 1.5])
        ->and(array_slice(visited($step, $from(0.0, 1.0)), 0, 5))
        ->toEqualWithDelta([0.0, 1.0, 0.5, 0.25, 0.375], 1e-12)
        ->and(array_slice(visited(fn(float $x): float => $x * $x - 2.0, $from(0.0, 2.0)), 0, 5))
        ->toEqualWithDelta([0.0, 2.0, 1.0, 4.0 / 3.0, 16.0 / 11.0], 1e-12)
        ->and(count(visited($steep, $from(0.0, 100.0))))
        ->toBeLessThan(70)
        ->and(count(visited($step, $from(0.0, 1.0))))
        ->toBeLessThan(60)
        ->and(count(visited($step, $from(0.0, 1.0, 0.1))))
        ->toBeLessThan(10)
        ->and(count(visited($step, fn(Closure $f): float => Root::across(1.0)->of($f, 0.0, 1.0, 'it'))))
        ->toBeLessThan(count(visited($step, $from(0.0, 1.0))));
});

it('tries the neighbourhood of a guess first, and all of it if need be', function (): void {
    $line = fn(float $x): float => $x - 4.9;
    $near = fn(float $guess, float $low = 0.0, float $high = 100.0): Closure => fn(Closure $f): float => (new Root(1e-9))->near(
        $f,
        $guess,
        0.1,
        $low,
        $high,
        'it',
    );
    $seen = fn(Closure $f, Closure $search, int $n): array => array_slice(visited($f, $search), 0, $n);
    expect($seen($line, $near(5.0), 3))->toEqualWithDelta([4.5, 5.5, 4.9], 1e-12)
        ->and($seen($line, $near(5.0, 4.8, 5.0), 3))->toEqualWithDelta([4.8, 5.0, 4.9], 1e-12)
        ->and($seen($line, $near(50.0), 5))->toEqualWithDelta([45.0, 55.0, 0.0, 100.0, 4.9], 1e-9)
        ->and($seen($line, $near(0.0), 3))->toEqualWithDelta([0.0, 100.0, 4.9], 1e-9)
        ->and($seen(fn(float $x): float => $x - 4.5, $near(5.0), 3))->toEqualWithDelta([4.5, 5.5, 4.5], 1e-12)
        ->and($seen(fn(float $x): float => $x - 5.5, $near(5.0), 3))->toEqualWithDelta([4.5, 5.5, 5.5], 1e-12);
});

it('gives up on what is no function', function (): void {
    $calls = 0;
    $mad = function (float $x) use (&$calls): float {
        return ++$calls === 1 ? -1.0 : ($calls === 2 ? 1.0 : NAN);
    };
    expect(fn() => (new Root(1e-9))->of($mad, 0.0, 1.0, 'this thickness'))->toThrow(NoConvergence::class)
        ->and($calls)->toBe(3)
        ->and(fn() => (new Root(1e-9))->of(fn(): float => NAN, 0.0, 1.0, 'this thickness'))->toThrow(NotReachable::class);
});

it('refuses a bracket without a zero', fn() => (new Root(1e-9))->of(fn(float $x): float => $x + 5.0, 0.0, 1.0, 'this thickness'))->throws(
    NotReachable::class,
    'this thickness',
);

it('clamps what would overflow', function (): void {
    expect(Curve::sigmoid(1e9))->toBe(1.0)
        ->and(Curve::sigmoid(-1e9))->toBeGreaterThan(0.0)->toBeLessThan(1e-15)
        ->and(Curve::softplus(100.0))->toBe(100.0)->and(Curve::softplus(-100.0))->toBe(0.0)
        ->and(is_finite(Curve::arrhenius(1e9, 200.0, 20.0)))->toBeTrue()
        ->and(Curve::arrhenius(85e3, 160.0, 160.0))->toBe(1.0);
});
