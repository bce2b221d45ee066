<?php

declare(strict_types=1);

use Lento\Simulation\Happening;
use Lento\Simulation\Trouble;
use Tests\Core\Golden\Kept;
use Tests\Core\Room;
use Tests\Core\Simulation\Pots;

covers(...Room::of('Simulation'));

it('cooks every kept pot as it always did', function (): void {
    $called = [];
    foreach (Pots::cooked() as $name => $trace) {
        (new Kept('kept-traces.json'))->meets($name, $trace);
        array_push($called, ...array_map(fn(Happening $happening): Trouble => $happening->trouble, $trace->troubles));
    }
    expect(array_filter(Trouble::cases(), fn(Trouble $trouble): bool => !in_array($trouble, $called, true)))->toBe([]);
});
