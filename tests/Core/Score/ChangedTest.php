<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Score\Answer;
use Lento\Score\Begun;
use Lento\Score\Change;
use Lento\Score\Changed;
use Lento\Score\ChangeKind;
use Lento\Score\Check;
use Lento\Score\ClauseKind;
use Lento\Score\Difference;
use Lento\Score\Instance;
use Lento\Score\Interval;
use Lento\Score\Offers;
use Lento\Score\Planner;
use Lento\Score\Rule;
use Lento\Score\Task;
use Lento\Score\TaskState;
use Lento\Score\Times;
use Lento\Score\Underway;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score', 'Score/Search'));

/** Two pots of a kind on two rings, with two cooks of whom one has learnt everything. */
function twoPotsOnThreeRings(): Instance
{
    return Services::changed([['stores', 0, 'slots', 2]], [
        ['cooks', ['id' => 'Petra']],
        ['rings', ['id' => 'back', 'max_pan_mm' => 200, 'power' => 1]],
        ['rings', ['id' => 'right', 'max_pan_mm' => 280, 'power' => 3]],
        ['stores', ['id' => 'more', 'kind' => 'pan', 'slots' => 4]],
    ], pots: 2);
}

function answerTo(Instance $instance): Answer
{
    $answer = (new Planner())->plan($instance);

    return $answer instanceof Answer ? $answer : throw new RuntimeException('no plan');
}

function taskSaid(Instance $instance, string $id): Task
{
    return array_values(array_filter($instance->work->tasks, static fn(Task $one): bool => $one->id === $id))[0];
}

it('keeps to what was said of a task, a ring, a serving', function (): void {
    $instance = Changed::of(twoPotsOnThreeRings(), [
        new Change(ChangeKind::Start, 'a/roux', 70),
        new Change(ChangeKind::Cook, 'b/strain', to: 'Petra'),
        new Change(ChangeKind::Ring, 'a:ring', to: 'right'),
        new Change(ChangeKind::NotBefore, 'b/roux', 105),
        new Change(ChangeKind::Serve, 'b', 165),
    ]);
    $answer = answerTo($instance);
    expect(Check::of($instance, $answer->solution))->toBe([])
        ->and($answer->solution->tasks['a/roux']->start)->toBe(70)
        ->and($answer->solution->tasks['b/strain']->cook)->toBe('Petra')
        ->and($answer->solution->rings['a:ring'])->toBe('right')
        ->and($answer->solution->tasks['b/roux']->start)->toBeGreaterThanOrEqual(105)
        ->and($instance->work->sauces[1]->service?->at)->toBe(165)
        ->and($instance->work->sauces[0]->service?->at)->toBe(150);
});

it('takes the later of two that were said of the same', function (): void {
    $said = [
        new Change(ChangeKind::Start, 'a/roux', 70),
        new Change(ChangeKind::NotBefore, 'a/roux', 80),
        new Change(ChangeKind::Help, 'a hand', 100, 110, 'Bo'),
        new Change(ChangeKind::Help, 'a hand', 120, 130, 'Cy'),
    ];
    $instance = Changed::of(twoPotsOnThreeRings(), $said);
    expect(taskSaid($instance, 'a/roux')->progress->start)->toBeNull()
        ->and(taskSaid($instance, 'a/roux')->progress->notBefore)->toBe(80)
        ->and(array_map(static fn($one): string => $one->id, $instance->galley->cooks))->toBe(['Ines', 'Petra', 'Bo', 'Cy'])
        ->and($instance->galley->cooks[2]->isAway(99, 100))->toBeTrue()
        ->and($instance->galley->cooks[2]->isAway(100, 110))->toBeFalse()
        ->and($instance->galley->cooks[2]->isAway(110, 111))->toBeTrue();
});

