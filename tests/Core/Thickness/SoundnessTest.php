<?php

declare(strict_types=1);

use Lento\Larder\Larder;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\LineSpread;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Thickness'));

/** So many litres of one kind, with a fat-to-flour ratio and a shade of roux. */
function potOf(float $litres, float $ratio, float $shade, string $liquid): Sauce
{
    $larder = Larder::house();

    return Sauce::nothing()
        ->withThickener($larder->thickener('plain-flour'), Mass::ofGrams(60.0 * $litres), Shade::of($shade)->strength())
        ->withFat($larder->fat('butter'), Mass::ofGrams(60.0 * $litres * $ratio))
        ->with($larder->ingredient($liquid), Mass::ofGrams(900.0 * $litres));
}

it('is never thicker for a darker roux', function (string $liquid): void {
    foreach ([20.0, 60.0, 120.0] as $flour) {
        $last = INF;
        for ($s = 0.0; $s <= 4.0; $s += 0.2) {
            $now = EquivalentFlour::of(Samples::whiteSauce($flour, $liquid, Shade::of($s)->strength()))->gramsPerLitre;
            expect($now)->toBeLessThanOrEqual($last);
            $last = $now;
        }
    }
})->with(['whole-milk', 'chicken-stock', 'brown-stock', 'water']);

it('stays finite and positive from a cup to a cauldron, for any ratio and shade, before and after a simmer', function (
    float $litres,
): void {
    foreach ([0.3, 1.0, 2.0, 4.0] as $ratio) {
        foreach ([0.0, 1.0, 2.5, 4.0] as $shade) {
            foreach (['whole-milk', 'brown-stock'] as $liquid) {
                $raw = potOf($litres, $ratio, $shade, $liquid);
                $cooked = (new Simmer(Samples::pan(max(6.0, ((8000.0 * $litres) / M_PI) ** (1 / 3))), SimmerLevel::Simmer))->for(
                    $raw,
                    Duration::ofMinutes(20.0),
                );
                foreach ([$raw, $cooked] as $sauce) {
                    $flow = Flow::at($sauce, 60.0);
                    foreach (
                        [
                            $sauce->grams(),
                            $sauce->millilitres(),
                            $sauce->waterGrams,
                            $flow->yield,
                            $flow->consistency,
                            $flow->solvent,
                            $sauce->freeFat()->inGrams(),
                            EquivalentFlour::of($sauce)->gramsPerLitre,
                            SpoonTest::of($flow)->film->metres,
                            LineSpread::radius($flow)->metres,
                        ] as $number
                    ) {
                        expect(is_finite($number) && $number >= 0.0)->toBeTrue();
                    }
                }
                expect($cooked->fatGrams)
                    ->toBe($raw->fatGrams)
                    ->and($cooked->solidsGrams)
                    ->toBe($raw->solidsGrams)
                    ->and($cooked->waterGrams)
                    ->toBeLessThan($raw->waterGrams);
            }
        }
    }
})->with([0.1, 1.0, 20.0, 200.0])->coversNothing();

it('pours two sauces together without losing a gram', function (): void {
    $a = Samples::whiteSauce(60.0, 'whole-milk')->with(Larder::house()->ingredient('egg-yolk'), Mass::ofGrams(20.0));
    $b = Samples::whiteSauce(90.0, 'brown-stock', 0.6, 2.0, 0.5)->with(Larder::house()->ingredient('white-wine'), Mass::ofGrams(50.0));
    $both = $a->plus($b);
    expect($both->grams())->toEqualWithDelta($a->grams() + $b->grams(), 1e-9)
        ->and($both->waterGrams)->toEqualWithDelta($a->waterGrams + $b->waterGrams, 1e-9)
        ->and($both->millilitres())->toEqualWithDelta($a->millilitres() + $b->millilitres(), 1e-9)
        ->and($both->starch->thickeningGrams())->toEqualWithDelta($a->starch->thickeningGrams() + $b->starch->thickeningGrams(), 1e-9)
        ->and($both->yolkGrams)->toEqualWithDelta(20.0, 1e-12)
        ->and($both->pH())->toBeGreaterThan($b->pH())->toBeLessThan($a->pH())
        ->and($a->plus(Sauce::nothing())->grams())->toBe($a->grams())
        ->and(Sauce::nothing()->plus($b)->starch->strength())->toBe($b->starch->strength())
        ->and($b->plus($a)->starch->swellingCelsius)->toEqualWithDelta(76.0, 1e-9);
});
