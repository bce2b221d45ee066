<?php

declare(strict_types=1);

use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Dosed;
use Lento\Procedure\Fate;
use Lento\Procedure\HandTime;
use Lento\Procedure\Vessel;
use Lento\Quantity\Duration;
use Lento\Quantity\Power;
use Lento\Quantity\Volume;
use Tests\Core\Room;

covers(...Room::of('Procedure'));

function joiningFor(Act $act, float $litres, float $wide = 24.0, ?Power $ring = null): float
{
    $doses = Dosed::all($act, Volume::ofLitres($litres), Larder::house());

    return HandTime::joining($act, $doses, Pan::wide($wide), $ring)->inMinutes();
}

it('sets out, skims and ladles longer the more there is', function (float $litres, float $set, float $skim, float $ladle): void {
    $of = Volume::ofLitres($litres);
    expect(HandTime::settingOut(5.0, $of)->inMinutes())->toEqualWithDelta($set, 1e-9)
        ->and(HandTime::skimming(2.0, $of)->inMinutes())->toEqualWithDelta($skim, 1e-9)
        ->and(HandTime::ladling($of)->inMinutes())->toEqualWithDelta($ladle, 1e-9);
})->with([[0.2, 5.02, 2.02, 2.0], [2.0, 5.2, 2.2, 2.0], [5.0, 5.5, 2.5, 2.0], [40.0, 9.0, 6.0, 9.0]]);

it('strains, rubs through and blends by the litre, never shorter than it is said to take', function (): void {
    $minutes = static fn(ActKind $kind, float $litres): float
        => HandTime::clearing(Act::of($kind), Volume::ofLitres($litres))->inMinutes();
    expect($minutes(ActKind::Strain, 10.0))->toEqualWithDelta(8.0, 1e-9)
        ->and($minutes(ActKind::RubThrough, 0.5))->toEqualWithDelta(5.0, 1e-9)
        ->and($minutes(ActKind::RubThrough, 10.0))->toEqualWithDelta(13.0, 1e-9)
        ->and($minutes(ActKind::Blend, 1.0))->toEqualWithDelta(4.0, 1e-9)
        ->and($minutes(ActKind::Blend, 10.0))->toEqualWithDelta(7.0, 1e-9)
        ->and(HandTime::clearing(Act::of(ActKind::Blend)->for(30.0), Volume::ofLitres(10.0)))->toEqual(Duration::ofMinutes(30.0))
        ->and($minutes(ActKind::TakeOut, 40.0))->toEqualWithDelta(1.0, 1e-9);
});

it('melts cheese and butter by the kilogram, each by itself', function (): void {
    $cheese = Act::of(ActKind::MeltIn, Dose::grams('hard-cheese', 100.0), Dose::grams('grating-cheese', 50.0))->between(63.0, 75.0);
    $butter = Act::of(ActKind::WhiskIn, Dose::grams('butter', 30.0))->between(63.0, 80.0);
    expect(joiningFor($cheese, 2.0))->toEqualWithDelta(4.6, 1e-9)
        ->and(joiningFor($cheese, 40.0))->toEqualWithDelta(16.0, 1e-9)
        ->and(joiningFor($butter, 40.0))->toEqualWithDelta(4.4, 1e-9);
});

it('brings back to the simmer what was cold, by what the pan takes and the ring gives', function (): void {
    $cream = Act::of(ActKind::StirIn, Dose::millilitres('double-cream', 250.0));
    $kind = Larder::house()->ingredient('double-cream');
    $joules = static fn(float $litres): float
        => $kind->density->massOf(Volume::ofLitres(0.25 * $litres))->inGrams() * $kind->heatCapacity() * 90.0;
    $watts = HobHeat::MediumHigh->flux() * Pan::wide(24.0)->areaSquareCentimetres();
    expect(joiningFor($cream, 2.0))->toEqualWithDelta(1.0 + 0.4 * 0.5 + $joules(2.0) / $watts / 60.0, 1e-9)
        ->and(joiningFor($cream, 2.0, ring: Power::ofWatts(200.0)))->toEqualWithDelta(1.2 + $joules(2.0) / 200.0 / 60.0, 1e-9)
        ->and(joiningFor($cream, 2.0, ring: Power::ofWatts(9000.0)))->toEqualWithDelta(joiningFor($cream, 2.0), 1e-9)
        ->and(joiningFor($cream, 2.0, 32.0))->toBeLessThan(joiningFor($cream, 2.0))
        // What may not boil is not brought back to it, nor what stands on the bench.
        ->and(joiningFor($cream->between(63.0, 90.0), 2.0))->toEqualWithDelta(1.2, 1e-9)
        ->and(joiningFor($cream->in(Vessel::Bowl), 2.0))->toEqualWithDelta(1.2, 1e-9);
});

it('counts what goes in tied as one thing, and what only flavours as no work', function (): void {
    $tied = Act::of(ActKind::StirIn, Dose::tied('bay-leaf', 1.0), Dose::tied('thyme-sprig', 2.0));
    $spices = Act::of(ActKind::StirIn, Dose::grams('sugar', 1.0), Dose::grams('juniper', 1.0, Fate::Flavours));
    expect(joiningFor($tied, 2.0))->toBe(1.0)
        ->and(joiningFor($spices, 0.1))->toEqualWithDelta(2.0, 0.01)
        ->and(joiningFor(Act::of(ActKind::Prepare, Dose::grams('double-cream', 500.0)), 40.0))->toBe(3.0)
        ->and(
            joiningFor(
                Act::of(ActKind::Bind, Dose::pieces('egg-yolk', 3.0), Dose::millilitres('double-cream', 120.0))->between(75.0, 82.0),
                40.0,
            ),
        )
        ->toBeGreaterThan(5.0);
});
