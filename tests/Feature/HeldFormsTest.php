<?php

declare(strict_types=1);

use App\Http\HeldSince;
use App\Models\TubEvent;
use Carbon\CarbonImmutable;
use Illuminate\Http\Request;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;
use function Pest\Laravel\withHeaders;

require_once __DIR__ . '/shelf.php';

function heldAt(string $said, CarbonImmutable $now): int
{
    return HeldSince::at(Request::create('/', 'POST', [HeldSince::FIELD => $said]), $now)->getTimestampMs();
}

it('takes what was held at the time it was tapped, and what no clock can say as now', function (): void {
    $now = CarbonImmutable::parse('2026-11-29 19:30:00');
    $ten = $now->subMinutes(10)->getTimestampMs();
    expect(heldAt((string) $ten, $now))->toBe($ten)
        ->and(heldAt('', $now))->toBe($now->getTimestampMs())
        ->and(heldAt('soon', $now))->toBe($now->getTimestampMs())
        ->and(heldAt((string) $now->addMinute()->getTimestampMs(), $now))->toBe($now->getTimestampMs())
        ->and(heldAt((string) $now->subDays(2)->getTimestampMs(), $now))->toBe($now->getTimestampMs())
        ->and(heldAt(str_repeat('9', 40), $now))->toBe($now->getTimestampMs());
});

it('keeps a reading of a tub that was typed without a line at its own time, once', function (): void {
    $tub = keptTub();
    travel(20)->minutes();
    $at = CarbonImmutable::now()->subMinutes(7)->getTimestampMs();
    $said = ['kind' => 'read', 'celsius' => '61', 'once' => 'held-1', HeldSince::FIELD => (string) $at];
    for ($i = 0; $i < 2; $i++) {
        withHeaders([HeldSince::HEADER => 'yes'])->post("/keep/tubs/{$tub->id}", $said)->assertRedirect();
    }
    $reads = TubEvent::query()->where('kind', 'read')->get();
    expect($reads)->toHaveCount(1)
        ->and($reads->firstOrFail()->at_ms)->toBe($at)
        ->and($reads->firstOrFail()->said_at_ms)->toBeGreaterThan($at);
    // Whoever reads the record sees that it came later.
    get('/keep/record?day=' . now()->format('Y-m-d'))->assertSee('written down at ' . now()->format('H:i'));
});

it('tells the tablet why what it held is refused, and keeps nothing of it', function (): void {
    $tub = keptTub();
    $count = TubEvent::query()->count();
    post("/keep/tubs/{$tub->id}", ['kind' => 'read', 'celsius' => 'hot'])->assertRedirect("/keep/tubs/{$tub->id}");
    withHeaders([HeldSince::HEADER => 'yes'])
        ->post("/keep/tubs/{$tub->id}", ['kind' => 'read', 'celsius' => 'hot'])
        ->assertStatus(422)
        ->assertJsonStructure(['message']);
    expect(TubEvent::query()->count())->toBe($count);
});
