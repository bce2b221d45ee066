<?php

declare(strict_types=1);

use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pot\Straining;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Rescue\BackToBoil;
use Lento\Rescue\Desalting;
use Lento\Rescue\FatBinding;
use Lento\Rescue\Means;
use Lento\Rescue\Reduction;
use Lento\Rescue\Skimming;
use Lento\Rescue\Thickening;
use Lento\Rescue\Thinning;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Tests\Core\Golden\Table;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Rescue', 'Thickness'));

function flourPerLitre(float $grams): EquivalentFlour
{
    return EquivalentFlour::ofGramsPerLitre($grams);
}

/** The stock sauce of table T10: 48 g/l, 14 g of salt in two litres. */
function tableSauce(): Sauce
{
    $sauce = Samples::whiteSauce(48.0, 'chicken-stock', litres: 2.0);

    return $sauce->salted(Mass::ofGrams(14.0));
}

function simmer26(): Simmer
{
    return new Simmer(Samples::pan(26.0), SimmerLevel::Simmer);
}

function thinned(Sauce $sauce, float $to, string $liquid = 'whole-milk', float $celsius = 90.0): Thinning
{
    return Thinning::to(
        flourPerLitre($to),
        $sauce,
        Larder::house()->ingredient($liquid),
        Temperature::ofCelsius($celsius),
        new TimeToBoil(Samples::pan(26.0), HobHeat::MediumHigh->flux()),
    );
}

function thickened(Sauce $sauce, float $to, Means $means, string $kind = 'plain-flour'): Thickening
{
    return Thickening::to(flourPerLitre($to), $sauce, $means, Samples::asPrototype($kind), simmer26(), Larder::house());
}

function desalted(float $percent, Sauce $sauce, float $celsius = 60.0): Desalting
{
    return Desalting::to(
        $percent,
        $sauce,
        Temperature::ofCelsius($celsius),
        new TimeToBoil(Samples::pan(26.0), HobHeat::MediumHigh->flux()),
    );
}

it('meets the table of corrections', function (string $case, string $says): void {
    $two = fn(float $flour, string $liquid = 'whole-milk'): Sauce => Samples::whiteSauce($flour, $liquid, litres: 2.0);
    $reduced = fn(): Reduction => Reduction::to(flourPerLitre(60.0), tableSauce(), simmer26());
    $now = match ($case) {
        'start: 48 g/l stock sauce, EF' => sprintf(
            '%.1F, salt %.2F %%',
            EquivalentFlour::of(tableSauce())->gramsPerLitre,
            tableSauce()->saltPercent(),
        ),
        'reduce to EF 60' => sprintf(
            '%.0F -> %.0F ml, %.0F min simmer 26 cm, salt %.2F %%',
            tableSauce()->millilitres(),
            $reduced()->volume->inMillilitres(),
            $reduced()->time->inMinutes(),
            $reduced()->sauce->saltPercent(),
        ),
        'thicken to EF 60 with white_roux flour_ap' => sprintf(
            '%.1F g thickener',
            thickened(tableSauce(), 60.0, Means::WhiteRoux)->thickener->inGrams(),
        ),
        'thicken to EF 60 with beurre_manie flour_ap' => sprintf(
            '%.1F g thickener',
            thickened(tableSauce(), 60.0, Means::BeurreManie)->thickener->inGrams(),
        ),
        'thicken to EF 60 with slurry cornstarch' => sprintf(
            '%.1F g thickener',
            thickened(tableSauce(), 60.0, Means::Slurry, 'cornflour')->thickener->inGrams(),
        ),
        'thicken to EF 60 with slurry potato_st' => sprintf(
            '%.1F g thickener',
            thickened(tableSauce(), 60.0, Means::Slurry, 'potato-starch')->thickener->inGrams(),
        ),
        'thicken to EF 60 with slurry flour_ap' => sprintf(
            '%.1F g thickener',
            thickened(tableSauce(), 60.0, Means::Slurry)->thickener->inGrams(),
        ),
        '80 g/l bechamel -> EF 60: add milk' => sprintf('%.0F g', thinned($two(80.0), 60.0)->liquid->inGrams()),
        '80 g/l bechamel -> EF 60: add stock' => sprintf('%.0F g', thinned($two(80.0), 60.0, 'chicken-stock')->liquid->inGrams()),
        'already thin (30 g/l -> EF 60) add milk' => sprintf('%.0F g', thinned($two(30.0), 60.0)->liquid->inGrams()),
        'oversalted 1.50 % -> 0.9 %' => sprintf(
            'add %.0F g unsalted sauce',
            desalted(0.9, $two(48.0, 'chicken-stock')->salted(Mass::ofGrams(30.0)))->unsaltedSauce->inGrams(),
        ),
        default => 'no such case',
    };
    expect($now)->toBe($says);
})->with(
    fn() => array_values(
        array_map(
            'array_values',
            array_filter(Table::rows('t10-corrections'), fn(array $row): bool => !str_contains($row['result'], 'c factor')),
        ),
    ),
);

