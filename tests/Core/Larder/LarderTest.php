<?php

declare(strict_types=1);

use Lento\Exception\Unknown;
use Lento\Larder\Allergen;
use Lento\Larder\Fat;
use Lento\Larder\FlourMeasure;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Thickener;
use Lento\Quantity\VolumeUnit;
use Tests\Core\Room;

covers(...Room::of('Larder', 'Heat'));

it('weighs a cup as kitchens do', function (string $id, float $grams): void {
    $kind = Larder::house()->any($id);
    $density = $kind instanceof Thickener ? $kind->density() : $kind->density;
    expect($density->massOf(VolumeUnit::UsCup->size())->inGrams())->toEqualWithDelta($grams, 0.01 * $grams);
})->with([['butter', 227.0], ['plain-flour', 123.0], ['whole-milk', 243.7]]);

it('packs more flour into a scooped cup than a spooned one, and less into a sifted one', function (): void {
    $flour = Larder::house()->thickener('plain-flour');
    expect($flour->density(FlourMeasure::Scooped)->kilogramsPerCubicMetre)
        ->toBeGreaterThan($flour->density(FlourMeasure::Spooned)->kilogramsPerCubicMetre)
        ->and($flour->density(FlourMeasure::Sifted)->kilogramsPerCubicMetre)
        ->toBeLessThan($flour->density(FlourMeasure::Spooned)->kilogramsPerCubicMetre);
});

it('has compositions that are possible', function (): void {
    $larder = Larder::house();
    foreach ($larder->liquidNames() as $id) {
        $kind = $larder->ingredient($id);
        expect($kind->water + $kind->fat + $kind->solids + $kind->alcohol)->toEqualWithDelta(1.0, 0.03)
            ->and($kind->milkSolids + $kind->gelatin)->toBeLessThanOrEqual($kind->solids + 1e-9)
            ->and($kind->heatCapacity())->toBeGreaterThan(3.5)->toBeLessThanOrEqual(4.18);
    }
    foreach ($larder->fatNames() as $id) {
        $fat = $larder->fat($id);
        expect($fat->fat + $fat->water + $fat->solids)->toEqualWithDelta(1.0, 0.02)
            ->and($fat->smokes->kelvin)->toBeGreaterThan($fat->melts->kelvin);
    }
});

it('names the allergens', function (): void {
    $larder = Larder::house();
    expect($larder->thickener('plain-flour')->allergens)->toBe([Allergen::Gluten])
        ->and($larder->thickener('cornflour')->allergens)->toBe([])
        ->and($larder->fat('butter')->allergens)->toBe([Allergen::Milk])
        ->and($larder->ingredient('fish-stock')->allergens)->toContain(Allergen::Fish)
        ->and($larder->ingredient('white-wine')->allergens)->toBe([Allergen::Sulphites]);
});

it('finds anything by its name and refuses what it lacks', function (): void {
    $larder = Larder::house();
    expect($larder->any('butter'))->toBeInstanceOf(Fat::class)
        ->and($larder->any('rice-flour'))->toBeInstanceOf(Thickener::class)
        ->and($larder->any('onion'))->toBeInstanceOf(Ingredient::class);
    foreach (['thickener', 'fat', 'ingredient', 'any'] as $shelf) {
        expect(fn() => $larder->{$shelf}('moonlight'))->toThrow(Unknown::class);
    }
});
