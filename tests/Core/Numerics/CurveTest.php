<?php

declare(strict_types=1);

use Lento\Exception\NotReachable;
use Lento\Numerics\Curve;
use Lento\Numerics\Polyline;
use Lento\Numerics\Root;
use Tests\Core\Room;

covers(...Room::of('Numerics'));

it('knows its curves by their values', function (): void {
    expect(Curve::sigmoid(0.0))
        ->toBe(0.5)
        ->and(Curve::sigmoid(1.0))
        ->toEqualWithDelta(0.7310585786300049, 1e-15)
        ->and(Curve::sigmoid(-39.0))
        ->toEqualWithDelta(exp(-39.0), 1e-22)
        ->and(Curve::sigmoid(-41.0))
        ->toBe(Curve::sigmoid(-40.0))
        ->and(Curve::softplus(0.0))
        ->toEqualWithDelta(M_LN2, 1e-15)
        ->and(Curve::softplus(-3.0))
        ->toEqualWithDelta(log(1.0 + exp(-3.0)), 1e-15)
        ->and(Curve::softplus(29.5) - 29.5)
        ->toBeGreaterThan(0.0)
        ->and(Curve::softplus(30.5))
        ->toBe(30.5)
        ->and(Curve::softplus(-33.0))
        ->toBeGreaterThan(0.0)
        ->and(Curve::softplus(-40.5))
        ->toBe(0.0)
        ->and(Curve::arrhenius(85e3, 150.0, 160.0))
        ->toEqualWithDelta(exp((-85e3 / 8.314) * (1.0 / 423.15 - 1.0 / 433.15)), 1e-15)
        ->and(Curve::arrhenius(1e9, 200.0, 20.0))
        ->toEqualWithDelta(exp(60.0), 1e10)
        ->and(Curve::arrhenius(1e9, 20.0, 200.0))
        ->toEqualWithDelta(exp(-60.0), 1e-40)
        ->and(Curve::clamp(2.0, 0.0, 1.0))
        ->toBe(1.0)
        ->and(Curve::clamp(-2.0, 0.0, 1.0))
        ->toBe(0.0)
        ->and(Curve::clamp(0.3, 0.0, 1.0))
        ->toBe(0.3);
});

it('walks a line from point to point, and stays level outside', function (float $x, float $y): void {
    expect(Polyline::at([[1.0, 10.0], [2.0, 30.0], [4.0, 20.0]], $x))->toEqualWithDelta($y, 1e-12);
})->with([[-5.0, 10.0], [1.0, 10.0], [1.25, 15.0], [2.0, 30.0], [3.0, 25.0], [4.0, 20.0], [9.0, 20.0]]);

it(
    'holds a line of one point',
    fn() => expect(Polyline::at([[3.0, 7.0]], 1.0))->toBe(7.0)->and(Polyline::at([[3.0, 7.0]], 8.0))->toBe(7.0),
);

/** @return array{float, int} where it is, and how often the function was asked */
function asked(Closure $f, float $low, float $high, float $within = 1e-9, ?float $guess = null): array
{
    $count = 0;
    $counted = function (float $x) use ($f, &$count): float {
        $count++;

        return number($f($x));
    };
    $root = new Root($within);
    $x = $guess === null ? $root->of($counted, $low, $high, 'it') : $root->near($counted, $guess, 0.02, $low, $high, 'it');

    return [$x, $count];
}

it('needs few looks at a function that is nearly straight, and not many at a crooked one', function (
    Closure $f,
    float $low,
    float $high,
    int $most,
    float $zero,
): void {
    [$x, $looks] = asked($f, $low, $high);
    expect($x)->toEqualWithDelta($zero, 1e-8)->and($looks)->toBeLessThanOrEqual($most);
})->with([
    'straight' => [fn(float $x): float => 3.0 * $x - 6.0, 0.0, 100.0, 4, 2.0],
    'nearly' => [fn(float $x): float => $x + 0.01 * $x ** 2 - 30.0, 0.0, 200.0, 12, 24.161984870957],
    'the cube' => [fn(float $x): float => $x ** 3 - 5.0, 0.0, 100.0, 40, 5.0 ** (1 / 3)],
    'the ninth power' => [fn(float $x): float => $x ** 9 - 1.0, 0.0, 50.0, 45, 1.0],
    'a step' => [fn(float $x): float => $x < 7.3 ? -1.0 : 1e-7, 0.0, 1000.0, 200, 7.3],
]);

it('looks near the guess first, and everywhere if the guess is wrong', function (): void {
    $f = fn(float $x): float => $x ** 2 - 100.0;
    [$near, $few] = asked($f, 0.0, 1e6, guess: 10.05);
    [$far, $many] = asked($f, 0.0, 1e6, guess: 900.0);
    [$none] = asked($f, 0.0, 1e6, guess: 0.0);
    expect($near)->toEqualWithDelta(10.0, 1e-8)->and($far)->toEqualWithDelta(10.0, 1e-8)->and($none)->toEqualWithDelta(10.0, 1e-8)
        ->and($few)->toBeLessThanOrEqual(8)->and($many)->toBeGreaterThan($few)
        ->and(asked(fn(float $x): float => $x - 1.0, 0.0, 1.0, guess: 1.0)[0])->toEqualWithDelta(1.0, 1e-9);
});

it('finds a zero that lies on an end, and refuses one that lies outside', function (): void {
    expect(asked(fn(float $x): float => $x - 5.0, 5.0, 9.0)[0])->toEqualWithDelta(5.0, 1e-9)
        ->and(asked(fn(float $x): float => $x - 9.0, 5.0, 9.0)[0])->toEqualWithDelta(9.0, 1e-9)
        ->and(fn() => asked(fn(float $x): float => $x - 5.0, 5.1, 9.0))->toThrow(NotReachable::class)
        ->and(fn() => asked(fn(float $x): float => $x - 9.1, 5.0, 9.0))->toThrow(NotReachable::class)
        ->and(fn() => asked(fn(float $x): float => $x + 1.0, 0.0, 9.0, guess: 4.0))->toThrow(NotReachable::class);
});

it('stops at the tolerance it was given', function (): void {
    [$rough, $few] = asked(fn(float $x): float => $x ** 3 - 5.0, 0.0, 10.0, 0.5);
    [$fine, $more] = asked(fn(float $x): float => $x ** 3 - 5.0, 0.0, 10.0, 1e-12);
    expect($few)
        ->toBeLessThan($more)
        ->and($rough)
        ->toEqualWithDelta(5.0 ** (1 / 3), 0.5)
        ->and($fine)
        ->toEqualWithDelta(5.0 ** (1 / 3), 1e-12);
});
