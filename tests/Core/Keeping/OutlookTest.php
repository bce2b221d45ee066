<?php

declare(strict_types=1);

use Lento\Keeping\Container;
use Lento\Keeping\Cooling;
use Lento\Keeping\CoolingOutlook;
use Lento\Keeping\CoolingReading;
use Lento\Keeping\CoolingRecord;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\LeastChange;
use Lento\Keeping\NextReading;
use Lento\Keeping\Place;
use Lento\Keeping\ReadingDoubt;
use Lento\Keeping\ReadingSense;
use Lento\Keeping\Stint;
use Lento\Keeping\Vessel;
use Lento\Keeping\Way;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;
use Lento\Quantity\Volume;
use Tests\Core\Room;

covers(...Room::of('Keeping'));

function minuteOf(int $minute): DateTimeImmutable
{
    return (new DateTimeImmutable('2026-11-29 18:00 UTC'))->modify("+$minute minutes");
}

function coolReadAt(int $minute, float $celsius): CoolingReading
{
    return new CoolingReading(minuteOf($minute), Temperature::ofCelsius($celsius));
}

function coolingIn(float $depthMm, Place $place = Place::Fridge): Cooling
{
    return Cooling::of(
        Container::tray(Length::ofMillimetres(530.0), Length::ofMillimetres(325.0), Length::ofMillimetres($depthMm)),
        $place,
        Viscosity::ofPascalSeconds(1.5),
    );
}

/** @return non-empty-list<Stint> */
function stintIn(float $depthMm, Place $place = Place::Fridge): array
{
    return [new Stint(minuteOf(0), coolingIn($depthMm, $place))];
}

it('foresees by the law before anything is read', function (float $depth, Place $place): void {
    $outlook = CoolingOutlook::of(stintIn($depth, $place), [], Temperature::ofCelsius(85.0));
    $law = coolingIn($depth, $place)->time(Temperature::ofCelsius(85.0), Temperature::ofCelsius(21.0), freshlySet: true);
    $reaches = $outlook->reaches(Temperature::ofCelsius(21.0));

    expect(abs($reaches?->getTimestamp() - minuteOf(0)->getTimestamp() - ($law->seconds ?? 0.0)))
        ->toBeLessThan(0.01 * ($law->seconds ?? 0.0) + 2.0)
        ->and($outlook->slowness())
        ->toEqualWithDelta(1.0, 0.001)
        ->and($outlook->reaches(Temperature::ofCelsius(21.0), 0.1) < $reaches)
        ->toBeTrue()
        ->and($outlook->reaches(Temperature::ofCelsius(21.0), 0.9) > $reaches)
        ->toBeTrue();
})->with([[15.0, Place::Fridge], [50.0, Place::FridgeUncovered], [110.0, Place::WalkInFan], [30.0, Place::BlastChiller]]);

it('learns how slow a tub is from what was read, and is surer of it with each reading', function (float $slow): void {
    $law = coolingIn(60.0);
    $tau = $slow * $law->timeConstant()->inMinutes();
    $truth = static fn(int $minute): float => 3.0 + (80.0 - 3.0) * min(1.0, exp(-$minute / $tau));
    $spread = [];
    foreach ([1, 2, 4] as $count) {
        $readings = [coolReadAt(10, $truth(0))];
        for ($k = 1; $k <= $count; $k++) {
            $readings[] = coolReadAt(10 + 40 * $k, $truth(40 * $k));
        }
        $outlook = CoolingOutlook::of(stintIn(60.0), $readings, Temperature::ofCelsius(85.0));
        $spread[] = log(
            ($outlook->reaches(Temperature::ofCelsius(10.0), 0.9)?->getTimestamp() - minuteOf(0)->getTimestamp())
            / ($outlook->reaches(Temperature::ofCelsius(10.0), 0.1)?->getTimestamp() - minuteOf(0)->getTimestamp()),
        );
    }
    $arrives = $tau * log((80.0 - 3.0) / (10.0 - 3.0)) + 10.0;

    expect($spread[0] > $spread[1] && $spread[1] > $spread[2])
        ->toBeTrue()
        ->and($outlook->slowness())
        ->toEqualWithDelta($slow, 0.07 * $slow)
        ->and(($outlook->reaches(Temperature::ofCelsius(10.0))?->getTimestamp() - minuteOf(0)->getTimestamp()) / 60.0)
        ->toEqualWithDelta($arrives, 0.06 * $arrives);
})->with([0.6, 0.85, 1.0, 1.4]);

