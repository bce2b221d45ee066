<?php

declare(strict_types=1);

use Lento\Larder\Allergen;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Quantity\Volume;
use Lento\Thickness\Sauce;
use Tests\Core\Room;

covers(...Room::of('Larder', 'Thickness'));

it('blends what is poured together as if each had gone in by itself', function (): void {
    [$wine, $stock] = [Larder::house()->ingredient('white-wine'), Larder::house()->ingredient('fish-stock')];
    $blend = Ingredient::blend('wine-and-stock', [[$stock, 0.7], [$wine, 0.3]]);
    $litre = Volume::ofLitres(1.0);
    $apart = Sauce::nothing()
        ->with($stock, $stock->density->massOf(Volume::ofLitres(0.7)))
        ->with($wine, $wine->density->massOf(Volume::ofLitres(0.3)));
    $together = Sauce::nothing()->with($blend, $blend->density->massOf($litre));
    foreach (['waterGrams', 'fatGrams', 'solidsGrams', 'gelatinGrams', 'saltGrams', 'alcoholGrams'] as $part) {
        expect($together->{$part})->toEqualWithDelta($apart->{$part}, 1e-9, $part);
    }
    expect($together->pH())->toEqualWithDelta($apart->pH(), 1e-9)
        ->and($blend->allergens)->toBe([Allergen::Fish, Allergen::Celery, Allergen::Sulphites])
        ->and($blend->density->inGramsPerMillilitre())->toEqualWithDelta(0.7 * 1.005 + 0.3 * 0.992, 1e-12);
});

it('tells the fat of the cream from a sauce that holds it', function (string $dairy, float $percent, float $within): void {
    $larder = Larder::house();
    $sauce = Sauce::nothing()
        ->with($larder->ingredient('chicken-stock'), Lento\Quantity\Mass::ofGrams(500.0))
        ->with($larder->ingredient($dairy), Lento\Quantity\Mass::ofGrams(200.0));
    expect($sauce->creamFatPercent())->toEqualWithDelta($percent, $within);
})->with([['whole-milk', 3.6, 1.5], ['whipping-cream', 35.0, 2.0], ['double-cream', 48.0, 2.5], ['chicken-stock', 0.0, 1e-12]]);
