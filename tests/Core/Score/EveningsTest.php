<?php

declare(strict_types=1);

use Lento\Score\Answer;
use Lento\Score\Evenings;
use Lento\Score\Instance;
use Lento\Score\Planner;
use Lento\Score\Play;
use Lento\Score\Solution;
use Tests\Core\Room;
use Tests\Core\Score\Services;

covers(...Room::of('Score'));

function solutionOf(Instance $instance): Solution
{
    $answer = (new Planner())->plan($instance);

    return $answer instanceof Answer ? $answer->solution : throw new RuntimeException('no plan');
}

/** @param list<array{string, int, string, mixed}> $changes */
function evenings(array $changes, int $seed = 1): Evenings
{
    $instance = Services::changed($changes);

    return Evenings::of($instance, solutionOf($instance), 200, $seed);
}

it('is never late where every minute is sure', function (): void {
    $evenings = evenings([]);
    expect($evenings->late)->toBe(['a' => 0])->and($evenings->minutes)->toBe(['a' => 0.0])->and($evenings->helps)->toBeNull();
});

it('is late one evening in two without a buffer, and seldom with one', function (): void {
    $band = [['tasks', 1, 'low', 20], ['tasks', 1, 'high', 40]];
    $none = evenings($band);
    $some = evenings([...$band, ['sauces', 0, 'buffer', 12]]);
    expect($none->late['a'])->toBeGreaterThan(85)->toBeLessThan(115)
        ->and($none->minutes['a'])->toBeGreaterThan(4.0)->toBeLessThan(9.0)
        // Ten minutes more one evening in ten: twelve are enough in all but a few.
        ->and($some->late['a'])->toBeGreaterThan(2)->toBeLessThan(28)
        ->and($none->helps)->toBe('a/strain');
});

it('draws the same evenings from the same seed', function (): void {
    $band = [['tasks', 1, 'low', 20], ['tasks', 1, 'high', 40]];
    expect(evenings($band))->toEqual(evenings($band))->and(evenings($band, 2)->late)->not->toBe(evenings($band, 3)->late);
});

it('passes a lost minute on to what waits for it, by pot, cook and ring', function (): void {
    $instance = Services::changed([['stores', 0, 'slots', 2], ['sauces', 1, 'hold_max', 90]], pots: 2);
    $solution = solutionOf($instance);
    $play = Play::of($instance, $solution);
    $minutes = [];
    foreach ($instance->work->tasks as $task) {
        $minutes[$task->id] = (float) $task->minutes->likely;
    }
    $planned = $play->with($minutes);
    foreach ($instance->work->tasks as $task) {
        expect($planned->ends[$task->id])->toEqualWithDelta($solution->tasks[$task->id]->start + $task->minutes->likely, 1e-9);
    }
    [$first, $second] = $solution->tasks['a/roux']->start < $solution->tasks['b/roux']->start ? ['a', 'b'] : ['b', 'a'];
    // Half an hour lost at the first simmer keeps the only ring from the second pot.
    $slow = $play->with([...$minutes, "{$first}/simmer" => 60.0]);
    expect($slow->ends["{$second}/roux"])->toBeGreaterThan($planned->ends["{$second}/roux"] + 15.0)
        ->and($slow->behind("{$second}/strain"))->toContain("{$first}/simmer")
        ->and($planned->behind("{$second}/strain"))->not->toContain("{$first}/roux");
});

it('draws minutes as the normal law has them: the very evenings of a seed', function (): void {
    $evenings = evenings([['tasks', 1, 'low', 20], ['tasks', 1, 'high', 40]]);
    expect($evenings->late)->toBe(['a' => 109])->and($evenings->minutes['a'])->toEqualWithDelta(5.768172374297712, 1e-9);
});
