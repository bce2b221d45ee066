<?php

declare(strict_types=1);

use Lento\Numerics\Normal;
use Tests\Core\Room;

covers(...Room::of('Numerics'));

it('knows the normal curve', function (float $z, float $below): void {
    expect(Normal::below($z))
        ->toEqualWithDelta($below, 2e-7)
        ->and(Normal::below(-$z))
        ->toEqualWithDelta(1.0 - $below, 2e-7);
})->with([
    [0.0, 0.5],
    [0.5, 0.6914624613],
    [1.0, 0.8413447461],
    [1.2816, 0.9000085],
    [2.0, 0.9772498681],
    [3.0, 0.998650102],
    [6.0, 0.999999999],
]);

it('has a density that is the slope of its area', function (float $z): void {
    expect(Normal::density($z))->toEqualWithDelta((Normal::below($z + 0.01) - Normal::below($z - 0.01)) / 0.02, 5e-5);
})->with([-2.0, -0.7, 0.0, 0.3, 1.5]);

it('ends at nothing and at all', function (): void {
    expect([Normal::below(-INF), Normal::below(INF)])->toBe([0.0, 1.0])->and(Normal::density(INF))->toBe(0.0);
});
