<?php

declare(strict_types=1);

use Lento\Pot\Pan;
use Lento\Quantity\Volume;
use Tests\Core\Room;

covers(...Room::of('Pot'));

// A pan where none is given.

it('is as wide as the model’s own, within a tenth', function (float $litres, float $centimetres): void {
    $pan = Pan::suiting(Volume::ofLitres($litres));
    expect($pan->diameter->inCentimetres())->toEqualWithDelta($centimetres, 0.1 * $centimetres)
        ->and($pan->fill(Volume::ofLitres($litres)))->toBeLessThanOrEqual(0.75 + 1e-9);
})->with([[1.0, 20.0], [2.0, 24.0], [5.0, 32.0], [20.0, 40.0], [100.0, 60.0]]);

it('grows with what goes in, holds it, and stands a spoon deep', function (): void {
    $last = Pan::suiting(Volume::ofMillilitres(80.0));
    for ($litres = 0.1; $litres <= 1000.0; $litres *= 1.1) {
        $volume = Volume::ofLitres($litres);
        $pan = Pan::suitingOrWidest($volume);
        expect($pan->diameter->metres)->toBeGreaterThanOrEqual($last->diameter->metres, "$litres l")
            ->and($pan->depth($volume)->inMillimetres())->toBeGreaterThanOrEqual(20.0, "$litres l")
            ->and($pan->height->inMillimetres())->toBeLessThanOrEqual(Pan::MOST_HEIGHT_MILLIMETRES);
        if ($litres < 700.0) {
            expect($pan->fill($volume))->toBeLessThanOrEqual(0.75 + 1e-6, "$litres l");
        }
        $last = $pan;
    }
});

it('is narrower where most of it boils off', function (): void {
    $volume = Volume::ofLitres(0.4);
    expect(Pan::suiting($volume, 0.5)->diameter->metres)->toBeLessThan(Pan::suiting($volume)->diameter->metres)
        ->and(Pan::suiting($volume, 0.5)->depth(Volume::ofLitres(0.2))->inMillimetres())->toBeGreaterThan(20.0);
});
