<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Exception\OutOfRange;
use Lento\Larder\Acidity;
use Lento\Larder\Allergen;
use Lento\Larder\FlourMeasure;
use Lento\Larder\Larder;
use Lento\Quantity\Density;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Tests\Core\Room;

covers(...Room::of('Larder'));

it('fills what a kitchen does not know from a similar ingredient', function (): void {
    $milk = Larder::house()->ingredient('whole-milk');
    $farm = $milk->similar('farm-milk', fat: 0.045);
    expect($farm->fat)->toBe(0.045)
        ->and($farm->water + $farm->fat + $farm->solids)->toEqualWithDelta($milk->water + $milk->fat + $milk->solids, 1e-12)
        ->and($farm->water / $farm->solids)->toEqualWithDelta($milk->water / $milk->solids, 1e-9)
        ->and($farm->milkSolids / $farm->solids)->toEqualWithDelta($milk->milkSolids / $milk->solids, 1e-9)
        ->and([$farm->pH, $farm->role, $farm->allergens])->toBe([$milk->pH, $milk->role, $milk->allergens])
        ->and($milk->similar('same')->water)->toEqualWithDelta($milk->water, 1e-12);
});

it('takes a stock with its own salt and jelly', function (): void {
    $stock = Larder::house()
        ->ingredient('chicken-stock')
        ->similar('night-stock', salt: 0.012, gelatin: 0.028)
        ->declaring([Allergen::Celery, Allergen::Soya]);
    expect([$stock->salt, $stock->gelatin])
        ->toBe([0.012, 0.028])
        ->and($stock->solids)
        ->toBeGreaterThanOrEqual($stock->gelatin)
        ->and($stock->allergens)
        ->toContain(Allergen::Soya)
        ->and($stock->water + $stock->fat + $stock->solids)
        ->toEqualWithDelta(1.0, 1e-9);
});

it('takes a fat and a flour of the kitchen’s own', function (): void {
    $dripping = Larder::house()->fat('pan-drippings')->similar('sunday-dripping', fat: 0.95, smokes: Temperature::ofCelsius(190.0));
    $flour = Larder::house()->thickener('plain-flour')->similar('mill-flour', spooned: Density::ofGramsPerMillilitre(0.56), protein: 0.125);
    $measured = Larder::house()->thickener('plain-flour')->similar('strong-one', power: 1.2);
    expect($dripping->fat + $dripping->water + $dripping->solids)->toEqualWithDelta(1.0, 1e-9)
        ->and($dripping->smokes->inCelsius())->toEqualWithDelta(190.0, 1e-9)
        ->and($dripping->water / $dripping->solids)->toEqualWithDelta(6.5, 1e-9)
        ->and($flour->density()->inGramsPerMillilitre())->toEqualWithDelta(0.56, 1e-12)
        ->and($flour->density(FlourMeasure::Scooped)->inGramsPerMillilitre())->toEqualWithDelta(0.6 * 0.56 / 0.52, 1e-12)
        ->and($flour->starch)->toBeLessThan(0.71)
        ->and($flour->power)->toEqualWithDelta($flour->starch / 0.71, 1e-9)
        ->and($measured->power)->toBe(1.2);
});

it('refuses what cannot be', function (Closure $make, string $names): void {
    expect($make)->toThrow(OutOfRange::class, $names);
})->with([
    'more fat than there is milk' => [
        fn() => Larder::house()->ingredient('whole-milk')->similar('x', fat: 1.2),
        'part fat = 120, not in [0, 100] %',
    ],
    'less than nothing' => [
        fn() => Larder::house()->ingredient('whole-milk')->similar('x', water: -0.1),
        'part water = -10, not in [0, 100] %',
    ],
    'two wholes' => [fn() => Larder::house()->fat('butter')->similar('x', fat: 0.8, water: 0.5), 'parts-together = 130, not in [0, 100] %'],
    'no number' => [fn() => Larder::house()->fat('butter')->similar('x', fat: NAN), 'part fat = -, not in [0, 100] %'],
    'acid like a battery' => [fn() => new Acidity(0.0, 220.0), 'ph = 0, not in [1, 10]'],
    'a flour that does nothing' => [
        fn() => Larder::house()->thickener('plain-flour')->similar('x', power: 0.0),
        'thickening-power = 0, not in [0.2, 4]',
    ],
]);

it('cooks with what the kitchen has put in its larder', function (): void {
    $house = Larder::house();
    $own = $house
        ->with($house->ingredient('chicken-stock')->similar('night-stock', gelatin: 0.03))
        ->with($house->fat('butter')->similar('farm-butter', fat: 0.84));
    $sheet = fn(Larder $larder, string $liquid): float => (new Composer())
        ->answer(Question::of(Base::Veloute, Volume::ofLitres(2.0), $liquid, in: new InKitchen(larder: $larder)))
        ->roux->flour->inGrams();
    expect($sheet($own, 'night-stock'))
        ->toBeLessThan($sheet($house, 'chicken-stock'))
        ->and($own->fat('farm-butter')->fat)
        ->toBe(0.84)
        ->and($own->fat('butter'))
        ->toBe($house->fat('butter'))
        ->and(fn() => $house->ingredient('night-stock'))
        ->toThrow(Lento\Exception\Unknown::class);
});
