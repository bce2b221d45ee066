<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\Holding;
use Lento\Keeping\Reheating;
use Lento\Keeping\UseBy;
use Lento\Larder\Larder;
use Lento\Pot\Hob;
use Lento\Pot\HobKind;
use Lento\Pot\Lid;
use Lento\Pot\QuietSurface;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Power;
use Lento\Quantity\Temperature;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Tests\Core\Golden\Table;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Keeping', 'Pot'));

it('meets the table of holding', function (string $how, string $lost, string $thickness, string $skin): void {
    [$celsius, $lid] = explode(' ', $how);
    $sauce = Samples::whiteSauce(60.0, litres: 2.0);
    $holding = Holding::in(Samples::pan(20.0), Temperature::ofCelsius((float) $celsius), Lid::from($lid));
    expect($holding->lost($sauce, Duration::ofMinutes(180.0))->inGrams() / 3.0)
        ->toEqualWithDelta((float) $lost, 0.5 + 1e-9)
        ->and(EquivalentFlour::of($holding->after($sauce, Duration::ofMinutes(180.0)))->gramsPerLitre)
        ->toEqualWithDelta((float) $thickness, 0.05 + 1e-4)
        ->and($holding->skin()?->inMinutes())
        ->toEqualWithDelta((float) $skin, 0.5 + 1e-9);
})->with(fn() => array_map('array_values', Table::rows('t12b-holding')));

it('meets the column of holding in the table of evaporation', function (array $row): void {
    $sauce = Samples::whiteSauce(0.0, litres: number($row['ml']) / 1000.0);
    $holding = Holding::in(Samples::pan(number($row['pan cm'])), Temperature::ofCelsius(65.0), Lid::Open);
    expect($holding->lost($sauce, Duration::ofMinutes(60.0))->inGrams())->toEqualWithDelta(number($row['hold 65 C open g/h']), 0.5 + 1e-9);
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t9-evaporation')));

it('agrees with the prototype on steam off a quiet surface', function (): void {
    expect(QuietSurface::flux(65.0))->toEqualWithDelta(Table::vectors()['evap65'], 1e-12);
});

it('steams more the hotter, and forms no skin in the cold', function (): void {
    $last = 0.0;
    for ($celsius = 5.0; $celsius <= 100.0; $celsius += 5.0) {
        $now = QuietSurface::flux($celsius);
        expect($now)->toBeGreaterThan($last);
        $last = $now;
    }
    expect(QuietSurface::skin(Temperature::ofCelsius(-20.0), Lid::Covered))
        ->toBeNull()
        ->and(QuietSurface::skin(Temperature::ofCelsius(60.0))?->seconds)
        ->toBeGreaterThan(QuietSurface::skin(Temperature::ofCelsius(80.0))->seconds ?? INF);
});

it('never holds a sauce to dust', function (): void {
    $sauce = Samples::whiteSauce(60.0, litres: 0.2);
    $held = Holding::in(Samples::pan(30.0), Temperature::ofCelsius(85.0), Lid::Open)->after($sauce, Duration::ofMinutes(6000.0));
    expect($held->waterGrams)->toEqualWithDelta(0.2 * $sauce->waterGrams, 1e-9);
});

it('asks more heat of a sauce with yolk', function (): void {
    $plain = Samples::whiteSauce(60.0);
    $yolk = $plain->with(Larder::house()->ingredient('egg-yolk'), Mass::ofGrams(40.0));
    $at = fn(float $celsius): Holding => Holding::in(Samples::pan(20.0), Temperature::ofCelsius($celsius));
    expect($at(58.0)->hotEnough($plain, FoodSafety::usModelCode()))->toBeTrue()
        ->and($at(58.0)->hotEnough($yolk, FoodSafety::usModelCode()))->toBeFalse()
        ->and($at(58.0)->hotEnough($plain, FoodSafety::ukGuidance()))->toBeFalse()
        ->and($at(63.0)->hotEnough($yolk, FoodSafety::ukGuidance()))->toBeTrue()
        ->and(fn() => $at(30.0))->toThrow(OutOfRange::class)
        ->and(fn() => $at(100.0))->toThrow(OutOfRange::class);
});

it('reheats once, to the rule’s temperature, a little thinner than before', function (): void {
    $sauce = Samples::whiteSauce(60.0, litres: 2.0);
    $pan = Samples::pan(24.0);
    $hob = new TimeToBoil($pan, Hob::of(HobKind::Induction, Power::ofKilowatts(2.0))->fluxInto($pan));
    $hot = Reheating::of($sauce, Temperature::ofCelsius(4.0), $hob, FoodSafety::usModelCode());
    $weak = Reheating::of($sauce, Temperature::ofCelsius(4.0), new TimeToBoil($pan, 0.03), FoodSafety::usModelCode());
    expect($hot->to->inCelsius())->toEqualWithDelta(74.0, 1e-9)
        ->and($hot->time?->inMinutes())->toBeGreaterThan(4.0)->toBeLessThan(12.0)
        ->and($hot->inTime)->toBeTrue()
        ->and($weak->time)->toBeNull()->and($weak->inTime)->toBeFalse()
        ->and(EquivalentFlour::of($hot->sauce)->gramsPerLitre)->toBeLessThan(EquivalentFlour::of($sauce)->gramsPerLitre - 1.0)
        ->and($hot->sauce->grams())->toEqualWithDelta($sauce->grams(), 1e-9)
        ->and($hot->sauce->starch->acidLeft)->toEqualWithDelta(0.96, 1e-12);
});

it('says when it takes too long to reheat', function (): void {
    $sauce = Samples::whiteSauce(60.0, litres: 20.0);
    $pan = Samples::pan(40.0);
    $slow = Reheating::of(
        $sauce,
        Temperature::ofCelsius(4.0),
        new TimeToBoil($pan, Hob::of(HobKind::Gas, Power::ofKilowatts(1.6))->fluxInto($pan)),
        FoodSafety::usModelCode(),
    );
    expect($slow->time?->inMinutes())
        ->toBeGreaterThan(120.0)
        ->and($slow->inTime)
        ->toBeFalse()
        ->and(Reheating::of($sauce, Temperature::ofCelsius(4.0), new TimeToBoil($pan, 1.0), FoodSafety::ukGuidance())->inTime)
        ->toBeTrue();
});

it('keeps yolk a day, milk a month frozen, stock longer', function (): void {
    $yolk = Samples::whiteSauce(60.0)->with(Larder::house()->ingredient('egg-yolk'), Mass::ofGrams(40.0));
    $days = fn(Sauce $sauce): array => [UseBy::of($sauce)->chilledDays, UseBy::of($sauce)->frozenDays];
    expect($days($yolk))->toBe([1, 0])
        ->and($days(Samples::whiteSauce(60.0)))->toBe([3, 30])
        ->and($days(Samples::whiteSauce(60.0, 'chicken-stock')))->toBe([3, 90])
        ->and(UseBy::REHEATS)->toBe(1);
});
