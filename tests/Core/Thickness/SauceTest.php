<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Quantity\Mass;
use Lento\Quantity\Viscosity;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\Starch;
use Tests\Core\Room;

covers(...Room::of('Thickness'));

function poured(string $ingredient, float $grams, ?Sauce $into = null): Sauce
{
    return ($into ?? Sauce::nothing())->with(Larder::house()->ingredient($ingredient), Mass::ofGrams($grams));
}

it('does not change when something is added: it gives another sauce', function (): void {
    $milk = poured('whole-milk', 500.0);
    $more = poured('whole-milk', 500.0, $milk);
    expect($milk->mass()->inGrams())->toEqualWithDelta(500.0, 1e-9)
        ->and($more->mass()->inGrams())->toEqualWithDelta(1000.0, 1e-9);
});

it('adds the same whatever the order', function (): void {
    $one = poured('salt', 8.0, poured('white-wine', 100.0, poured('chicken-stock', 900.0)));
    $other = poured('chicken-stock', 900.0, poured('salt', 8.0, poured('white-wine', 100.0)));
    expect($one->waterGrams)->toEqualWithDelta($other->waterGrams, 1e-9)
        ->and($one->millilitres())->toEqualWithDelta($other->millilitres(), 1e-9)
        ->and($one->pH())->toEqualWithDelta($other->pH(), 1e-9)
        ->and($one->saltPercent())->toEqualWithDelta($other->saltPercent(), 1e-9);
});

it('turns sourer with wine and lemon, as the table of acids has it', function (string $ingredient, float $grams, float $pH): void {
    // T11b: one litre of béchamel with 60 g of flour.
    $larder = Larder::house();
    $bechamel = Sauce::nothing()
        ->withThickener($larder->thickener('plain-flour'), Mass::ofGrams(60.0), gelatinised: 1.0)
        ->withFat($larder->fat('butter'), Mass::ofGrams(60.0));
    $perGram = poured('whole-milk', 1.0)->millilitres();
    $bechamel = poured('whole-milk', (1000.0 - $bechamel->millilitres()) / $perGram, $bechamel);
    expect(poured($ingredient, $grams, $bechamel)->pH())->toEqualWithDelta($pH, 0.005 + 1e-9);
})->with([
    ['lemon-juice', 0.0, 6.70],
    ['lemon-juice', 15.0, 6.23],
    ['lemon-juice', 60.0, 5.29],
    ['white-wine', 300.0, 5.78],
    ['tomato-paste', 100.0, 5.74],
    ['soured-cream', 200.0, 6.25],
]);

it('mixes old and new starch by their strength', function (): void {
    $flour = Larder::house()->thickener('plain-flour');
    $potato = Larder::house()->thickener('potato-starch');
    $mixed = Starch::none()->plus($flour, 100.0, 1.0, 0.2, 1.0)->plus($potato, 100.0, 1.0, 1.0, 0.0);
    // 100 g of potato starch at 1.8 against 100 g of flour at 1.
    expect($mixed->gelatinised)->toEqualWithDelta(1.0 / 2.8, 1e-12)
        ->and($mixed->swellingCelsius)->toEqualWithDelta((76.0 + 1.8 * 67.0) / 2.8, 1e-9)
        ->and($mixed->rawTaste)->toEqualWithDelta((0.2 * 100.0 + 1.0 * 20.0) / 120.0, 1e-9)
        ->and($mixed->strength())->toEqualWithDelta(1.0, 1e-12);
});

it('keeps the strength of a browned roux', function (): void {
    $browned = Starch::none()->plus(Larder::house()->thickener('plain-flour'), 100.0, 0.61, 0.0, 1.0);
    expect($browned->strength())->toEqualWithDelta(0.61, 1e-12)
        ->and($browned->thickeningGrams())->toEqualWithDelta(61.0, 1e-9)
        ->and(Starch::none()->strength())->toBe(1.0);
});

it('is loosened by a long simmer, by eight per cent at most', function (): void {
    $fresh = Starch::none()->plus(Larder::house()->thickener('plain-flour'), 100.0, 1.0, 0.0, 1.0);
    $hour = $fresh->cooked(1.0, 1.0, 60.0, 0.0)->thickeningGrams();
    $day = $fresh->cooked(1.0, 1.0, 1440.0, 0.0)->thickeningGrams();
    expect($hour)->toEqualWithDelta(100.0 * (1.0 - 0.08 * (1.0 - exp(-1.0))), 1e-9)
        ->and($day)->toEqualWithDelta(92.0, 1e-3);
});

it('is thickened by yolks as far as they have set', function (): void {
    // T8: a custard of 8 yolks a litre, at 82 °C, is worth 39 g of flour.
    $custard = poured('egg-yolk', 145.0, poured('whole-milk', 1000.0));
    $set = $custard->cooked($custard->waterGrams, 0.0, 1.0 / (1.0 + exp(-8.0 / 3.0)), $custard->starch);
    expect(EquivalentFlour::of($set)->gramsPerLitre)->toEqualWithDelta(39.0, 0.5)
        ->and(EquivalentFlour::of($custard)->gramsPerLitre)->toBeLessThan(5.0);
});

it('meets the standard flour pasting recipe the scale was set by', function (): void {
    // 3.5 g of flour in 25 g of water, about 53 1/s: 1.29 Pa s at 95 °C, 2.80 at 50 °C.
    $paste = poured('water', 25.0)->withThickener(Larder::house()->thickener('plain-flour'), Mass::ofGrams(3.5), gelatinised: 1.0);
    expect(Flow::at($paste, 95.0)->viscosity(53.0)->pascalSeconds)->toEqualWithDelta(1.29, 0.005 + 1e-9)
        ->and(Flow::at($paste, 50.0)->viscosity(53.0)->pascalSeconds)->toEqualWithDelta(2.80, 0.005 + 1e-9);
});

it('clamps a thickness beyond the scale to its ends', function (): void {
    expect(EquivalentFlour::ofViscosity(Viscosity::ofPascalSeconds(0.0))->gramsPerLitre)->toBe(0.0)
        ->and(EquivalentFlour::ofViscosity(Viscosity::ofPascalSeconds(1e6))->gramsPerLitre)->toBe(200.0);
});

it(
    'refuses a thickness off the scale',
    fn(float $grams) => expect(fn() => EquivalentFlour::ofGramsPerLitre($grams))->toThrow(OutOfRange::class),
)->with([-1.0, 201.0, NAN, INF]);