it('reaches the thickness asked for, whichever the means', function (Means $means, string $kind): void {
    $thick = thickened(tableSauce(), 70.0, $means, $kind);
    // The parts of butter in the larder add up to 0.995 of it.
    $added = $thick->thickener->inGrams() + 0.995 * $thick->butter->inGrams() + $thick->water->inGrams();
    expect(EquivalentFlour::of($thick->sauce)->gramsPerLitre)->toEqualWithDelta(70.0, 1e-4)
        ->and($thick->sauce->grams())->toEqualWithDelta(tableSauce()->grams() + $added, 1e-6);
})->with(Means::cases())->with(['plain-flour', 'cornflour', 'arrowroot', 'waxy-maize']);

it('takes half as much cornflour as flour', function (): void {
    $grams = static fn(Means $means, string $of): float => Thickening::to(
        flourPerLitre(60.0),
        tableSauce(),
        $means,
        Larder::house()->thickener($of),
        simmer26(),
        Larder::house(),
    )->thickener->inGrams();
    // Flour in a roux brings butter that takes room, flour in water none: on either side of twice.
    expect($grams(Means::WhiteRoux, 'plain-flour') / $grams(Means::Slurry, 'cornflour'))->toEqualWithDelta(1.87, 0.02)
        ->and($grams(Means::Slurry, 'plain-flour') / $grams(Means::Slurry, 'cornflour'))->toEqualWithDelta(2.20, 0.02);
});

it('asks the longer simmer for the rawer thickener', function (): void {
    $minutes = fn(Means $means): float => thickened(tableSauce(), 70.0, $means)->time->inMinutes();
    expect($minutes(Means::BeurreManie))->toBeGreaterThan($minutes(Means::WhiteRoux))
        ->and(thickened(tableSauce(), 20.0, Means::Slurry)->thickener->inGrams())->toBe(0.0);
});

it('gives the state back within half a per cent when what was reduced is let down again', function (float $flour, float $to): void {
    $sauce = Samples::whiteSauce($flour, 'chicken-stock', litres: 2.0);
    $reduced = Reduction::to(flourPerLitre($to), $sauce, simmer26());
    $again = thinned($reduced->sauce, EquivalentFlour::of($sauce)->gramsPerLitre, 'water');
    expect($again->sauce->millilitres())->toEqualWithDelta($sauce->millilitres(), 0.005 * $sauce->millilitres())
        ->and($again->sauce->waterGrams)->toEqualWithDelta($sauce->waterGrams, 0.005 * $sauce->waterGrams)
        ->and(EquivalentFlour::of($again->sauce)->gramsPerLitre)->toEqualWithDelta(EquivalentFlour::of($sauce)->gramsPerLitre, 1e-4)
        ->and($again->liquid->inGrams())->toEqualWithDelta($sauce->grams() - $reduced->sauce->grams(), 1e-3 * $sauce->grams());
})->with([[30.0, 45.0], [48.0, 60.0], [60.0, 110.0]]);

