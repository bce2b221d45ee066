<?php

declare(strict_types=1);

use Lento\Score\After;
use Lento\Score\Announced;
use Lento\Score\Answer;
use Lento\Score\Begun;
use Lento\Score\Budget;
use Lento\Score\Change;
use Lento\Score\Changed;
use Lento\Score\ChangeKind;
use Lento\Score\Check;
use Lento\Score\Diagnosis;
use Lento\Score\Eased;
use Lento\Score\Instance;
use Lento\Score\Lag;
use Lento\Score\Planner;
use Lento\Score\Task;
use Lento\Score\TaskState;
use Lento\Score\Times;
use Lento\Score\Underway;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score', 'Score/Search'));

/**
 * The one pot, or two of a kind, cooked as far as this.
 *
 * @param list<Begun> $begun
 * @param array<string, string> $rings
 */
function underway(array $begun, int $now, array $rings = [], int $pots = 1): Instance
{
    $planned = Services::changed([], $pots === 1 ? [] : [
        ['rings', ['id' => 'back', 'max_pan_mm' => 280, 'power' => 3]],
        ['stores', ['id' => 'more', 'kind' => 'pan', 'slots' => 4]],
    ], pots: $pots);

    return Underway::of($planned, new Times(960, $now, 300), $begun, $rings, ['a/strain' => new Announced(146, 'Ines')]);
}

function taskOf(Instance $instance, string $id): Task
{
    return array_values(array_filter($instance->work->tasks, static fn(Task $one): bool => $one->id === $id))[0];
}

function waitOf(Instance $instance, string $from): ?int
{
    $lags = array_values(array_filter($instance->work->lags, static fn(Lag $one): bool => $one->from === $from));

    return $lags === [] ? null : $lags[0]->most;
}

it('leaves what was begun where it is, and plans the rest from now', function (): void {
    $instance = underway([new Begun('a/roux', 60, 9, true, 'Ines'), new Begun('a/simmer', 69, 40, false)], 80, ['a:ring' => 'front']);
    $answer = (new Planner())->plan($instance);
    expect(taskOf($instance, 'a/roux')->progress->state)->toBe(TaskState::Done)
        ->and(taskOf($instance, 'a/simmer')->progress->state)->toBe(TaskState::Running)
        ->and(taskOf($instance, 'a/simmer')->minutes->likely)->toBe(40)
        // Eleven minutes gone: the look after ten was made.
        ->and(taskOf($instance, 'a/simmer')->asks->visits?->done)->toBe(1)
        ->and($instance->work->stays[0]->wants->ring)->toBe('front')
        ->and($instance->work->stays[1]->wants->ring)->toBeNull()
        ->and($answer)->toBeInstanceOf(Answer::class);
    $solution = $answer instanceof Answer ? $answer->solution : throw new RuntimeException('no plan');
    expect(Check::of($instance, $solution))->toBe([])
        ->and($solution->tasks['a/roux']->start)->toBe(60)
        ->and($solution->tasks['a/strain']->start)->toBeGreaterThanOrEqual(109)
        // Told to strain at 146, and 37 minutes too early: that is a move.
        ->and($answer->objective->moves)->toBe(1);
});

it('has a plan though something waited too long already', function (): void {
    $instance = underway([new Begun('a/roux', 30, 8, true), new Begun('a/simmer', 38, 30, true)], 100);
    // Off the simmer for half an hour, where eight minutes are allowed.
    expect(Diagnosis::of($instance))->toBe([])
        ->and(waitOf($instance, 'a/simmer'))->toBe(32 + 15)
        ->and((new Planner())->plan($instance))->toBeInstanceOf(Answer::class);
});

it('lets what is begun wait as it may, where it has not waited yet', function (): void {
    $instance = underway([new Begun('a/roux', 60, 8, false, 'Ines')], 62);
    expect(waitOf($instance, 'a/roux'))->toBe(15)->and(waitOf($instance, 'a/simmer'))->toBe(8);
});

it('forgets what should lie between two that are both begun', function (): void {
    expect(waitOf(underway([new Begun('a/roux', 30, 8, true), new Begun('a/simmer', 50, 30, false)], 60), 'a/roux'))->toBeNull();
});