it('weighs a probe that reads all the time as it weighs a cook who looks now and then', function (): void {
    $law = coolingIn(60.0);
    $tau = 1.3 * $law->timeConstant()->inMinutes();
    $every = static fn(int $minutes): array => array_map(
        static fn(int $k): CoolingReading => coolReadAt($k * $minutes, 3.0 + 77.0 * exp(-$k * $minutes / $tau)),
        range(0, intdiv(120, $minutes)),
    );
    $often = CoolingOutlook::of(stintIn(60.0), $every(1), Temperature::ofCelsius(80.0));

    expect($often->slowness())->toEqualWithDelta(1.3, 0.1)->and($often->last()->at)->toEqual(minuteOf(120));
});

it('never warms up, and knows what never comes', function (): void {
    $outlook = CoolingOutlook::of(stintIn(100.0), [coolReadAt(30, 70.0)], Temperature::ofCelsius(85.0));
    $before = INF;
    for ($minute = 30; $minute < 1500; $minute += 30) {
        $now = $outlook->temperature(minuteOf($minute))->inCelsius();
        expect($now)->toBeLessThanOrEqual($before)->toBeGreaterThanOrEqual(3.0);
        $before = $now;
    }
    $room = CoolingOutlook::of(stintIn(100.0, Place::RoomCovered), [], Temperature::ofCelsius(85.0));

    expect($room->reaches(Temperature::ofCelsius(5.0)))
        ->toBeNull()
        ->and($outlook->reaches(Temperature::ofCelsius(75.0)))
        ->toEqual(minuteOf(30))
        ->and($room->meets(Temperature::ofCelsius(5.0), minuteOf(9000), minuteOf(0)))
        ->toBeFalse();
});

it('says what a change would do from now on', function (): void {
    $outlook = CoolingOutlook::of(stintIn(110.0), [coolReadAt(60, 62.0)], Temperature::ofCelsius(85.0));
    $fixed = $outlook->with(new Stint(minuteOf(65), coolingIn(30.0, Place::FridgeUncovered)));

    expect($fixed->temperature(minuteOf(65))->kelvin)
        ->toEqualWithDelta($outlook->temperature(minuteOf(65))->kelvin, 0.01)
        ->and($fixed->reaches(Temperature::ofCelsius(21.0)) < $outlook->reaches(Temperature::ofCelsius(21.0)))
        ->toBeTrue()
        ->and($fixed->meets(Temperature::ofCelsius(21.0), minuteOf(200), minuteOf(65)))
        ->toBeTrue()
        ->and($outlook->meets(Temperature::ofCelsius(21.0), minuteOf(200), minuteOf(65)))
        ->toBeFalse();
});

it('asks for the thermometer in time: soon after a gate is reached, before it shuts, within three quarters of an hour', function (): void {
    $rules = FoodSafety::usModelCode();
    $ask = static function (float $depth, CoolingReading ...$readings) use ($rules): ?DateTimeImmutable {
        $outlook = CoolingOutlook::of(stintIn($depth), array_values($readings), Temperature::ofCelsius(85.0));

        $record = CoolingRecord::of($rules, array_values($readings));

        return NextReading::of($outlook, $record->gates($outlook->last()->at));
    };

    expect($ask(60.0, coolReadAt(0, 80.0)))
        ->toEqual(minuteOf(45))
        // The gate shuts at 120; a quarter of an hour before it something can still be done.
        ->and($ask(100.0, coolReadAt(0, 57.0), coolReadAt(70, 40.0)))
        ->toEqual(minuteOf(105))
        ->and($ask(15.0, coolReadAt(0, 57.0), coolReadAt(30, 24.0)) < minuteOf(60))
        ->toBeTrue()
        ->and($ask(15.0, coolReadAt(0, 57.0), coolReadAt(40, 20.0), coolReadAt(150, 4.5)))
        ->toBeNull();
});