it('reduces by water alone, and says how long', function (): void {
    $reduced = Reduction::to(flourPerLitre(60.0), tableSauce(), simmer26());
    expect($reduced->sauce->grams())->toBeLessThan(tableSauce()->grams())
        ->and($reduced->sauce->saltGrams)->toEqualWithDelta(14.0, 1e-9)
        ->and(EquivalentFlour::of($reduced->sauce)->gramsPerLitre)->toEqualWithDelta(60.0, 1e-4)
        ->and(Reduction::to(flourPerLitre(20.0), tableSauce(), simmer26())->time->inMinutes())->toBe(0.0);
});

it('refuses what cannot be reached, with its reason', function (Closure $ask): void {
    expect($ask)->toThrow(NotReachable::class);
})->with([
    'reducing water to a paste' => [fn() => Reduction::to(flourPerLitre(150.0), Samples::whiteSauce(0.5, 'water'), simmer26())],

    'thinning with tomato paste' => [fn() => thinned(Samples::whiteSauce(60.0), 20.0, 'tomato-paste')],
]);

it('brings a thinned pot back to the boil sooner with hot liquid', function (): void {
    $minutes = fn(float $celsius): float => thinned(Samples::whiteSauce(80.0, litres: 2.0), 60.0, celsius: $celsius)->time?->inMinutes()
        ?? INF;
    expect($minutes(8.0))->toBeGreaterThan($minutes(90.0))->and($minutes(90.0))->toBeGreaterThan(0.0);
});

it('desalts without thinning, and keeps all the salt there was', function (): void {
    $salty = tableSauce()->salted(Mass::ofGrams(30.0));
    $mild = desalted(0.8, $salty);
    expect($mild->sauce->saltPercent())->toEqualWithDelta(0.8, 1e-9)
        ->and($mild->sauce->saltGrams)->toEqualWithDelta($salty->saltGrams, 1e-9)
        ->and(EquivalentFlour::of($mild->sauce)->gramsPerLitre)->toEqualWithDelta(EquivalentFlour::of($salty)->gramsPerLitre, 0.3)
        ->and(desalted(2.0, $salty)->unsaltedSauce->inGrams())->toBe(0.0)
        ->and(fn() => desalted(0.0, $salty))->toThrow(OutOfRange::class)
        ->and(fn() => desalted(NAN, $salty))->toThrow(OutOfRange::class);
});

it('takes longer to boil again after cold unsalted sauce', function (): void {
    $salty = tableSauce()->salted(Mass::ofGrams(30.0));
    expect(desalted(0.8, $salty, 5.0)->time?->inMinutes())->toBeGreaterThan(desalted(0.8, $salty, 90.0)->time?->inMinutes() ?? INF)
        ->and(desalted(2.0, $salty)->time?->seconds)->toBe(0.0);
});

it('reduces to a notch, by a part, or until it is thick enough', function (): void {
    $sauce = Samples::whiteSauce(48.0, 'chicken-stock', litres: 2.0);
    $pan = Samples::pan(26.0);
    $third = Reduction::by(1 / 3, $sauce, simmer26());
    $notch = Reduction::toVolume($third->volume, $sauce, simmer26());
    expect($third->volume->inMillilitres())
        ->toEqualWithDelta((2000.0 * 2.0) / 3.0, 1.0)
        ->and($notch->time->inMinutes())
        ->toEqualWithDelta($third->time->inMinutes(), 0.1)
        ->and($third->depthIn($pan)->inMillimetres())
        ->toEqualWithDelta(($third->volume->inMillilitres() / $pan->areaSquareCentimetres()) * 10.0, 1e-9)
        ->and(EquivalentFlour::of($third->sauce)->gramsPerLitre)
        ->toBeGreaterThan(EquivalentFlour::of($sauce)->gramsPerLitre + 10.0)
        ->and(Reduction::toVolume($sauce->volume(), $sauce, simmer26())->time->seconds)
        ->toBe(0.0)
        ->and(fn() => Reduction::by(0.99, $sauce, simmer26()))
        ->toThrow(NotReachable::class)
        ->and(fn() => Reduction::by(1.0, $sauce, simmer26()))
        ->toThrow(OutOfRange::class, 'part-to-boil-off = 100, not in [1, 99] %')
        ->and(fn() => Reduction::by(0.0, $sauce, simmer26()))
        ->toThrow(OutOfRange::class)
        ->and(fn() => Reduction::by(NAN, $sauce, simmer26()))
        ->toThrow(OutOfRange::class);
});

