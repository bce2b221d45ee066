<?php

declare(strict_types=1);

use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Heat\Fire;
use Lento\Heat\HobHeat;
use Lento\Heat\Metal;
use Lento\Larder\Larder;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Risk\Risk;
use Lento\Roux\BaseFilm;
use Lento\Roux\BrownedButter;
use Lento\Roux\Browning;
use Lento\Roux\CarryOver;
use Lento\Roux\HobRoux;
use Lento\Roux\OffHeat;
use Lento\Roux\OvenRoux;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;
use Lento\Roux\RouxCooling;
use Lento\Roux\RouxState;
use Lento\Roux\Shade;
use Tests\Core\Golden\Table;
use Tests\Core\Room;

covers(...Room::of('Roux', 'Forecast', 'Heat'));

function pasteOf(float $grams, string $fat = 'butter'): Roux
{
    $larder = Larder::house();

    return Roux::of($larder->thickener('plain-flour'), Mass::ofGrams($grams), $larder->fat($fat), Mass::ofGrams($grams));
}

it('meets the table of oven roux by the depth of its paste', function (array $row): void {
    $grams = ((M_PI * 24.0 ** 2) / 4.0) * number($row['paste depth cm']) * 1.03;
    $oven = OvenRoux::inPan(
        pasteOf($grams / 2.0, 'vegetable-oil'),
        Length::ofCentimetres(24.0),
        Mass::ofKilograms(2.5),
        Temperature::ofCelsius(175.0),
    );
    foreach (array_combine([20, 40, 60, 90], explode('/', text($row['T at 20/40/60/90']))) as $minutes => $celsius) {
        expect($oven->after(Duration::ofMinutes($minutes))->temperature->inCelsius())->toEqualWithDelta((float) $celsius, 0.5 + 1e-9);
    }
    foreach (['white until' => 0.6, 'blond' => 1.0, 'light brown 1.5' => 1.5, 'brown 2' => 2.0, 'dark 3' => 3.0] as $column => $shade) {
        expect($oven->until(Shade::of($shade))->time->inMinutes())->toEqualWithDelta(number($row[$column]), 0.5 + 1 / 60);
    }
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t1c-oven-roux')));

it('refuses an oven that is none, and a colour it never gives', function (): void {
    $oven = fn(float $celsius): OvenRoux => OvenRoux::inPan(
        pasteOf(300.0),
        Length::ofCentimetres(24.0),
        Mass::ofKilograms(2.5),
        Temperature::ofCelsius($celsius),
    );
    expect(fn() => $oven(40.0))
        ->toThrow(OutOfRange::class)
        ->and(fn() => $oven(400.0))
        ->toThrow(OutOfRange::class)
        ->and(fn() => $oven(90.0)->until(Shade::of(3.0)))
        ->toThrow(NotReachable::class)
        ->and(fn() => $oven(175.0)->after(Duration::ofMinutes(600.0)))
        ->toThrow(NotReachable::class);
});

it('meets the table of the film on the pan’s floor', function (array $row): void {
    $heat = HobHeat::from(str_replace('_', '-', text($row['heat'])));
    $paste = HobRoux::inPan(
        pasteOf(100.0),
        new PanBottom(Length::ofCentimetres(20.0), Mass::ofKilograms(1.0)),
        $heat,
    )->after(Duration::ofMinutes(20.0))
        ->temperature;
    [$stirred, $still] = array_map(floatval(...), explode(' / ', text($row['base T stirred / unstirred'])));
    expect(BaseFilm::under($paste, $heat)->temperature->inCelsius())->toEqualWithDelta($stirred, 0.5 + 1e-6)
        ->and(BaseFilm::under($paste, $heat, 0.0)->temperature->inCelsius())->toEqualWithDelta($still, 0.5 + 1e-6)
        ->and(BaseFilm::under($paste, $heat)->speckRisk)->toEqualWithDelta(number($row['risk stirred']), 0.005 + 1e-9)
        ->and(BaseFilm::under($paste, $heat, 0.0)->speckRisk)->toEqualWithDelta(number($row['risk unstirred']), 0.005 + 1e-9);
})->with(fn() => array_map(fn(array $row): array => [$row], Table::rows('t2c-base-film')));

it('says risks in four words, in their order', function (): void {
    expect(array_map(fn(float $rank): Risk => Risk::of($rank), [0.0, 0.079, 0.08, 0.24, 0.25, 0.59, 0.6, 1.0]))
        ->toBe([Risk::Low, Risk::Low, Risk::Some, Risk::Some, Risk::High, Risk::High, Risk::VeryHigh, Risk::VeryHigh]);
});

it('goes on browning off the heat, more in a heavy pan, hardly in a water bath', function (): void {
    $lifted = HobRoux::inPan(
        pasteOf(200.0, 'clarified-butter'),
        new PanBottom(Length::ofCentimetres(24.0), Mass::ofKilograms(1.4)),
        HobHeat::MediumHigh,
    )->until(Shade::of(2.0));
    $ends = fn(float $kilograms, OffHeat $where): float => CarryOver::inPan(
        pasteOf(200.0, 'clarified-butter'),
        Length::ofCentimetres(24.0),
        Mass::ofKilograms($kilograms),
        $where,
    )->settled($lifted)->shade->value;
    expect($ends(1.4, OffHeat::Bench))
        ->toBeGreaterThan(2.1)
        ->and($ends(4.0, OffHeat::Bench))
        ->toBeGreaterThan($ends(1.4, OffHeat::Bench))
        ->and($ends(1.4, OffHeat::WaterBath))
        ->toBeGreaterThan($lifted->shade->value)
        ->and($ends(1.4, OffHeat::WaterBath))
        ->toBeLessThan(2.0 + 0.25 * ($ends(1.4, OffHeat::Bench) - 2.0));
});

it('lifts early enough to end at the colour', function (OffHeat $where): void {
    $hob = HobRoux::inPan(
        pasteOf(200.0, 'clarified-butter'),
        new PanBottom(Length::ofCentimetres(24.0), Mass::ofKilograms(2.4)),
        HobHeat::Medium,
    );
    $after = CarryOver::inPan(pasteOf(200.0, 'clarified-butter'), Length::ofCentimetres(24.0), Mass::ofKilograms(2.4), $where);
    $lift = $after->liftFor(Shade::of(2.5), $hob);
    expect($lift->shade->value)->toBeLessThan(2.5)
        ->and($after->settled($lift)->shade->value)->toEqualWithDelta(2.5, 0.02)
        ->and($after->settled($lift)->temperature->inCelsius())->toBeLessThan(110.5);
})->with(OffHeat::cases());

it('cools a roux on the bench as the closed formula says', function (): void {
    $roux = pasteOf(140.0, 'vegetable-oil');
    $lifted = HobRoux::inPan(
        $roux,
        new PanBottom(Length::ofCentimetres(24.0), Mass::ofKilograms(1.44)),
        HobHeat::Medium,
    )->until(Shade::of(2.0));
    $time = RouxCooling::of($roux->mass(), Mass::ofKilograms(1.44), Length::ofCentimetres(24.0))->time(
        $lifted->temperature,
        Temperature::ofCelsius(120.0),
    );
    $then = CarryOver::inPan($roux, Length::ofCentimetres(24.0), Mass::ofKilograms(1.44))->after($lifted, $time);
    expect($then->temperature->inCelsius())->toEqualWithDelta(120.0, 2.5)
        ->and($then->time->seconds)->toEqualWithDelta($lifted->time->seconds + $time->seconds, 1.0)
        ->and($then->rawTaste)->toBeLessThanOrEqual($lifted->rawTaste);
});

it('carries water, colour and raw taste on where the heat left them', function (string $fat, float $shade): void {
    $roux = pasteOf(200.0, $fat);
    $wide = Length::ofCentimetres(24.0);
    $lifted = HobRoux::inPan($roux, new PanBottom($wide, Mass::ofKilograms(2.4)), HobHeat::Medium)->until(Shade::of($shade));
    $after = CarryOver::inPan($roux, $wide, Mass::ofKilograms(2.4));
    $seconds = Duration::ofSeconds(...);
    $atOnce = $after->after($lifted, $seconds(90.0));
    $inTwo = $after->after($after->after($lifted, $seconds(30.0)), $seconds(60.0));
    $still = $after->after($lifted, $seconds(0.0));
    expect($still->dose)->toBe($lifted->dose)
        ->and($still->temperature)->toEqual($lifted->temperature)
        ->and($still->water->inGrams())->toEqualWithDelta($lifted->water->inGrams(), 1e-9)
        ->and($still->rawTaste)->toEqualWithDelta($lifted->rawTaste, 1e-9)
        ->and($atOnce->time->seconds)->toEqualWithDelta($lifted->time->seconds + 90.0, 1e-9)
        ->and($atOnce->melting)->toEqual($lifted->melting)
        ->and($atOnce->temperature->inCelsius())->toBeLessThan($lifted->temperature->inCelsius() - 3.0)
        ->and($atOnce->water->inGrams())->toBeBetween(0.0, $lifted->water->inGrams())
        ->and($atOnce->dose)->toBeGreaterThan($lifted->dose)
        ->and($atOnce->rawTaste)->toBeLessThan($lifted->rawTaste)
        ->and($inTwo->temperature->inCelsius())->toEqualWithDelta($atOnce->temperature->inCelsius(), 0.02)
        ->and($inTwo->dose)->toEqualWithDelta($atOnce->dose, 2e-3 * $atOnce->dose)
        ->and($inTwo->rawTaste)->toEqualWithDelta($atOnce->rawTaste, 2e-3 * $atOnce->rawTaste);
})->with(['clarified-butter', 'butter'])->with([0.3, 1.0, 2.0]);

it('is still again at once where nothing was hot', function (): void {
    $roux = pasteOf(200.0);
    $wide = Length::ofCentimetres(24.0);
    $hob = HobRoux::inPan($roux, new PanBottom($wide, Mass::ofKilograms(2.4)), HobHeat::Medium);
    $cool = RouxState::of(0.0, 60.0, 110.0, 0.5, 0.4, 3.0);
    $bench = CarryOver::inPan($roux, $wide, Mass::ofKilograms(2.4));
    $iron = CarryOver::inPan($roux, $wide, Mass::ofKilograms(2.4), metal: Metal::Iron);
    $lift = $hob->until(Shade::of(2.0));
    expect($bench->settled($cool)->time)->toEqual($cool->time)
        ->and($bench->settled($cool)->dose)->toBe($cool->dose)
        ->and($bench->settled($lift)->temperature->inCelsius())->toBeBetween(109.0, 110.5)
        ->and($iron->settled($lift)->dose)->toBeLessThan($bench->settled($lift)->dose);
});

it('cools far sooner in a water bath, and never below the water', function (): void {
    $minutes = fn(OffHeat $where, float $to): float => RouxCooling::of(
        Mass::ofGrams(280.0),
        Mass::ofKilograms(1.44),
        Length::ofCentimetres(24.0),
        $where,
    )
        ->time(Temperature::ofCelsius(160.0), Temperature::ofCelsius($to))
        ->inMinutes();
    expect($minutes(OffHeat::WaterBath, 60.0))
        ->toBeLessThan(0.15 * $minutes(OffHeat::Bench, 60.0))
        ->and(fn() => $minutes(OffHeat::Bench, 15.0))
        ->toThrow(NotReachable::class);
});

it('browns butter to hazelnut, and weighs what is left of it', function (): void {
    $larder = Larder::house();
    $brown = fn(HobHeat $heat, string $fat = 'butter'): BrownedButter => BrownedButter::inPan(
        $larder->fat($fat),
        Mass::ofGrams(200.0),
        Length::ofCentimetres(20.0),
        Mass::ofKilograms(1.0),
        $heat,
    );
    $medium = $brown(HobHeat::Medium);
    expect($medium->time->inMinutes())->toBeGreaterThan(4.0)->toBeLessThan(25.0)
        ->and($brown(HobHeat::High)->time->seconds)->toBeLessThan($medium->time->seconds)
        ->and($medium->left->inGrams() + $medium->steam->inGrams())->toEqualWithDelta(200.0, 1e-9)
        ->and($medium->steam->inGrams())->toEqualWithDelta(32.0, 1e-9)
        ->and($medium->temperature->inCelsius())->toBeGreaterThan(120.0)
        ->and($medium->fat->water)->toBe(0.0)
        ->and($medium->fat->fat + $medium->fat->solids)->toEqualWithDelta(1.0, 1e-12)
        ->and(fn() => $brown(HobHeat::Medium, 'vegetable-oil'))->toThrow(NotReachable::class);
});

it('reaches its colour sooner on butter that is browned already', function (): void {
    $larder = Larder::house();
    $browned = BrownedButter::inPan(
        $larder->fat('butter'),
        Mass::ofGrams(120.0),
        Length::ofCentimetres(20.0),
        Mass::ofKilograms(1.0),
        HobHeat::Medium,
    );
    $roux = Roux::of($larder->thickener('plain-flour'), Mass::ofGrams(100.0), $browned->fat, $browned->left);
    $on = HobRoux::inPan(
        $roux,
        new PanBottom(Length::ofCentimetres(20.0), Mass::ofKilograms(1.0)),
        HobHeat::Medium,
        fatAt: $browned->temperature,
    )->until(Shade::of(1.0));
    $plain = HobRoux::inPan(
        pasteOf(100.0),
        new PanBottom(Length::ofCentimetres(20.0), Mass::ofKilograms(1.0)),
        HobHeat::Medium,
    )->until(Shade::of(1.0));
    expect($on->melting->seconds)->toBe(0.0)->and($on->time->seconds)->toBeLessThan($plain->time->seconds);
});

it('needs more minutes on a hob that browns slowly', function (): void {
    $minutes = fn(float $browning): float => HobRoux::inPan(
        pasteOf(100.0),
        new PanBottom(Length::ofCentimetres(20.0), Mass::ofKilograms(1.0)),
        HobHeat::Medium,
        $browning,
    )
        ->until(Shade::of(2.0))
        ->time->inMinutes();
    expect($minutes(0.8))
        ->toBeGreaterThan(1.1 * $minutes(1.0))
        ->and($minutes(1.0))
        ->toBeGreaterThan(1.1 * $minutes(1.25));
});

it('stays finite from a pinch to a cauldron, dry or swimming in fat', function (HobHeat $heat): void {
    foreach ([[1.0, 1.0], [50.0, 0.0], [5000.0, 5000.0], [10.0, 100.0], [100.0, 10.0]] as [$flour, $fat]) {
        $larder = Larder::house();
        $roux = Roux::of($larder->thickener('plain-flour'), Mass::ofGrams($flour), $larder->fat('butter'), Mass::ofGrams($fat));
        $hob = HobRoux::inPan($roux, new PanBottom(Length::ofCentimetres(24.0), Mass::ofKilograms(1.5)), $heat);
        $last = -1.0;
        foreach ([0.0, 5.0, 20.0] as $minutes) {
            $state = $hob->after(Duration::ofMinutes($minutes));
            expect(is_finite($state->temperature->kelvin))->toBeTrue()
                ->and($state->temperature->inCelsius())->toBeLessThan(230.0)
                ->and($state->shade->value)->toBeGreaterThanOrEqual($last)
                ->and($state->water->inGrams())->toBeGreaterThanOrEqual(0.0);
            $last = $state->shade->value;
        }
    }
})->with(HobHeat::cases());

it('lifts a roux early by what the pan browns on the way down', function (HobHeat $heat, float $shade): void {
    $pan = Mass::ofKilograms(1.44);
    $wide = Length::ofCentimetres(24.0);
    $roux = pasteOf(140.0, 'vegetable-oil');
    $hob = HobRoux::inPan($roux, new PanBottom($wide, $pan), $heat);
    $meets = Temperature::ofCelsius(120.0);
    $lift = $hob->liftFor(Shade::of($shade), $meets);
    $after = CarryOver::inPan($roux, $wide, $pan)->after(
        $lift,
        RouxCooling::of($roux->mass(), $pan, $wide)->time($lift->temperature, $meets),
    );
    expect($lift->shade->value)
        ->toBeLessThan($shade)
        ->and($lift->time->seconds)
        ->toBeLessThan($hob->until(Shade::of($shade))->time->seconds)
        ->and($after->shade->value)
        ->toEqualWithDelta($shade, 0.06);
})
    ->with([HobHeat::Medium, HobHeat::MediumHigh])
    ->with([1.0, 2.0, 3.0]);

it('adds no colour to a roux that is cool already, and little in water', function (): void {
    $gained = fn(float $from, float $to, OffHeat $where = OffHeat::Bench): float => RouxCooling::of(
        Mass::ofGrams(280.0),
        Mass::ofKilograms(1.44),
        Length::ofCentimetres(24.0),
        $where,
    )->doseGained($from, $to);
    expect($gained(100.0, 120.0))
        ->toBe(0.0)
        ->and($gained(160.0, 120.0))
        ->toBeGreaterThan($gained(150.0, 120.0))
        ->and($gained(160.0, 120.0, OffHeat::WaterBath))
        ->toBeLessThan(0.15 * $gained(160.0, 120.0))
        ->and($gained(160.0, 120.0))
        ->toEqualWithDelta($gained(160.0, 140.0) + $gained(140.0, 120.0), 1e-3);
});

it('browns in its fast loop by the same laws as step by step', function (): void {
    $paste = pasteOf(140.0)->inPan(24.0, 720.0);
    $step = [110.0, 5.0, 16.8, 0.0, 0.0];
    for ($i = 0; $i < 400; $i++) {
        [$celsius, $fatWater, $flourWater] = $paste->onHob($step[0], $step[1], $step[2], 1.15, 160.0, 1.0);
        $step = [
            $celsius,
            $fatWater,
            $flourWater,
            $step[3] + Browning::perMinute($celsius) / 60.0,
            $step[4] + Browning::rawTasteLoss($celsius) / 60.0,
        ];
    }
    [$took, $loop] = $paste->brownedOnHob([110.0, 5.0, 16.8, 0.0, 0.0], new Fire(1.15, 160.0), 1.0, 400, INF, null);
    expect($took)->toBe(400);
    foreach ($loop as $i => $value) {
        expect($value)->toEqualWithDelta($step[$i], 1e-9 * max(1.0, abs($step[$i])));
    }
});
