<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\Starch;
use Tests\Core\Golden\Table;
use Tests\Core\Room;

covers(...Room::of('Pot'));

function pan(float $diameterCm, float $heightCm = 14.0): Pan
{
    return Pan::of(Length::ofCentimetres($diameterCm), Length::ofCentimetres($heightCm));
}

it('agrees with the prototype on a béchamel simmered for twenty minutes', function (): void {
    $larder = Larder::house();
    $roux = Sauce::nothing()
        ->withThickener($larder->thickener('plain-flour'), Mass::ofGrams(55.0))
        ->withFat($larder->fat('butter'), Mass::ofGrams(55.0));
    $perGram = Sauce::nothing()->with($larder->ingredient('whole-milk'), Mass::ofGrams(1.0))->millilitres();
    $sauce = $roux->with($larder->ingredient('whole-milk'), Mass::ofGrams((1000.0 - $roux->millilitres()) / $perGram));
    $end = (new Simmer(pan(20.0), SimmerLevel::Bare))->for($sauce, Duration::ofMinutes(20.0));
    $vector = Table::vectors()['bechamel20'];
    expect($end->waterGrams)->toEqualWithDelta(number(row($vector)['water']), 1e-9 * number(row($vector)['water']))
        ->and($end->starch->gelatinised)->toEqualWithDelta(number(row($vector)['g']), 1e-10)
        ->and($end->starch->acidLeft)->toEqualWithDelta(number(row($vector)['fac']), 1e-10)
        ->and($end->starch->rawTaste)->toEqualWithDelta(number(row($vector)['raw']), 1e-10)
        ->and(Flow::at($end, 60.0)->pascalSeconds(10.0))->toEqualWithDelta(Table::vectors()['bechamel20_eta10'], 1e-9);
});

