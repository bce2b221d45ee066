<?php

declare(strict_types=1);

use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Pot\Cooking;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Skimming;
use Lento\Rescue\Thinning;
use Lento\Roux\HobRoux;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;
use Lento\Roux\RouxState;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;
use Tests\Core\Golden\Table;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Pot', 'Thickness'));

/** A roux so many minutes on medium heat, in a pan of 1 kg. */
function cookedFor(float $minutes, float $grams, string $fat, float $diameter): RouxState
{
    $larder = Larder::house();
    $roux = Roux::of($larder->thickener('plain-flour'), Mass::ofGrams($grams), $larder->fat($fat), Mass::ofGrams($grams));

    return HobRoux::inPan($roux, new PanBottom(Length::ofCentimetres($diameter), Mass::ofKilograms(1.0)), HobHeat::Medium)->after(
        Duration::ofMinutes($minutes),
    );
}

/** @param array<string, float> $rest grams by larder name */
function recipe(float $flour, string $fat, float $fatGrams, float $strength, float $raw, array $rest): Sauce
{
    $larder = Larder::house();
    $sauce = Sauce::nothing()
        ->withThickener($larder->thickener('plain-flour'), Mass::ofGrams($flour), $strength, $raw)
        ->withFat($larder->fat($fat), Mass::ofGrams($fatGrams));

    return added($sauce, $rest);
}

/** @param array<string, float> $rest grams by larder name */
function added(Sauce $sauce, array $rest): Sauce
{
    foreach ($rest as $name => $grams) {
        $sauce = $sauce->with(Larder::house()->ingredient($name), Mass::ofGrams($grams));
    }

    return $sauce;
}

function simmered(Sauce $sauce, float $minutes, float $diameter, SimmerLevel $level = SimmerLevel::Bare): Sauce
{
    return (new Simmer(Samples::pan($diameter), $level))->for($sauce, Duration::ofMinutes($minutes));
}

/** The prototype sets the yolk by hand at the temperature it names. */
function yolkSetAt(Sauce $sauce, float $celsius): Sauce
{
    return $sauce->cooked($sauce->waterGrams, $sauce->alcoholGrams, Cooking::yolkSetAt($celsius), $sauce->starch);
}

/** @return array{float, Sauce} minutes and the sauce when it has come down to a volume */
function reducedTo(Sauce $sauce, float $millilitres, float $diameter): array
{
    $simmer = new Simmer(Samples::pan($diameter), SimmerLevel::Simmer);
    $time = $simmer->timeDownTo($sauce, Volume::ofMillilitres($millilitres));

    return [$time->inMinutes(), $simmer->for($sauce, $time)];
}

