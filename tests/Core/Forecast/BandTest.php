<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Forecast\Band;
use Lento\Forecast\Spread;
use Lento\Learning\KitchenFactors;
use Lento\Numerics\Root;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Tests\Core\Golden\Table;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Forecast', 'Numerics'));

/** Flour per litre that makes 60 on the scale in a roux of some strength. */
function flourForSixty(string $liquid, float $strength): float
{
    return (new Root(1e-6))->of(
        fn(float $flour): float => EquivalentFlour::of(Samples::whiteSauce($flour, $liquid, $strength))->gramsPerLitre - 60.0,
        1.0,
        500.0,
        'it',
    );
}

/** @return array<string, string> */
function drawnBand(string $quantity): array
{
    return array_column(Table::rows('t13-uncertainty'), null, 'quantity')[$quantity];
}

it('meets the drawn bands of flour for a thickness, by adding up the errors of the parts', function (
    string $quantity,
    string $liquid,
    float $s,
): void {
    $shade = Shade::of($s);
    $suspension = Samples::whiteSauce(70.0, $liquid)->suspension();
    $band = Band::around(
        $shade->strength(),
        (new Spread(KitchenFactors::house()))->ofThickness($shade, $suspension->dairy, $suspension->gelatin),
    );
    $drawn = drawnBand($quantity);
    // Three hundred draws know their own 10 % point to about 4 %; the prototype drew milk's flour by its own strength alone.
    expect(flourForSixty($liquid, $band->likely))->toEqualWithDelta((float) $drawn['median'], 0.02 * (float) $drawn['median'])
        ->and(flourForSixty($liquid, $band->high))->toEqualWithDelta((float) $drawn['10 %'], 0.06 * (float) $drawn['10 %'])
        ->and(flourForSixty($liquid, $band->low))->toEqualWithDelta((float) $drawn['90 %'], 0.06 * (float) $drawn['90 %']);
})->with([
    ['flour, milk white', 'whole-milk', 0.0],
    ['flour, stock blond s1', 'chicken-stock', 1.0],
    ['flour, brown stock s2', 'brown-stock', 2.0],
    ['flour, brown stock s3', 'brown-stock', 3.0],
]);

it('meets the drawn bands of minutes to a shade', function (string $quantity, float $s): void {
    $drawn = drawnBand($quantity);
    $band = (new Spread(KitchenFactors::house()))->minutes((float) $drawn['median'], Shade::of($s));
    expect($band->low)->toEqualWithDelta((float) $drawn['10 %'], 1e-9)
        ->and($band->high)->toEqualWithDelta((float) $drawn['90 %'], 1e-9);
})->with([['min to blond (medium)', 1.0], ['min to brown s2', 2.0], ['min to dark s3', 3.0]]);

it('meets the drawn band of a reduction', function (): void {
    $drawn = drawnBand('min to reduce 2 l by 1/4, simmer 26 cm');
    $band = Band::around((float) $drawn['median'], (new Spread(KitchenFactors::house()))->ofEvaporation());
    expect($band->low)->toEqualWithDelta((float) $drawn['10 %'], 1.5)->and($band->high)->toEqualWithDelta((float) $drawn['90 %'], 1.5);
});

it('meets the drawn middle and band of the absolute viscosity', function (): void {
    $drawn = drawnBand('eta10 of 60 g/l milk at 60 C');
    $viscosity = Flow::at(Samples::whiteSauce(60.0), 60.0)->pascalSeconds(10.0);
    // ×/÷ 1.8 at 80 %: the scale's own error, times what the flour's strength adds through the exponent 3.4.
    $band = Band::around($viscosity, sqrt(0.35 ** 2 + (3.4 * 0.08) ** 2));
    expect($band->likely)->toEqualWithDelta((float) $drawn['median'], 0.1)
        ->and($band->low)->toEqualWithDelta((float) $drawn['10 %'], 0.05)
        ->and($band->high)->toEqualWithDelta((float) $drawn['90 %'], 0.1);
});

it('adds the squares of independent errors', function (): void {
    $spread = new Spread(KitchenFactors::house());
    $two = Shade::of(2.0);
    $steepness = ((1.0 - $two->strength()) * 3.3) / 2.0;
    expect($spread->ofThickness(Shade::of(0.0), 0.0, 0.0))
        ->toEqualWithDelta(0.08, 1e-12)
        ->and($spread->ofThickness(Shade::of(0.0), 1.0, 0.0))
        ->toEqualWithDelta(sqrt(0.08 ** 2 + 0.04 ** 2), 1e-12)
        ->and($spread->ofThickness(Shade::of(0.0), 0.0, 3.4))
        ->toEqualWithDelta(sqrt(0.08 ** 2 + 0.08 ** 2), 1e-12)
        ->and($spread->ofThickness($two, 0.5, 1.7))
        ->toEqualWithDelta(sqrt(0.08 ** 2 + (0.15 * $steepness) ** 2 + 0.08 ** 2 + 0.02 ** 2 + 0.04 ** 2), 1e-12)
        ->and($spread->ofEvaporation())
        ->toBe(0.3);
});

