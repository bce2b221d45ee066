<?php

declare(strict_types=1);

use Lento\Score\Check;
use Lento\Score\Lag;
use Lento\Score\LimitKind;
use Lento\Score\Rule;
use Lento\Score\Search\Bounds;
use Lento\Score\Search\Decoder;
use Lento\Score\Search\Dice;
use Lento\Score\Search\Line;
use Lento\Score\Search\Moves;
use Lento\Score\Search\Naming;
use Lento\Score\Search\Net;
use Lento\Score\Search\Orders;
use Lento\Score\Search\Phrases;
use Lento\Score\Search\Problem;
use Lento\Score\Search\Tried;
use Lento\Score\Times;
use Lento\Score\Visits;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score', 'Score/Search'));

it('throws the dice of drand48', function (): void {
    // srand48(0) and srand48(1), as every POSIX machine has them.
    expect((new Dice(0))->share())->toEqualWithDelta(0.170828036106, 1e-9)
        ->and((new Dice(1))->share())->toEqualWithDelta(0.041630344772, 1e-9);
    $dice = new Dice(7);
    $thrown = array_map(static fn(): int => $dice->between(1, 6), range(1, 6000));
    expect(min($thrown))->toBe(1)->and(max($thrown))->toBe(6)
        ->and(array_sum($thrown) / 6000)->toEqualWithDelta(3.5, 0.1)
        ->and($dice->mixed([1, 2, 3, 4]))->toHaveCount(4)->toContain(1, 2, 3, 4)
        ->and($dice->some([1, 2, 3, 4], 2))->toHaveCount(2)
        ->and(count(array_filter(range(1, 4000), static fn(): bool => $dice->chance(0.25))))->toBeGreaterThan(900)->toBeLessThan(1100);
});

it('asks for a look every so often, but not just before the end', function (int $minutes, array $windows): void {
    $asked = array_map(
        static fn(Lento\Score\VisitWindow $one): array => [$one->from, $one->to, $one->k],
        (new Visits(10, 3))->windows($minutes),
    );
    expect($asked)->toBe($windows);
})->with([
    [14, []],
    [15, [[7, 13, 1]]],
    [24, [[7, 13, 1]]],
    [25, [[7, 13, 1], [17, 23, 2]]],
    [34, [[7, 13, 1], [17, 23, 2]]],
]);

it('asks for each minute of a longer look, and not for what was looked at', function (): void {
    $asked = (new Visits(6, 20, 2, 1))->windows(16);
    expect($asked)->toHaveCount(2)
        ->and([$asked[0]->from, $asked[0]->to, $asked[0]->k, $asked[0]->part])->toBe([0, 15, 2, 0])
        ->and($asked[1]->part)->toBe(1);
});

it('knows how far apart two tasks must be', function (): void {
    $lags = [new Lag('a', 'b', 2, 5), new Lag('b', 'c', 0), new Lag('a', 'c', 0, 30)];
    $net = Net::of([10, 4, 3], $lags, ['a' => 0, 'b' => 1, 'c' => 2]);
    expect($net->between(0, 1))->toBe(12)
        ->and($net->between(1, 0))->toBe(-15)
        ->and($net->between(0, 2))->toBe(16)
        ->and($net->between(2, 0))->toBe(-40)
        ->and($net->between(2, 1))->toBe(-28)
        ->and($net->between(1, 1))->toBe(0)
        ->and($net->sound)->toBeTrue()
        ->and($net->spread([0, 0, 0], [100, 100, 50]))->toBe([[0, 12, 16], [34, 46, 50]]);
    // Turned round: from the end of one to the end of the other.
    $turned = $net->mirror([10, 4, 3]);
    expect($turned->between(1, 0))->toBe(12 + 4 - 10)->and($turned->mirror([10, 4, 3])->after)->toEqual($net->after);
});

it('sees that waits contradict one another', function (): void {
    $lags = [new Lag('a', 'b', 5), new Lag('b', 'a', 0, 0)];
    expect(Net::of([10, 4], $lags, ['a' => 0, 'b' => 1])->sound)->toBeFalse();
});

it('plays what waits are short between as one phrase, and phrases in a ring as one', function (): void {
    $tied = static fn(Lag $lag): bool => $lag->ties();
    $index = ['a' => 0, 'b' => 1, 'c' => 2, 'd' => 3];
    $phrases = Phrases::of(4, [new Lag('a', 'b', 0, 15), new Lag('b', 'c', 0, 16), new Lag('c', 'd')], $index, $tied);
    expect($phrases->of)->toBe([[0, 1], [2], [3]])
        ->and($phrases->holding)->toBe([0, 0, 1, 2])
        ->and($phrases->after)->toBe([[1 => true], [2 => true], []])
        ->and($phrases->before)->toBe([[], [0 => true], [1 => true]])
        ->and($phrases->mirror()->of)->toBe([[1, 0], [2], [3]])
        ->and($phrases->mirror()->after)->toBe($phrases->before);
    // The first phrase is both before and after the second.
    $ring = Phrases::of(4, [new Lag('a', 'd', 0, 15), new Lag('a', 'b'), new Lag('b', 'c', 0, 1), new Lag('c', 'd')], $index, $tied);
    expect($ring->of)->toHaveCount(1)->and($ring->of[0])->toBe([0, 1, 2, 3]);
});

