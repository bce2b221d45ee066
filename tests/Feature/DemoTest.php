<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Models\Sauce;
use App\Models\SauceVersion;
use Carbon\CarbonImmutable;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\seed;
use function Pest\Laravel\travelTo;

it('seeds a galley whose every page opens', function (): void {
    seed(DatabaseSeeder::class);
    expect(Pot::query()->whereNotNull('finished_at')->count())->toBe(4)
        ->and(Pot::query()->whereNull('finished_at')->count())->toBe(2)
        ->and(Sauce::query()->count())->toBe(4);
    foreach (Pot::query()->get() as $pot) {
        $address = $pot->finished_at === null ? "/pots/{$pot->id}" : "/log/{$pot->id}";
        get($address)->assertOk()->assertSee($pot->name);
    }
    foreach (SauceVersion::query()->get() as $version) {
        get(route('compose', $version->question))->assertOk();
    }
    get('/kitchen/pans')->assertOk()->assertSee('28 cm stew pan');
    get('/kitchen/larder')->assertOk()->assertSee('Stock from paste');
    get('/sauces')->assertOk()->assertSee('Gratin béchamel');
    get('/log')
        ->assertOk()
        ->assertSee('Ines Vark')
        ->assertSee('Petra Lund')
        ->assertSeeInOrder(['Fish velouté', 'White béchamel', 'Espagnole', 'Chicken velouté']);
});

it('leaves the two pots that are on where the story has them', function (): void {
    seed(DatabaseSeeder::class);
    $on = Pot::query()->whereNull('finished_at')->with('events')->orderBy('id')->get();
    expect($on->map(fn(Pot $pot): StepKind => $pot->course()->step()->kind)->all())->toBe([StepKind::Reduce, StepKind::Colour]);
});

it('lets a page load from its own address only', function (): void {
    get('/log')
        ->assertHeader('X-Content-Type-Options', 'nosniff')
        ->assertHeader(
            'Content-Security-Policy',
            "default-src 'self'; img-src 'self' data:; base-uri 'none'; form-action 'self'; frame-ancestors 'none'",
        );
});

it('keeps the promises of the plan, whatever the model learns later', function (): void {
    seed(DatabaseSeeder::class);
    $pot = Pot::query()->oldest('id')->firstOrFail();
    $plan = $pot->plan;
    $pot->update(['question' => ['sauce' => 'espagnole', 'amount' => '9']]);
    expect($pot->refresh()->plan)->toEqual($plan)->and($pot->plan->promise?->volume->inMillilitres())->toEqualWithDelta(2000.0, 1e-6);
});

it('puts its pots on anew the next day, while nobody has touched them', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-24 17:00:30'));
    seed(DatabaseSeeder::class);
    $pots = static fn(): array => Pot::query()
        ->orderBy('id')
        ->get()
        ->map(
            static fn(Pot $pot): array => [
                $pot->started_at->format('m-d H:i:s'),
                $pot->finished_at?->format('m-d H:i:s'),
                $pot->course()->step()->kind,
                $pot->outcome,
            ],
        )
        ->all();
    $fresh = $pots();
    $due = static fn(): array => Pot::query()
        ->whereNull('finished_at')
        ->orderBy('id')
        ->get()
        ->map(
            static fn(Pot $pot): int => (int) ($pot->course()->nextCall()?->at->getTimestamp() ?? 0)
                - CarbonImmutable::now()->startOfMinute()->getTimestamp(),
        )
        ->all();
    $calls = $due();
    expect(Artisan::call('lento:demo'))->toBe(0)->and(Artisan::output())->toBe('')->and($pots())->toBe($fresh);

    travelTo(CarbonImmutable::parse('2026-11-26 09:12:10'));
    Artisan::call('lento:demo');
    $anew = $pots();
    expect($due())->toBe($calls)
        ->and($anew[5][0])->toBe('11-26 08:58:00')
        ->and($anew[0][0])->toBe(CarbonImmutable::parse('2026-' . $fresh[0][0])->addDay()->format('m-d H:i:s'))
        ->and(array_column($anew, 2))->toBe(array_column($fresh, 2))
        ->and(array_column($anew, 3))->toBe(array_column($fresh, 3));

    // One tap, and they are somebody's pots.
    $pot = Pot::query()->whereNull('finished_at')->firstOrFail();
    DB::table('pot_events')->insert([
        'galley_id' => $pot->galley_id,
        'pot_id' => $pot->id,
        'token' => 'a-tap',
        'version' => 2,
        'kind' => 'note',
        'step' => 'simmer',
        'at_ms' => CarbonImmutable::now()->getTimestampMs(),
        'data' => '{"text":"mine"}',
    ]);
    travelTo(CarbonImmutable::parse('2026-11-28 09:12:10'));
    Artisan::call('lento:demo');
    expect($pots())->toBe($anew);
});
