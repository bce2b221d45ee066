<?php

declare(strict_types=1);

use App\Formats\Json;
use App\Formats\ScoreFile;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Score\Answer;
use Lento\Score\Budget;
use Lento\Score\Check;
use Lento\Score\Impossible;
use Lento\Score\Instance;
use Lento\Score\Placed;
use Lento\Score\Planner;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score', 'Score/Search'));

/** @param Answer|list<Impossible> $answer */
function found(Answer|array $answer): Answer
{
    return $answer instanceof Answer ? $answer : throw new RuntimeException($answer[0]->reason->value);
}

/** @return list<int> clashes, late, held, moves, span */
function worthOf(Instance $instance, ?Budget $budget = null): array
{
    return found((new Planner(budget: $budget))->plan($instance))->objective->bounded();
}

it('finds the proven best of every small service', function (string $name): void {
    $answer = found(Services::solved($name));
    expect($answer->objective->bounded())->toBe(Services::best($name))
        ->and(Check::of(Services::instance($name), $answer->solution))->toBe([]);
})->with(Services::names('small'));

it('finds the proven best of four services in five, and is close to it in the others', function (): void {
    [$gaps, $equal] = [[], 0];
    foreach (Services::names() as $name) {
        $best = Services::best($name);
        if ($best === null) {
            continue;
        }
        $answer = found(Services::solved($name));
        [$worth, $least] = [$answer->objective->bounded(), $answer->bound->least->bounded()];
        $equal += $worth === $best ? 1 : 0;
        $gaps[$name] = 100.0 * max(0, $worth[4] - $best[4]) / max(1, $best[4]);
        expect(Check::of(Services::instance($name), $answer->solution))->toBe([], $name)
            // Nobody makes a look that somebody could have made; no bound lies above the best.
            ->and($worth[0])->toBe(0, $name)
            ->and($least <= $best)->toBeTrue($name)
            ->and($answer->isProven())->toBe($worth === $least);
    }
    sort($gaps);
    expect($gaps)->toHaveCount(28)
        ->and($equal)->toBeGreaterThanOrEqual(23)
        ->and($gaps[14])->toBeLessThanOrEqual(1.0)
        ->and(max([0.0, ...$gaps]))->toBeLessThanOrEqual(6.0);
});

it('tells why there is no plan', function (string $name): void {
    $why = Services::solved($name);
    expect(is_array($why) ? $why[0]->reason->value : 'a plan')->toBe(Services::reason($name));
})->with(['special-00-no-ring-wide-enough', 'special-02-hold-impossible']);

it('plans the same on every machine, and something else from another seed', function (): void {
    $instance = Services::instance('medium-16');
    $plan = fn(int $seed): Answer => found((new Planner($seed, new Budget(200, 100_000)))->plan($instance));
    expect($plan(1)->solution)->toEqual($plan(1)->solution)
        ->and(array_map(static fn(int $seed): array => $plan($seed)->objective->terms(), [1, 2, 3, 4]))
        ->not->toBe(array_fill(0, 4, $plan(1)->objective->terms()));
});

it('has a first plan at once, betters it, and stops when it is told to', function (): void {
    $instance = Services::instance('large-00');
    $seen = [];
    $answer = (new Planner())->plan($instance, function (Answer $better) use (&$seen): bool {
        $seen[] = $better->objective->bounded();

        return count($seen) < 3;
    });
    $falling = $seen;
    rsort($falling);
    expect($seen)->toHaveCount(3)->toBe($falling)
        ->and(found($answer)->objective->bounded())->toBe($seen[2])
        ->and(Check::of($instance, found($answer)->solution))->toBe([]);
});

it('does not mind what the clock shows', function (): void {
    $values = Services::values('medium-08');
    $later = static function (array $of) use (&$later): array {
        foreach ($of as $key => $one) {
            $of[$key] = match (true) {
                is_array($one) => $later($one),
                in_array($key, ['now', 'horizon', 'serve_at', 'latest', 'start'], true) && is_int($one) => $one + 90,
                default => $one,
            };
        }

        return $of;
    };
    $instance = ScoreFile::instance(Json::of($later($values)));
    $budget = new Budget(120, 50_000);
    expect(worthOf($instance, $budget))->toBe(worthOf(Services::instance('medium-08'), $budget));
});

it('is as late by twice as much when every minute weighs twice as much', function (string $name): void {
    $values = Services::values($name);
    $doubled = [];
    foreach (is_array($values['sauces']) ? $values['sauces'] : [] as $sauce) {
        $sauce = is_array($sauce) ? $sauce : [];
        $doubled[] = [...$sauce, 'weight' => 2 * (is_int($sauce['weight'] ?? null) ? $sauce['weight'] : 1)];
    }
    $best = Services::best($name) ?? [];
    expect(worthOf(ScoreFile::instance(Json::of([...$values, 'sauces' => $doubled]))))
        ->toBe([$best[0], 2 * $best[1], $best[2], $best[3], $best[4]]);
})->with(['small-04', 'small-16']);

