<?php

declare(strict_types=1);

use App\Models\Pot;
use Illuminate\Testing\TestResponse;
use Lento\Plan\StepKind;

use function Pest\Laravel\post;
use function Pest\Laravel\postJson;

// What the tests of the stove do over and over: put a pot on, tap, cook on to a step.

function started(string $question = 'sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140'): Pot
{
    post('/pots', ['question' => $question])->assertRedirect();

    return Pot::query()->latest('id')->firstOrFail();
}

/**
 * @param array<string, mixed> $more
 *
 * @return TestResponse<Illuminate\Http\Response>
 */
function happens(Pot $pot, string $kind, array $more = []): TestResponse
{
    // A test is one long request to the container; each event of a kitchen is one of its own.
    app()->forgetScopedInstances();

    return post("/pots/{$pot->id}/events", [
        'kind' => $kind,
        'step' => $pot->refresh()->course()->step()->id,
        'token' => uniqid('t', true),
        ...$more,
    ]);
}

/**
 * Done, with every pour ticked, until a step of that kind is reached; where a sauce is reduced, that is its simmer. All in one batch, as
 * from a tablet whose line was broken: how a tap by a form is taken is tested by taps.
 */
function cookUntil(Pot $pot, StepKind $kind): void
{
    $reduces = $kind === StepKind::Simmer && $pot->plan->first(StepKind::Simmer) === null;
    $kind = $reduces ? StepKind::Reduce : $kind;
    $here = $pot->refresh()->course()->step()->id;
    $events = [];
    foreach ($pot->plan->steps as $step) {
        if ($step->id === $here) {
            $here = null;
        }
        if ($here === null && $step->kind === $kind) {
            break;
        }
        if ($here === null) {
            foreach ($step->additions as $addition) {
                $events[] = ['kind' => 'poured', 'step' => $step->id, 'pour' => $addition->id, 'token' => uniqid('t', true)];
            }
            $events[] = ['kind' => 'done', 'step' => $step->id, 'token' => uniqid('t', true)];
        }
    }
    if ($events !== []) {
        app()->forgetScopedInstances();
        postJson("/pots/{$pot->id}/events/batch", ['events' => $events])->assertOk()->assertJsonPath('refused', []);
    }
    expect($pot->refresh()->course()->step()->kind)->toBe($kind);
}
