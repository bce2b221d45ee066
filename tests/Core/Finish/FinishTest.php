<?php

declare(strict_types=1);

use Lento\Finish\Alcohol;
use Lento\Finish\Curdling;
use Lento\Finish\Limits;
use Lento\Larder\Larder;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Thickness\Sauce;
use Tests\Core\Golden\Table;
use Tests\Core\Samples;

/** A sauce whose watery phase thickens like so many grams of flour a litre. */
function thickeningTo(float $c): Sauce
{
    $sauce = Samples::whiteSauce(50.0, 'chicken-stock');

    return $sauce->strengthened($c / $sauce->suspension()->thickening);
}

it('meets the table of finishing limits', function (array $row): void {
    $limits = Limits::of(thickeningTo((float) $row['c']));
    $half = 0.5 + 1e-6;
    expect($limits->yolkThickensFrom()->inCelsius())->toEqualWithDelta((float) $row['yolk thickens from'], $half)
        ->and($limits->yolkCurdlesAbove()->inCelsius())->toEqualWithDelta((float) $row['yolk curdles above'], $half)
        ->and($limits->hardCheeseAtMost()->inCelsius())->toEqualWithDelta((float) $row['hard cheese max'], $half)
        ->and($limits->youngCheeseAtMost()->inCelsius())->toEqualWithDelta((float) $row['young cheese max'], $half)
        ->and($limits->butterAtMost()->inCelsius())->toEqualWithDelta((float) $row['butter mount max C'], $half)
        ->and($limits->butterCarriedBy(Mass::ofKilograms(1.0))->inGrams())->toEqualWithDelta((float) $row['mount capacity g/kg'], $half);
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t11-finish-limits')));

it('meets the table of acid in béchamel', function (string $addition, string $pH, string $risk): void {
    $names = ['lemon' => 'lemon-juice', 'wine' => 'white-wine', 'tomato paste' => 'tomato-paste', 'sour cream' => 'soured-cream'];
    $sauce = Samples::whiteSauce(60.0);
    if (preg_match('/(\d+) g (.+)/', $addition, $parts) === 1) {
        $sauce = $sauce->with(Larder::house()->ingredient($names[$parts[2]]), Mass::ofGrams((float) $parts[1]));
    }
    expect($sauce->pH())->toEqualWithDelta((float) $pH, 0.005 + 1e-9)
        ->and(Curdling::risk($sauce, Temperature::ofCelsius(90.0)))->toEqualWithDelta((float) $risk, 0.005 + 1e-9);
})->with(fn() => array_values(array_map('array_values', Table::rows('t11b-acid'))));

it('curdles less with cream, starch or less heat, and not at all without milk', function (): void {
    $sour = fn(float $flour, string $liquid = 'whole-milk'): Sauce => Samples::whiteSauce($flour, $liquid)->with(Larder::house()->ingredient('lemon-juice'), Mass::ofGrams(90.0));
    $hot = Temperature::ofCelsius(90.0);
    expect(Curdling::risk($sour(20.0), $hot, 35.0))->toBeLessThan(Curdling::risk($sour(20.0), $hot))
        ->and(Curdling::risk($sour(60.0), $hot))->toBeLessThan(Curdling::risk($sour(0.0), $hot))
        ->and(Curdling::risk($sour(20.0), Temperature::ofCelsius(55.0)))->toBeLessThan(Curdling::risk($sour(20.0), $hot))
        ->and(Curdling::risk($sour(20.0, 'chicken-stock'), $hot))->toBe(0.0);
});

it('loses alcohol fast, then slowly, and never all of it', function (): void {
    $left = fn(float $minutes): float => Alcohol::left(Duration::ofMinutes($minutes));
    expect($left(0.0))->toEqualWithDelta(1.0, 1e-12)->and($left(1000.0))->toBeGreaterThan(0.0);
    // The retention steps the fit was made to, as the model's prototype reaches them.
    foreach ([15 => 0.41, 30 => 0.30, 60 => 0.19, 90 => 0.12, 120 => 0.08, 150 => 0.05] as $minutes => $share) {
        expect($left((float) $minutes))->toEqualWithDelta($share, 0.005 + 1e-9);
    }
});