it('scales: a pot k times as big wants k times as much', function (float $k): void {
    $small = Samples::whiteSauce(80.0, litres: 1.0);
    $big = $small->times($k);
    expect($big->grams())
        ->toEqualWithDelta($k * $small->grams(), 1e-12 * $k * $small->grams())
        ->and(EquivalentFlour::of($big)->gramsPerLitre)
        ->toEqualWithDelta(EquivalentFlour::of($small)->gramsPerLitre, 1e-9)
        ->and(thinned($big, 60.0)->liquid->inGrams())
        ->toEqualWithDelta($k * thinned($small, 60.0)->liquid->inGrams(), 1e-6 * $k)
        ->and(thickened($big, 100.0, Means::BeurreManie)->thickener->inGrams())
        ->toEqualWithDelta($k * thickened($small, 100.0, Means::BeurreManie)->thickener->inGrams(), 1e-6 * $k);
})->with([0.1, 3.0, 200.0]);

it('does nothing, in no time, where nothing is wrong', function (): void {
    $thin = Skimming::of(Samples::whiteSauce(30.0, 'water'))->sauce;
    $bound = FatBinding::of($thin, Larder::house()->thickener('plain-flour'), simmer26());
    $thinned = thinned($thin, 30.5);
    expect($thin->freeFat()->inGrams())->toBe(0.0)
        ->and([$bound->flour->inGrams(), $bound->time->seconds, $bound->sauce])->toBe([0.0, 0.0, $thin])
        ->and([Skimming::of($thin)->fat->inGrams(), Skimming::of($thin)->time->seconds])->toBe([0.0, 0.0])
        ->and([$thinned->liquid->inGrams(), $thinned->time?->seconds, $thinned->sauce])->toBe([0.0, 0.0, $thin])
        ->and(thickened($thin, 25.0, Means::Slurry)->thickener->inGrams())->toBe(0.0);
});

it('knows a sauce a hair off its target from one that is there', function (): void {
    $sauce = Samples::whiteSauce(60.0, litres: 2.0);
    $there = EquivalentFlour::of($sauce)->gramsPerLitre;
    expect(thinned($sauce, $there - 0.01)->liquid->inGrams())
        ->toBeBetween(0.1, 0.9)
        ->and(thickened($sauce, $there + 0.01, Means::WhiteRoux)->thickener->inGrams())
        ->toBeBetween(0.005, 0.05)
        ->and(Reduction::to(flourPerLitre($there + 0.01), $sauce, simmer26())->sauce->grams())
        ->toBeBetween($sauce->grams() - 0.9, $sauce->grams() - 0.1);
});

it('takes a white roux as all but cooked out already', function (): void {
    $roux = thickened(tableSauce(), 70.0, Means::WhiteRoux);
    $slurry = thickened(tableSauce(), 70.0, Means::Slurry);
    $cooked = simmer26()->for(Samples::whiteSauce(60.0), Duration::ofMinutes(50.0));
    expect(Means::WhiteRoux->rawTaste())->toBe(0.33)
        ->and(Means::Slurry->rawTaste())->toBe(1.0)
        ->and(Means::BeurreManie->rawTaste())->toBe(1.0)
        ->and($roux->sauce->starch->rawTaste)->toBeLessThan($slurry->sauce->starch->rawTaste)
        ->and(Thickening::cookOut($cooked, simmer26())->seconds)->toBe(0.0);
});

