<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\HobRoux;
use Lento\Roux\OffHeat;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;
use Lento\Simulation\Action;
use Lento\Simulation\Happening;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\Mishap;
use Lento\Simulation\Simulation;
use Lento\Simulation\Trace;
use Tests\Core\Room;

covers(...Room::of('Simulation'));

function after(float $minutes): Duration
{
    return Duration::ofMinutes($minutes);
}

function put(float $minutes, string $what, float $grams, float $celsius = 20.0): Action
{
    return Action::add(after($minutes), Larder::house()->any($what), Mass::ofGrams($grams), Temperature::ofCelsius($celsius));
}

function turn(float $minutes, HobHeat|SimmerLevel|OffHeat $to): Action
{
    return Action::heat(after($minutes), match (true) {
        $to instanceof HobHeat => Heating::hob($to),
        $to instanceof SimmerLevel => Heating::simmer($to),
        default => Heating::off($to),
    });
}

function vessel(float $diameter = 240.0, float $height = 140.0): HeatedPan
{
    return HeatedPan::of(Pan::of(Length::ofMillimetres($diameter), Length::ofMillimetres($height)));
}

/** @return list<Action> two litres of velouté, from cold butter to the strainer */
function veloute(): array
{
    return [
        put(0.0, 'butter', 140.0),
        turn(0.0, HobHeat::Medium),
        put(5.5, 'plain-flour', 140.0),
        Action::stir(after(5.5), 1.0),
        turn(12.5, OffHeat::Bench),
        put(16.0, 'chicken-stock', 360.0, 8.0),
        put(17.0, 'chicken-stock', 760.0, 8.0),
        put(18.0, 'chicken-stock', 790.0, 8.0),
        turn(18.5, HobHeat::High),
        turn(34.0, SimmerLevel::Bare),
        Action::stir(after(34.0), 0.4),
        put(63.0, 'salt', 15.0),
        Action::strain(after(64.0)),
        turn(64.0, OffHeat::Bench),
    ];
}

/** @param list<Action> $actions */
function simulated(array $actions, float $minutes, ?HeatedPan $vessel = null, float $every = 30.0): Trace
{
    return Simulation::in($vessel ?? vessel())->run($actions, after($minutes), Duration::ofSeconds($every));
}

/** @return list<Mishap> */
function troubles(Trace $trace): array
{
    return array_map(fn(Happening $happening): Mishap => $happening->trouble, $trace->troubles);
}

it('cooks two litres of velouté from cold butter to the strainer', function (): void {
    $trace = simulated(veloute(), 66.0);
    $roux = $trace->at(after(12.5));
    $boiling = $trace->at(after(33.5));
    $end = $trace->last();
    expect($roux->shade?->value)->toBeGreaterThan(0.9)->toBeLessThan(1.3)
        // Off the heat it goes on to brown in its pan.
        ->and($trace->last()->shade?->value)->toBeGreaterThan(($roux->shade->value ?? NAN) + 0.05)
        ->and($trace->at(after(20.0))->thickness()?->gramsPerLitre)->toBeLessThan(30.0)
        ->and($boiling->temperature->inCelsius())->toEqualWithDelta(100.0, 0.5)
        ->and($end->thickness()?->thicknessClass()->value)->toBe('coating')
        ->and($end->volume()->inLitres())->toBeGreaterThan(1.80)->toBeLessThan(2.10)
        ->and($end->rawTaste())->toBeLessThan(0.05)
        ->and($end->gelatinised())->toBeGreaterThan(0.95)
        ->and($end->temperature->inCelsius())->toBeLessThan(93.5)
        ->and($trace->troubles)->toBe([]);
});

/** @return list<Action> of a dataset */
function actionsOf(mixed $actions): array
{
    return array_values(array_filter(row($actions), static fn(mixed $one): bool => $one instanceof Action));
}

it('keeps its books to the milligram at every step', function (Closure $actions): void {
    $trace = simulated(actionsOf($actions()), 90.0, every: 60.0);
    $ledger = $trace->end->ledger;
    expect($trace->end->content()->grams())->toEqualWithDelta($ledger->left(), 1e-6 * $ledger->in);
    $steam = -1.0;
    foreach ($trace->points as $point) {
        expect($point->steam->inGrams())->toBeGreaterThanOrEqual($steam)
            ->and($point->mass()->inGrams())->toBeGreaterThanOrEqual(0.0);
        $steam = $point->steam->inGrams();
    }
    foreach ([$ledger->in, $ledger->steam, $ledger->strained, $ledger->skimmed, $ledger->ladled] as $grams) {
        expect($grams)->toBeGreaterThanOrEqual(-1e-9);
    }
})->with([
    'velouté' => [fn() => veloute()],
    'topped up, skimmed and ladled' => [
        fn() => [
            ...veloute(),
            put(35.0, 'brown-stock', 500.0, 90.0),
            put(40.0, 'white-wine', 100.0),
            Action::skim(after(45.0)),
            Action::ladle(after(50.0), Volume::ofMillilitres(300.0)),
            put(55.0, 'butter', 50.0),
        ],
    ],
    'stock onto a roux that is far too hot' => [
        fn() => [
            put(0.0, 'clarified-butter', 200.0),
            turn(0.0, HobHeat::High),
            put(2.0, 'plain-flour', 200.0),
            put(6.0, 'chicken-stock', 20.0),
            put(7.0, 'chicken-stock', 900.0),
        ],
    ],
    'an empty pan' => [fn() => []],
    'liquid first' => [fn() => [put(0.0, 'whole-milk', 1000.0), turn(0.0, HobHeat::High), put(10.0, 'cornflour', 40.0)]],
    'boiled dry' => [fn() => [put(0.0, 'whole-milk', 100.0), turn(0.0, HobHeat::High)]],
]);

