<?php

declare(strict_types=1);

use Lento\Larder\Larder;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\ReferenceBechamel;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Golden\Table;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Thickness'));

it('agrees with the prototype to nine digits', function (string $key, string $liquid, float $celsius): void {
    $flow = Flow::of(Samples::whiteSauce(60.0, $liquid), Temperature::ofCelsius($celsius));
    foreach (['sy' => $flow->yield, 'K' => $flow->consistency, 'n' => $flow->index, 'e0' => $flow->solvent] as $name => $value) {
        expect($value)->toEqualWithDelta(number(row(Table::vectors()[$key])[$name]), 1e-9 * number(row(Table::vectors()[$key])[$name]));
    }
})->with([['rheo_milk60', 'whole-milk', 60.0], ['rheo_stock60_95', 'chicken-stock', 95.0]]);

it('meets the ladder of flour per litre', function (array $row): void {
    $sauce = Samples::whiteSauce(number($row['flour g/l']), $row['liquid'] === 'milk' ? 'whole-milk' : 'chicken-stock');
    $flow = Flow::of($sauce, Temperature::ofCelsius(60.0));
    $spoon = SpoonTest::of($flow);
    $thickness = EquivalentFlour::of($sauce);
    $classes = [
        'liquid' => 'thin',
        'soup-thin' => 'soup',
        'light coating' => 'pouring',
        'coating (nappe)' => 'coating',
        'thick / gratin' => 'gratin',
        'binding / panada' => 'binding',
    ];
    expect($thickness->gramsPerLitre)
        ->toEqualWithDelta(number($row['EF']), 0.5 + 1e-3)
        ->and($thickness->thicknessClass()->value)
        ->toBe($classes[text($row['class'])])
        ->and($flow->pascalSeconds(50.0))
        ->toEqualWithDelta(number($row['eta50 Pa.s']), 0.0005 + 1e-9)
        ->and($flow->pascalSeconds(10.0))
        ->toEqualWithDelta(number($row['eta10']), 0.005 + 1e-9)
        ->and($flow->pascalSeconds(1.0))
        ->toEqualWithDelta(number($row['eta1']), 0.005 + 1e-9)
        ->and($flow->yield)
        ->toEqualWithDelta(number($row['yield Pa']), 0.005 + 1e-9)
        ->and($flow->index)
        ->toEqualWithDelta(number($row['n']), 0.005 + 1e-9)
        ->and(min(9.9, $spoon->film->inMillimetres()))
        ->toEqualWithDelta(number($row['film mm (10 s)']), 0.005 + 1e-9)
        ->and($spoon->coats)
        ->toBe($row['coats'] === 'yes')
        ->and($spoon->lineHolds)
        ->toBe($row['line'] === 'yes')
        ->and($spoon->ribbon)
        ->toBe(number($row['ribbon s']) >= 2.0)
        ->and($spoon->mounds)
        ->toBe(number($row['mound mm']) >= 5.0);
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t5-ladder')));

it('meets the table of temperatures, cold gel included', function (array $row): void {
    foreach (
        [
            '95 C' => [95.0, 0.0],
            '80' => [80.0, 0.0],
            '70' => [70.0, 0.0],
            '60' => [60.0, 0.0],
            '50' => [50.0, 0.0],
            '35' => [35.0, 0.0],
            '20 (2 h)' => [20.0, 2.0],
            '4 C (12 h)' => [4.0, 12.0],
        ] as $column => [$celsius, $hours]
    ) {
        [$viscosity, $yield] = explode(' / ', text($row[$column]));
        $flow = Flow::of(
            Samples::whiteSauce(number($row['flour g/l'])),
            Temperature::ofCelsius($celsius),
            Duration::ofMinutes(60.0 * $hours),
        );
        expect($flow->pascalSeconds(10.0))
            ->toEqualWithDelta((float) $viscosity, 0.005 + 1e-9)
            ->and($flow->yield)
            ->toEqualWithDelta((float) $yield, 0.05 + 1e-9);
    }
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t6-temperature')));

it('meets the table of flour needed by shade and liquid', function (array $row): void {
    foreach (
        [
            'milk s0' => ['whole-milk', 0.0],
            'stock s0' => ['chicken-stock', 0.0],
            'stock blond s1' => ['chicken-stock', 1.0],
            'stock s1.5' => ['chicken-stock', 1.5],
            'brown s2' => ['brown-stock', 2.0],
            's2.5' => ['brown-stock', 2.5],
            'dark s3' => ['brown-stock', 3.0],
        ] as $column => [$liquid, $s]
    ) {
        $sauce = Samples::whiteSauce(number($row[$column]), $liquid, Shade::of($s)->strength());
        // The table gives whole grams: half a gram of flour is at most so much on the scale.
        expect(EquivalentFlour::of($sauce)->gramsPerLitre)->toEqualWithDelta(number($row['target EF']), 0.75);
    }
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t7-flour-needed')));

it('is its own measure for the reference béchamel', function (float $grams): void {
    $bechamel = ReferenceBechamel::house();
    expect(EquivalentFlour::of($bechamel->sauce($grams))->gramsPerLitre)->toEqualWithDelta($grams, 1e-6)
        ->and(EquivalentFlour::ofGramsPerLitre($grams)->viscosity()->pascalSeconds)->toEqualWithDelta($bechamel->viscosity($grams), 1e-12);
})->with([0.5, 15.0, 43.0, 58.0, 125.0, 199.0]);

it('is thicker with more flour and thinner when hotter, for every liquid', function (string $liquid): void {
    foreach ([4.0, 60.0, 95.0] as $celsius) {
        $last = -1.0;
        for ($flour = 0.0; $flour <= 300.0; $flour += 20.0) {
            $now = Flow::at(Samples::whiteSauce($flour, $liquid), $celsius, 12.0)->pascalSeconds(10.0);
            expect($now)->toBeGreaterThan($last)->and(is_finite($now))->toBeTrue();
            $last = $now;
        }
    }
    $last = INF;
    for ($celsius = 0.0; $celsius <= 100.0; $celsius += 5.0) {
        $now = Flow::at(Samples::whiteSauce(60.0, $liquid), $celsius, 12.0)->pascalSeconds(10.0);
        expect($now)->toBeLessThan($last);
        $last = $now;
    }
})->with(['whole-milk', 'double-cream', 'chicken-stock', 'brown-stock', 'water', 'tomato-puree']);

it('says the words of the spoon in their order', function (): void {
    $words = array_map(fn(float $flour): SpoonWord => SpoonTest::of(Flow::at(Samples::whiteSauce($flour), 60.0))->word(), [
        15.0,
        30.0,
        58.0,
        85.0,
        125.0,
    ]);
    expect($words)->toBe([SpoonWord::RunsOff, SpoonWord::Veils, SpoonWord::Coats, SpoonWord::Masks, SpoonWord::Mounds]);
});

it('puts every target inside its own class', function (): void {
    foreach (ThicknessClass::cases() as $class) {
        expect(ThicknessClass::of($class->target()))->toBe($class);
    }
});

it('counts what goes in and what leaves', function (): void {
    $larder = Larder::house();
    $sauce = Sauce::nothing()
        ->with($larder->ingredient('whole-milk'), Mass::ofGrams(1000.0))
        ->with($larder->ingredient('salt'), Mass::ofGrams(8.0));
    expect($sauce->mass()->inGrams())
        ->toEqualWithDelta(1008.0, 1e-9)
        ->and($sauce->saltPercent())
        ->toEqualWithDelta(800.0 / 1008.0, 1e-9)
        ->and($sauce->dairy())
        ->toEqualWithDelta(0.98, 0.02)
        ->and($sauce->withoutWater(Mass::ofGrams(100.0))->mass()->inGrams())
        ->toEqualWithDelta(908.0, 1e-9)
        ->and($sauce->withoutWater(Mass::ofGrams(5000.0))->waterGrams)
        ->toBe(0.0)
        ->and($sauce->pH())
        ->toEqualWithDelta(6.7, 1e-9)
        ->and(Sauce::nothing()->saltPercent())
        ->toBe(0.0)
        ->and(Sauce::nothing()->suspension()->thickening)
        ->toBe(0.0);
});
