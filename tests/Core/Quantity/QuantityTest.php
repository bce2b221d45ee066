<?php

declare(strict_types=1);

use Lento\Exception\NotANumber;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Quantity\Density;
use Lento\Quantity\Duration;
use Lento\Quantity\KitchenNumber;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\MassUnit;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Temperature;
use Lento\Quantity\UnitNames;
use Lento\Quantity\Viscosity;
use Lento\Quantity\Volume;
use Lento\Quantity\VolumeUnit;
use Tests\Core\Room;

covers(...Room::of('Quantity', 'Exception'));

it('converts masses', function (): void {
    expect(Mass::ofOunces(1.0)->inGrams())->toEqualWithDelta(28.349523125, 1e-9)
        ->and(Mass::ofPounds(1.0)->inOunces())->toEqualWithDelta(16.0, 1e-9)
        ->and(Mass::ofGrams(250.0)->inKilograms())->toEqualWithDelta(0.25, 1e-12)
        ->and(Mass::ofKilograms(1.0)->inPounds())->toEqualWithDelta(2.2046226, 1e-7);
});

it('converts temperatures both ways', function (float $celsius, float $fahrenheit): void {
    expect(Temperature::ofCelsius($celsius)->inFahrenheit())->toEqualWithDelta($fahrenheit, 1e-9)
        ->and(Temperature::ofFahrenheit($fahrenheit)->inCelsius())->toEqualWithDelta($celsius, 1e-9)
        ->and(Temperature::ofKelvin($celsius + 273.15)->inCelsius())->toEqualWithDelta($celsius, 1e-9);
})->with([[0.0, 32.0], [100.0, 212.0], [60.0, 140.0], [-18.0, -0.4]]);

it('lets mass and volume meet only through a density', function (): void {
    $milk = Density::ofGramsPerMillilitre(1.03);
    expect($milk->massOf(Volume::ofLitres(2.0))->inGrams())->toEqualWithDelta(2060.0, 1e-9)
        ->and($milk->volumeOf(Mass::ofGrams(515.0))->inMillilitres())->toEqualWithDelta(500.0, 1e-9)
        ->and($milk->inGramsPerMillilitre())->toEqualWithDelta(1.03, 1e-12);
});

it('refuses negative, infinite and undefined quantities', function (callable $make): void {
    expect($make)->toThrow(OutOfRange::class);
})->with([
    fn() => Mass::ofGrams(-1.0),
    fn() => Mass::ofGrams(NAN),
    fn() => Volume::ofLitres(INF),
    fn() => Volume::ofMillilitres(-0.1),
    fn() => Length::ofMillimetres(-2.0),
    fn() => Duration::ofMinutes(-1.0),
    fn() => Viscosity::ofPascalSeconds(NAN),
    fn() => Density::ofGramsPerMillilitre(0.0),
    fn() => Density::ofGramsPerMillilitre(INF),
    fn() => Temperature::ofCelsius(-300.0),
    fn() => Temperature::ofKelvin(INF),
]);

it('keeps the units of the trade table', function (VolumeUnit $unit, float $millilitres): void {
    expect($unit->size()->inMillilitres())->toEqualWithDelta($millilitres, 6e-6 * $millilitres)
        ->and($unit->amountIn($unit->of(2.5)))->toEqualWithDelta(2.5, 1e-12);
})->with([
    [VolumeUnit::UsCup, 236.588],
    [VolumeUnit::UsTablespoon, 14.7868],
    [VolumeUnit::UsTeaspoon, 4.92892],
    [VolumeUnit::UsFluidOunce, 29.5735],
    [VolumeUnit::UsPint, 473.176],
    [VolumeUnit::UsQuart, 946.353],
    [VolumeUnit::UsGallon, 3785.41],
    [VolumeUnit::MetricCup, 250.0],
    [VolumeUnit::MetricTablespoon, 15.0],
    [VolumeUnit::MetricTeaspoon, 5.0],
    [VolumeUnit::ImperialFluidOunce, 28.4131],
    [VolumeUnit::ImperialGill, 142.065],
    [VolumeUnit::ImperialPint, 568.261],
    [VolumeUnit::ImperialQuart, 1136.52],
    [VolumeUnit::ImperialGallon, 4546.09],
    [VolumeUnit::Centilitre, 10.0],
    [VolumeUnit::Decilitre, 100.0],
    [VolumeUnit::Litre, 1000.0],
    [VolumeUnit::Millilitre, 1.0],
]);

