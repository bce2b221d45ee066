<?php

declare(strict_types=1);

use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\Pieces;
use App\Format\Shares;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\MeasureSystem;
use Lento\Quantity\Volume;

it('shows grams as a kitchen scale does', function (float $grams, string $text): void {
    expect(Grams::of(Mass::ofGrams($grams))->text())->toBe($text);
})->with([
    'tenths when tiny' => [0.62, '0.6 g'],
    'just under ten' => [9.94, '9.9 g'],
    'ten' => [9.96, '10 g'],
    'whole grams' => [140.23, '140 g'],
    'whole grams still' => [249.4, '249 g'],
    'fives from a quarter kilo' => [252.4, '250 g'],
    'fives up' => [253.0, '255 g'],
    'nearly a kilo' => [997.0, '995 g'],
    'a kilo' => [998.0, '1.00 kg'],
    'kilos with two decimals' => [1935.0, '1.94 kg'],
    'many kilos with one' => [12399.0, '12.4 kg'],
    'nothing' => [0.0, '0 g'],
]);

it('shows litres as cooks say them', function (float $litres, string $text, string $short): void {
    $volume = Volume::ofLitres($litres);
    expect(Litres::of($volume)->text())->toBe($text)->and(Litres::short($volume))->toBe($short);
})->with([
    [0.0912, '91 ml', '91 ml'],
    [0.1, '0.10 l', '0.1'],
    [2.0, '2.00 l', '2'],
    [3.96, '3.96 l', '3.96'],
    [2.5, '2.50 l', '2.5'],
    [181.13, '181.1 l', '181.1'],
]);

it('says minutes, and hours only when there are some', function (float $minutes, string $text): void {
    expect(Minutes::text(Duration::ofMinutes($minutes)))->toBe($text);
})->with([
    [0.0, ''],
    [0.3, 'under 1 min'],
    [5.4, '5 min'],
    [75.0, '75 min'],
    [99.4, '99 min'],
    [178.2, '2 h 58 min'],
    [120.0, '2 h 00 min'],
]);

it('measures in cups and spoons, or not at all', function (MeasureSystem $system, float $millilitres, string $text): void {
    expect((new KitchenMeasure($system))->of(Volume::ofMillilitres($millilitres)))->toBe($text);
})->with([
    [MeasureSystem::Metric, 146.0, '½ cup + 1 tbsp + 1 tsp'],
    [MeasureSystem::Metric, 154.0, '½ cup + 2 tbsp'],
    [MeasureSystem::Metric, 250.0, '1 cup'],
    [MeasureSystem::Metric, 270.0, '1 cup + 1 tbsp'],
    [MeasureSystem::Metric, 1926.0, '7⅔ cups'],
    [MeasureSystem::UsCustomary, 355.0, '1½ cups'],
    [MeasureSystem::Imperial, 30.0, '2 tbsp'],
    [MeasureSystem::Metric, 12.7, '2½ tsp'],
    [MeasureSystem::UsCustomary, 14.8, '1 tbsp'],
    [MeasureSystem::Metric, 0.4, 'a pinch'],
    'no spoon comes near' => [MeasureSystem::Metric, 1.8, ''],
    'a jug takes over' => [MeasureSystem::Metric, 6000.0, ''],
    [MeasureSystem::Metric, 0.0, ''],
]);

it('counts pieces by halves, and names one or several', function (float $pieces, string $ingredient, string $text): void {
    expect(Pieces::text($pieces, $ingredient))->toBe($text);
})->with([
    [0.1, 'bay-leaf', '½ bay leaf'],
    [1.0, 'clove', '1 clove'],
    [1.4, 'bay-leaf', '1½ bay leaves'],
    [3.96, 'clove', '4 cloves'],
    [0.4, 'peppercorn', '1 peppercorn'],
    [15.2, 'peppercorn', '0.8 g peppercorns'],
    [12.0, 'egg-yolk', '12 egg yolks'],
    [60.0, 'thyme-sprig', '60 g thyme sprigs'],
]);

it('rounds parts so that they still add up', function (array $parts, float $grain, array $rounded): void {
    expect(Shares::rounded(array_map(number(...), array_values($parts)) ?: [0.0], $grain))->toEqualWithDelta($rounded, 1e-9);
})->with([
    [[0.3349, 0.7364, 0.8545], 0.01, [0.34, 0.74, 0.85]],
    [[1.0, 1.0, 1.0], 0.5, [1.0, 1.0, 1.0]],
    [[0.333, 0.333, 0.334], 0.01, [0.33, 0.33, 0.34]],
    [[10.4, 10.4, 10.4], 1.0, [11.0, 10.0, 10.0]],
]);

it('adds up to the rounded total whatever the parts', function (): void {
    for ($n = 1; $n <= 20; $n++) {
        $parts = array_map(fn(int $i): float => 0.137 * $i + 0.0049 * $n, range(1, $n));
        expect(array_sum(Shares::rounded($parts, 0.01)))->toEqualWithDelta(round(array_sum($parts), 2), 1e-9);
    }
});
