<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Models\Sauce;
use App\Models\SauceVersion;
use Database\Seeders\DatabaseSeeder;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\seed;

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
    get('/kitchen')->assertOk()->assertSee('28 cm stew pan')->assertSee('Stock from paste');
    get('/sauces')->assertOk()->assertSee('Gratin béchamel');
    get('/log')->assertOk()->assertSee('Ines Vark')->assertSee('Petra Lund')->assertSeeInOrder(['Fish velouté', 'White béchamel', 'Espagnole', 'Chicken velouté']);
});

it('leaves the two pots that are on where the story has them', function (): void {
    seed(DatabaseSeeder::class);
    $on = Pot::query()->whereNull('finished_at')->with('events')->orderBy('id')->get();
    expect($on->map(fn(Pot $pot): StepKind => $pot->course()->step()->kind)->all())->toBe([StepKind::Simmer, StepKind::Colour]);
});

it('lets a page load from its own address only', function (): void {
    get('/log')->assertHeader('X-Content-Type-Options', 'nosniff')->assertHeader('Content-Security-Policy', "default-src 'self'; img-src 'self' data:; base-uri 'none'; form-action 'self'; frame-ancestors 'none'");
});

it('keeps the promises of the plan, whatever the model learns later', function (): void {
    seed(DatabaseSeeder::class);
    $pot = Pot::query()->firstOrFail();
    $plan = $pot->plan;
    $pot->update(['question' => ['sauce' => 'espagnole', 'amount' => '9']]);
    expect($pot->refresh()->plan)->toEqual($plan)->and($pot->plan->promise?->volume->inMillilitres())->toEqualWithDelta(2000.0, 1e-6);
});
