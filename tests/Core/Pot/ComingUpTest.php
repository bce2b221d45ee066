<?php

declare(strict_types=1);

use Lento\Larder\Larder;
use Lento\Pot\ComingUp;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pot\Spirit;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;
use Tests\Core\Room;

covers(...Room::of('Pot'));

function mixedMilk(float $litres): Sauce
{
    $larder = Larder::house();
    $milk = $larder->ingredient('whole-milk');

    return Sauce::nothing()
        ->withThickener($larder->thickener('plain-flour'), Mass::ofGrams(60.0 * $litres))
        ->with($milk, $milk->density->massOf(Volume::ofLitres($litres)));
}

it('swells the starch, cooks some of its taste out and steams on the way to the boil, from any size', function (float $litres): void {
    $mixed = mixedMilk($litres);
    $pan = Pan::suiting(Volume::ofLitres($litres));
    $up = (new ComingUp($pan))->to($mixed, Temperature::ofCelsius(20.0));
    expect($up->starch->gelatinised)->toBeGreaterThan(0.98)->toBeLessThanOrEqual(1.0)
        ->and($up->starch->rawTaste)->toBeGreaterThan(0.0)->toBeLessThan(1.0)
        ->and($up->waterGrams)->toBeLessThan($mixed->waterGrams)->toBeGreaterThan(0.9 * $mixed->waterGrams)
        ->and($up->solidsGrams)->toBe($mixed->solidsGrams)
        ->and($up->fatGrams)->toBe($mixed->fatGrams);
    // From nearer the boil it has less to go.
    $late = (new ComingUp($pan))->to($mixed, Temperature::ofCelsius(85.0));
    expect($late->waterGrams)->toBeGreaterThan($up->waterGrams)
        ->and($late->starch->rawTaste)->toBeGreaterThan($up->starch->rawTaste);
})->with([0.1, 1.0, 10.0, 200.0]);

it('does nothing to a pot that boils, and boils a thin one without starch too', function (): void {
    $mixed = mixedMilk(1.0);
    $pan = Pan::suiting(Volume::ofLitres(1.0));
    $up = new ComingUp($pan);
    $there = $up->to($mixed, Temperature::ofCelsius(100.0));
    expect($there->waterGrams)->toBe($mixed->waterGrams)->and($there->starch->rawTaste)->toBe($mixed->starch->rawTaste);
    $water = Sauce::nothing()->with(Larder::house()->ingredient('water'), Mass::ofGrams(500.0));
    expect($up->to($water, Temperature::ofCelsius(10.0))->waterGrams)->toBeLessThan(500.0)->toBeGreaterThan(470.0);
});

it('takes the heat to the boil as the second-by-second pot does: a slice more changes nothing', function (): void {
    // Two halves of the way, each in its own slices, against all of it at once.
    $mixed = mixedMilk(2.0);
    $pan = Pan::suiting(Volume::ofLitres(2.0));
    $high = (new ComingUp($pan, Temperature::ofCelsius(92.0)))->to($mixed, Temperature::ofCelsius(20.0));
    $once = (new ComingUp($pan))->to($mixed, Temperature::ofCelsius(20.0));
    $onward = (new ComingUp($pan))->to($high, Temperature::ofCelsius(90.5));
    expect($onward->waterGrams)->toEqualWithDelta($once->waterGrams, 2.0)
        ->and($onward->starch->rawTaste)->toEqualWithDelta($once->starch->rawTaste, 0.02);
});

it('loses spirit by the published retention table, in a simmer too, with starch and without', function (): void {
    foreach ([0 => 1.0, 15 => 0.40, 30 => 0.35, 60 => 0.25, 150 => 0.05] as $minutes => $share) {
        expect(Spirit::left((float) $minutes))->toEqualWithDelta($share, 1e-12);
    }
    expect(Spirit::left(1000.0))->toBeGreaterThan(0.0)->toBeLessThan(0.01)
        ->and(Spirit::leftOver(10.0, 20.0) * Spirit::left(10.0))->toEqualWithDelta(Spirit::left(30.0), 1e-12);
    $larder = Larder::house();
    $simmer = new Simmer(Pan::suiting(Volume::ofLitres(1.0)), SimmerLevel::Simmer);
    foreach ([0.0, 50.0] as $flour) {
        $sauce = Sauce::nothing()
            ->withThickener($larder->thickener('plain-flour'), Mass::ofGrams($flour))
            ->with($larder->ingredient('chicken-stock'), Mass::ofGrams(900.0))
            ->with($larder->ingredient('white-wine'), Mass::ofGrams(100.0));
        $half = $simmer->for($sauce, Duration::ofMinutes(30.0));
        expect($half->alcoholGrams)->toEqualWithDelta(0.35 * $sauce->alcoholGrams, 1e-9)
            ->and($simmer->for($half, Duration::ofMinutes(30.0))->alcoholGrams)->toEqualWithDelta(0.25 * $sauce->alcoholGrams, 1e-9);
    }
});
