<?php

declare(strict_types=1);

use Lento\Simulation\Happening;
use Lento\Simulation\Mishap;
use Tests\Core\Golden\Kept;
use Tests\Core\Room;
use Tests\Core\Simulation\Pots;

covers(...Room::of('Simulation'));

it('cooks every kept pot as it always did', function (): void {
    $called = [];
    foreach (Pots::cooked() as $name => $trace) {
        (new Kept('kept-traces.json'))->meets($name, $trace);
        array_push($called, ...array_map(fn(Happening $happening): Mishap => $happening->trouble, $trace->troubles));
    }
    expect(array_filter(Mishap::cases(), fn(Mishap $trouble): bool => !in_array($trouble, $called, true)))->toBe([]);
});
