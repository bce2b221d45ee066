<?php

declare(strict_types=1);

use Lento\Larder\Larder;
use Lento\Pour\Lumping;
use Lento\Pour\Pour;
use Lento\Pour\PouredLiquid;
use Lento\Pour\PourStair;
use Lento\Pour\RouxInPan;
use Lento\Pour\School;
use Lento\Pour\Steam;
use Lento\Pour\Tool;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;
use Tests\Core\Golden\Table;
use Tests\Core\Room;

covers(...Room::of('Pour', 'Forecast'));

/** @return list<float> */
function grams(PourStair $stair): array
{
    return array_map(fn(Pour $pour): float => $pour->mass->inGrams(), $stair->pours);
}

/** @param School|null $school null for all at once */
function stair(
    ?School $school,
    float $roux,
    float $liquid,
    float $rouxCelsius = 115.0,
    float $liquidCelsius = 85.0,
    Tool $tool = Tool::Whisk,
    float $fatToFlour = 1.0,
): PourStair {
    $what = [
        new RouxInPan(Mass::ofGrams($roux), Temperature::ofCelsius($rouxCelsius), 500.0),
        new PouredLiquid(Mass::ofGrams($liquid), Temperature::ofCelsius($liquidCelsius), 3.95),
        new Lumping($tool, $fatToFlour),
    ];

    return $school === null ? PourStair::allAtOnce(...$what) : PourStair::at($school, ...$what);
}

