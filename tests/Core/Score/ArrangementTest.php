<?php

declare(strict_types=1);

use Lento\Family\Catalogue;
use Lento\Score\Answer;
use Lento\Score\Arrangement;
use Lento\Score\Attention;
use Lento\Score\Budget;
use Lento\Score\Check;
use Lento\Score\Cook;
use Lento\Score\Figure;
use Lento\Score\Galley;
use Lento\Score\Instance;
use Lento\Score\Lag;
use Lento\Score\Part;
use Lento\Score\Planner;
use Lento\Score\Ring;
use Lento\Score\Service;
use Lento\Score\Shelf;
use Lento\Score\Stay;
use Lento\Score\Task;
use Lento\Score\Times;
use Tests\Core\Golden\Kept;
use Tests\Core\Room;
use Tests\Core\Score\Suppers;

covers(...Room::of('Score', 'Score/Search'));

/**
 * @param array<string, float> $litres by sauce
 *
 * @return non-empty-list<Part> served at 19:30
 */
function partsOf(array $litres, bool $cold = false): array
{
    return Suppers::parts($litres, $cold);
}

function arranged(Part ...$parts): Instance
{
    return arrangement(array_values($parts))->instance('supper', new Times(0, 0, 2000));
}

/** @param list<Part> $parts */
function arrangement(array $parts, Shelf $shelf = new Shelf()): Arrangement
{
    $cooks = [new Cook('Ines', ['liaison']), new Cook('Petra')];

    return Arrangement::of($parts === [] ? throw new RuntimeException('none') : $parts, new Galley(
        $cooks,
        [new Ring('front', 1000, 3), new Ring('back', 1000, 2)],
        [],
    ), $shelf);
}

/** @return array<string, Task> by what comes after the pot's name */
function tasksOf(Instance $instance, string $pot): array
{
    $tasks = [];
    foreach ($instance->work->tasks as $task) {
        if (str_starts_with($task->id, $pot . '/')) {
            $tasks[substr($task->id, strlen($pot) + 1)] = $task;
        }
    }

    return $tasks;
}

function lagOf(Instance $instance, string $from, string $to): ?Lag
{
    foreach ($instance->work->lags as $lag) {
        if ($lag->from === $from && $lag->to === $to) {
            return $lag;
        }
    }

    return null;
}

/** @return list<string> "ring bechamel/roux > bechamel/simmer" */
function staysOf(Instance $instance, string $pot): array
{
    $own = array_filter($instance->work->stays, static fn(Stay $one): bool => str_starts_with($one->id, $pot . ':'));

    return array_values(array_map(
        static fn(Stay $one): string => ($one->store ?? 'ring') . " {$one->from} > " . implode(' ', $one->to ?? ['serve']),
        $own,
    ));
}

it('makes the tasks of every pot that it always made', function (): void {
    foreach (Suppers::arranged() as $supper => $tasks) {
        (new Kept('kept-suppers.json'))->meets($supper, $tasks);
    }
});

it('makes tasks of a velouté and what is made of it', function (): void {
    $instance = arranged(...partsOf(['supreme' => 1.5]));
    $base = 'veloute@chicken-stock';
    $tasks = tasksOf($instance, $base);
    expect(array_keys($tasks))->toBe(['set-out', 'roux', 'let-down', 'pour', 'boil', 'skim', 'simmer', 'finish'])
        ->and($tasks['roux']->asks->attention)->toBe(Attention::Hands)
        ->and($tasks['let-down']->asks->attention)->toBe(Attention::None)
        ->and($tasks['boil']->asks->attention)->toBe(Attention::Watch)
        ->and($tasks['simmer']->minutes->likely)->toBe(30)
        // Stirred in passing every five minutes; skimmed every ten is a look of its own.
        ->and($tasks['simmer']->asks->visits?->every)->toBe(10)
        ->and($tasks['simmer']->asks->visits?->slack)->toBe(3)
        ->and(array_keys(tasksOf($instance, 'supreme@chicken-stock')))
        ->toBe(['set-out', 'ladle', 'simmer', 'enrich', 'finish']);
});

it('lets nothing wait that must not', function (): void {
    $instance = arranged(...partsOf(['supreme' => 1.5]));
    $pot = 'veloute@chicken-stock/';
    $of = static fn(string $from, string $to): ?int => lagOf($instance, $pot . $from, $pot . $to)?->most;
    expect($of('set-out', 'roux'))->toBe(90)
        ->and($of('roux', 'let-down'))->toBe(0)
        ->and($of('let-down', 'pour'))->toBe(8)
        ->and($of('pour', 'boil'))->toBe(0)
        ->and($of('boil', 'skim'))->toBe(0)
        ->and($of('skim', 'simmer'))->toBe(0)
        ->and($of('simmer', 'finish'))->toBe(8)
        // Ladled off while the base may be held hot.
        ->and(lagOf($instance, 'veloute@chicken-stock/finish', 'supreme@chicken-stock/ladle')?->most)->toBe(90);
});

it('holds milk less long than stock', function (): void {
    $instance = arranged(...partsOf(['mornay' => 1.5]));
    expect(lagOf($instance, 'bechamel@whole-milk/finish', 'mornay@whole-milk/ladle')?->most)->toBe(60);
});

it('infuses milk beside the roux, and has both at the pour', function (): void {
    $instance = arranged(...partsOf(['mornay' => 1.5]));
    expect(lagOf($instance, 'bechamel@whole-milk/infuse', 'bechamel@whole-milk/pour')?->most)->toBe(25)
        ->and(lagOf($instance, 'bechamel@whole-milk/let-down', 'bechamel@whole-milk/pour')?->most)->toBe(8)
        ->and(lagOf($instance, 'bechamel@whole-milk/infuse', 'bechamel@whole-milk/roux'))->toBeNull()
        ->and(lagOf($instance, 'bechamel@whole-milk/set-out', 'bechamel@whole-milk/infuse')?->most)->toBe(90);
});