it('reads the minutes’ band between the shades of the table', function (): void {
    $band = fn(float $s): Band => (new Spread(KitchenFactors::house()))->minutes(10.0, Shade::of($s));
    expect($band(1.5)->low)->toEqualWithDelta(5.0 * (4.9 / 6.5 + 12.6 / 16.6), 1e-9)
        ->and($band(2.5)->high)->toEqualWithDelta(5.0 * (23.4 / 16.6 + 65.2 / 43.5), 1e-9)
        ->and($band(0.2)->low)->toEqualWithDelta($band(1.0)->low, 1e-12)
        ->and($band(3.8)->high)->toEqualWithDelta($band(3.0)->high, 1e-12);
});

it('never lets a skewed band leave its middle', function (): void {
    $odd = Band::skewed(10.0, 1.5, 0.5);
    expect([$odd->low, $odd->likely, $odd->high])->toBe([10.0, 10.0, 10.0])
        ->and(Band::skewed(10.0, -0.5, 3.0)->low)->toBe(0.0)
        ->and(Band::skewed(10.0, 0.5, 3.0)->high)->toBe(30.0)
        ->and(Band::skewed(0.0, 0.5, 3.0)->high)->toBe(0.0);
});

it('narrows every band as the kitchen is known', function (): void {
    $kitchen = KitchenFactors::house();
    $known = $kitchen;
    for ($pot = 0; $pot < 5; $pot++) {
        $known = $known
            ->afterSimmer(Mass::ofGrams(210.0), Mass::ofGrams(200.0))
            ->afterRoux(Duration::ofMinutes(6.0), Duration::ofMinutes(6.2))
            ->afterTest(EquivalentFlour::ofGramsPerLitre(59.0), EquivalentFlour::ofGramsPerLitre(58.0));
    }
    [$before, $after] = [new Spread($kitchen), new Spread($known)];
    $width = fn(Band $band): float => $band->high / $band->low;
    expect($after->ofEvaporation())->toBeLessThan(0.2 * $before->ofEvaporation())
        ->and($after->ofThickness(Shade::of(1.0), 0.0, 1.0))->toBeLessThan($before->ofThickness(Shade::of(1.0), 0.0, 1.0))
        ->and($width($after->minutes(10.0, Shade::of(1.0))))->toBeLessThan(sqrt($width($before->minutes(10.0, Shade::of(1.0)))));
});

it('spreads more the darker the roux', function (): void {
    $spread = new Spread(KitchenFactors::house());
    $last = 0.0;
    for ($s = 0.0; $s <= 3.0; $s += 0.25) {
        $now = $spread->ofThickness(Shade::of($s), 0.0, 1.0);
        expect($now)->toBeGreaterThan($last);
        $last = $now;
    }
});

it('holds its middle, and refuses what is no forecast', function (): void {
    $band = Band::around(20.0, 0.3);
    expect($band->contains(20.0))
        ->toBeTrue()
        ->and($band->contains($band->low))
        ->toBeTrue()
        ->and($band->contains(40.0))
        ->toBeFalse()
        ->and($band->contains(5.0))
        ->toBeFalse()
        ->and($band->high / $band->likely)
        ->toEqualWithDelta($band->likely / $band->low, 1e-12)
        ->and($band->scaledTo(10.0)->high)
        ->toEqualWithDelta(0.5 * $band->high, 1e-12)
        ->and(Band::around(0.0, 0.3)->scaledTo(3.0)->low)
        ->toBe(3.0)
        ->and(Band::around(5.0, 0.0)->low)
        ->toBe(5.0)
        ->and(fn() => Band::around(-1.0, 0.1))
        ->toThrow(OutOfRange::class)
        ->and(fn() => Band::around(NAN, 0.1))
        ->toThrow(OutOfRange::class)
        ->and(fn() => Band::around(1.0, 2.5))
        ->toThrow(OutOfRange::class)
        ->and(fn() => Band::skewed(INF, 0.5, 2.0))
        ->toThrow(OutOfRange::class);
});
