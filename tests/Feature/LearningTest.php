<?php

declare(strict_types=1);

use App\Models\Hob;
use App\Models\Pot;
use Carbon\CarbonImmutable;
use Lento\Learning\Factor;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/taps.php';

const IN_THIS_PAN = 'sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140&minutes=30&level=brisk';

/** A velouté cooked to the log that lost more than it should, and came out thin. */
function cookedThin(): Pot
{
    $pot = started(IN_THIS_PAN);
    cookUntil($pot, StepKind::Simmer);
    travel(30)->minutes();
    happens($pot, 'read', ['choice' => 'depth', 'value' => '40']);
    cookUntil($pot, StepKind::Test);
    happens($pot, 'read', ['choice' => 'spoon', 'spoon' => 'veils']);
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '1.75', 'spoon' => 'veils']);

    return $pot->refresh();
}

function learning(string $yes): void
{
    setting(['learn' => $yes]);
    app()->forgetScopedInstances();
}

it('learns from a finished pot, and composes by it with its origin', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = cookedThin();
    expect($pot->lesson)
        ->toBeArray()
        ->and($pot->lesson['evaporation'] ?? null)
        ->toBeArray()
        ->and($pot->lesson['flour'] ?? null)
        ->toBeArray();
    $flour = static function (): float {
        preg_match('/class="lines".*?(\d+) g/s', (string) get('/sheet?' . IN_THIS_PAN)->assertOk()->getContent(), $grams);

        return (float) ($grams[1] ?? 0);
    };
    learning('no');
    get('/compose?' . IN_THIS_PAN)->assertOk()->assertDontSee('house figure');
    $house = $flour();
    learning('yes');
    get('/compose?' . IN_THIS_PAN)
        ->assertOk()
        ->assertSee('from your one pot in this pan: loses')
        ->assertSee('% more than the house figure')
        ->assertSee('thickens');
    expect($flour())->toBeGreaterThan($house);
    // Another pan has nothing to do with it, but the flour is the same.
    get('/compose?sauce=veloute&amount=2&diameter=300&height=160&level=brisk')
        ->assertOk()
        ->assertDontSee('in this pan')
        ->assertSee('from your one pot: thickens');
});

it('shows what has been learnt, pot by pot, and leaves out the one that went wrong', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pots = [cookedThin(), cookedThin()];
    learning('yes');
    get('/learning')
        ->assertOk()
        ->assertSee('Steam, 24 cm pan, brisk')
        ->assertSee('from 2 pots')
        ->assertSee('<svg class="bands"', false)
        ->assertSee('Leave out');
    post("/learning/{$pots[1]->id}")->assertRedirect();
    app()->forgetScopedInstances();
    get('/learning')->assertSee('from one pot')->assertSee('Take in again');
    post("/learning/{$pots[1]->id}");
    app()->forgetScopedInstances();
    get('/learning')->assertSee('from 2 pots');
    learning('no');
    get('/learning')->assertOk()->assertSee('switch it on in Kitchen');
});

it('has nothing to show before anything was measured', function (): void {
    get('/learning')->assertOk()->assertSee('Nothing yet');
    get('/kitchen')->assertOk()->assertSee('What it has learnt')->assertSee('Learn from past pots');
});

it('keeps the promises of a pot that cooks while the kitchen learns', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    learning('yes');
    $pot = started(IN_THIS_PAN);
    cookUntil($pot, StepKind::Simmer);
    $notch = static function () use ($pot): string {
        preg_match('/(\d+) mm notch/', (string) get("/pots/{$pot->id}")->getContent(), $mm);

        return $mm[1] ?? '';
    };
    $before = $notch();
    cookedThin();
    app()->forgetScopedInstances();
    expect($before)->not->toBe('')->and($notch() === '' ? $before : $notch())->toBe($before)
        ->and($pot->plan->cooking?->place->kitchen->evaporation)->toEqual(Factor::of(1.0, 0.3, 0));
});

it('forgets what a reopened pot had taught', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = cookedThin();
    happens($pot, 'undone', ['undoes' => (string) $pot->course()->undoable()?->id]);
    expect($pot->refresh()->lesson)->toBeNull();
});

it('learns how a ring browns, and reckons with it on that ring only', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    learning('yes');
    foreach (['Strong', 'Weak'] as $name) {
        post('/kitchen/hobs', ['name' => $name, 'kind' => 'gas', 'power_w' => '4000', 'levels' => '6'])->assertSessionHasNoErrors();
    }
    [$strong, $weak] = array_map(text(...), Hob::query()->orderBy('id')->pluck('id')->all());
    app()->forgetScopedInstances();
    $pot = started("sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140&colour=brown&hob={$strong}");
    cookUntil($pot, StepKind::Colour);
    travel(4)->minutes();
    happens($pot, 'read', ['choice' => 'colour', 'colour' => '2.5']);
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '2', 'spoon' => 'coats']);
    expect($pot->refresh()->lesson['ring'] ?? null)->toBe("ring-{$strong}");
    app()->forgetScopedInstances();
    get("/compose?sauce=veloute&amount=2&colour=brown&hob={$strong}")
        ->assertOk()
        ->assertSee('from your one roux on this ring and heat: browns')
        ->assertSee('faster than the house figure');
    app()->forgetScopedInstances();
    get("/compose?sauce=veloute&amount=2&colour=brown&hob={$weak}")->assertOk()->assertDontSee('on this ring and heat');
    get('/learning')->assertOk()->assertSee('Browning on medium heat, Strong');
});
