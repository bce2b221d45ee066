<?php

declare(strict_types=1);

use App\Models\Pot;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Sleep;
use Lento\Course\Happened\ReadOff;
use Lento\Course\ReadingKind;
use Lento\Plan\StepKind;

use function Pest\Laravel\call;
use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\seed;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/taps.php';

// The demo's two pots, read by the shipped programs that stand in for a probe and a scale, on a clock that their waiting moves.

/** A device at a place, as Kitchen makes it; its token. */
function deviceAt(string $place, string $kind): string
{
    post('/kitchen/devices', ['name' => ucfirst($kind) . ' ' . $place, 'kind' => $kind, 'place' => $place])->assertSessionHasNoErrors();

    return toldToken();
}

/** What a stand-in posts goes to this kitchen's own door. */
function doorOpen(): void
{
    Http::fake(static function (Request $request) {
        app()->forgetScopedInstances();
        $answer = call(
            'POST',
            '/api/v1/readings',
            server: [
                'HTTP_AUTHORIZATION' => $request->header('Authorization')[0] ?? '',
                'CONTENT_TYPE' => 'application/json',
                'HTTP_ACCEPT' => 'application/json',
            ],
            content: $request->body(),
        );

        return Http::response((string) $answer->getContent(), $answer->status());
    });
}

/** What the cook does meanwhile: the next step whenever the present one has had its time. */
function cookOn(Pot $pot): void
{
    $course = $pot->refresh()->course();
    $over = $course->since()->getTimestamp() + $course->step()->pace->time->seconds <= CarbonImmutable::now()->getTimestamp();
    if ($over && !in_array($course->step()->kind, [StepKind::Test, StepKind::Finish], true)) {
        happens($pot, 'done');
    }
}

it('cooks the demo’s pots through to the log by what a probe and a scale read', function (string $place): void {
    travelTo(CarbonImmutable::parse('2026-11-24 17:00:00'));
    seed(DatabaseSeeder::class);
    doorOpen();
    Sleep::fake(syncWithCarbon: true);
    $pot = Pot::query()->whereNull('finished_at')->get()->first(static fn(Pot $pot): bool => $pot->course()->place === $place)
    ?? throw new RuntimeException('no pot there');
    [$probe, $scale] = [deviceAt($place, 'probe'), deviceAt($place, 'scale')];
    Sleep::whenFakingSleep(static fn() => cookOn($pot));
    expect(Artisan::call('lento:device', ['kind' => 'probe', '--token' => $probe, '--pot' => (string) $pot->id, '--every' => '30']))->toBe(
        0,
    );
    // The scale's line was down; it sends all it has once its pot has simmered.
    expect(
        Artisan::call('lento:device', [
            'kind' => 'scale',
            '--token' => $scale,
            '--pot' => (string) $pot->id,
            '--every' => '60',
            '--past' => true,
        ]),
    )->toBe(0);
    cookUntil($pot, StepKind::Finish);
    $promise = $pot->plan->promise;
    happens($pot, 'finished', [
        'volume' => sprintf('%.3F', $promise?->volume->inLitres()),
        'spoon' => $promise?->spoon?->value,
        'taste' => 'as it should',
    ]);

    $course = $pot->refresh()->course();
    $read = array_count_values(array_map(static fn(ReadOff $event): string => $event->reading->kind->value, $course->all(ReadOff::class)));
    expect($pot->finished_at)->not->toBeNull()
        ->and($read[ReadingKind::Temperature->value] ?? 0)->toBeGreaterThan(40)
        ->and($read[ReadingKind::Weight->value] ?? 0)->toBeGreaterThan(40);
    // The simulated pot is the house's own: it has nothing new to teach, and the log says so.
    $lesson = $pot->lesson['evaporation'] ?? null;
    expect(is_array($lesson) ? $lesson[0] : 1.0)->toEqualWithDelta(1.0, 0.12);
    get("/log/{$pot->id}")
        ->assertOk()
        ->assertSee('as much as planned')
        ->assertSee('as thick as planned')
        ->assertSee('probe 9')
        ->assertSee('weighed');
})->with(['ring-1', 'ring-2']);

it('says which pot it cannot stand in for', function (): void {
    expect(Artisan::call('lento:device', ['kind' => 'probe', '--token' => 'x', '--pot' => '99']))->toBe(2)
        ->and(Artisan::output())->toContain('no pot of that number');
});
