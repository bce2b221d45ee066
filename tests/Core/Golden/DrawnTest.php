<?php

declare(strict_types=1);

use Lento\Finish\Curdling;
use Lento\Heat\HobHeat;
use Lento\Keeping\Container;
use Lento\Keeping\Cooling;
use Lento\Keeping\Place;
use Lento\Larder\Larder;
use Lento\Pot\Lid;
use Lento\Pot\PanBase;
use Lento\Pot\QuietSurface;
use Lento\Pot\Scorch;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pot\TimeToBoil;
use Lento\Pour\Lumping;
use Lento\Pour\PouredLiquid;
use Lento\Pour\PourStair;
use Lento\Pour\RouxInPan;
use Lento\Pour\School;
use Lento\Pour\Tool;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;
use Lento\Rescue\Means;
use Lento\Rescue\Reduction;
use Lento\Rescue\Thickening;
use Lento\Rescue\Thinning;
use Lento\Roux\HobRoux;
use Lento\Roux\OvenRoux;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\FunnelTest;
use Lento\Thickness\LineSpread;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonTest;
use Tests\Core\Room;
use Tests\Core\Samples;

/*
 * Five hundred inputs drawn over the valid range by draw.py, with the answers of the model's prototype: six significant digits each.
 */

const PROTOTYPE_NAMES = [
    'flour_ap' => 'plain-flour',
    'flour_bread' => 'bread-flour',
    'flour_cake' => 'cake-flour',
    'flour_whole' => 'wholemeal-flour',
    'flour_rice' => 'rice-flour',
    'gf_blend' => 'gluten-free-blend',
    'cornstarch' => 'cornflour',
    'potato_st' => 'potato-starch',
    'tapioca_st' => 'tapioca-starch',
    'arrowroot' => 'arrowroot',
    'waxy_maize' => 'waxy-maize',
    'butter' => 'butter',
    'butter_euro' => 'rich-butter',
    'clarified' => 'clarified-butter',
    'oil' => 'vegetable-oil',
    'olive_oil' => 'olive-oil',
    'lard' => 'lard',
    'poultry_fat' => 'poultry-fat',
    'beef_dripping' => 'beef-dripping',
    'pan_drippings' => 'pan-drippings',
    'margarine80' => 'margarine',
    'milk_whole' => 'whole-milk',
    'milk_semi' => 'semi-skimmed-milk',
    'milk_skim' => 'skimmed-milk',
    'stock_white' => 'chicken-stock',
    'stock_brown' => 'brown-stock',
    'stock_fish' => 'fish-stock',
    'broth_packed' => 'packed-broth',
    'water' => 'water',
    'tomato_puree' => 'tomato-puree',
    'cream_35' => 'whipping-cream',
    'cream_48' => 'double-cream',
    'sour_cream' => 'soured-cream',
    'wine_dry' => 'white-wine',
    'wine_fort' => 'fortified-wine',
    'tomato_paste' => 'tomato-paste',
    'tomato_crushed' => 'crushed-tomato',
    'lemon_juice' => 'lemon-juice',
    'cheese_hard' => 'hard-cheese',
    'cheese_semi' => 'semi-hard-cheese',
    'cheese_soft' => 'soft-cheese',
    'egg_yolk' => 'egg-yolk',
    'salt' => 'salt',
    'room_open' => 'room',
    'room_covered' => 'room-covered',
    'fridge' => 'fridge',
    'fridge_open' => 'fridge-uncovered',
    'walkin_fan' => 'walk-in-fan',
    'blast' => 'blast-chiller',
    'ice_still' => 'ice-bath',
    'ice_stirred' => 'ice-bath-stirred',
];

/** @return list<array{array<string, mixed>, array<string, mixed>}> */
function drawnInputs(string $law): array
{
    /** @var list<array{law: string, asked: array<string, mixed>, answered: array<string, mixed>}> $all */
    $all = json_decode((string) file_get_contents(__DIR__ . '/drawn.json'), true, 16, JSON_THROW_ON_ERROR);

    return array_map(
        fn(array $one): array => [$one['asked'], $one['answered']],
        array_values(array_filter($all, fn(array $one): bool => $one['law'] === $law)),
    );
}

/** @param array<string, mixed> $recipe */
function drawnSauce(array $recipe): Sauce
{
    $larder = Larder::house();
    $name = fn(string $key): string => PROTOTYPE_NAMES[$recipe[$key]];

    return Sauce::nothing()
        ->withThickener(
            $larder->thickener($name('flour')),
            Mass::ofGrams($recipe['flour_g']),
            $recipe['strength'],
            $recipe['raw'],
            $recipe['g'],
        )
        ->withFat($larder->fat($name('fat')), Mass::ofGrams($recipe['fat_g']))
        ->with($larder->ingredient($name('liquid')), Mass::ofGrams($recipe['liquid_g']))
        ->with($larder->ingredient($name('extra')), Mass::ofGrams($recipe['extra_g']));
}

function toSixDigits(float $value, float $answer, string $what): void
{
    expect($value)->toEqualWithDelta($answer, 5e-7 * abs($answer) + 1e-12, $what);
}