it('meets the table of evaporation', function (array $row): void {
    $water = Sauce::nothing()->with(Larder::house()->ingredient('water'), Mass::ofGrams(number($row['ml'])));
    $lost = fn(SimmerLevel $level, Lid $lid = Lid::Open): float => $water->waterGrams
        - (new Simmer(pan(number($row['pan cm'])), $level, $lid))->for($water, Duration::ofMinutes(1.0))->waterGrams;
    // "Thin sauce": water's own viscosity slows it by less than a thousandth.
    expect($lost(SimmerLevel::Bare))
        ->toEqualWithDelta(number($row['bare g/min']), 0.06)
        ->and($lost(SimmerLevel::Simmer))
        ->toEqualWithDelta(number($row['simmer g/min']), 0.06)
        ->and($lost(SimmerLevel::Boil))
        ->toEqualWithDelta(number($row['boil g/min']), 0.55)
        ->and((100.0 * 30.0 * $lost(SimmerLevel::Bare, Lid::Partial)) / number($row['ml']))
        ->toEqualWithDelta(number($row['partial lid bare %']), 0.06);
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t9-evaporation')));

it('swells starch with heat: none below 58 °C, most of it at the boil', function (): void {
    expect(Starch::gelatinisedAtRest(58.0, 76.0))->toBe(0.0)
        ->and(Starch::gelatinisedAtRest(76.0, 76.0))->toEqualWithDelta(0.49, 0.01)
        ->and(Starch::gelatinisedAtRest(95.0, 76.0))->toBeGreaterThan(0.98)->toBeLessThanOrEqual(1.0);
});

it('loses only water and spirit, and never gains', function (): void {
    $larder = Larder::house();
    $sauce = Sauce::nothing()
        ->withThickener($larder->thickener('plain-flour'), Mass::ofGrams(60.0))
        ->withFat($larder->fat('butter'), Mass::ofGrams(60.0))
        ->with($larder->ingredient('chicken-stock'), Mass::ofGrams(900.0))
        ->with($larder->ingredient('white-wine'), Mass::ofGrams(100.0));
    $course = (new Simmer(pan(20.0), SimmerLevel::Brisk))->course($sauce, Duration::ofMinutes(60.0), 12);
    expect($course)->toHaveCount(13);
    for ($i = 1; $i < 13; $i++) {
        expect($course[$i]->fatGrams)->toBe($sauce->fatGrams)
            ->and($course[$i]->solidsGrams)->toBe($sauce->solidsGrams)
            ->and($course[$i]->waterGrams)->toBeLessThan($course[$i - 1]->waterGrams)
            ->and($course[$i]->alcoholGrams)->toBeLessThan($course[$i - 1]->alcoholGrams);
    }
});

it('cannot be boiled to nothing', function (): void {
    $milk = Sauce::nothing()->with(Larder::house()->ingredient('whole-milk'), Mass::ofGrams(100.0));
    $end = (new Simmer(pan(30.0), SimmerLevel::Boil))->for($milk, Duration::ofMinutes(480.0));
    expect($end->waterGrams)->toBeGreaterThan(0.0)
        ->and(is_finite(Flow::at($end, 60.0)->pascalSeconds(10.0)))->toBeTrue();
});

it('knows depth, fill and brim of a pan', function (): void {
    $pan = pan(24.0);
    expect($pan->brim()->inLitres())->toEqualWithDelta(M_PI * 144.0 * 14.0 / 1000.0, 1e-9)
        ->and($pan->depth(Volume::ofLitres(2.0))->inMillimetres())->toEqualWithDelta(44.21, 0.01)
        ->and($pan->fill($pan->brim()))->toEqualWithDelta(1.0, 1e-12)
        ->and($pan->holds(Length::ofMillimetres(10.0))->inMillilitres())->toEqualWithDelta(452.39, 0.01);
});

it('suits a pan to any volume from a cup to a kettle', function (float $litres): void {
    $pan = Pan::suiting(Volume::ofLitres($litres));
    expect($pan->fill(Volume::ofLitres($litres)))->toBeLessThan(0.80)->toBeGreaterThan(0.25);
})->with([0.1, 0.5, 1.0, 2.0, 5.0, 20.0, 100.0, 230.0]);

it('refuses pans nobody has', fn(float $d, float $h) => expect(fn() => pan($d, $h))->toThrow(OutOfRange::class))->with([
    [4.0, 10.0],
    [130.0, 10.0],
    [24.0, 3.0],
    [24.0, 120.0],
]);

it('boils later when there is more, and says when it never will', function (): void {
    $boil = new TimeToBoil(pan(24.0), HobHeat::MediumHigh->flux());
    $small = $boil->from(Temperature::ofCelsius(10.0), 4000.0);
    $large = $boil->from(Temperature::ofCelsius(10.0), 8000.0);
    expect($small?->inMinutes())->toBeLessThan($large?->inMinutes() ?? 0.0)
        ->and($boil->from(Temperature::ofCelsius(100.0), 4000.0)?->seconds)->toBe(0.0)
        ->and((new TimeToBoil(pan(24.0), 0.05))->from(Temperature::ofCelsius(10.0), 4000.0))->toBeNull();
});

it('meets the table of minutes to the boil on five hobs', function (array $row): void {
    $grams = number($row['mass']);
    $pan = pan(number($row['pan']));
    $panKilograms = $grams <= 20000.0 ? 0.6 + 0.25 * $grams / 1000.0 : 12.0;
    $heat = $grams * 4.0 + ($panKilograms - $pan->mass()->kilograms) * 500.0;
    foreach (
        [
            'gas 1.8 kW' => 1800 * 0.4,
            'gas 3 kW' => 3000 * 0.4,
            'ceramic 1.8 kW' => 1800 * 0.65,
            'induction 2 kW' => 2000 * 0.85,
            'induction 3.5 kW' => 3500 * 0.85,
        ] as $hob => $watts
    ) {
        $time = (new TimeToBoil($pan, $watts / $pan->areaSquareCentimetres()))->from(Temperature::ofCelsius(10.0), $heat);
        $row[$hob] === 'never' ? expect($time)->toBeNull() : expect($time?->inMinutes())->toEqualWithDelta(number($row[$hob]), 0.05 + 1e-9);
    }
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t9b-time-to-boil')));
