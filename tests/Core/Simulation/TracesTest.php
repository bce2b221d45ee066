<?php

declare(strict_types=1);

use Lento\Simulation\Happening;
use Lento\Simulation\Trouble;
use Tests\Core\Room;
use Tests\Core\Simulation\Pots;

/*
 * The same pot gives the same trace in every version, to nine digits. Where a law of the model is meant to change, read what moved, then write the
 * traces again: php tests/Core/Simulation/keep-traces.php. That the numbers are right is what SimulationTest and the tables of MODEL check.
 */

covers(...Room::of('Simulation'));

it('cooks a pot as it always did', function (string $name): void {
    [$points, $called] = Pots::kept()[$name];
    [$nowPoints, $nowCalled] = Pots::numbers(Pots::cooked($name));
    expect($nowCalled)->toEqual($called)->and($nowPoints)->toHaveCount(count($points));
    foreach ($points as $i => $point) {
        foreach ($point as $k => $number) {
            $number === null
                ? expect($nowPoints[$i][$k])->toBeNull()
                : expect($nowPoints[$i][$k])->toEqualWithDelta($number, 1e-9 * max(1.0, abs($number)), "number $k of point $i");
        }
    }
})->with(array_keys(Pots::all()));

it('has every trouble in the traces', function (): void {
    $called = [];
    foreach (array_keys(Pots::all()) as $name) {
        array_push($called, ...array_map(fn(Happening $happening): Trouble => $happening->trouble, Pots::cooked($name)->troubles));
    }
    expect(array_filter(Trouble::cases(), fn(Trouble $trouble): bool => !in_array($trouble, $called, true)))->toBe([]);
});
