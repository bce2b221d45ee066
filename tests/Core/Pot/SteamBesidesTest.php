<?php

declare(strict_types=1);

use Lento\Larder\Larder;
use Lento\Pot\CoolingOff;
use Lento\Pot\Pan;
use Lento\Pot\PouringIn;
use Lento\Pour\PouredLiquid;
use Lento\Pour\RouxInPan;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\Ledger;
use Lento\Simulation\PotState;
use Lento\Simulation\SauceInPan;
use Lento\Simulation\Setting;
use Lento\Thickness\Sauce;
use Tests\Core\Room;

covers(...Room::of('Pot'));

// What a pot loses besides its simmer: while it is poured, and while it cools.

function thinStock(float $litres): Sauce
{
    $larder = Larder::house();
    $stock = $larder->ingredient('chicken-stock');

    return Sauce::nothing()->with($stock, $stock->density->massOf(Volume::ofLitres($litres)));
}

function pouredOn(School $school, float $roux, float $liquid): PouringIn
{
    $pan = Pan::suiting(Volume::ofMillilitres($roux + $liquid));

    return PouringIn::of(
        $school,
        RouxInPan::of(Mass::ofGrams($roux), Temperature::ofCelsius(140.0), $pan->mass()),
        PouredLiquid::of($school, Mass::ofGrams($liquid), Larder::house()->ingredient('chicken-stock')),
        $pan,
    );
}

it('cools off as the pot does second by second', function (float $litres, float $to): void {
    [$pan, $sauce] = [Pan::suiting(Volume::ofLitres($litres)), thinStock($litres)];
    $law = (new CoolingOff($pan))->steam($sauce, Temperature::ofCelsius(93.0), Temperature::ofCelsius($to));
    $cooling = new SauceInPan(HeatedPan::of($pan));
    $setting = Setting::cold()->heated(Heating::off());
    $pot = PotState::emptyPan(93.0)->sauced($sauce, 93.0, Ledger::opened());
    for ($i = 0; $i < 20_000 && $pot->celsius > $to; $i++) {
        $pot = $cooling->after($pot, $setting, 1);
    }
    expect($law)->toEqualWithDelta($sauce->waterGrams - $pot->sauce->waterGrams, 0.03 * $law)->toBeGreaterThan(0.0);
})->with([0.3, 2.0, 40.0])->with([60.0, 80.0]);

it('loses nothing on the way up, and more the longer it stands', function (): void {
    $off = new CoolingOff(Pan::suiting(Volume::ofLitres(1.0)));
    $standing = static fn(float $s): float => $off->standing(Temperature::ofCelsius(90.0), Duration::ofSeconds($s));
    expect($off->steam(thinStock(1.0), Temperature::ofCelsius(70.0), Temperature::ofCelsius(75.0)))->toBe(0.0)
        ->and($standing(0.0))->toBe(0.0)
        ->and($standing(20.0))->toEqualWithDelta(2.0 * $standing(10.0), 1e-9);
});

it('steams while it is poured, the hotter the more, and comes out no hotter than it can', function (float $scale): void {
    [$cold, $hot] = [
        pouredOn(School::ColdOnHot, 120.0 * $scale, 1000.0 * $scale),
        pouredOn(School::HotOnHot, 120.0 * $scale, 1000.0 * $scale),
    ];
    expect($cold->steamGrams)->toBeGreaterThan(0.0)->toBeLessThan($hot->steamGrams)
        ->and($hot->steamGrams)->toBeLessThan(0.03 * 1000.0 * $scale)
        ->and($cold->mixed->inCelsius())->toBeGreaterThan(8.0)->toBeLessThan(60.0)
        ->and($hot->mixed->inCelsius())->toBeGreaterThan(70.0)->toBeLessThan(100.0);
})->with([0.1, 1.0, 40.0]);

it('pours no roux that goes into what boils', function (): void {
    expect(pouredOn(School::RouxIntoBoiling, 120.0, 1000.0)->steamGrams)->toBe(0.0)
        ->and(pouredOn(School::ColdOnHot, 120.0, 0.0)->steamGrams)->toBe(0.0);
});

it('stands for amounts that differ by a hair', function (): void {
    $poured = pouredOn(School::HotOnHot, 120.0, 1000.0);
    expect($poured->standsFor(Mass::ofGrams(120.3), Mass::ofGrams(1002.0), 5e-3))->toBeTrue()
        ->and($poured->standsFor(Mass::ofGrams(121.0), Mass::ofGrams(1000.0), 5e-3))->toBeFalse()
        ->and($poured->standsFor(Mass::ofGrams(120.0), Mass::ofGrams(1010.0), 5e-3))->toBeFalse();
});