it('gives a cook one thing at a time', function (): void {
    $instance = underway([new Begun('b/roux', 62, 8, false, 'Ines'), new Begun('a/roux', 60, 8, false, 'Ines')], 63, pots: 2);
    expect(taskOf($instance, 'a/roux')->progress->cook)->toBe('Ines')
        ->and(taskOf($instance, 'b/roux')->progress->state)->toBe(TaskState::ToDo);
});

it('knows nobody by a name that is not of this kitchen', function (): void {
    $instance = underway([new Begun('a/roux', 60, 8, false, 'a guest'), new Begun('nothing', 3, 4, true)], 63);
    expect(taskOf($instance, 'a/roux')->progress->cook)->toBe('Ines');
});

it('leaves a pot one ring, and lets the other be placed', function (): void {
    $begun = [new Begun('a/roux', 60, 8, true), new Begun('b/roux', 61, 8, true)];
    $both = underway($begun, 70, ['a:ring' => 'front', 'b:ring' => 'front'], 2);
    $over = underway([...$begun, new Begun('a/simmer', 68, 1, true)], 70, ['a:ring' => 'front', 'b:ring' => 'front'], 2);
    $ring = static fn(Instance $instance, int $stay): ?string => $instance->work->stays[$stay]->wants->ring;
    expect([$ring($both, 0), $ring($both, 2)])->toBe(['front', null])
        // The first is off the heat already: its ring is the second's.
        ->and([$ring($over, 0), $ring($over, 2)])->toBe([null, 'front'])
        ->and($ring(underway($begun, 70, ['a:ring' => 'under the table'], 2), 0))->toBeNull();
});

it('has a plan though a pot was put on hours too soon', function (): void {
    $begun = [new Begun('a/roux', 0, 8, true), new Begun('a/simmer', 8, 30, false)];
    $instance = underway($begun, 20);
    $answer = (new Planner())->plan($instance);
    // Ready at 46 at the latest, and served at 150: an hour and a half where sixty minutes were allowed.
    expect(Diagnosis::of($instance))->toBe([])
        ->and($answer)->toBeInstanceOf(Answer::class)
        ->and($answer instanceof Answer ? $answer->objective->held : 0)->toBeGreaterThan(60);
});

it('takes what is in use for being there', function (): void {
    $planned = Services::changed([], [['rings', ['id' => 'back', 'max_pan_mm' => 280, 'power' => 3]]], pots: 2);
    $begun = [new Begun('a/roux', 60, 8, true), new Begun('b/roux', 61, 8, true)];
    $two = Underway::of($planned, new Times(960, 70, 300), $begun, [], []);
    // Both in a pan of which the kitchen has told one.
    expect($two->galley->stores[0]->slots)->toBe(2)
        ->and($two->galley->stores[1]->slots)->toBe(2)
        ->and((new Planner())->plan($two))->toBeInstanceOf(Answer::class);
});

it('keeps to what was told as long as what has happened leaves room for it', function (): void {
    $told = (new Planner())->plan(Services::pot());
    $told = $told instanceof Answer ? $told->solution : throw new RuntimeException('no plan');
    $start = $told->tasks['a/roux']->start;
    $soon = underway([new Begun('a/roux', $start, 7, true, 'Ines')], $start + 7, ['a:ring' => 'front']);
    expect(Check::of($soon, Underway::told($soon, $told)))->toBe([])
        ->and(Underway::told($soon, $told)->tasks['a/simmer'])->toEqual($told->tasks['a/simmer']);
    // Six minutes over: what follows cannot begin where it was told to.
    $late = underway([new Begun('a/roux', $start, 14, false, 'Ines')], $start + 9, ['a:ring' => 'front']);
    expect(Check::of($late, Underway::told($late, $told)))->not->toBe([]);
});

it('asks no more for looks that were made', function (): void {
    $told = (new Planner())->plan(Services::pot());
    $told = $told instanceof Answer ? $told->solution : throw new RuntimeException('no plan');
    $simmer = $told->tasks['a/simmer']->start;
    $instance = underway([
        new Begun('a/roux', $told->tasks['a/roux']->start, 8, true, 'Ines'),
        new Begun('a/simmer', $simmer, 30, false),
    ], $simmer + 14, ['a:ring' => 'front']);
    expect($told->visits)->toHaveCount(2)
        ->and(array_map(static fn($one): int => $one->k, Underway::told($instance, $told)->visits))->toBe([2]);
});