it('passes over what is not there, what does not fit, and what has passed', function (): void {
    $planned = twoPotsOnThreeRings();
    $instance = Changed::of($planned, [
        new Change(ChangeKind::Start, 'c/roux', 70),
        new Change(ChangeKind::Cook, 'a/roux', to: 'Ole'),
        new Change(ChangeKind::Ring, 'a:ring', to: 'back'),
        new Change(ChangeKind::Ring, 'a:pan', to: 'right'),
        new Change(ChangeKind::Start, 'b/roux', -5),
        new Change(ChangeKind::Serve, 'b', 4000),
        new Change(ChangeKind::Leave, 'a/simmer', 10),
    ]);
    expect($instance)->toEqual(new Instance(
        $planned->name,
        $planned->times,
        $planned->galley,
        $planned->work,
    ))->and(Changed::of($planned, []))->toBe($planned);
});

it('says that nothing is to begin before it was asked to, and which rules collide', function (): void {
    $instance = Changed::of(Services::changed([['sauces', 0, 'latest', 150]]), [new Change(ChangeKind::NotBefore, 'a/roux', 120)]);
    $why = (new Planner())->plan($instance);
    $kinds = is_array($why) ? array_map(static fn($one): ClauseKind => $one->kind, $why[0]->because) : [];
    expect($kinds)->toContain(ClauseKind::SetFrom)->toContain(ClauseKind::ReadyBy);

    $early = Services::moved(answerTo(Services::pot())->solution, []);
    $breaches = Check::of(Changed::of(Services::pot(), [new Change(ChangeKind::NotBefore, 'a/roux', 120)]), $early);
    expect(array_map(static fn($one): Rule => $one->rule, $breaches))->toBe([Rule::NotBeforeAsked]);
});

it('refuses a minute further away than a service lasts, and an end before its beginning', function (Closure $make): void {
    expect($make)->toThrow(OutOfRange::class);
})->with([
    'too far' => [static fn(): Change => new Change(ChangeKind::Start, 'a/roux', Instance::MOST_MINUTES + 1)],
    'backwards' => [static fn(): Change => new Change(ChangeKind::Away, 'Ines', 100, 99)],
]);

it('does without a cook who has gone and a ring that has failed', function (): void {
    $instance = Changed::of(twoPotsOnThreeRings(), [
        new Change(ChangeKind::Away, 'Ines', 0),
        new Change(ChangeKind::Out, 'right', 0, 200),
    ]);
    $answer = answerTo($instance);
    $cooks = array_map(static fn($one): ?string => $one->cook, $answer->solution->tasks);
    expect(Check::of($instance, $answer->solution))->toBe([])
        ->and(array_values(array_unique(array_filter($cooks))))->toBe(['Petra'])
        ->and(array_values(array_unique($answer->solution->rings)))->toBe(['front'])
        ->and($answer->objective->held)->toBeGreaterThan(0);
});

it('gives what a cook had who has gone to one who is there, and moves the pot of a ring that failed', function (): void {
    $planned = Changed::of(twoPotsOnThreeRings(), [new Change(ChangeKind::Away, 'Ines', 62), new Change(ChangeKind::Out, 'front', 62)]);
    $instance = Underway::of(
        $planned,
        new Times(960, 63, 300),
        [new Begun('a/roux', 60, 8, false, 'Ines')],
        ['a:ring' => 'front'],
        [],
    );
    $answer = answerTo($instance);
    expect(taskSaid($instance, 'a/roux')->progress->cook)->toBe('Petra')
        ->and(taskSaid($instance, 'a/roux')->progress->state)->toBe(TaskState::Running)
        ->and($instance->work->stays[0]->wants->ring)->toBeNull()
        ->and($answer->solution->rings['a:ring'])->toBe('right');
});

it('says what a change costs, by sauce', function (): void {
    $planned = twoPotsOnThreeRings();
    $was = answerTo($planned)->solution;
    $changed = Changed::of($planned, [new Change(ChangeKind::Start, 'a/roux', $was->tasks['a/roux']->start - 20)]);
    $cost = Difference::between($planned, $was, $changed, answerTo($changed)->solution);
    expect($cost->kept['a'])->toBeGreaterThan(0)
        ->and($cost->late)->toBe([])
        ->and($cost->served)->toBe([])
        ->and($cost->moved[0])->toBe('a/roux')
        ->and($cost->isNothing())->toBeFalse()
        ->and(Difference::between($planned, $was, $planned, $was)->isNothing())->toBeTrue();

    $later = Changed::of($planned, [new Change(ChangeKind::Serve, 'a', 165), new Change(ChangeKind::Serve, 'b', 165)]);
    $cost = Difference::between($planned, $was, $later, answerTo($later)->solution);
    expect($cost->served)->toBe(['a' => 15, 'b' => 15])->and($cost->sooner)->toBe(-15);
});