it('meets the table of schools, pour by pour', function (array $row): void {
    $school = [
        'cold_on_hot' => School::ColdOnHot,
        'hot_on_hot' => School::HotOnHot,
        'roux_into_hot' => School::RouxIntoBoiling,
        'all_at_once' => null,
    ][text($row['school'])];
    $stair = stair($school, 200.0, 1500.0, number($row['roux C']), number($row['liquid C']), Tool::from(text($row['tool'])));
    $printed = fn(string $cell): array => array_map(floatval(...), explode(' ', $cell));
    expect(grams($stair))
        ->toEqualWithDelta($printed(text($row['additions g'])), 0.5 + 1e-6)
        ->and(array_map(fn(Pour $pour): float => $pour->mixed->inCelsius(), $stair->pours))
        ->toEqualWithDelta($printed(text($row['T after each'])), 0.5 + 1e-6)
        ->and($stair->lumpRank())
        ->toEqualWithDelta(number($row['lump risk']), 0.005 + 1e-9)
        ->and($stair->steamAtMost->inGrams())
        ->toEqualWithDelta(number($row['steam bound g']), 0.5 + 1e-9)
        ->and($stair->steam->value)
        ->toBe(
            [
                'none' => 'none',
                'hiss' => 'hiss',
                'violent steam' => 'violent',
                'danger: cool the roux first' => 'danger',
            ][text($row['hazard'])],
        );
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t4-dispersion')));

it('agrees with the prototype to nine digits', function (): void {
    expect(Lumping::contactCelsius(115.0, 8.0))->toEqualWithDelta(Table::vectors()['contact'], 1e-9);
    expect(grams(stair(School::HotOnHot, 200.0, 1500.0)))->toEqualWithDelta(Table::vectors()['schedule'], 1e-6);
});

it('pours all the liquid, or all the roux, and names one slack pour', function (School $school, float $roux, float $liquid): void {
    $stair = stair($school, $roux, $liquid);
    expect(array_sum(grams($stair)))->toEqualWithDelta($school === School::RouxIntoBoiling ? $roux : $liquid, 1e-3)
        ->and(count($stair->pours))->toBeLessThanOrEqual(25)
        ->and(count(array_filter($stair->pours, fn(Pour $pour): bool => $pour->slack)))->toBe(1);
})->with(School::cases())->with([[1.0, 5000.0], [200.0, 1500.0], [500.0, 50.0], [20000.0, 180000.0]]);

it(
    'has no stair without roux or liquid',
    fn(float $roux, float $liquid) => expect(stair(School::ColdOnHot, $roux, $liquid)->pours)->toBe([]),
)->with([[0.0, 100.0], [100.0, 0.0]]);

it('lets a hot roux down before the first splash', function (): void {
    $stair = PourStair::of(
        School::ColdOnHot,
        RouxInPan::of(Mass::ofGrams(200.0), Temperature::ofCelsius(158.0), Mass::ofKilograms(1.0)),
        Mass::ofGrams(1500.0),
        Larder::house()->ingredient('whole-milk'),
        new Lumping(Tool::Whisk, 1.0),
    );
    expect($stair->roux->inCelsius())->toEqualWithDelta(120.0, 1e-9)->and($stair->steam)->toBe(Steam::Hiss);
});

it('ranks the ways of working as kitchens do', function (): void {
    $rank = fn(?School $school, float $roux, float $liquid, Tool $tool = Tool::Whisk, float $ratio = 1.0): float => stair(
        $school,
        200.0,
        1500.0,
        $roux,
        $liquid,
        $tool,
        $ratio,
    )->lumpRank();
    expect($rank(School::ColdOnHot, 115.0, 8.0))
        ->toBeLessThan($rank(School::HotOnHot, 115.0, 85.0))
        ->and($rank(School::HotOnHot, 115.0, 85.0))
        ->toBeLessThan($rank(null, 115.0, 90.0))
        ->and($rank(School::HotOnHot, 115.0, 85.0, Tool::Blender))
        ->toBeLessThan($rank(School::HotOnHot, 115.0, 85.0, Tool::None))
        ->and($rank(School::HotOnHot, 115.0, 85.0, ratio: 0.6))
        ->toBeGreaterThan($rank(School::HotOnHot, 115.0, 85.0))
        ->and($rank(School::RouxIntoBoiling, 15.0, 96.0))
        ->toBeLessThan($rank(School::RouxIntoBoiling, 110.0, 96.0));
});

it('says the rank in words, and never beyond 0 and 1', function (): void {
    expect(stair(School::ColdOnHot, 200.0, 1500.0, 115.0, 8.0)->lumpRisk())->toBe(Risk::Low)
        ->and(stair(null, 200.0, 1500.0, 115.0, 90.0)->lumpRisk())->toBe(Risk::Some)
        ->and(stair(null, 200.0, 1500.0, 115.0, 90.0, Tool::Spoon)->lumpRisk())->toBe(Risk::High);
    foreach (School::cases() as $school) {
        foreach (Tool::cases() as $tool) {
            $rank = stair($school, 900.0, 4000.0, 190.0, 95.0, $tool, 0.4)->lumpRank();
            expect($rank)->toBeGreaterThanOrEqual(0.0)->toBeLessThanOrEqual(1.0);
        }
    }
});

it('names the steam by the heat of the roux', function (float $celsius, Steam $steam): void {
    expect(Steam::of(Temperature::ofCelsius($celsius)))->toBe($steam);
})->with([
    [20.0, Steam::None],
    [99.99, Steam::None],
    [100.01, Steam::Hiss],
    [129.99, Steam::Hiss],
    [130.01, Steam::Violent],
    [159.99, Steam::Violent],
    [160.01, Steam::Danger],
    [200.0, Steam::Danger],
]);

it('knows each school by its numbers', function (): void {
    $numbers = array_map(
        fn(School $school): array => [$school->growth(), $school->liquidCelsius(), $school->rouxCelsius()],
        School::cases(),
    );
    expect($numbers)
        ->toBe([[2.2, 8.0, 120.0], [1.5, 90.0, 30.0], [1.5, 50.0, 120.0], [1.5, 90.0, 120.0], [1.5, 96.0, 25.0]])
        ->and(array_map(fn(Tool $tool): float => $tool->breaks(), Tool::cases()))
        ->toBe([0.0, 0.5, 0.85, 0.98]);
});

it('cuts the roux into tenths, but no crumbs and no boulders', function (float $roux, array $pieces): void {
    expect(grams(stair(School::RouxIntoBoiling, $roux, 40.0 * $roux)))->toEqualWithDelta($pieces, 1e-9);
})->with([
    [200.0, array_fill(0, 10, 20.0)],
    [12.0, [5.0, 5.0, 2.0]],
    [500.0, [...array_fill(0, 16, 30.0), 20.0]],
    [1000.0, array_fill(0, 20, 50.0)],
]);

it('joins a small rest to the pour before it', function (): void {
    // A hundred of roux: 120, then 264 of 264 + 14: the last 14 are under 15 % of the roux, and go along.
    expect(grams(stair(School::ColdOnHot, 100.0, 120.0 + 264.0 + 14.0, 115.0, 8.0)))->toEqualWithDelta([120.0, 278.0], 1e-9)
        ->and(grams(stair(School::ColdOnHot, 100.0, 120.0 + 264.0 + 16.0, 115.0, 8.0)))->toEqualWithDelta([120.0, 264.0, 16.0], 0.5);
});

it('spends the heat above the boil as steam, as far as there is water', function (): void {
    $stair = stair(School::ColdOnHot, 200.0, 1500.0, 190.0, 95.0);
    $heat = 200.0 * 1.95 + 500.0;
    expect($stair->steamAtMost->inGrams())->toEqualWithDelta($heat * 90.0 / 2257.0, 1e-9)
        ->and($stair->pours[0]->mixed->inCelsius())->toEqualWithDelta(100.0, 1e-9)
        ->and(stair(School::ColdOnHot, 2000.0, 3.0, 190.0, 95.0)->pours[0]->mixed->inCelsius())->toBeGreaterThan(100.0)
        ->and(stair(School::ColdOnHot, 200.0, 1500.0, 99.0, 8.0)->steamAtMost->inGrams())->toBe(0.0);
});