/** @return array<string, Sauce> every step of the table, in its order, by the minutes its title names */
function tableOfRecipes(): array
{
    $white = cookedFor(2.5, 60.0, 'butter', 20.0);
    // The prototype lets this one keep the water that its roux has, and no other.
    $bechamel = added(
        recipe(60.0, 'butter', 60.0, $white->shade->strength(), $white->rawTaste, [])
            ->withoutWater(Mass::ofGrams(60.0 * 0.28))
            ->with(Larder::house()->ingredient('water'), $white->water),
        ['whole-milk' => 1030.0],
    );
    $steps = [];
    foreach ([3, 10, 20, 30] as $minutes) {
        $steps['bechamel ' . $minutes] = simmered($bechamel, $minutes, 20.0);
    }
    $steps['with cheese'] = added($steps['bechamel 20'], ['hard-cheese' => 100.0]);
    $steps['with cream'] = added($steps['bechamel 20'], ['whipping-cream' => 100.0]);

    $blond = cookedFor(6.2, 100.0, 'butter', 20.0);
    $thick = recipe(100.0, 'butter', 100.0, $blond->shade->strength(), $blond->rawTaste, ['chicken-stock' => 1000.0]);
    foreach ([5, 20, 40] as $minutes) {
        $steps['veloute ' . $minutes] = simmered($thick, $minutes, 24.0);
    }
    $steps['thinned'] = Thinning::to(
        EquivalentFlour::ofGramsPerLitre(60.0),
        $steps['veloute 20'],
        Larder::house()->ingredient('chicken-stock'),
        Temperature::ofCelsius(90.0),
        new TimeToBoil(Samples::pan(24.0), 1.7),
    )->sauce;

    $pale = cookedFor(5.0, 60.0, 'butter', 20.0);
    $steps['veloute 60'] = simmered(
        recipe(60.0, 'butter', 60.0, $pale->shade->strength(), $pale->rawTaste, ['chicken-stock' => 1000.0]),
        30.0,
        22.0,
    );
    $steps['with liaison'] = yolkSetAt(added($steps['veloute 60'], ['egg-yolk' => 54.0, 'whipping-cream' => 100.0]), 80.0);

    $brown = cookedFor(17.0, 70.0, 'clarified-butter', 22.0);
    $steps['espagnole'] = simmered(
        recipe(70.0, 'clarified-butter', 70.0, $brown->shade->strength(), $brown->rawTaste, [
            'brown-stock' => 1800.0,
            'tomato-paste' => 40.0,
        ]),
        5.0,
        26.0,
    );
    $start = recipe(70.0, 'clarified-butter', 70.0, $brown->shade->strength(), $brown->rawTaste, [
        'brown-stock' => 1800.0,
        'tomato-paste' => 40.0,
    ]);
    [, $steps['espagnole reduced']] = reducedTo($start, 1200.0, 26.0);
    [, $steps['demi-glace']] = reducedTo(added($steps['espagnole reduced'], ['brown-stock' => 1200.0]), 1200.0, 26.0);
    $steps['skimmed'] = Skimming::of($steps['demi-glace'])->sauce;
    [, $steps['light espagnole']] = reducedTo(
        recipe(45.0, 'clarified-butter', 45.0, Shade::of(2.0)->strength(), 0.0, ['brown-stock' => 1500.0, 'tomato-paste' => 25.0]),
        1200.0,
        26.0,
    );
    [, $steps['light espagnole, halved']] = reducedTo($steps['light espagnole'], 600.0, 22.0);

    $dark = cookedFor(44.0, 120.0, 'vegetable-oil', 26.0);
    $steps['stew base'] = simmered(
        recipe(120.0, 'vegetable-oil', 120.0, $dark->shade->strength(), $dark->rawTaste, ['brown-stock' => 2000.0]),
        60.0,
        26.0,
    );
    $steps['tomato'] = simmered(
        recipe(40.0, 'olive-oil', 40.0, 0.97, 0.2, ['crushed-tomato' => 800.0, 'chicken-stock' => 300.0]),
        45.0,
        24.0,
    );
    $steps['custard'] = yolkSetAt(added(Sauce::nothing(), ['whole-milk' => 1000.0, 'egg-yolk' => 145.0]), 82.0);
    $steps['tomato concentrate'] = added(Sauce::nothing(), ['tomato-puree' => 1000.0])->withoutWater(Mass::ofGrams(135.0));
    $steps['pan gravy'] = simmered(
        recipe(30.0, 'pan-drippings', 35.0, 0.99, 0.4, ['brown-stock' => 600.0]),
        8.0,
        28.0,
        SimmerLevel::Simmer,
    );

    return $steps;
}

it('meets the table of recipes, step by step', function (): void {
    $rows = Table::rows('t8-recipes');
    $sauces = tableOfRecipes();
    expect($sauces)->toHaveCount(count($rows));
    $classes = [
        'liquid' => 'thin',
        'soup-thin' => 'soup',
        'light coating' => 'pouring',
        'coating (nappe)' => 'coating',
        'thick / gratin' => 'gratin',
        'binding / panada' => 'binding',
    ];
    foreach (array_values($sauces) as $i => $sauce) {
        $row = $rows[$i];
        $flow = Flow::at($sauce, 60.0);
        $now = [
            'mass g' => $sauce->grams(),
            'ml' => $sauce->millilitres(),
            'flour g/l' => 1000.0 * $sauce->starch->grams / $sauce->millilitres(),
            'c_eff g/l aq' => $sauce->suspension()->thickening,
            'gelatin %' => $sauce->suspension()->gelatin,
            'eta10 90C' => Flow::at($sauce, 90.0)->pascalSeconds(10.0),
            'eta10 60C' => $flow->pascalSeconds(10.0),
            'eta50 60C' => $flow->pascalSeconds(50.0),
            'EF' => EquivalentFlour::of($sauce)->gramsPerLitre,
            'film mm' => SpoonTest::of($flow)->film->inMillimetres(),
            'raw' => $sauce->starch->rawTaste,
            'free fat g' => $sauce->freeFat()->inGrams(),
            'pH' => $sauce->pH(),
        ];
        foreach ($now as $column => $value) {
            expect($value)->toEqualWithDelta((float) $row[$column], Table::half($row[$column]) + 1e-4, $row['step'] . ': ' . $column);
        }
        expect(EquivalentFlour::of($sauce)->thicknessClass()->value)->toBe($classes[$row['class']]);
    }
});

it('takes the minutes the table gives to its reductions', function (): void {
    $brown = cookedFor(17.0, 70.0, 'clarified-butter', 22.0);
    $start = recipe(70.0, 'clarified-butter', 70.0, $brown->shade->strength(), $brown->rawTaste, [
        'brown-stock' => 1800.0,
        'tomato-paste' => 40.0,
    ]);
    [$first, $espagnole] = reducedTo($start, 1200.0, 26.0);
    [$second] = reducedTo(added($espagnole, ['brown-stock' => 1200.0]), 1200.0, 26.0);
    expect($first)->toEqualWithDelta(57.0, 0.5)->and($second)->toEqualWithDelta(90.0, 0.5);
});
