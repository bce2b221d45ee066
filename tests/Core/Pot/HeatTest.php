<?php

declare(strict_types=1);

use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Pot\BoilingPoint;
use Lento\Pot\Hob;
use Lento\Pot\HobKind;
use Lento\Pot\PanBase;
use Lento\Pot\Scorch;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Power;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Risk\Risk;
use Lento\Thickness\Sauce;
use Tests\Core\Golden\Table;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Pot', 'Thickness'));

it('meets the table of scorching', function (array $row): void {
    foreach (
        [
            'bare .4 W/cm2 stirred .5' => [0.4, 0.5],
            'simmer 1.0 st .5' => [1.0, 0.5],
            'simmer 1.0 unstirred' => [1.0, 0.0],
            'hard 2.5 st 1' => [2.5, 1.0],
            'hard 2.5 unstirred' => [2.5, 0.0],
        ] as $column => [$flux, $stirring]
    ) {
        [$wall, $rank] = array_map(floatval(...), explode(' / ', text($row[$column])));
        $scorch = Scorch::of(Samples::whiteSauce(number($row['flour g/l'])), Temperature::ofCelsius(95.0), $flux, $stirring);
        expect($scorch->wall->inCelsius())->toEqualWithDelta($wall, 0.5 + 1e-9)->and($scorch->rank)->toEqualWithDelta($rank, 0.005 + 1e-9);
    }
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t9c-scorch')));

it('catches sooner on a thin base, with milk and with acid', function (): void {
    $rank = fn(Sauce $sauce, PanBase $base = PanBase::Medium): float => Scorch::of($sauce, Temperature::ofCelsius(97.0), 1.0, 0.3, $base)
        ->rank;
    $sour = Samples::whiteSauce(60.0, 'chicken-stock')->with(Larder::house()->ingredient('lemon-juice'), Mass::ofGrams(60.0));
    expect($rank(Samples::whiteSauce(60.0), PanBase::Thin))->toBeGreaterThan($rank(Samples::whiteSauce(60.0)))
        ->and($rank(Samples::whiteSauce(60.0), PanBase::Thick))->toBeLessThan($rank(Samples::whiteSauce(60.0)))
        ->and($rank(Samples::whiteSauce(60.0)))->toBeGreaterThan($rank(Samples::whiteSauce(64.0, 'chicken-stock')))
        ->and($sour->pH())->toBeLessThan(5.0)
        ->and(Scorch::of(Samples::whiteSauce(85.0), Temperature::ofCelsius(95.0), 1.0, 0.0)->risk())->toBe(Risk::VeryHigh)
        ->and(Scorch::of(Samples::whiteSauce(30.0), Temperature::ofCelsius(95.0), 0.4)->risk())->toBe(Risk::Low)
        ->and(Scorch::rankAt(120.0, 0.0, 4.9))->toBeGreaterThan(Scorch::rankAt(120.0, 0.0, 5.1));
});

it('agrees with the prototype on a reduction and on the minutes to the boil', function (): void {
    $sauce = Samples::whiteSauce(45.0, 'chicken-stock', litres: 2.0);
    $reduced = (new Simmer(Samples::pan(24.0), SimmerLevel::Simmer))->timeDownTo($sauce, Volume::ofLitres(1.5));
    expect($reduced->inMinutes())->toEqualWithDelta(number(Table::vectors()['reduce']), 1e-9 * number(Table::vectors()['reduce']));
    $pan = Samples::pan(24.0);
    // The prototype's pan weighs 1.5 kg.
    $heat = 2000.0 * 4.0 + (1.5 - $pan->mass()->kilograms) * 500.0;
    expect(
        (new TimeToBoil($pan, Hob::of(HobKind::Gas, Power::ofKilowatts(1.8))->fluxInto($pan)))
            ->from(Temperature::ofCelsius(10.0), $heat)
            ?->inMinutes(),
    )->toEqualWithDelta(number(Table::vectors()['boil']), 1e-9 * number(Table::vectors()['boil']));
});

it('refuses a reduction that never comes', function (): void {
    $simmer = new Simmer(Samples::pan(24.0), SimmerLevel::Bare);
    expect(fn() => $simmer->timeDownTo(Samples::whiteSauce(60.0, litres: 2.0), Volume::ofMillilitres(50.0)))->toThrow(NotReachable::class)
        ->and($simmer->timeDownTo(Samples::whiteSauce(60.0), Volume::ofLitres(1.5))->seconds)->toBe(0.0);
});

it('takes of a hob what its kind lets through', function (): void {
    $net = fn(HobKind $kind): float => Hob::of($kind, Power::ofWatts(2000.0))->net()->inWatts();
    expect([$net(HobKind::Gas), $net(HobKind::Ceramic), $net(HobKind::Induction)])->toEqualWithDelta([800.0, 1300.0, 1700.0], 1e-9)
        ->and(fn() => Hob::of(HobKind::Gas, Power::ofWatts(10.0)))->toThrow(OutOfRange::class)
        ->and(fn() => Hob::of(HobKind::Gas, Power::ofKilowatts(80.0)))->toThrow(OutOfRange::class)
        ->and(fn() => Power::ofWatts(-1.0))->toThrow(OutOfRange::class)
        ->and(fn() => Power::ofWatts(NAN))->toThrow(OutOfRange::class);
});

it('cannot steam off more than a weak hob pays for', function (): void {
    $sauce = Samples::whiteSauce(20.0, 'chicken-stock', litres: 2.0);
    $lost = fn(?Power $heat): float => $sauce->waterGrams
        - (new Simmer(Samples::pan(28.0), SimmerLevel::Boil, heat: $heat))->for($sauce, Duration::ofMinutes(10.0))->waterGrams;
    expect($lost(Power::ofWatts(400.0)))
        ->toEqualWithDelta((400.0 * 600.0) / 2257.0, 1e-6)
        ->and($lost(Power::ofKilowatts(10.0)))
        ->toEqualWithDelta($lost(null), 1e-9);
});

it('boils cooler in the mountains: the same steam, less swelling', function (): void {
    expect(BoilingPoint::at(Length::ofMetres(0.0))->inCelsius())->toEqualWithDelta(100.0, 1e-9)
        ->and(BoilingPoint::at(Length::ofMetres(1500.0))->inCelsius())->toEqualWithDelta(95.0, 1e-9)
        ->and(fn() => BoilingPoint::at(Length::ofMetres(9000.0)))->toThrow(OutOfRange::class);
    $sauce = Samples::whiteSauce(60.0, gelatinised: 0.0);
    $after = fn(?Temperature $boils): Sauce => (new Simmer(Samples::pan(20.0), SimmerLevel::Simmer, boilsAt: $boils))->for(
        $sauce,
        Duration::ofMinutes(5.0),
    );
    expect($after(BoilingPoint::at(Length::ofMetres(4500.0)))->starch->gelatinised)
        ->toBeLessThan($after(null)->starch->gelatinised)
        ->and($after(BoilingPoint::at(Length::ofMetres(300.0)))->starch->gelatinised)
        ->toBe($after(null)->starch->gelatinised);
});

it('meets the tables of gelatinisation and of long simmering', function (): void {
    foreach (Table::rows('t7b-gelatinisation') as $row) {
        $at = number($row['T']);
        $cooking = Lento\Pot\Cooking::at($at, 6.5);
        $swollen = fn(float $minutes): float => Lento\Thickness\Starch::gelatinisedAtRest($at, 76.0)
            * (1.0 - exp(-$cooking->swelling * $minutes));
        expect($swollen(1.0))
            ->toEqualWithDelta(number($row['1 min']), 0.005 + 1e-9)
            ->and($swollen(3.0))
            ->toEqualWithDelta(number($row['3 min']), 0.005 + 1e-9)
            ->and($swollen(10.0))
            ->toEqualWithDelta(number($row['10 min']), 0.005 + 1e-9)
            ->and($swollen(10.0) ** 3.4)
            ->toEqualWithDelta(number($row['eta share at 10 min']), 0.0005 + 1e-9);
    }
    foreach (Table::rows('t7c-long-simmer') as $row) {
        foreach ([6.5, 5.0, 4.5, 4.0, 3.5, 3.0] as $pH) {
            $starch = Samples::whiteSauce(50.0)->starch;
            $minutes = 60.0 * number($row['h']);
            $left
                = $starch->thickeningWhen(1.0, exp(-Lento\Pot\Cooking::at(95.0, $pH)->acid * $minutes), $minutes) / $starch->strengthGrams;
            expect($left ** 3.4)->toEqualWithDelta(number($row['pH ' . $pH]), 0.005 + 1e-9);
        }
    }
});