it('turns a problem round and back', function (string $name): void {
    $problem = new Problem(Services::instance($name));
    $back = $problem->mirror()->mirror();
    foreach (['fixed', 'windows', 'out', 'away', 'lags', 'net', 'phrases', 'units', 'stays', 'staysOf'] as $what) {
        expect($back->{$what})->toEqual($problem->{$what}, $what);
    }
})->with(['small-04', 'special-04-cook-away', 'special-08-replan-ring-fails']);

it('makes of any line a plan that keeps to all rules, but may begin before now', function (string $name): void {
    $instance = Services::instance($name);
    $problem = new Problem($instance);
    // Room before now, so that what begins then can be looked at like the rest.
    $early = new Lento\Score\Instance(
        $instance->name,
        new Times($instance->times->clock, $instance->times->now - Problem::OVER, $instance->times->horizon),
        $instance->galley,
        $instance->work,
        $instance->announced,
    );
    [$dice, $decoder, $mirrored] = [new Dice(11), new Decoder($problem), new Decoder($problem->mirror())];
    $moves = new Moves($problem, $dice, []);
    $turned = new Moves($problem->mirror(), $dice, []);
    $granted = array_fill(0, count($problem->dues), 30);
    $line = $round = Line::of((new Orders($problem))->fromBehind()[0], $granted);
    $plans = 0;
    for ($k = 0; $k < 60; $k++) {
        $plan = $decoder->decode($line);
        $front = $mirrored->decode($round)?->mirror($problem);
        foreach (array_filter([$plan, $front]) as $one) {
            $plans++;
            $broken = Check::of($early, (new Naming($problem))->solution($one));
            expect($broken)->toBe([], $name);
        }
        $line = $moves->next(Tried::of($line, $plan, $problem));
        $round = $turned->next(Tried::of($round, $front?->mirror($problem), $problem->mirror()));
    }
    expect($plans)->toBeGreaterThan(40);
})->with(['small-00', 'small-14', 'medium-00', 'medium-18', 'large-00', 'special-04-cook-away']);

it('keeps a place for what has begun, and what is kept where it was', function (): void {
    $begun = [['tasks', 0, 'state', 'running'], ['tasks', 0, 'start', 45], ['tasks', 0, 'cook', 'Ines']];
    $problem = new Problem(Services::changed($begun, now: 50));
    $plan = (new Decoder($problem))->decode(Line::of([0], [0]));
    expect($plan?->start[0])->toBe(45 + $problem->shift)
        ->and($plan?->start[1])->toBe(53 + $problem->shift)
        ->and($problem->pool)->toBeTrue();
    $problem = new Problem(Services::changed([], now: 50));
    $kept = (new Decoder($problem))->decode(Line::of([0], [0])->keeping([2 => $problem->shift + 140]));
    expect($kept?->start[2])->toBe($problem->shift + 140)
        ->and((new Decoder($problem))->decode(Line::of([0], [0])->holding([1 => $problem->shift + 110]))?->start[2])
        ->toBe($problem->shift + 146);
});

/**
 * @param list<array{string, int, string, mixed}> $changes
 * @param list<array{string, array<string, mixed>}> $more
 */
function bounds(array $changes, array $more, LimitKind $kind, int $span): void
{
    $bound = Bounds::of(new Problem(Services::changed([...$changes, ['sauces', 1, 'hold_max', 90]], $more, pots: 2)));
    expect($bound->by->kind)->toBe($kind)->and($bound->least->span)->toBe($span);
}

it('bounds the span by rings, by pans and by hands', function (array $changes, array $more, LimitKind $kind, int $span): void {
    /** @var list<array{string, int, string, mixed}> $changes */
    /** @var list<array{string, array<string, mixed>}> $more */
    bounds($changes, $more, $kind, $span);
})->with([
    // Two pots of 42 min on one ring, of which 4 min strain is not on it.
    'one ring' => [[['stores', 0, 'slots', 2]], [], LimitKind::Rings, 2 * 38 + 4],
    'one pan' => [[], [['rings', ['id' => 'back', 'max_pan_mm' => 280, 'power' => 3]]], LimitKind::Store, 2 * 42],
    'hands' => [
        [['stores', 0, 'slots', 2]],
        [['rings', ['id' => 'back', 'max_pan_mm' => 280, 'power' => 3]]],
        LimitKind::Hands,
        8 + 8 + 30 + 4,
    ],
]);

it('finds the rule that is broken when a plan is pushed about', function (): void {
    $answer = (new Lento\Score\Planner())->plan(Services::instance('medium-08'));
    $plan = $answer instanceof Lento\Score\Answer ? $answer->solution : throw new RuntimeException('no plan');
    [$dice, $named] = [new Dice(3), []];
    foreach (range(1, 60) as $_) {
        $task = $dice->one(array_keys($plan->tasks));
        $pushed = Services::moved($plan, [$task => $plan->tasks[$task]->start + $dice->between(20, 60) * $dice->one([-1, 1])]);
        foreach (Check::of(Services::instance('medium-08'), $pushed) as $breach) {
            $named[$breach->rule->value] = true;
        }
    }
    expect($named)->toHaveKeys([Rule::Least->value, Rule::Most->value, Rule::OneStayARing->value, Rule::VisitInWindow->value]);
});
