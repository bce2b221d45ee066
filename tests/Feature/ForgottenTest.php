<?php

declare(strict_types=1);

use App\Models\Device;
use App\Models\Pot;
use App\Stove\PotsOn;
use Carbon\CarbonImmutable;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;
use function Pest\Laravel\withToken;

require_once __DIR__ . '/taps.php';

// A pot that was taken off and never said so.

/** ms that a page takes, the best of three: the machines are noisy. */
function quickest(string $page): float
{
    $best = INF;
    for ($i = 0; $i < 3; $i++) {
        $began = hrtime(true);
        get($page)->assertOk();
        $best = min($best, (hrtime(true) - $began) / 1e6);
    }

    return $best;
}

it('asks after twelve hours whether it is on, and takes an answer', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-24 10:00'));
    $pot = started();
    cookUntil($pot, StepKind::Simmer);
    travel(11)->hours();
    get("/pots/{$pot->id}")->assertDontSee('Still on?');
    travel(2)->hours();
    get("/pots/{$pot->id}")->assertSee('Still on?')->assertSee('since 24 November, 10:00');
    expect(app(PotsOn::class)->tickets()[0]->what)->toBe('still on?');
    happens($pot, 'tended', ['choice' => 'look']);
    get("/pots/{$pot->id}")->assertDontSee('Still on?');
    travel(13)->hours();
    get("/pots/{$pot->id}")->assertSee('Still on?');
    happens($pot, 'taken-off');
    expect($pot->refresh()->finished_at)->not->toBeNull();
});

it('costs no more after 130 days than after two, and not when somebody touches it then', function (): void {
    travelTo(CarbonImmutable::parse('2026-07-01 10:00'));
    $pot = started();
    cookUntil($pot, StepKind::Simmer);
    travel(2)->days();
    $two = quickest("/pots/{$pot->id}");
    travel(128)->days();
    expect(quickest("/pots/{$pot->id}"))->toBeLessThan(3.0 * $two + 200.0);
    get('/stove')->assertRedirect("/pots/{$pot->id}");
    get("/rescue?pot={$pot->id}")->assertOk();
    happens($pot, 'tended', ['choice' => 'look']);
    expect(quickest("/pots/{$pot->id}"))->toBeLessThan(3.0 * $two + 200.0);
    // Nor does what comes out of it teach anything.
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '0.2', 'spoon' => 'masks']);
    expect($pot->refresh()->finished_at)->not->toBeNull()->and($pot->lesson)->toBeNull();
    get("/log/{$pot->id}")->assertOk();
});

it('hangs the pot that calls next on the rail first, however many are on and however old', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-24 10:00'));
    $old = started();
    travel(13)->hours();
    foreach (range(1, 44) as $i) {
        post('/pots/free', ['name' => "Jus {$i}"]);
        travel(1)->minutes();
    }
    $new = started();
    app()->forgetScopedInstances();
    $rail = array_map(static fn($ticket): int => $ticket->potId, app(PotsOn::class)->tickets());
    // Those that have waited for hands for longest are first; the forgotten one is last.
    expect($rail[0])->toBe(Pot::query()->where('name', 'Jus 1')->sole()->id)
        ->and(array_slice($rail, -1))->toBe([$old->id])
        ->and(count($rail))->toBe(41);
    happens($new, 'done');
    $calls = Pot::query()->whereKeyNot($old->id)->orderBy('calls_at_ms')->pluck('id')->all();
    app()->forgetScopedInstances();
    expect(array_map(static fn($ticket): int => $ticket->potId, array_slice(app(PotsOn::class)->tickets(), 0, 40)))
        ->toBe(array_slice($calls, 0, 40));
});

it('takes no more readings of a pot that nobody has touched for a day', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-24 10:00'));
    $pot = started();
    cookUntil($pot, StepKind::Simmer);
    $pot->update(['place' => 'hob-1']);
    Device::query()->create(['name' => 'Blue', 'kind' => 'probe', 'place' => 'hob-1', 'token_hash' => Device::hash('t')]);
    $read = static fn() => withToken('t')->postJson('/api/v1/readings', [
        'sent_at' => now()->getTimestampMs(),
        'readings' => [['id' => 'r', 'at' => now()->getTimestampMs(), 'value' => 92]],
    ])->assertOk();
    foreach (range(1, 3) as $_) {
        travel(7)->hours();
        $read()->assertJsonPath('kept', ['r']);
    }
    // A reading is no hand.
    get("/pots/{$pot->id}")->assertSee('Still on?');
    travel(4)->hours();
    expect(text($read()->json('ignored.0.why')))->toContain('nobody has had a hand');
    happens($pot, 'tended', ['choice' => 'look']);
    $read()->assertJsonPath('kept', ['r']);
});
