<?php

declare(strict_types=1);

use App\Devices\SimulatedPot;
use App\Kitchen\Kitchen;
use App\Models\Device;
use App\Models\DeviceKind;
use App\Models\Pot;
use App\Questions\Answer;
use App\Questions\ComposeFields;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Http;
use Illuminate\Testing\TestResponse;
use Lento\Course\Happened\ReadOff;
use Lento\Plan\StepKind;
use Lento\Quantity\MeasureSystem;

use function Pest\Laravel\call;
use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\postJson;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/taps.php';
require_once __DIR__ . '/schemas.php';

/** A device made in Kitchen, and the token that was shown. */
function madeDevice(string $kind = 'probe', string $place = 'hob-1'): string
{
    post('/kitchen/devices', ['name' => 'Blue', 'kind' => $kind, 'place' => $place])->assertRedirect()->assertSessionHasNoErrors();

    return toldToken();
}

/** A pot that stands on the first ring, twenty minutes after it was put on. */
function standing(): Pot
{
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started();
    happens($pot, 'moved', ['choice' => 'hob-1']);
    travel(20)->minutes();

    return $pot;
}

/**
 * @param list<array<string, mixed>> $readings
 *
 * @return TestResponse<Illuminate\Http\JsonResponse>
 */
function posted(string $token, array $readings, ?int $sentAt = null): TestResponse
{
    app()->forgetScopedInstances();

    return postJson('/api/v1/readings', ['readings' => $readings, 'sent_at' => $sentAt ?? ms()], ['Authorization' => 'Bearer ' . $token]);
}

function ms(int $secondsAgo = 0): int
{
    return CarbonImmutable::now()->subSeconds($secondsAgo)->getTimestampMs();
}

it('has one device in use of a name, and says so where another is to be called so', function (): void {
    $said = ['name' => 'Probe 1', 'kind' => 'probe', 'place' => 'hob-1'];
    post('/kitchen/devices', $said)->assertSessionHasNoErrors();
    app()->forgetScopedInstances();
    post('/kitchen/devices', $said)->assertSessionHasErrors(['name' => 'Name: another one in use is called so already.']);
    expect(App\Models\Device::query()->count())->toBe(1);
    // Once it was withdrawn, its name is free.
    post('/kitchen/devices/' . App\Models\Device::query()->firstOrFail()->id . '/remove');
    app()->forgetScopedInstances();
    post('/kitchen/devices', $said)->assertSessionHasNoErrors();
    expect(App\Models\Device::query()->count())->toBe(1);
});

it('is made in Kitchen, shows its token once, and can be withdrawn', function (): void {
    $token = madeDevice();
    expect(strlen($token))->toBe(40)->and(Device::query()->sole()->token_hash)->not->toContain($token);
    get('/kitchen')->assertOk()->assertSee($token)->assertSee('Blue')->assertSee('probe at Hob 1, heard never');
    get('/kitchen')->assertDontSee($token);
    standing();
    posted($token, [['id' => 'a', 'at' => ms(), 'value' => 80]])->assertOk();
    post('/kitchen/devices/' . Device::query()->sole()->id . '/remove')->assertRedirect();
    posted($token, [['id' => 'b', 'at' => ms(), 'value' => 80]])->assertUnauthorized();
    get('/kitchen')->assertSee('Blue is in the bin.');
    get('/kitchen')->assertDontSee('Blue');
    post('/kitchen/devices', ['name' => '', 'kind' => 'nose', 'place' => 'moon'])->assertSessionHasErrors(['name', 'kind', 'place']);
});

it('does not know a token that is none', function (string $token): void {
    madeDevice();
    posted($token, [['id' => 'a', 'at' => ms(), 'value' => 80]])->assertUnauthorized()->assertJsonStructure(['message']);
})->with(['', 'x', str_repeat('a', 40)]);