it('doubts what was not read in the middle of the sauce', function (
    ?ReadingDoubt $doubt,
    CoolingReading $reading,
    CoolingReading ...$before,
): void {
    expect(ReadingSense::doubt($reading, stintIn(60.0), array_values($before), Temperature::ofCelsius(85.0)))->toBe($doubt);
})->with([
    'two hundred degrees' => [ReadingDoubt::CannotBe, coolReadAt(30, 200.0)],
    'colder than a freezer' => [ReadingDoubt::CannotBe, coolReadAt(30, -40.0)],
    'as it should be' => [null, coolReadAt(60, 60.0), coolReadAt(30, 70.0)],
    'stirred: the middle comes up' => [null, coolReadAt(60, 72.0), coolReadAt(30, 70.0)],
    'hotter than it was' => [ReadingDoubt::Warmer, coolReadAt(60, 80.0), coolReadAt(30, 70.0)],
    'in the air of the fridge' => [ReadingDoubt::InAir, coolReadAt(35, 9.0), coolReadAt(30, 70.0)],
    'in the air from the first' => [ReadingDoubt::InAir, coolReadAt(5, 12.0)],
    'cold when it was put in, though nobody said so' => [null, coolReadAt(0, 72.0)],
    'frozen at one value' => [ReadingDoubt::Stuck, coolReadAt(90, 70.0), coolReadAt(30, 70.0), coolReadAt(60, 70.0)],
    'slow, but moving' => [null, coolReadAt(40, 69.9), coolReadAt(30, 70.0)],
    'cold at last, and staying so' => [null, coolReadAt(900, 3.4), coolReadAt(800, 3.4), coolReadAt(850, 3.4)],
]);

it('proposes the least change that meets the rules with the margin', function (
    FoodSafety $rules,
    Place $asked,
    float $litres,
    array $places,
    ?string $best,
): void {
    $tub = Vessel::of(Length::ofMillimetres(240.0), null, Length::ofMillimetres(200.0));
    $tray = Vessel::of(Length::ofMillimetres(530.0), Length::ofMillimetres(325.0), Length::ofMillimetres(65.0));
    /** @var list<Place> $places */
    $change = new LeastChange([[$tub, 3], [$tray, 4]], $places);
    [$thick, $hot] = [Viscosity::ofPascalSeconds(1.5), Temperature::ofCelsius(85.0)];
    $way = Way::of($tub, 1, $asked);
    $ways = $change->than($way, Volume::ofLitres($litres), $thick, $rules, $hot);
    foreach ($ways as $one) {
        expect($one->forecast(Volume::ofLitres($litres), $thick, $rules, $hot)->should())->toBeTrue();
    }
    $words = static fn(Way $one): string => sprintf(
        '%d %s %s%s',
        $one->count,
        $one->vessel->width === null ? 'tub' : 'tray',
        $one->place->value,
        $one->onIceFirst ? ', ice first' : '',
    );

    expect($ways === [] ? null : $words($ways[0]))->toBe($best);
})->with([
    'two trays' => [FoodSafety::usModelCode(), Place::Fridge, 8.0, [Place::Fridge, Place::FridgeUncovered], '2 tray fridge'],
    'one tray, its lid off' => [FoodSafety::usModelCode(), Place::Fridge, 5.0, [Place::Fridge], '1 tray fridge-uncovered'],
    'ice first, where trays do not do' => [
        FoodSafety::ukGuidance(),
        Place::Fridge,
        7.0,
        [Place::Fridge, Place::IceBathStirred],
        '2 tray fridge-uncovered, ice first',
    ],
    'the lid off' => [FoodSafety::usModelCode(), Place::Fridge, 2.0, [Place::Fridge], '1 tub fridge-uncovered'],
    'no way at all' => [FoodSafety::ukGuidance(), Place::RoomCovered, 60.0, [Place::Room], null],
]);