it(
    'reads numbers as cooks write them',
    fn(string $text, float $value) => expect(KitchenNumber::parse($text)->value)->toEqualWithDelta($value, 1e-12),
)->with([
    ['2', 2.0],
    ['0.5', 0.5],
    ['0,5', 0.5],
    ['.25', 0.25],
    ['1/2', 0.5],
    ['1 1/2', 1.5],
    ['¾', 0.75],
    ['1¾', 1.75],
    ['1 ⅓', 4 / 3],
    ['2 / 3', 2 / 3],
    [' 12 ', 12.0],
    ['3⁄4', 0.75],
]);

it('writes numbers as cooks write them, and reads them back', function (float $value, string $text): void {
    expect(KitchenNumber::toQuarters($value)->text())->toBe($text)
        ->and(KitchenNumber::parse($text)->value)->toEqualWithDelta(KitchenNumber::toQuarters($value)->value, 1e-9);
})->with([[2.0, '2'], [0.5, '½'], [1.74, '1¾'], [0.01, '¼'], [3.3, '3¼'], [12.9, '13']]);

it(
    'writes thirds as thirds and the rest as decimals',
    fn(string $in, string $out) => expect(KitchenNumber::parse($in)->text())->toBe($out),
)->with([['2/3', '⅔'], ['1 1/3', '1⅓'], ['0.4', '0.4'], ['1.25', '1¼'], ['0,15', '0.15']]);

it('writes an amount in any unit', function (): void {
    expect(MassUnit::Ounce->write(Mass::ofGrams(85.0)))->toBe('3 oz')
        ->and(MassUnit::Pound->write(Mass::ofGrams(680.0)))->toBe('1½ lb')
        ->and(VolumeUnit::UsCup->write(Volume::ofMillilitres(355.0)))->toBe('1½ us cup')
        ->and(VolumeUnit::ImperialPint->write(Volume::ofMillilitres(284.0)))->toBe('½ imperial pint');
});

it('refuses what is no number', fn(string $text) => expect(fn() => KitchenNumber::parse($text))->toThrow(NotANumber::class))->with([
    '',
    'two',
    '1/0',
    '-1',
    '1e6',
    '1..2',
    '1/2/3',
    '∞',
    '9999999999999999999999',
]);

it('reads unit words, and sizes them as the kitchen says', function (MeasureSystem $system, string $word, MassUnit|VolumeUnit $unit): void {
    expect((new UnitNames($system))->unit($word))->toBe($unit);
})->with([
    [MeasureSystem::UsCustomary, 'pint', VolumeUnit::UsPint],
    [MeasureSystem::Imperial, 'pints', VolumeUnit::ImperialPint],
    [MeasureSystem::Metric, 'cups', VolumeUnit::MetricCup],
    [MeasureSystem::UsCustomary, 'qt', VolumeUnit::UsQuart],
    [MeasureSystem::UsCustomary, 'Tbsp.', VolumeUnit::UsTablespoon],
    [MeasureSystem::UsCustomary, 'fl oz', VolumeUnit::UsFluidOunce],
    [MeasureSystem::Metric, 'imperial pint', VolumeUnit::ImperialPint],
    [MeasureSystem::Imperial, 'us cups', VolumeUnit::UsCup],
    [MeasureSystem::Metric, 'litres', VolumeUnit::Litre],
    [MeasureSystem::Metric, 'oz', MassUnit::Ounce],
    [MeasureSystem::Metric, 'lbs', MassUnit::Pound],
    [MeasureSystem::Metric, 'kg', MassUnit::Kilogram],
    [MeasureSystem::Metric, 'grammes', MassUnit::Gram],
]);

it('weighs in each unit of mass', function (): void {
    expect(MassUnit::Ounce->of(2.0)->inGrams())->toEqualWithDelta(56.699, 1e-3)
        ->and(MassUnit::Pound->of(1.0)->inGrams())->toEqualWithDelta(453.592, 1e-3)
        ->and(MassUnit::Gram->of(5.0)->inGrams())->toEqualWithDelta(5.0, 1e-9)
        ->and(MassUnit::Kilogram->of(0.2)->inGrams())->toEqualWithDelta(200.0, 1e-9);
});

it('refuses a unit nobody uses', fn() => (new UnitNames(MeasureSystem::Metric))->unit('firkin'))->throws(Unknown::class);