it('reads the pot that stands where it stands', function (): void {
    $token = madeDevice();
    $pot = standing();
    posted($token, [
        ['id' => 'a', 'at' => ms(30), 'value' => 71.5],
        ['id' => 'b', 'at' => CarbonImmutable::now()->subSeconds(10)->toIso8601ZuluString(), 'value' => 82],
    ])
        ->assertOk()
        ->assertExactJson(['kept' => ['a', 'b'], 'ignored' => []]);
    get("/pots/{$pot->id}")
        ->assertSee('probe 72 °C')
        ->assertSee('probe 82 °C');
    happens($pot, 'moved', ['choice' => 'bench']);
    posted($token, [['id' => 'c', 'at' => ms(), 'value' => 60]])
        ->assertOk()
        ->assertJsonPath('ignored.0.why', 'no pot stands where it reads');
    get('/kitchen')->assertSee('one reading ignored: no pot stands where it reads');
});

it('weighs with the pan on it', function (): void {
    $token = madeDevice('scale');
    $pot = standing();
    posted($token, [['id' => 'a', 'at' => ms(), 'value' => 3.912]])->assertOk();
    get("/pots/{$pot->id}")->assertSee('weighed 3.91 kg');
});

it('takes what comes twice once, what comes late at its time, and a flood by one in ten seconds', function (): void {
    $token = madeDevice();
    $pot = standing();
    $readings = [
        ['id' => 'late', 'at' => ms(300), 'value' => 40],
        ['id' => 'a', 'at' => ms(60), 'value' => 70],
        ['id' => 'b', 'at' => ms(120), 'value' => 60],
    ];
    posted($token, $readings)->assertJsonPath('kept', ['late', 'b', 'a']);
    posted($token, $readings)->assertJsonPath('kept', [])->assertJsonPath('ignored.0.why', 'there is one for these ten seconds already');
    $flood = array_map(static fn(int $i): array => ['id' => "f{$i}", 'at' => ms(20) + 20 * $i, 'value' => 90], range(0, 249));
    $kept = posted($token, $flood)->assertOk()->json('kept');
    expect(is_array($kept) ? count($kept) : 99)
        ->toBeLessThanOrEqual(2)
        ->and(
            array_map(
                static fn(ReadOff $event): float => round($event->reading->asTemperature()->inCelsius()),
                array_slice($pot->course()->all(ReadOff::class), 0, 3),
            ),
        )
        ->toBe([40.0, 60.0, 70.0]);
});

it('sets a clock right that is an hour off', function (int $off): void {
    $token = madeDevice();
    $pot = standing();
    posted($token, [['id' => 'a', 'at' => ms(30) + $off, 'value' => 75]], ms() + $off)->assertJsonPath('kept', ['a']);
    expect((int) $pot->course()->events[1]->at->format('Uv'))->toBe(ms(30));
})->with([3_600_000, -3_600_000, 0, 86_400_000 * 400]);

it('leaves nonsense out and says so', function (float $value, int $ago, string $why): void {
    $token = madeDevice();
    $pot = standing();
    posted($token, [['id' => 'a', 'at' => ms($ago), 'value' => $value]])->assertOk()->assertJsonPath('ignored.0.why', $why);
    expect(DB::table('pot_events')->where('kind', 'read')->count())->toBe(0);
})->with([
    [-40.0, 10, 'not a value it can read'],
    [9999.0, 10, 'not a value it can read'],
    [80.0, 36_000, 'older than the pot that stands there'],
    [80.0, -3600, 'later than now'],
]);

it('refuses a malformed body with its field', function (string $body, string $field): void {
    $token = madeDevice();
    app()->forgetScopedInstances();
    $answer = call(
        'POST',
        '/api/v1/readings',
        server: ['HTTP_AUTHORIZATION' => 'Bearer ' . $token, 'CONTENT_TYPE' => 'application/json', 'HTTP_ACCEPT' => 'application/json'],
        content: $body,
    )->assertStatus(422);
    expect(array_keys((array) $answer->json('errors')))->toContain($field);
})->with([
    ['', 'request'],
    ['{', 'request'],
    ['[]', 'request'],
    ['{}', 'readings'],
    ['{"readings":[]}', 'readings'],
    ['{"readings":"x"}', 'readings'],
    ['{"readings":[{"at":1795539600250,"value":3}]}', 'readings.0.id'],
    ['{"readings":[{"id":"a","value":3}]}', 'readings.0.at'],
    ['{"readings":[{"id":"a","at":"soon","value":3}]}', 'readings.0.at'],
    ['{"readings":[{"id":"a","at":1795539600250,"value":"hot"}]}', 'readings.0.value'],
    ['{"readings":[7]}', 'readings.0'],
    ['{"sent_at":1,"readings":[{"id":"a","at":"2026-13-45T10:00Z","value":3}]}', 'readings.0.at'],
    ['{"readings":[{"id":"a","at":1795539600250,"value":3}]}', 'sent_at'],
    ['{"sent_at":"x","readings":[{"id":"a","at":1795539600250,"value":3}]}', 'sent_at'],
]);