it('keeps a pot on its ring until it is strained, and hot until it is served or ladled off', function (): void {
    $instance = arranged(...partsOf(['supreme' => 1.5]));
    [$base, $own] = ['veloute@chicken-stock', 'supreme@chicken-stock'];
    expect(staysOf($instance, $base))->toBe([
        "ring {$base}/roux > {$base}/simmer",
        "hot-well {$base}/finish > {$own}/ladle",
    ])->and(staysOf($instance, $own))->toBe([
        "ring {$own}/ladle > {$own}/finish",
        "hot-well {$own}/finish > serve",
    ]);
});

it('browns vegetables in a pan of their own, stirred in after the boil', function (): void {
    $instance = arranged(...partsOf(['hunters' => 1.5]));
    $base = 'espagnole@brown-stock';
    expect(staysOf($instance, $base))->toContain("ring {$base}/apart > {$base}/apart")
        ->and(lagOf($instance, "{$base}/apart", "{$base}/enrich")?->most)->toBe(60)
        ->and(lagOf($instance, "{$base}/finish", 'demi-glace@brown-stock/pour')?->most)->toBe(90);
});

it('asks for who has learnt it where a yolk goes in, if anybody is known to', function (): void {
    $skills = static fn(Instance $instance): array => array_values(array_unique(array_filter(array_map(
        static fn(Task $task): ?string => $task->asks->skill,
        $instance->work->tasks,
    ))));
    $parts = partsOf(['allemande' => 1.0]);
    $nobody = Arrangement::of($parts, new Galley([new Cook('Ines')], [], []), new Shelf())->instance('supper', new Times(0, 0, 2000));
    expect($skills(arranged(...$parts)))->toBe(['liaison'])->and($skills($nobody))->toBe([]);
});

it('counts the pans that there are, and washes what is wanted again', function (): void {
    $parts = partsOf(['mornay' => 1.5, 'soubise' => 1.5]);
    $width = (int) round($parts[1]->plan->cooking?->place->pan->diameter->inMillimetres() ?? 0.0);
    $one = arrangement($parts, new Shelf([$width => 1]))->instance('supper', new Times(0, 0, 2000));
    $two = arrangement($parts, new Shelf([$width => 9]))->instance('supper', new Times(0, 0, 2000));
    $washed = static fn(Instance $instance): int => count(array_filter(
        $instance->work->tasks,
        static fn(Task $task): bool => $task->kind === Figure::Wash->value,
    ));
    expect($washed($one))->toBeGreaterThan(1)
        ->and($washed($two))->toBe(0)
        ->and(staysOf($one, 'mornay@whole-milk'))->toContain("pan-{$width} mornay@whole-milk/ladle > mornay@whole-milk/wash")
        ->and(staysOf($two, 'mornay@whole-milk'))->toContain("pan-{$width} mornay@whole-milk/ladle > mornay@whole-milk/finish");
});

it('heats again what stands in the cold', function (): void {
    $instance = arranged(...partsOf(['mornay' => 1.5], cold: true));
    $tasks = tasksOf($instance, 'mornay@whole-milk');
    expect(array_slice(array_keys($tasks), 0, 3))->toBe(['set-out', 'reheat', 'ladle'])
        ->and($tasks['reheat']->minutes->likely)->toBe(4 + 8)
        ->and($tasks['reheat']->asks->attention)->toBe(Attention::Watch);
});

it('has minutes to spare by the bands, and never more than it may be held', function (): void {
    $parts = partsOf(['supreme' => 1.5]);
    $straight = array_map(static fn(Part $one): Part => new Part(
        $one->id,
        $one->name,
        $one->plan,
        $one->parent,
        $one->service === null ? null : new Service(1170, 0, 1, 5, 5),
    ), $parts);
    $service = static fn(Instance $instance): Service => $instance->work->sauces[1]->service ?? throw new RuntimeException('not served');
    expect($service(arranged(...$parts))->buffer)->toBeGreaterThan(2)->toBeLessThanOrEqual(12)
        ->and($service(arranged(...$straight))->buffer)->toBeLessThanOrEqual(5)
        ->and($service(arranged(...$straight))->holdLike)->toBeGreaterThanOrEqual($service(arranged(...$straight))->buffer);
});

it('is planned whatever the house can make, at a glass and at fifty litres', function (array $litres): void {
    /** @var array<string, float> $litres */
    $rings = array_map(static fn(int $k): Ring => new Ring("ring {$k}", 1000, 3), range(1, 6));
    $galley = new Galley([new Cook('Ines'), new Cook('Petra'), new Cook('Jon')], $rings, []);
    $instance = Arrangement::of(partsOf($litres), $galley, new Shelf())->instance('supper', new Times(0, 0, 2000));
    $answer = (new Planner(budget: new Budget(60, 20_000)))->plan($instance);
    expect($answer)->toBeInstanceOf(Answer::class)
        ->and($answer instanceof Answer ? Check::of($instance, $answer->solution) : [])->toBe([])
        ->and($instance->work->tasks)->not->toBe([]);
})->with([
    'a glass' => [['mornay' => 0.3]],
    'fifty litres' => [['mornay' => 50.0]],
    'a chain' => [['gherkin' => 2.0]],
    'the supper' => [['bechamel' => 4.0, 'aurore' => 2.4, 'mushroom-shallot' => 1.6, 'onion-gravy' => 2.9]],
    'fourteen' => [array_fill_keys(array_map(
        static fn(int $k): string => array_keys(Catalogue::house()->derivatives())[4 * $k],
        range(0, 13),
    ), 1.0)],
]);
