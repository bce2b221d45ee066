<?php

declare(strict_types=1);

use Lento\Score\Clause;
use Lento\Score\Diagnosis;
use Lento\Score\Impossible;
use Lento\Score\Instance;
use Lento\Score\Reason;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score'));

/**
 * @param list<array{string, int, string, mixed}> $changes
 * @param list<array{string, array<string, mixed>}> $more
 */
function why(array $changes, array $more = [], int $now = 0): Impossible
{
    return Diagnosis::of(Services::changed($changes, $more, $now))[0] ?? throw new RuntimeException('nothing stands against it');
}

/** @return list<string> "takes a/roux a/simmer 8" */
function clauses(Impossible $why): array
{
    return array_map(
        static fn(Clause $one): string => trim("{$one->kind->value} {$one->of} {$one->and}") . " {$one->minutes}",
        $why->because,
    );
}

it('finds nothing against a service that can be cooked', function (Instance $instance): void {
    expect(Diagnosis::of($instance))->toBe([]);
})->with([
    fn() => Services::changed([]),
    fn() => Services::instance('large-06'),
    fn() => Services::instance('special-06-replan-running-pots'),
]);

it('says what no ring, no place and no cook could ever take', function (): void {
    $ring = why([['uses', 0, 'pan_mm', 300]]);
    $power = why([['rings', 0, 'power', 1]]);
    $place = why([['stores', 0, 'slots', 0]]);
    $skill = why([['tasks', 2, 'skill', 'sugar work']]);
    expect([$ring->reason, $power->reason, $place->reason, $skill->reason])
        ->toBe([Reason::NoRing, Reason::NoRing, Reason::NoPlace, Reason::NoSkill])
        ->and(clauses($ring))->toBe(['no-ring a/roux 280'])
        ->and(clauses($place))->toBe(['no-place a/roux pan-24 0'])
        ->and(clauses($skill))->toBe(['no-skill a/strain sugar work 0']);
});

it('does not mind a skill that was asked for what is done', function (): void {
    $done = [['tasks', 2, 'skill', 'sugar work'], ['tasks', 2, 'state', 'done'], ['tasks', 2, 'start', 20]];
    expect(Diagnosis::of(Services::changed([...$done, ['tasks', 1, 'state', 'done'], ['tasks', 1, 'start', -16],
        ['tasks', 0, 'state', 'done'], ['tasks', 0, 'start', -24]], now: 30)))->toBe([]);
});

it('says in order what is too late, and by how much', function (): void {
    $why = why([['sauces', 0, 'latest', 150]], now: 120);
    expect($why->reason)->toBe(Reason::TooLate)
        ->and($why->over)->toBe(120 + 42 - 150)
        ->and(clauses($why))->toBe(['now a/roux 120', 'takes a/roux a/simmer 8', 'takes a/simmer a/strain 30', 'ready-by a 150']);
});

it('says what would have to be held too long', function (): void {
    $why = why([['arcs', 1, 'max', 40], ['tasks', 0, 'state', 'done'], ['tasks', 0, 'start', -8],
        ['tasks', 1, 'state', 'running'], ['tasks', 1, 'start', 0], ['sauces', 0, 'hold_max', 30]]);
    // Ready at 74 at the latest, and served 76 minutes after.
    expect($why->reason)->toBe(Reason::Hold)->and($why->over)->toBe(76 - 30);
});

it('says what would have to wait longer than it can', function (): void {
    $why = why([], [['arcs', ['from' => 'a/roux', 'to' => 'a/strain', 'min' => 60]]]);
    expect($why->reason)->toBe(Reason::Wait)->and($why->over)->toBe(60 - 30 - 8);
});

it('says what waits for itself', function (): void {
    $why = why([], [['arcs', ['from' => 'a/strain', 'to' => 'a/roux', 'min' => 0]]]);
    expect($why->reason)->toBe(Reason::Order)
        ->and($why->over)->toBe(42)
        ->and($why->because)->toHaveCount(3);
});

it('says which times that were set by hand collide', function (): void {
    $set = [['tasks', 0, 'state', 'locked'], ['tasks', 0, 'start', 90], ['tasks', 1, 'state', 'locked'], ['tasks', 1, 'start', 95]];
    $why = why($set);
    expect($why->reason)->toBe(Reason::Set)->and($why->over)->toBe(3)
        ->and(clauses($why))->toBe(['set-at a/roux 90', 'takes a/roux a/simmer 8', 'set-at a/simmer 95']);
});
