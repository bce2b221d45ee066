<?php

declare(strict_types=1);

use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\CookingTime;
use Lento\Procedure\Tools;
use Lento\Quantity\Mass;
use Lento\Quantity\Power;
use Lento\Quantity\Volume;
use Tests\Core\Golden\Table;
use Tests\Core\Room;

covers(...Room::of('Procedure'));

/** @param array<string, string> $row */
function cookedBy(array $row, ?Power $ring = null): CookingTime
{
    $act = Act::of(ActKind::from($row['act']));
    $kind = Larder::house()->ingredient($row['ingredient']);
    $mass = Mass::ofGrams((float) $row['grams']);
    $pan = Pan::wide((float) $row['pan_cm']);

    return $act->kind === ActKind::ReduceApart
        ? CookingTime::boilingDown($act, $mass, 2.0 / 3.0, $pan, $ring)
        : CookingTime::frying($act, [[$row['ingredient'], $kind, $mass]], $kind->density->volumeOf($mass), $pan, $ring);
}

/** @param array<string, string> $row */
function takesAsLong(array $row): void
{
    $minutes = cookedBy($row)->time->inMinutes();
    expect($minutes)->toBeGreaterThan((float) $row['heat_over_power_min'] - 0.1)->toEqualWithDelta((float) $row['minutes'], 0.6);
}

it('takes as long as the table says, by mass, pan and heat', function (): void {
    foreach (Table::rows('t14-minutes-by-mass') as $row) {
        takesAsLong($row);
    }
});

it('never takes less for more, nor more in a wider pan', function (string $kind): void {
    $last = 0.0;
    foreach ([0.1, 0.3, 1.0, 4.0, 12.0, 60.0] as $kilograms) {
        $row = ['act' => $kind, 'ingredient' => 'onion', 'grams' => (string) (1000.0 * $kilograms), 'pan_cm' => '36'];
        $minutes = cookedBy($row)->time->inMinutes();
        expect($minutes)->toBeGreaterThanOrEqual($last)
            ->and(cookedBy([...$row, 'pan_cm' => '50'])->time->inMinutes())->toBeLessThanOrEqual($minutes);
        $last = $minutes;
    }
})->with(['sweat', 'brown', 'brown-deep']);

it('waits for a weak ring', function (): void {
    $row = ['act' => 'brown-deep', 'ingredient' => 'onion', 'grams' => '12000', 'pan_cm' => '50'];
    // By hand: 12 kg × (330 + 0.65 × 2257) J/g over 1.5 kW.
    expect(cookedBy($row, Power::ofKilowatts(1.5))->time->inMinutes())->toEqualWithDelta(12000.0 * 1797.05 / 1500.0 / 60.0, 0.01);
});

it('browns 25 mm deep, the rest in batches', function (float $grams, int $batches): void {
    $row = ['act' => 'brown', 'ingredient' => 'onion', 'grams' => (string) $grams, 'pan_cm' => '30'];
    // A 30 cm pan holds 1767 ml of them, 1166 g.
    expect(cookedBy($row)->batches)->toBe($batches)->and(cookedBy([...$row, 'act' => 'sweat'])->batches)->toBe(1);
})->with([[500.0, 1], [1160.0, 1], [1200.0, 2], [6000.0, 6]]);

it('takes the smallest pan of the kitchen in which they brown, else its widest', function (): void {
    $tools = new Tools([Pan::wide(40.0), Pan::wide(20.0), Pan::wide(28.0)]);
    $cm = static fn(float $ml): float => $tools->secondPan(Volume::ofMillilitres($ml))->diameter->inCentimetres();
    expect($cm(300.0))->toEqualWithDelta(20.0, 1e-9)
        ->and($cm(1500.0))->toEqualWithDelta(28.0, 1e-9)
        ->and($cm(9000.0))->toEqualWithDelta(40.0, 1e-9)
        ->and((new Tools())->secondPan(Volume::ofMillilitres(100.0))->diameter->inCentimetres())->toEqualWithDelta(24.0, 1e-9)
        ->and((new Tools())->secondPan(Volume::ofLitres(90.0))->diameter->inCentimetres())->toEqualWithDelta(50.0, 1e-9);
});