it('holds what happened against what was told before, by sauce, by cook and by what took longest', function (): void {
    $planned = Services::pot();
    $told = (new Planner())->plan($planned);
    $told = $told instanceof Answer ? $told->solution : throw new RuntimeException('no plan');
    $after = After::of($planned, $told, [
        new Begun('a/roux', 110, 15, true, 'Petra'),
        new Begun('a/simmer', 125, 31, true),
        new Begun('a/strain', 156, 6, true, 'Ines'),
    ]);
    expect($after->ready)->toBe(['a' => [150, 162]])
        ->and($after->hands)->toBe(['Ines' => [12, 6], 'Petra' => [0, 15]])
        ->and($after->longest)->toBe(['a/roux' => [8, 15], 'a/strain' => [4, 6]]);
    // What is not over yet is not told of.
    expect(After::of($planned, $told, [new Begun('a/roux', 110, 15, false, 'Petra')])->hands)->toBe([])
        ->and(After::of($planned, $told, [])->ready)->toBe([]);
});

it('has a plan though more pots are on than rings work', function (): void {
    // Both on, and the back one has failed.
    $planned = Changed::of(Services::changed([['stores', 0, 'slots', 2]], [
        ['rings', ['id' => 'back', 'max_pan_mm' => 280, 'power' => 3]],
        ['cooks', ['id' => 'Petra']],
    ], pots: 2), [new Change(ChangeKind::Out, 'back', 80)]);
    $begun = [
        new Begun('a/roux', 70, 8, true, 'Ines'),
        new Begun('a/simmer', 78, 30, false),
        new Begun('b/roux', 70, 8, true, 'Petra'),
        new Begun('b/simmer', 78, 30, false),
    ];
    $instance = Underway::of($planned, new Times(960, 85, 300), $begun, ['a:ring' => 'front', 'b:ring' => 'back'], []);
    $rings = static fn(Instance $of): array => array_column(array_map(
        static fn($one): array => [$one->id, $one->wants->ring],
        array_filter($of->work->stays, static fn($one): bool => $one->isOnARing()),
    ), 1, 0);
    expect($rings($instance))->toBe(['a:ring' => 'front'])
        ->and((new Planner())->plan($instance))->toBeInstanceOf(Answer::class);
    $loose = Underway::of($planned, new Times(960, 85, 300), $begun, ['a:ring' => 'front', 'b:ring' => 'back'], [], asItStands: true);
    expect($rings($loose))->toBe([])->and((new Planner())->plan($loose))->toBeInstanceOf(Answer::class);
});

it('lets a pot that was moved off a ring that failed stand on one that works', function (): void {
    $planned = Changed::of(Services::changed([], [
        ['rings', ['id' => 'small', 'max_pan_mm' => 100, 'power' => 1]],
        ['rings', ['id' => 'back', 'max_pan_mm' => 280, 'power' => 3]],
    ]), [new Change(ChangeKind::Out, 'front', 80)]);
    $begun = [new Begun('a/roux', 70, 8, true, 'Ines'), new Begun('a/simmer', 78, 30, false)];
    $answer = (new Planner())->plan(Underway::of($planned, new Times(960, 85, 300), $begun, ['a:ring' => 'front'], []));
    expect($answer instanceof Answer ? $answer->solution->rings : [])->toBe(['a:ring' => 'back']);
});

it('shows what would be held too long where nothing else can be done', function (): void {
    $instance = Services::instance('special-02-hold-impossible');
    $eased = Eased::of($instance);
    $answer = (new Planner())->plan($eased);
    expect((new Planner())->plan($instance))->toBeArray()
        ->and($answer instanceof Answer ? Check::of($eased, $answer->solution) : ['none'])->toBe([])
        // What waits for less than half an hour waits no longer for that.
        ->and(array_map(static fn(Lag $one): array => [$one->from, $one->most], Eased::of(Services::pot())->work->lags))
        ->toBe([['a/roux', 0], ['a/simmer', 8]])
        ->and(Eased::of(Services::pot())->work->sauces[0]->service?->holdMax)->toBe(Instance::MOST_MINUTES);
});

it('gives up at once where it is not asked to be patient', function (): void {
    $instance = Services::changed([['stores', 0, 'slots', 1]], pots: 2);
    expect((new Planner(1, new Budget(0, 0, patient: false)))->plan($instance))->toBeInstanceOf(Answer::class);
    $hasty = new Planner(1, new Budget(1, 1, patient: false));
    expect($hasty->plan(Services::instance('large-02')))->toEqual($hasty->plan(Services::instance('large-02')));
});