it('gives the same to the last digit when it is run again', function (): void {
    expect(serialize(simulated(veloute(), 66.0)))->toBe(serialize(simulated(veloute(), 66.0)));
})->coversNothing();

it('does not depend on how often it is looked at', function (): void {
    $often = simulated(veloute(), 66.0, every: 7.0)->last();
    $seldom = simulated(veloute(), 66.0, every: 600.0)->last();
    expect($often->volume()->inMillilitres())->toEqualWithDelta($seldom->volume()->inMillilitres(), 0.5)
        ->and($often->thickness()?->gramsPerLitre)->toEqualWithDelta($seldom->thickness()->gramsPerLitre ?? NAN, 0.05);
});

it('browns a roux exactly as Roux does', function (): void {
    $larder = Larder::house();
    $pan = Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0));
    $roux = Roux::of($larder->thickener('plain-flour'), Mass::ofGrams(140.0), $larder->fat('vegetable-oil'), Mass::ofGrams(140.0));
    $alone = HobRoux::inPan($roux, new PanBottom($pan->diameter, $pan->mass()), HobHeat::Medium);
    $melting = $alone->after(after(0.0))->melting->inMinutes();
    $trace = simulated(
        [put(0.0, 'vegetable-oil', 140.0), turn(0.0, HobHeat::Medium), put($melting, 'plain-flour', 140.0)],
        $melting + 10.0,
    );
    $want = $alone->after(after(10.0));
    expect($trace->last()->temperature->inCelsius())->toEqualWithDelta($want->temperature->inCelsius(), 1e-6)
        ->and($trace->last()->shade?->value)->toEqualWithDelta($want->shade->value, 1e-9)
        ->and($trace->end->paste?->flourWater)->toEqualWithDelta($want->water->inGrams(), 1e-6);
});

it('simmers as Pot does', function (SimmerLevel $level): void {
    $warm = simulated([...array_slice(veloute(), 0, 9), turn(34.0, $level)], 40.0);
    $further = simulated([...array_slice(veloute(), 0, 9), turn(34.0, $level)], 70.0);
    $pan = Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0));
    $want = (new Simmer($pan, $level))->for($warm->end->sauce, after(30.0));
    expect($further->end->sauce->waterGrams)
        ->toEqualWithDelta($want->waterGrams, 0.004 * ($warm->end->sauce->waterGrams - $want->waterGrams) + 0.2)
        ->and($further->end->sauce->starch->gelatinised)
        ->toEqualWithDelta($want->starch->gelatinised, 0.002)
        ->and($further->end->sauce->starch->acidLeft)
        ->toEqualWithDelta($want->starch->acidLeft, 1e-4);
})->with([SimmerLevel::Simmer, SimmerLevel::Brisk, SimmerLevel::Boil]);

it('cools to the kitchen off the heat, and sooner in water', function (): void {
    $off = fn(OffHeat $where): array => array_map(
        fn(float $m): float => simulated([put(0.0, 'chicken-stock', 1000.0, 95.0), turn(0.0, $where)], 120.0)
            ->at(after($m))
            ->temperature->inCelsius(),
        [5.0, 30.0, 120.0],
    );
    [$five, $thirty, $later] = $off(OffHeat::Bench);
    expect($five)->toBeGreaterThan($thirty)->and($thirty)->toBeGreaterThan($later)->and($later)->toBeGreaterThan(19.0)
        ->and($off(OffHeat::WaterBath)[1])->toBeLessThan($thirty - 10.0);
});

it('steams less under a lid, and more in a kitchen whose pots steam', function (): void {
    $actions = fn(Lid $lid): array => [
        put(0.0, 'chicken-stock', 1500.0, 90.0),
        turn(0.0, SimmerLevel::Simmer),
        Action::lid(after(0.0), $lid),
    ];
    $steam = fn(Lid $lid, ?KitchenFactors $kitchen = null): float => simulated(
        $actions($lid),
        30.0,
        HeatedPan::of(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0)), kitchen: $kitchen),
    )
        ->last()
        ->steam->inGrams();
    $steamy = KitchenFactors::house()->afterSimmer(Mass::ofGrams(150.0), Mass::ofGrams(100.0));
    expect($steam(Lid::Covered))->toBeLessThan(0.2 * $steam(Lid::Open))
        ->and($steam(Lid::Partial))->toBeLessThan($steam(Lid::Open))
        ->and($steam(Lid::Open, $steamy))->toBeGreaterThan(1.25 * $steam(Lid::Open));
});

