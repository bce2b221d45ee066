<?php

declare(strict_types=1);


use Lento\Finish\Curdling;
use Lento\Finish\Finishing;
use Lento\Finish\Limits;
use Lento\Larder\Larder;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;
use Lento\Thickness\Sauce;
use Tests\Core\Golden\Table;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Finish', 'Thickness'));

/** A sauce whose watery phase thickens like so many grams of flour a litre. */
function thickeningTo(float $c): Sauce
{
    $sauce = Samples::whiteSauce(50.0, 'chicken-stock');

    return $sauce->strengthened($c / $sauce->suspension()->thickening);
}

it('meets the table of finishing limits', function (array $row): void {
    $limits = Limits::of(thickeningTo(number($row['c'])));
    $half = 0.5 + 1e-6;
    expect($limits->yolkThickensFrom()->inCelsius())->toEqualWithDelta(number($row['yolk thickens from']), $half)
        ->and($limits->yolkCurdlesAbove()->inCelsius())->toEqualWithDelta(number($row['yolk curdles above']), $half)
        ->and($limits->hardCheeseAtMost()->inCelsius())->toEqualWithDelta(number($row['hard cheese max']), $half)
        ->and($limits->youngCheeseAtMost()->inCelsius())->toEqualWithDelta(number($row['young cheese max']), $half)
        ->and($limits->butterAtMost()->inCelsius())->toEqualWithDelta(number($row['butter mount max C']), $half)
        ->and($limits->butterCarriedBy(Mass::ofKilograms(1.0))->inGrams())->toEqualWithDelta(number($row['mount capacity g/kg']), $half);
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t11-finish-limits')));

it('meets the table of acid in béchamel', function (string $addition, string $pH, string $risk): void {
    $names = ['lemon' => 'lemon-juice', 'wine' => 'white-wine', 'tomato paste' => 'tomato-paste', 'sour cream' => 'soured-cream'];
    $sauce = Samples::whiteSauce(60.0);
    if (preg_match('/(\d+) g (.+)/', $addition, $parts) === 1) {
        $sauce = $sauce->with(Larder::house()->ingredient($names[$parts[2]]), Mass::ofGrams(number($parts[1])));
    }
    expect($sauce->pH())->toEqualWithDelta((float) $pH, 0.005 + 1e-9)
        ->and(Curdling::risk($sauce, Temperature::ofCelsius(90.0)))->toEqualWithDelta((float) $risk, 0.005 + 1e-9);
})->with(fn() => array_map('array_values', Table::rows('t11b-acid')));

it('curdles less with cream, starch or less heat, and not at all without milk', function (): void {
    $sour = fn(float $flour, string $liquid = 'whole-milk'): Sauce => Samples::whiteSauce($flour, $liquid)->with(
        Larder::house()->ingredient('lemon-juice'),
        Mass::ofGrams(90.0),
    );
    $hot = Temperature::ofCelsius(90.0);
    expect(Curdling::risk($sour(20.0), $hot, 35.0))->toBeLessThan(Curdling::risk($sour(20.0), $hot))
        ->and(Curdling::risk($sour(60.0), $hot))->toBeLessThan(Curdling::risk($sour(0.0), $hot))
        ->and(Curdling::risk($sour(20.0), Temperature::ofCelsius(55.0)))->toBeLessThan(Curdling::risk($sour(20.0), $hot))
        ->and(Curdling::risk($sour(20.0, 'chicken-stock'), $hot))->toBe(0.0);
});

/** @param float $grams stirred into a litre of coating sauce at a temperature */
function finished(string $what, float $grams, float $celsius, string $liquid = 'whole-milk', float $flour = 58.0): Finishing
{
    $larder = Larder::house();

    return Finishing::of(
        Samples::whiteSauce($flour, $liquid),
        $what === 'butter' ? $larder->fat($what) : $larder->ingredient($what),
        Mass::ofGrams($grams),
        Temperature::ofCelsius($celsius),
    );
}

it('meets the table’s finishes of a béchamel and a velouté', function (): void {
    // Cheese thickens, cream thins, a liaison thickens: 54 to 59, 54 to 53, 50 to 59 in the table of recipes.
    expect(finished('hard-cheese', 100.0, 70.0)->after->gramsPerLitre)
        ->toBeGreaterThan(finished('hard-cheese', 100.0, 70.0)->before->gramsPerLitre + 2.0)
        ->and(finished('whipping-cream', 100.0, 90.0)->after->gramsPerLitre)
        ->toBeLessThan(58.0)
        ->and(finished('egg-yolk', 54.0, 80.0)->after->gramsPerLitre)
        ->toBeGreaterThan(62.0)
        ->and(finished('egg-yolk', 54.0, 62.0)->after->gramsPerLitre)
        ->toBeLessThan(finished('egg-yolk', 54.0, 80.0)->after->gramsPerLitre);
});

it('knows between which temperatures each may go in', function (string $what, float $celsius, bool $tooCold, bool $tooHot): void {
    $finishing = finished($what, 40.0, $celsius);
    expect([$finishing->tooCold, $finishing->tooHot])->toBe([$tooCold, $tooHot]);
})->with([
    'cheese off the boil' => ['hard-cheese', 75.0, false, false],
    'cheese at the boil' => ['hard-cheese', 97.0, false, true],
    'young cheese' => ['semi-hard-cheese', 82.0, false, true],
    'cream may boil' => ['whipping-cream', 99.0, false, false],
    'soured cream may not' => ['soured-cream', 90.0, false, true],
    'nor may milk with acid' => ['skimmed-milk', 85.0, false, true],
    'yolk too cold to thicken' => ['egg-yolk', 65.0, true, false],
    'yolk as advised' => ['egg-yolk', 80.0, false, false],
    'yolk at a boil without much starch' => ['egg-yolk', 99.0, false, true],
    'butter off the heat' => ['butter', 70.0, false, false],
    'butter too hot' => ['butter', 90.0, false, true],
    'mustard off the boil' => ['prepared-mustard', 85.0, false, false],
    'mustard boiled' => ['prepared-mustard', 96.0, false, true],
    'lemon' => ['lemon-juice', 60.0, false, false],
    'tomato wants a simmer' => ['tomato-puree', 97.0, false, false],
]);

it('carries butter up to its capacity, and shows what floats', function (): void {
    $little = finished('butter', 60.0, 70.0, 'chicken-stock');
    $much = finished('butter', 400.0, 70.0, 'chicken-stock');
    expect($little->floats->inGrams())
        ->toBe(0.0)
        ->and($little->sauce->freeFat()->inGrams())
        ->toEqualWithDelta(Samples::whiteSauce(58.0, 'chicken-stock')->freeFat()->inGrams(), 1e-9)
        ->and($much->floats->inGrams())
        ->toBeGreaterThan(200.0)
        ->and($much->sauce->freeFat()->inGrams())
        ->toBeGreaterThan(100.0)
        ->and($much->sauce->fatGrams - Samples::whiteSauce(58.0, 'chicken-stock')->fatGrams)
        ->toEqualWithDelta(400.0 * 0.815, 1e-9);
});

it('ranks the curdling of what is stirred in', function (): void {
    $sour = Samples::whiteSauce(30.0, 'chicken-stock')->with(Larder::house()->ingredient('lemon-juice'), Mass::ofGrams(60.0));
    $with = fn(string $what): Finishing => Finishing::of(
        $sour,
        Larder::house()->ingredient($what),
        Mass::ofGrams(150.0),
        Temperature::ofCelsius(92.0),
    );
    expect($with('whole-milk')->curdlingRank)
        ->toBeGreaterThan($with('double-cream')->curdlingRank)
        ->and($with('whole-milk')->curdlingRisk())
        ->not->toBe(Risk::Low)
        ->and(finished('white-wine', 50.0, 90.0, 'chicken-stock')->curdlingRank)
        ->toBe(0.0);
});

it('ranks curdling by exactly these four', function (float $lemon, float $celsius, float $cream, float $flour): void {
    $sauce = Samples::whiteSauce($flour)->with(Larder::house()->ingredient('lemon-juice'), Mass::ofGrams($lemon));
    $step = fn(float $x): float => 1.0 / (1.0 + exp(-$x));
    $want = $step((5.25 - $sauce->pH()) / 0.12)
    * $step(($celsius - 60.0) / 8.0)
    * (1.0 - 0.85 * min(1.0, max(0.0, ($cream - 10.0) / 25.0)))
    * (1.0 - 0.4 * min(1.0, $sauce->suspension()->thickening / 40.0));
    expect(Curdling::risk($sauce, Temperature::ofCelsius($celsius), $cream))->toEqualWithDelta($want, 1e-12);
})->with([[60.0, 90.0, 0.0, 60.0], [75.0, 72.0, 20.0, 15.0], [70.0, 65.0, 36.0, 0.0], [55.0, 99.0, 8.0, 30.0], [65.0, 80.0, 12.0, 45.0]]);

it('has no milk to curdle in a trace of nothing', function (): void {
    $trace = Samples::whiteSauce(20.0, 'chicken-stock')
        ->with(Larder::house()->ingredient('lemon-juice'), Mass::ofGrams(80.0))
        ->with(Larder::house()->ingredient('whole-milk'), Mass::ofGrams(0.01));
    expect(Curdling::risk($trace, Temperature::ofCelsius(90.0)))->toBeGreaterThan(0.0);
});

it('gives the limits in degrees', function (string $what, ?float $least, ?float $most): void {
    $finishing = finished($what, 20.0, 70.0, flour: 58.0);
    expect($finishing->atLeast?->inCelsius())->toEqualWithDelta($least, 1e-9)
        ->and($finishing->atMost?->inCelsius())->toEqualWithDelta($most, 1e-9)
        ->and($finishing->what->id)->toBe($what);
})->with([
    // The starch of this sauce would protect yolk to 98 and hard cheese to 86: no cook is sent there.
    ['egg-yolk', 70.0, 85.0],
    ['hard-cheese', null, 80.0],
    ['semi-hard-cheese', null, 80.0],
    ['soft-cheese', null, 80.0],
    ['butter', null, 80.0],
    ['prepared-mustard', null, 90.0],
    ['soured-cream', null, 80.0],
    ['whole-milk', null, 80.0],
    ['whipping-cream', null, null],
    ['double-cream', null, null],
    ['lemon-juice', null, null],
    ['white-wine', null, null],
]);

it('takes the limit itself, and refuses a hair beyond', function (): void {
    $cheese = fn(float $celsius): Finishing => finished('hard-cheese', 20.0, $celsius);
    $yolk = fn(float $celsius): Finishing => finished('egg-yolk', 20.0, $celsius);
    expect($cheese(80.0)->tooHot)->toBeFalse()->and($cheese(80.001)->tooHot)->toBeTrue()
        ->and($yolk(70.0)->tooCold)->toBeFalse()->and($yolk(69.999)->tooCold)->toBeTrue();
});

it('sets yolk by the heat it meets, and never undoes it', function (): void {
    $once = finished('egg-yolk', 40.0, 82.0);
    $again = Finishing::of($once->sauce, Larder::house()->ingredient('whipping-cream'), Mass::ofGrams(50.0), Temperature::ofCelsius(60.0));
    expect($once->sauce->yolkSet)->toEqualWithDelta(1.0 / (1.0 + exp(-8.0 / 3.0)), 1e-12)
        ->and($again->sauce->yolkSet)->toBe($once->sauce->yolkSet)
        ->and(finished('whipping-cream', 50.0, 90.0)->sauce->yolkSet)->toBe(0.0);
});

it('counts as cream what has milk in it, by its fat', function (): void {
    $sour = Samples::whiteSauce(20.0)->with(Larder::house()->ingredient('lemon-juice'), Mass::ofGrams(60.0));
    $at = Temperature::ofCelsius(90.0);
    $with = Finishing::of($sour, Larder::house()->ingredient('whipping-cream'), Mass::ofGrams(30.0), $at);
    expect($with->curdlingRank)
        ->toEqualWithDelta(Curdling::risk($with->sauce, $at, 35.0), 1e-12)
        ->and(Finishing::of($sour, Larder::house()->ingredient('egg-yolk'), Mass::ofGrams(30.0), $at)->curdlingRank)
        ->toEqualWithDelta(
            Curdling::risk(Finishing::of($sour, Larder::house()->ingredient('egg-yolk'), Mass::ofGrams(30.0), $at)->sauce, $at),
            1e-12,
        )
        ->and(Finishing::of($sour, Larder::house()->fat('butter'), Mass::ofGrams(30.0), $at)->curdlingRank)
        ->toEqualWithDelta(
            Curdling::risk(Finishing::of($sour, Larder::house()->fat('butter'), Mass::ofGrams(30.0), $at)->sauce, $at),
            1e-12,
        );
});