it('shows between which minutes a task can move by itself', function (): void {
    $instance = Services::pot();
    $solution = answerTo($instance)->solution;
    $rooms = Planner::rooms($instance, $solution);
    // 146 to strain, and 30 before it to simmer, with up to 8 minutes between; the roux goes on without a wait. Held for an hour at most.
    expect($rooms)->toEqual([
        'a/roux' => new Interval(40, 108),
        'a/simmer' => new Interval(48, 116),
        'a/strain' => new Interval(86, 146),
    ]);
    $begun = Underway::of($instance, new Times(960, 112, 300), [new Begun('a/roux', 110, 8, false, 'Ines')], [], []);
    $late = answerTo($begun)->solution;
    // Late by two: nothing may make it later, and it cannot be sooner.
    expect(Planner::rooms($begun, $late))->toEqual([
        'a/simmer' => new Interval(118, 118),
        'a/strain' => new Interval(148, 148),
    ]);
});

it('offers what can be done where one is late, the best first, with what it costs', function (): void {
    // Two pots on one ring: the second is ready half an hour after the first.
    $instance = Services::changed([['stores', 0, 'slots', 2]], now: 90, pots: 2);
    $answer = answerTo($instance);
    $offers = Offers::of($instance, $answer, new Planner(), 'a hand');
    expect($answer->objective->late)->toBeGreaterThan(0)->and(count($offers))->toBeGreaterThan(0)->toBeLessThanOrEqual(3);
    foreach ($offers as $offer) {
        $changed = Changed::of($instance, $offer->changes);
        expect(Check::of($changed, $offer->answer->solution))->toBe([])
            ->and($offer->answer->objective->late)->toBeLessThan($answer->objective->late);
        foreach ($offer->changes as $change) {
            expect($change->kind)->toBeIn([ChangeKind::Serve, ChangeKind::Help]);
        }
    }
    expect($offers[0]->answer->objective->late)->toBe(0)
        ->and(array_sum($offers[0]->price->served))->toBeGreaterThanOrEqual($answer->objective->late);
});

it('offers a hand where nobody has time for a look, and nothing where there is nothing to better', function (): void {
    // Both hands in a brown roux all the while that a pot wants to be looked at.
    $instance = Services::changed([
        ['tasks', 0, 'state', 'done'],
        ['tasks', 0, 'start', 12],
        ['tasks', 0, 'cook', 'Ines'],
        ['tasks', 1, 'state', 'running'],
        ['tasks', 1, 'start', 20],
        ['sauces', 0, 'hold_max', 120],
    ], [
        ['tasks', ['id' => 'b/roux', 'sauce' => 'b', 'kind' => 'roux', 'minutes' => 36, 'attention' => 'hands', 'state' => 'running',
            'start' => 20, 'cook' => 'Ines']],
        ['sauces', ['id' => 'b', 'name' => 'gravy', 'last' => 'b/roux', 'serve_at' => 150, 'hold_max' => 0]],
    ], now: 20);
    $answer = answerTo($instance);
    $offers = Offers::of($instance, $answer, new Planner(), 'a hand');
    expect($answer->objective->clashes)->toBe(2)
        ->and($offers[0]->changes[0]->kind)->toBe(ChangeKind::Help)
        ->and($offers[0]->changes[0]->to)->toBe('a hand')
        ->and($offers[0]->price->clashes)->toBeLessThan(0)
        ->and($offers[0]->answer->objective->clashes)->toBeLessThan(2)
        ->and(Offers::of(Services::pot(), answerTo(Services::pot()), new Planner(), 'a hand'))->toBe([]);
});