it('stands in for a probe: a pot of the core, from cold to its simmer', function (): void {
    $sheet = Answer::to(ComposeFields::from(['sauce' => 'veloute', 'amount' => '2']), Kitchen::unknown(MeasureSystem::Metric))->sheet;
    $pot = SimulatedPot::of($sheet ?? throw new RuntimeException());
    $end = $pot->seconds();
    expect($pot->shows(DeviceKind::Probe, 0.0))->toEqualWithDelta(20.0, 1.0)
        ->and($pot->shows(DeviceKind::Probe, $end))->toEqualWithDelta(93.0, 3.0)
        ->and($pot->shows(DeviceKind::Scale, $end))->toBeGreaterThan(2.5)
        ->and($pot->shows(DeviceKind::Scale, $end))->toBeLessThan($pot->shows(DeviceKind::Scale, 0.7 * $end) + 1e-9);
});

it('posts like the real thing, and says when its token is not known', function (): void {
    Http::fake([
        '*/api/v1/readings' => Http::sequence()->whenEmpty(
            Http::response(['kept' => ['x'], 'ignored' => [['id' => 'y', 'why' => 'too often']]]),
        ),
    ]);
    $stands = static fn(string $kind, array $options): int => Artisan::call('lento:device', ['kind' => $kind, ...$options]);
    expect($stands('probe', ['--token' => 'abc', '--past' => true, '--every' => '60']))->toBe(0)
        ->and(Artisan::output())->toContain('ignored: too often');
    Http::assertSent(
        fn(Request $request): bool => $request->hasHeader('Authorization', 'Bearer abc') && count(row($request['readings'])) > 20,
    );
    expect($stands('nose', ['--token' => 'abc']))->toBe(2)
        ->and($stands('probe', []))->toBe(2)
        ->and($stands('probe', ['--token' => 'abc', '--litres' => '9999']))->toBe(2);
});

it('speaks as its schemas say', function (): void {
    $example = (string) file_get_contents(base_path('docs/formats/examples/readings.json'));
    expect(fitsSchema($example, 'readings-request'))->toBeTrue();
    $token = madeDevice();
    standing();
    $answer = posted($token, [['id' => 'a', 'at' => ms(), 'value' => 80], ['id' => 'b', 'at' => ms(), 'value' => 9999]])->assertOk();
    expect(fitsSchema((string) $answer->getContent(), 'readings-answer'))->toBeTrue();
});

it('ignores what this pot cannot be, and the pot’s own page says so', function (): void {
    $token = madeDevice('scale');
    $pot = standing();
    cookUntil($pot, StepKind::Simmer);
    travel(6)->minutes();
    $before = $pot->course()->events;
    posted($token, [['id' => 'lifted', 'at' => ms(20), 'value' => 0.1], ['id' => 'ladle', 'at' => ms(), 'value' => 40]])
        ->assertOk()
        ->assertJsonPath('kept', [])
        ->assertJsonPath('ignored.0.why', 'not what this pot can be now');
    expect($pot->course()->events)->toHaveCount(count($before));
    get("/pots/{$pot->id}")->assertOk()->assertSee('Blue: 2 readings ignored, the last: not what this pot can be now');
    // What is off in one pot is not said of the next.
    happens($pot, 'moved', ['choice' => 'bench']);
    $next = started();
    happens($next, 'moved', ['choice' => 'hob-1']);
    posted($token, [['id' => 'next', 'at' => ms(), 'value' => 1.5]])->assertOk()->assertJsonPath('kept', ['next']);
    get("/pots/{$next->id}")->assertOk()->assertDontSee('readings ignored');
    get("/pots/{$pot->id}")->assertOk()->assertDontSee('readings ignored');
});
