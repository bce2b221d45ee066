<?php

declare(strict_types=1);

use Lento\Score\Answer;
use Lento\Score\Change;
use Lento\Score\Changed;
use Lento\Score\ChangeKind;
use Lento\Score\Evenings;
use Lento\Score\Instance;
use Lento\Score\Limit;
use Lento\Score\LimitKind;
use Lento\Score\Missed;
use Lento\Score\Offers;
use Lento\Score\Planner;
use Lento\Score\Solution;
use Lento\Score\Times;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score', 'Score/Search'));

function plannedSolution(Instance $instance): Solution
{
    $answer = (new Planner())->plan($instance);

    return $answer instanceof Answer ? $answer->solution : throw new RuntimeException('no plan');
}

/** @return list<list<array{ChangeKind, int|null, int|null}>> what is offered for the smallest service, begun at a minute */
function offeredAt(int $now): array
{
    $instance = Services::changed([], now: $now);
    $answer = (new Planner())->plan($instance);
    $offers = $answer instanceof Answer ? Offers::of($instance, $answer, new Planner(), 'a hand') : [];

    return array_map(
        static fn(Offers $one): array => array_map(static fn(Change $said): array => [$said->kind, $said->at, $said->until], $one->changes),
        $offers,
    );
}

it('tells the time of a minute before and after midnight', function (int $clock, int $minute, string $shows): void {
    expect((new Times($clock, 0, 300))->clockAt($minute))->toBe($shows);
})->with([
    [960, 0, '16:00'],
    [960, 82, '17:22'],
    [960, 479, '23:59'],
    [960, 480, '00:00'],
    [960, 1930, '00:10'],
    [960, -970, '23:50'],
    [0, -1, '23:59'],
    [1439, 1, '00:00'],
    [0, -2881, '23:59'],
]);

it('puts a serving off to the next round time and no further', function (int $now, int $serve): void {
    // Ready 42 minutes after it is begun, wanted at 150.
    expect(offeredAt($now))->toBe([[[ChangeKind::Serve, $serve, null]]]);
})->with([
    'a minute late' => [109, 155],
    'five late' => [113, 155],
    'six late' => [114, 160],
    'ten late' => [118, 160],
    'eleven late' => [119, 165],
]);

it('offers nothing where nothing is late', function (): void {
    expect(offeredAt(108))->toBe([])->and(offeredAt(0))->toBe([]);
});

it('names the looks that nobody takes, each with the first minute and the one after the last', function (): void {
    $instance = Services::pot();
    $solution = plannedSolution($instance);
    $begins = $solution->tasks['a/simmer']->start;
    $missed = static fn(Solution $one): array => array_map(
        static fn(array $row): array => [$row[0]->id, $row[1] - $begins, $row[2] - $begins],
        Missed::of($instance, $one),
    );
    // Every ten minutes, three sooner or later.
    expect($missed(new Solution($solution->tasks, $solution->rings, [])))->toBe([['a/simmer', 7, 14], ['a/simmer', 17, 24]])
        ->and($missed($solution))->toBe([])
        ->and($missed(new Solution($solution->tasks, $solution->rings, array_slice($solution->visits, 0, 1))))
        ->toBe([['a/simmer', 17, 24]]);
});

it('asks nobody to look at what is done', function (): void {
    $instance = Services::changed([['tasks', 1, 'state', 'done'], ['tasks', 1, 'start', 20]], now: 60);
    $done = array_filter($instance->work->tasks, static fn($one): bool => $one->isDone());
    $solution = plannedSolution(Services::pot());
    expect($done)->not->toBe([])->and(Missed::of($instance, new Solution($solution->tasks, [], [])))->toBe([]);
});

it('gives a task to the cook who was named, whoever of them it is', function (string $cook): void {
    $instance = Services::changed([], [['cooks', ['id' => 'Petra']]]);
    $changed = Changed::of($instance, [new Change(ChangeKind::Cook, 'a/strain', to: $cook)]);
    $tasks = array_values(array_filter($changed->work->tasks, static fn($one): bool => $one->id === 'a/strain'));
    expect($tasks[0]->progress->cook)->toBe($cook)
        ->and(plannedSolution($changed)->tasks['a/strain']->cook)->toBe($cook);
})->with(['Ines', 'Petra']);

it('blames what made most evenings late, not what was late first', function (): void {
    $instance = Services::changed([
        ['stores', 0, 'slots', 2],
        ['sauces', 0, 'buffer', 9],
        ['tasks', 1, 'low', 20],
        ['tasks', 1, 'high', 40],
        ['tasks', 4, 'low', 20],
        ['tasks', 4, 'high', 40],
    ], [['rings', ['id' => 'right', 'max_pan_mm' => 280, 'power' => 3]], ['cooks', ['id' => 'Petra']]], pots: 2);
    $solution = plannedSolution($instance);
    for ($seed = 1; $seed <= 25; $seed++) {
        $evenings = Evenings::of($instance, $solution, 60, $seed);
        expect($evenings->late['b'])->toBeGreaterThan($evenings->late['a'])->and((string) $evenings->helps)->toStartWith('b/');
    }
});

it('counts as much work and as many who share it as was said, and none where nothing was', function (): void {
    $chain = new Limit(LimitKind::CriticalPath);
    $shared = new Limit(LimitKind::Rings, ['front'], 40, 2);
    expect([$chain->what, $chain->minutes, $chain->units])->toBe([[], 0, 1])
        ->and([$shared->what, $shared->minutes, $shared->units])->toBe([['front'], 40, 2]);
});