it('counts the heat of what is poured in', function (): void {
    $sauce = Samples::whiteSauce(48.0, 'chicken-stock', litres: 2.0);
    $hob = new TimeToBoil(Samples::pan(26.0), HobHeat::MediumHigh->flux());
    $milk = Larder::house()->ingredient('whole-milk');
    $more = $sauce->with($milk, Mass::ofGrams(500.0));
    $mixed = (100.0 * $sauce->heatCapacity() + 5.0 * ($more->heatCapacity() - $sauce->heatCapacity())) / $more->heatCapacity();
    expect($mixed)->toBeBetween(78.0, 83.0)
        ->and(BackToBoil::time($sauce, $more, Temperature::ofCelsius(5.0), $hob)?->seconds)
        ->toEqualWithDelta($hob->from(Temperature::ofCelsius($mixed), $more->heatCapacity())?->seconds, 1e-6);
});

it('skims all the fat that floats, once', function (): void {
    $larder = Larder::house();
    $fatty = Samples::whiteSauce(48.0, 'chicken-stock')->withFat($larder->fat('poultry-fat'), Mass::ofGrams(60.0));
    $once = Skimming::of($fatty);
    expect($once->fat->inGrams())->toBeGreaterThan(20.0)
        ->and($once->sauce->freeFat()->inGrams())->toEqualWithDelta(0.0, 1e-9)
        ->and($once->sauce->grams())->toEqualWithDelta($fatty->grams() - $once->fat->inGrams(), 1e-9)
        ->and($once->time->inMinutes())->toBe(5.0)
        ->and(Skimming::of($once->sauce)->fat->inGrams())->toEqualWithDelta(0.0, 1e-9);
});

it('binds floating fat with flour, at the price of a thicker sauce', function (): void {
    $larder = Larder::house();
    $fatty = Samples::whiteSauce(48.0, 'chicken-stock')->withFat($larder->fat('poultry-fat'), Mass::ofGrams(60.0));
    $bound = FatBinding::of($fatty, $larder->thickener('plain-flour'), simmer26());
    expect($bound->sauce->freeFat()->inGrams())->toBeLessThan(0.3 * $fatty->freeFat()->inGrams())
        ->and($bound->flour->inGrams())->toEqualWithDelta($fatty->freeFat()->inGrams() / 1.5, 1e-9)
        ->and($bound->time->inMinutes())->toBeGreaterThan(3.0)
        ->and(EquivalentFlour::of($bound->sauce)->gramsPerLitre)->toBeGreaterThan(EquivalentFlour::of($fatty)->gramsPerLitre);
});

it('loses thickness with lumps, and only volume with vegetables', function (): void {
    $sauce = Samples::whiteSauce(60.0, litres: 2.0);
    $thickness = fn(Sauce $s): float => EquivalentFlour::of($s)->gramsPerLitre;
    $vegetables = Straining::of($sauce, Mass::ofGrams(250.0));
    $lumps = Straining::of($sauce, Mass::ofGrams(0.0), 0.2);
    expect($vegetables->held->inGrams())->toEqualWithDelta(0.35 * 250.0, 1e-9)
        ->and($thickness($vegetables->sauce))->toEqualWithDelta($thickness($sauce), 1e-9)
        ->and($lumps->lumpedFlour->inGrams())->toEqualWithDelta(24.0, 1e-9)
        ->and($thickness($lumps->sauce))->toBeLessThan(0.87 * $thickness($sauce))
        ->and($lumps->held->inGrams() + $lumps->sauce->grams())->toEqualWithDelta($sauce->grams(), 1e-9)
        ->and(Straining::of(Sauce::nothing(), Mass::ofGrams(5.0))->sauce->grams())->toBe(0.0)
        ->and(Straining::of($sauce->times(2e-4), Mass::ofGrams(0.0))->sauce->grams())->toEqualWithDelta(2e-4 * $sauce->grams(), 1e-12)
        ->and(fn() => Straining::of($sauce, Mass::ofGrams(0.0), 1.5))->toThrow(OutOfRange::class)
        ->and(fn() => Straining::of($sauce, Mass::ofGrams(0.0), -0.5))->toThrow(OutOfRange::class)
        ->and(fn() => Straining::of($sauce, Mass::ofGrams(0.0), NAN))->toThrow(OutOfRange::class);
});
