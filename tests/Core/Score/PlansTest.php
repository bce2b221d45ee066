<?php

declare(strict_types=1);

use Lento\Score\Budget;
use Lento\Score\Lag;
use Tests\Core\Golden\Kept;
use Tests\Core\Room;
use Tests\Core\Score\Plans;

covers(...Room::of('Score', 'Score/Search'));

it('finds the plans that it found on every other machine', function (): void {
    foreach (Plans::found() as $service => $plan) {
        (new Kept('kept-plans.json'))->meets($service, $plan);
    }
});

it('looks for less where there is more to look at', function (): void {
    $for = static fn(int $tasks): array => [Budget::for($tasks)->plans, Budget::for($tasks)->steps];

    expect([$for(1), $for(70), $for(71), $for(150), $for(151)])
        ->toBe([[1500, 110_000], [1500, 110_000], [625, 180_000], [625, 180_000], [375, 180_000]])
        ->and(Budget::for(1)->patient)
        ->toBeTrue()
        ->and([Lag::TIES_UP_TO, Lag::HOLDS_FROM])
        ->toBe([15, 30]);
});