it('flows like the prototype’s sauces', function (array $asked, array $answered): void {
    $sauce = drawnSauce($asked['recipe']);
    $flow = Flow::of($sauce, Temperature::ofCelsius($asked['celsius']), Duration::ofMinutes(60.0 * $asked['cold_h']));
    $suspension = $sauce->suspension();
    $seconds = FunnelTest::wide()->time($flow)?->inSeconds();
    $now = [
        'sy' => $flow->yield, 'K' => $flow->consistency, 'n' => $flow->index, 'e0' => $flow->solvent,
        'c' => $suspension->thickening, 'd' => $suspension->dairy, 'phi' => $suspension->fat, 'gel' => $suspension->gelatin,
        'mass' => $sauce->grams(), 'volume' => $sauce->millilitres(), 'pH' => $sauce->pH(), 'free_fat' => $sauce->freeFat()->inGrams(),
        'eta10' => $flow->viscosity(10.0)->inPascalSeconds(), 'flour' => EquivalentFlour::of($sauce)->gramsPerLitre,
        'film' => SpoonTest::of($flow)->film->inMillimetres(), 'spread' => LineSpread::radius($flow)->inCentimetres(),
    ];
    foreach ($now as $key => $value) {
        toSixDigits($value, $answered[$key], $key);
    }
    $answered['funnel'] === null ? expect($seconds)->toBeNull() : toSixDigits($seconds ?? NAN, $answered['funnel'], 'funnel');
})->with(fn() => drawnInputs('flow'))->covers(...Room::of('Thickness', 'Larder'));

it('simmers like the prototype’s sauces', function (array $asked, array $answered): void {
    $simmer = new Simmer(Samples::pan($asked['diameter']), SimmerLevel::from($asked['level']), Lid::from($asked['lid']));
    $end = $simmer->for(drawnSauce($asked['recipe']), Duration::ofMinutes($asked['minutes']));
    $now = [
        'water' => $end->waterGrams,
        'alcohol' => $end->alcoholGrams,
        'g' => $end->starch->gelatinised,
        'acid_left' => $end->starch->acidLeft,
        'raw' => $end->starch->rawTaste,
        'yolk_set' => $end->yolkSet,
        'eta10' => Flow::at($end, 60.0)->pascalSeconds(10.0),
    ];
    foreach ($now as $key => $value) {
        toSixDigits($value, $answered[$key], $key);
    }
})->with(fn() => drawnInputs('simmer'))->covers(...Room::of('Pot'));

it('cooks roux like the prototype', function (array $asked, array $answered): void {
    $larder = Larder::house();
    $roux = Roux::withRatio(
        $larder->thickener(PROTOTYPE_NAMES[$asked['flour']]),
        Mass::ofGrams($asked['flour_g']),
        $larder->fat(PROTOTYPE_NAMES[$asked['fat']]),
        $asked['ratio'],
    );
    $state = HobRoux::inPan(
        $roux,
        new PanBottom(Length::ofCentimetres($asked['diameter']), Mass::ofKilograms($asked['pan_kg'])),
        HobHeat::from(str_replace('_', '-', $asked['heat'])),
    )->after(Duration::ofMinutes($asked['minutes']));
    $now = [
        'T' => $state->temperature->inCelsius(),
        'E' => $state->dose,
        'raw' => $state->rawTaste,
        'water' => $state->water->inGrams(),
        't_pre' => $state->melting->inMinutes(),
    ];
    foreach ($now as $key => $value) {
        toSixDigits($value, $answered[$key], $key);
    }
})->with(fn() => drawnInputs('roux'))->covers(...Room::of('Roux', 'Heat'));

it('bakes roux like the prototype', function (array $asked, array $answered): void {
    $larder = Larder::house();
    $roux = Roux::withRatio(
        $larder->thickener('plain-flour'),
        Mass::ofGrams($asked['flour_g']),
        $larder->fat(PROTOTYPE_NAMES[$asked['fat']]),
        $asked['ratio'],
    );
    $state = OvenRoux::inPan(
        $roux,
        Length::ofCentimetres($asked['diameter']),
        Mass::ofKilograms($asked['pan_kg']),
        Temperature::ofCelsius($asked['air']),
    )->after(Duration::ofMinutes($asked['minutes']));
    $now = ['T' => $state->temperature->inCelsius(), 'E' => $state->dose, 'raw' => $state->rawTaste, 'water' => $state->water->inGrams()];
    foreach ($now as $key => $value) {
        toSixDigits($value, $answered[$key], $key);
    }
})->with(fn() => drawnInputs('oven'))->covers(...Room::of('Roux'));

