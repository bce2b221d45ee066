<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Pot\Hob;
use Lento\Pot\HobKind;
use Lento\Pot\Pan;
use Lento\Pot\PanBase;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Power;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Tests\Core\Room;

covers(...Room::of('Pot', 'Compose'));

function weighedPan(?float $kilograms, PanBase $base = PanBase::Medium): Pan
{
    return Pan::of(
        Length::ofMillimetres(240.0),
        Length::ofMillimetres(140.0),
        $kilograms === null ? null : Mass::ofKilograms($kilograms),
        $base,
    );
}

it('takes a pan by its own weight, or by its size', function (): void {
    expect(weighedPan(2.2)->mass()->inKilograms())->toBe(2.2)
        ->and(weighedPan(null)->mass()->inKilograms())->toEqualWithDelta(0.0025 * 24.0 ** 2, 1e-12)
        ->and(fn() => weighedPan(0.05))->toThrow(OutOfRange::class)
        ->and(fn() => weighedPan(101.0))->toThrow(OutOfRange::class);
});

it('heats no harder than the ring can', function (): void {
    // By hand: 2 kW of gas bring 0.4 of it, 800 W, into 452 cm2: 1.77 W/cm2, medium-high (1.70) and no more.
    $ring = fn(float $watts): Hob => Hob::of(HobKind::Gas, Power::ofWatts($watts));
    expect($ring(2000.0)->reaches(HobHeat::High, weighedPan(null)))->toBe(HobHeat::MediumHigh)
        ->and($ring(2000.0)->reaches(HobHeat::Low, weighedPan(null)))->toBe(HobHeat::Low)
        ->and($ring(100.0)->reaches(HobHeat::High, weighedPan(null)))->toBe(HobHeat::Low)
        ->and($ring(9000.0)->reaches(HobHeat::High, weighedPan(null)))->toBe(HobHeat::High);
});

it('catches sooner on a thin base, and browns later in a heavy pan', function (): void {
    $ask = fn(Pan $pan, ?Temperature $boilsAt = null) => (new Composer())->answer(
        Question::of(Base::Bechamel, Volume::ofLitres(2.0), in: new InKitchen($pan, boilsAt: $boilsAt)),
    );
    $minutes = fn(float $kilograms): float => $ask(weighedPan($kilograms))->rouxForecast?->time->inMinutes() ?? 0.0;
    expect($minutes(6.0))->toBeGreaterThan($minutes(1.0));
    // A bare simmer is held at 93 °C; at 3,000 m water boils at 90 and the starch swells a little less.
    expect($ask(weighedPan(1.5), Temperature::ofCelsius(90.0))->roux->flour->inGrams())->toBeGreaterThan(
        $ask(weighedPan(1.5))->roux->flour->inGrams(),
    );
});