it('is never worse for one more ring or one more cook', function (string $name): void {
    $best = Services::best($name);
    $values = Services::values($name);
    $cook = [...$values, 'cooks' => [...(array) $values['cooks'], ['id' => 'one more', 'skills' => ['liaison'], 'away' => []]]];
    $ring = [...$values, 'rings' => [...(array) $values['rings'], ['id' => 'one more', 'max_pan_mm' => 400, 'power' => 3, 'out' => []]]];
    foreach ([$cook, $ring] as $more) {
        expect(worthOf(ScoreFile::instance(Json::of($more))) <= $best)->toBeTrue();
    }
})->with(['small-04', 'small-14', 'small-18', 'small-00']);

it('ends with its budget, whatever it is asked', function (int $plans): void {
    $answer = (new Planner(budget: new Budget($plans, 1_000_000)))->plan(Services::instance('large-06'));
    expect($answer instanceof Answer || $answer[0]->reason->value === 'not-found')->toBeTrue();
})->with([1, 2, 5, 40]);

it('says how far from the best it may be', function (): void {
    $proven = found(Services::solved('small-02'));
    $open = found(Services::solved('small-10'));
    $late = found(Services::solved('small-16'));
    expect($proven->isProven())->toBeTrue()->and($proven->atMostFromBest())->toBe(0)
        ->and($open->isProven())->toBeFalse()->and($open->atMostFromBest())->toBe(119 - 111)
        // All that is late is proven; how early one must begin then is bounded by what is left to do alone.
        ->and($late->objective->late)->toBe($late->bound->least->late);
});

it('cooks one pot as late as it can, with both looks at it', function (): void {
    $answer = found((new Planner())->plan(Services::pot()));
    expect($answer->solution->tasks['a/strain']->start)->toBe(146)
        ->and($answer->solution->tasks['a/simmer']->start)->toBe(116)
        ->and($answer->solution->tasks['a/roux']->start)->toBe(108)
        ->and($answer->solution->rings)->toBe(['a:ring' => 'front'])
        ->and($answer->solution->visits)->toHaveCount(2)
        ->and($answer->objective->terms())->toBe([0, 0, 0, 0, 42, 0, 42])
        ->and($answer->isProven())->toBeTrue();
});

it('keeps to a time and a cook that were set by hand', function (): void {
    $set = [['tasks', 0, 'state', 'locked'], ['tasks', 0, 'start', 90], ['tasks', 2, 'cook', 'Petra']];
    $instance = Services::changed($set, [['cooks', ['id' => 'Petra']]]);
    $answer = found((new Planner())->plan($instance));
    // The simmer waits for the strain eight minutes at most, and the roux not at all.
    expect($answer->solution->tasks['a/roux']->start)->toBe(90)
        ->and($answer->solution->tasks['a/strain'])->toEqual(new Placed(136, 'Petra'))
        ->and($answer->objective->span)->toBe(60)
        ->and(Check::of($instance, $answer->solution))->toBe([]);
});

it('shows the clash of a kitchen that has too much to do, instead of no plan', function (): void {
    // A cook with both hands in a brown roux all the while that a pot wants to be looked at.
    $roux = ['id' => 'b/roux', 'sauce' => 'b', 'kind' => 'roux', 'minutes' => 36, 'attention' => 'hands'];
    $instance = Services::changed([
        ['tasks', 0, 'state', 'done'],
        ['tasks', 0, 'start', 12],
        ['tasks', 0, 'cook', 'Ines'],
        ['tasks', 1, 'state', 'running'],
        ['tasks', 1, 'start', 20],
        ['sauces', 0, 'hold_max', 120],
    ], [
        ['tasks', [...$roux, 'state' => 'running', 'start' => 20, 'cook' => 'Ines']],
        ['sauces', ['id' => 'b', 'name' => 'gravy', 'last' => 'b/roux', 'serve_at' => 150, 'hold_max' => 0]],
    ], now: 20);
    $answer = found((new Planner())->plan($instance));
    expect($answer->objective->clashes)->toBe(2)->and(Check::of($instance, $answer->solution))->toBe([]);
});

it('refuses a service that contradicts itself in what it names', function (array $change, string $kind): void {
    /** @var array{string, int, string, mixed} $change */
    expect(fn() => Services::changed([$change]))->toThrow($kind);
})->with([
    'a task of no sauce' => [['tasks', 0, 'sauce', 'x'], Unknown::class],
    'a wait for no task' => [['arcs', 0, 'to', 'x'], Unknown::class],
    'a pot in no store' => [['uses', 1, 'on', 'x'], Unknown::class],
    'a stay to no task' => [['uses', 0, 'to', ['x']], Unknown::class],
    'two tasks of one name' => [['tasks', 0, 'id', 'a/simmer'], OutOfRange::class],
    'nothing served' => [['sauces', 0, 'serve_at', null], Missing::class],
    'served after all is over' => [['sauces', 0, 'serve_at', 301], OutOfRange::class],
    'a task of no minute' => [['tasks', 0, 'minutes', 0], OutOfRange::class],
    'a ring of no power' => [['rings', 0, 'power', 0], OutOfRange::class],
    'looked at all the time' => [['tasks', 1, 'visits', ['every' => 1, 'slack' => 0]], OutOfRange::class],
]);

it('refuses a service without a cook', function (): void {
    expect(fn() => Services::pot(['cooks' => []]))->toThrow(Missing::class);
});