it('pours like the prototype', function (array $asked, array $answered): void {
    $what = [
        new RouxInPan(Mass::ofGrams($asked['roux_g']), Temperature::ofCelsius($asked['roux_c']), $asked['pan_heat']),
        new PouredLiquid(Mass::ofGrams($asked['liquid_g']), Temperature::ofCelsius($asked['liquid_c']), $asked['cp']),
        new Lumping(Tool::from($asked['tool']), $asked['ratio']),
    ];
    $stair = match ($asked['school']) {
        'all_at_once' => PourStair::allAtOnce(...$what),
        'cold_on_hot' => PourStair::at(School::ColdOnHot, ...$what),
        'hot_on_hot' => PourStair::at(School::HotOnHot, ...$what),
        'roux_into_hot' => PourStair::at(School::RouxIntoBoiling, ...$what),
        default => throw new LogicException('no such school'),
    };
    expect($stair->pours)->toHaveCount(count($answered['grams']));
    foreach ($stair->pours as $i => $pour) {
        toSixDigits($pour->mass->inGrams(), $answered['grams'][$i], 'grams');
        toSixDigits($pour->mixed->inCelsius(), $answered['celsius'][$i], 'celsius');
    }
    toSixDigits($stair->lumpRank(), $answered['risk'], 'risk');
    toSixDigits($stair->steamAtMost->inGrams(), $answered['steam'], 'steam');
})->with(fn() => drawnInputs('pours'))->covers(...Room::of('Pour'));

it('cools like the prototype', function (array $asked, array $answered): void {
    $length = Length::ofMetres($asked['width']);
    $depth = Length::ofMetres($asked['depth']);
    $container = $asked['length'] === null
        ? Container::round($length, $depth)
        : Container::tray(Length::ofMetres($asked['length']), $length, $depth);
    $cooling = Cooling::of($container, Place::from(PROTOTYPE_NAMES[$asked['place']]), Viscosity::ofPascalSeconds($asked['eta10']));
    $lag = exp(
        (($cooling->time(Temperature::ofCelsius(90.0), Temperature::ofCelsius(30.0), true)->seconds ?? NAN)
            - ($cooling->time(Temperature::ofCelsius(90.0), Temperature::ofCelsius(30.0))->seconds ?? NAN))
            / $cooling->timeConstant()->seconds,
    );
    toSixDigits($cooling->timeConstant()->seconds, $answered['tau'], 'tau');
    toSixDigits($lag, $answered['lag'], 'lag');
})->with(fn() => drawnInputs('cooling'))->covers(...Room::of('Keeping'));

it('corrects like the prototype', function (array $asked, array $answered): void {
    $larder = Larder::house();
    $liquid = PROTOTYPE_NAMES[$asked['liquid']];
    $sauce = Samples::whiteSauce($asked['flour'], $liquid, litres: $asked['litres']);
    $simmer = new Simmer(Samples::pan(30.0), SimmerLevel::Boil);
    $flour = fn(float $grams): EquivalentFlour => EquivalentFlour::ofGramsPerLitre($grams);
    toSixDigits(EquivalentFlour::of($sauce)->gramsPerLitre, $answered['now'], 'now');
    toSixDigits(
        Thinning::to(
            $flour($asked['thin']),
            $sauce,
            $larder->ingredient($liquid),
            Temperature::ofCelsius(90.0),
            new TimeToBoil(Samples::pan(30.0), 2.0),
        )->liquid->inGrams(),
        $answered['add'],
        'add',
    );
    toSixDigits(Reduction::to($flour($asked['thick']), $sauce, $simmer)->volume->inMillilitres(), $answered['volume'], 'volume');
    toSixDigits(
        Thickening::to(
            $flour($asked['thick']),
            $sauce,
            Means::from(str_replace('_', '-', $asked['how'])),
            $larder->thickener(PROTOTYPE_NAMES[$asked['kind']]),
            $simmer,
            $larder,
        )->thickener->inGrams(),
        $answered['thickener'],
        'thickener',
    );
})
    ->with(fn() => drawnInputs('correction'))
    ->covers(...Room::of('Rescue', 'Numerics'));

it('scorches, curdles, boils and steams like the prototype', function (array $asked, array $answered): void {
    $sauce = drawnSauce($asked['recipe']);
    $scorch = Scorch::of(
        $sauce,
        Temperature::ofCelsius($asked['celsius']),
        $asked['flux'],
        $asked['stirring'],
        PanBase::from($asked['base']),
    );
    $pan = Samples::pan($asked['diameter']);
    $boil = (new TimeToBoil($pan, $asked['watts'] / $pan->areaSquareCentimetres()))->from(
        Temperature::ofCelsius(10.0),
        $asked['grams'] * 4.0 + ($asked['pan_kg'] - $pan->mass()->kilograms) * 500.0,
    );
    toSixDigits($scorch->wall->inCelsius(), $answered['wall'], 'wall');
    toSixDigits($scorch->rank, $answered['scorch'], 'scorch');
    toSixDigits(Curdling::risk($sauce, Temperature::ofCelsius($asked['celsius']), $asked['cream']), $answered['curdle'], 'curdle');
    toSixDigits(QuietSurface::flux($asked['hold_c']), $answered['steam'], 'steam');
    $answered['boil'] === null ? expect($boil)->toBeNull() : toSixDigits($boil?->inMinutes() ?? NAN, $answered['boil'], 'boil');
})->with(fn() => drawnInputs('heat'))->covers(...Room::of('Pot', 'Finish', 'Larder'));