it('boils cooler in the mountains', function (): void {
    $high = HeatedPan::of(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0)), boilsAt: Temperature::ofCelsius(92.0));
    $trace = simulated([put(0.0, 'chicken-stock', 1000.0), turn(0.0, HobHeat::High)], 20.0, $high);
    expect($trace->last()->temperature->inCelsius())->toEqualWithDelta(92.0, 1e-9);
});

it('calls a trouble once, by its name and at its moment', function (array $actions, Mishap $trouble, float $from, float $to): void {
    $trace = simulated(actionsOf($actions), 70.0);
    $called = array_values(array_filter($trace->troubles, fn(Happening $happening): bool => $happening->trouble === $trouble));
    expect($called)->toHaveCount(1)
        ->and($called[0]->at->inMinutes())->toBeGreaterThanOrEqual($from)->toBeLessThanOrEqual($to);
})->with([
    'cold stock onto hot oil' => [
        [put(0.0, 'vegetable-oil', 100.0), turn(0.0, HobHeat::High), put(3.0, 'plain-flour', 100.0), put(6.0, 'chicken-stock', 300.0)],
        Mishap::Splashes,
        6.0,
        6.0,
    ],
    'butter smokes' => [[put(0.0, 'butter', 100.0), turn(0.0, HobHeat::High), put(3.0, 'plain-flour', 100.0)], Mishap::Smokes, 1.0, 20.0],
    'burnt in the end' => [
        [put(0.0, 'vegetable-oil', 100.0), turn(0.0, HobHeat::MediumHigh), put(3.0, 'plain-flour', 100.0), Action::stir(after(0.0), 1.0)],
        Mishap::Burns,
        15.0,
        40.0,
    ],
    'too small a pan' => [[put(0.0, 'whole-milk', 8000.0)], Mishap::RunsOver, 0.0, 0.0],
    'thick milk left alone' => [
        [put(0.0, 'whole-milk', 1000.0, 80.0), put(0.0, 'plain-flour', 110.0), turn(0.0, HobHeat::High), Action::stir(after(0.0), 0.0)],
        Mishap::Catches,
        0.0,
        20.0,
    ],
    'boiled dry' => [[put(0.0, 'whole-milk', 200.0), turn(0.0, HobHeat::High)], Mishap::BoilsDry, 1.0, 30.0],
    'cheese at the boil' => [[...veloute(), put(55.0, 'hard-cheese', 100.0)], Mishap::TooHotFor, 55.0, 55.0],
    'milk in acid' => [[put(0.0, 'whole-milk', 500.0, 90.0), put(1.0, 'lemon-juice', 60.0)], Mishap::MayCurdle, 1.0, 1.0],
]);

it('refuses what is no plan', function (Closure $run): void {
    expect($run)->toThrow(OutOfRange::class);
})->with([
    'two days' => [fn() => simulated([], 2880.0)],
    'an action after the end' => [fn() => simulated([put(70.0, 'salt', 1.0)], 60.0)],
    'a thousand actions' => [fn() => simulated(array_fill(0, 1000, put(0.0, 'salt', 0.1)), 60.0)],
    'stirring twice as much as always' => [fn() => Action::stir(after(0.0), 2.0)],
    'an oven like a star' => [fn() => Heating::oven(Temperature::ofCelsius(900.0))],
]);

it('stays finite from a cup to a cauldron', function (float $litres): void {
    $diameter = max(60.0, 10.0 * ((8000.0 * $litres) / M_PI) ** (1 / 3));
    $trace = simulated(
        [
            put(0.0, 'butter', 60.0 * $litres),
            turn(0.0, HobHeat::MediumHigh),
            put(6.0, 'plain-flour', 60.0 * $litres),
            put(20.0, 'whole-milk', 950.0 * $litres, 50.0),
            turn(21.0, HobHeat::High),
            turn(60.0, SimmerLevel::Simmer),
            Action::strain(after(100.0)),
        ],
        110.0,
        vessel($diameter, max(60.0, $diameter * 0.6)),
    );
    foreach ($trace->points as $point) {
        foreach (
            [
                $point->temperature->kelvin,
                $point->volume()->cubicMetres,
                $point->mass()->kilograms,
                $point->depth()->metres,
                $point->rawTaste(),
                $point->gelatinised(),
                $point->scorchRank(),
                $point->speckRank(),
                $point->lumpRank(),
            ] as $number
        ) {
            expect(is_finite($number) && $number >= 0.0)->toBeTrue();
        }
    }
    expect($trace->last()->volume()->inLitres())->toBeGreaterThan(0.1 * $litres);
})->with([0.1, 1.0, 10.0, 100.0, 200.0])->coversNothing();
