<?php

declare(strict_types=1);

use Lento\Exception\LentoException;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Score\After;
use Lento\Score\Begun;
use Lento\Score\Figure;
use Lento\Score\Instance;
use Lento\Score\Placed;
use Lento\Score\Sauce;
use Lento\Score\Solution;
use Lento\Score\Work;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score', 'Score/Search'));

/** @param class-string<LentoException> $refusal */
it('refuses what names something that is not there', function (string $list, int $place, string $key, mixed $value, string $refusal): void {
    expect(static fn(): Instance => Services::changed([[$list, $place, $key, $value]]))->toThrow($refusal);
})->with([
    'the sauce of a task' => ['tasks', 0, 'sauce', 'nobody', Unknown::class],
    'the last task of a sauce' => ['sauces', 0, 'last', 'a/nothing', Unknown::class],
    'where a wait begins' => ['arcs', 0, 'from', 'a/nothing', Unknown::class],
    'where a wait ends' => ['arcs', 0, 'to', 'a/nothing', Unknown::class],
    'the pan of a stay' => ['uses', 1, 'on', 'pan-99', Unknown::class],
    'where a stay begins' => ['uses', 0, 'from', 'a/nothing', Unknown::class],
    'where a stay ends' => ['uses', 0, 'to', ['a/simmer', 'a/nothing'], Unknown::class],
    'a serving before the day begins' => ['sauces', 0, 'serve_at', -1, OutOfRange::class],
    'a serving after the day ends' => ['sauces', 0, 'serve_at', 301, OutOfRange::class],
    'two tasks of a name' => ['tasks', 1, 'id', 'a/roux', OutOfRange::class],
    'two stays of a name' => ['uses', 1, 'id', 'a:ring', OutOfRange::class],
]);

it('refuses a kitchen without hands and a service without a serving', function (): void {
    $one = Services::pot();
    expect(static fn(): Instance => Services::pot(['cooks' => []]))->toThrow(Missing::class);
    $sauces = array_map(static fn(Sauce $sauce): Sauce => new Sauce($sauce->id, $sauce->name, $sauce->last, null), $one->work->sauces);
    $unserved = new Work($sauces, $one->work->tasks, $one->work->lags, $one->work->stays);
    expect(static fn(): Instance => new Instance($one->name, $one->times, $one->galley, $unserved))->toThrow(Missing::class);
    $none = new Work([], [], [], []);
    expect(static fn(): Instance => new Instance($one->name, $one->times, $one->galley, $none))->toThrow(Missing::class);
});

it('takes a serving at either end of the day, and ends with the last of them', function (): void {
    expect(Services::changed([['sauces', 0, 'serve_at', 300]])->end())->toBe(300)
        ->and(Services::changed([['sauces', 0, 'serve_at', 0]])->end())->toBe(0)
        ->and(Services::changed([['sauces', 1, 'serve_at', 200]], pots: 2)->end())->toBe(200)
        ->and(Services::pot()->end())->toBe(150);
});

it('knows of each figure where it is played, and how long what follows may wait', function (): void {
    $on = $beside = $waits = [];
    foreach (Figure::cases() as $figure) {
        $on[$figure->value] = $figure->isOnTheRing();
        $beside[$figure->value] = $figure->isBeside();
        foreach (Figure::cases() as $next) {
            $waits[$figure->value][$next->value] = $figure->waitsFor($next);
        }
    }
    expect(array_keys(array_filter($on, static fn(bool $is): bool => !$is)))->toBe(['set-out', 'bake', 'wash'])
        ->and(array_keys(array_filter($beside)))->toEqualCanonicalizing(['apart', 'infuse', 'warm'])
        ->and(array_unique($waits['set-out']))->toBe(['set-out' => 90])
        ->and(array_filter($waits['roux'], static fn(int $minutes): bool => $minutes !== 4))->toBe(['bake' => 1, 'let-down' => 0])
        ->and(array_filter($waits['bake'], static fn(int $minutes): bool => $minutes !== 4))->toBe(['let-down' => 1])
        ->and(array_filter($waits['brown'], static fn(int $minutes): bool => $minutes !== 4))->toBe(['roux' => 1])
        ->and(array_unique(array_values($waits['let-down'])))->toBe([8])
        ->and(array_filter($waits['pour']))->toBe(['enrich' => 2])
        ->and(array_filter($waits['boil']))->toBe(['enrich' => 2])
        ->and(array_filter($waits['skim']))->toBe(['enrich' => 2])
        ->and(array_unique([...array_values($waits['infuse']), ...array_values($waits['warm'])]))->toBe([25])
        ->and(array_unique(array_values($waits['apart'])))->toBe([60])
        ->and(array_unique(array_values($waits['simmer'])))->toBe([8])
        ->and(array_unique(array_values($waits['ladle'])))->toBe([2])
        ->and(array_unique(array_values($waits['finish'])))->toBe([4]);
});

it('tells after the service what took longest, by its name, the longest first, and no more than a few', function (): void {
    $tasks = $placed = $begun = [];
    foreach (range(1, 9) as $n) {
        $tasks[] = ['tasks', ['id' => "a/skim-{$n}", 'sauce' => 'a', 'kind' => 'skim', 'minutes' => 5, 'attention' => 'hands']];
        $begun[] = new Begun("a/skim-{$n}", 10 * $n, 5 + 2 * $n, true, 'Ines');
    }
    $instance = Services::changed([], $tasks);
    foreach ($instance->work->tasks as $i => $task) {
        $placed[$task->id] = new Placed(10 * $i, 'Ines');
    }
    $after = After::of($instance, new Solution($placed, [], []), $begun);
    $longest = array_keys($after->longest);
    expect($longest[0])->toBe('a/skim-9')->and($after->longest['a/skim-9'])->toBe([5, 23])
        ->and(count($longest))->toBeLessThan(9)->toBeGreaterThan(2);
    $over = array_map(static fn(array $one): int => $one[1] - $one[0], array_values($after->longest));
    $sorted = $over;
    rsort($sorted);
    // 5 + 2 n minutes each, for n from 1 to 9.
    expect($over)->toBe($sorted)->and($after->hands['Ines'][1])->toBe(135);
});
