<?php

declare(strict_types=1);

use App\Family\ServiceFields;
use App\Family\WorkedOut;
use App\Kitchen\LoadKitchen;
use App\Models\Pot;
use App\Models\Service;
use App\Records\PlanCodec;
use Database\Seeders\DatabaseSeeder;
use Illuminate\Testing\TestResponse;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\seed;
use function Pest\Laravel\travel;

require_once __DIR__ . '/services.php';
require_once __DIR__ . '/taps.php';
require_once __DIR__ . '/schemas.php';

// A service on one page, from its covers to its pots; its papers; its sauces at the stove.

function typed(Service $service): ServiceFields
{
    return ServiceFields::from($service->fields);
}

/**
 * @param array<string, mixed> $fields
 *
 * @return TestResponse<Illuminate\Http\Response>
 */
function writes(Service $service, array $fields): TestResponse
{
    app()->forgetScopedInstances();

    return post("/services/{$service->id}", $fields, ['HX-Request-Type' => 'partial']);
}

it('works the supper out on one page, from covers to pots', function (): void {
    $page = get('/services/' . supperOf72()->id)->assertOk();
    $page->assertSee('Aurore, tomato and butter')->assertSee('Mushroom and shallot sauce')->assertSee('Demi-glace')->assertSee('Espagnole')
        ->assertSee('11.38 l of sauce from 12.')
        ->assertSee('16¾ ladles')
        ->assertSee('gratin, 85 g/l')
        ->assertSee('as thick as was asked for')
        ->assertSee('2.15 l of fish velouté with 365 g tomato purée', false)
        ->assertSee('Start the espagnole')->assertSee('Waits for espagnole')
        ->assertSee('<svg class="flow"', false)
        ->assertSee('celery, cereals with gluten (wheat), fish, milk');
});

it('comes to the last service; where there is none, looking makes none', function (): void {
    get('/family')->assertOk()->assertSee('action="' . route('services.store') . '"', false);
    expect(Service::query()->count())->toBe(0);
    post('/services')->assertRedirect('/services/1');
    get('/services/1')->assertOk()->assertSee('Nothing wished for yet');
    $second = supperOf72();
    get('/family')->assertRedirect("/services/{$second->id}");
});

it('keeps every change as it was typed, and answers with the fragment', function (): void {
    $service = serviceOf([]);
    writes($service, [
        'name' => 'Brunch',
        'wishes' => [['sauce' => 'mornay', 'covers' => '20', 'each' => '1/2 x'], ['sauce' => '', 'covers' => '9']],
    ])
        ->assertStatus(422)
        ->assertDontSee('<html', false)
        ->assertSee('A portion: write a number from 2 to 1000 ml')
        ->assertSee('1/2 x')
        ->assertSee('Left out until it is right');
    writes($service, ['name' => 'Brunch', 'wishes' => [['sauce' => 'mornay', 'covers' => '20', 'each' => '']]])
        ->assertOk()
        ->assertSee('Mornay, two cheeses')
        ->assertSee('Brunch');
    expect($service->refresh()->fields['wishes'])
        ->toHaveCount(1)
        ->and(typed($service)->name)
        ->toBe('Brunch');
    app()->forgetScopedInstances();
    post("/services/{$service->id}", ['name' => 'Whole'])->assertRedirect("/services/{$service->id}");
    expect(typed($service->refresh())->wishes)->toBe([]);
});

it('keeps the newest change of a page, also where an older one comes after it', function (): void {
    $service = Service::query()->create(['fields' => []]);
    $wish = static fn(string $liquid): array => [
        'wishes' => [['sauce' => 'aurore', 'liquid' => $liquid, 'covers' => '40', 'each' => '60']],
    ];
    writes($service, [...$wish('fish-stock'), 'typed_on' => 'this-page', 'typed_turn' => '2']);
    writes($service, [...$wish(''), 'typed_on' => 'this-page', 'typed_turn' => '1'])->assertOk()->assertSee('fish velouté');
    expect(typed($service->refresh())->wishes[0]['liquid'])->toBe('fish-stock');
    // Another page's first change is newer than all of that, and so is one without script.
    writes($service, [...$wish('veal-stock'), 'typed_on' => 'another', 'typed_turn' => '1']);
    expect(typed($service->refresh())->wishes[0]['liquid'])->toBe('veal-stock');
    writes($service, $wish(''));
    expect(typed($service->refresh())->wishes[0]['liquid'])->toBe('');
    // No turn is too high, or none, for a message.
    foreach (['99999999999999999999', '-3', 'soon', ''] as $turn) {
        writes($service, [...$wish('fish-stock'), 'typed_on' => str_repeat('x', 90), 'typed_turn' => $turn])->assertOk();
    }
});

it('keeps the rows in their order, wherever they stand on the page', function (): void {
    $service = serviceOf([]);
    writes($service, [
        'wishes' => [
            2 => ['sauce' => 'mornay', 'litres' => '1'],
            0 => ['sauce' => 'aurore', 'litres' => '2'],
            1 => ['sauce' => 'cream', 'litres' => '3'],
        ],
    ])->assertOk();
    expect(array_column(typed($service->refresh())->wishes, 'sauce'))->toBe(['aurore', 'cream', 'mornay']);
});

it('takes a wish off the list', function (): void {
    $service = supperOf72();
    writes($service, [...$service->fields, 'remove' => '1'])->assertOk()->assertDontSee('aria-label="Tomato', false);
    expect(array_column(typed($service->refresh())->wishes, 'sauce'))->toBe(['bechamel', 'mushroom-shallot', 'onion-gravy']);
    writes($service, [...$service->fields, 'remove' => '99'])->assertOk();
    writes($service, [...$service->fields, 'remove' => ['x']]);
    expect(typed($service->refresh())->wishes)->toHaveCount(3);
});

it('works out the other rows where one is wrong', function (): void {
    $service = serviceOf([
        ['sauce' => 'cream', 'litres' => '2'],
        ['sauce' => 'aurore', 'litres' => 'much'],
        ['sauce' => 'custard', 'litres' => '2'],
    ]);
    get("/services/{$service->id}")
        ->assertOk()
        ->assertSee('Cream sauce')
        ->assertSee('much')
        ->assertSee('Litres: write a number from 0.05 to 150 l')
        ->assertSee('no sauce here is called “custard”', false)
        ->assertSee('2.00 l of sauce from', false);
});

it('takes any nonsense with a message, and never a 500', function (array $fields, string $says): void {
    writes(supperOf72(), array_combine(array_map(strval(...), array_keys($fields)), $fields))->assertStatus(422)->assertSee($says);
})->with([
    'covers' => [['wishes' => [['sauce' => 'cream', 'covers' => '-3', 'each' => '60']]], 'Covers: write a number from 1 to 5000'],
    'a portion' => [['wishes' => [['sauce' => 'cream', 'covers' => '10', 'each' => '5000']]], 'write a number from 2 to 1000 ml'],
    'too much of both' => [['wishes' => [['sauce' => 'cream', 'covers' => '5000', 'each' => '500']]], 'from 0.05 to 150 l'],
    'thickness' => [['wishes' => [['sauce' => 'cream', 'litres' => '2', 'thickness' => 'wobbly']]], 'wobbly'],
    'spare' => [['spare' => '400'], 'Spare: write a number from 0 to 100 %'],
    'time' => [['at' => 'half past'], 'Ready at: write a time as 19:30'],
    'the cold' => [['have' => [['sauce' => 'bechamel', 'litres' => 'lots']]], 'Litres: write a number'],
    'an unknown sauce in the cold' => [['have' => [['sauce' => 'custard', 'litres' => '2']]], 'custard'],
]);

it('survives what is no form at all', function (mixed $said): void {
    $service = supperOf72();
    app()->forgetScopedInstances();
    expect(
        post(
            "/services/{$service->id}",
            ['wishes' => $said, 'have' => $said, 'name' => ['x'], 'spare' => ['y']],
            ['HX-Request-Type' => 'partial'],
        )->status(),
    )->toBeIn([200, 422]);
    get("/services/{$service->id}")->assertOk();
})->with([
    'a text' => ['text'],
    'a list for a sauce' => [[['sauce' => ['mornay']]]],
    'numbers' => [[1, 2, 3]],
    'bytes that are no text' => [[['sauce' => "\xff\xfe", 'litres' => "\xff"]]],
    'two hundred rows' => [array_fill(0, 200, ['sauce' => 'cream', 'litres' => '1'])],
]);

it('says why where a base cannot be made as it would have to be', function (): void {
    $service = serviceOf(array_fill(0, 4, ['sauce' => 'cream', 'litres' => '150']));
    get("/services/{$service->id}")->assertOk()->assertSee('This service cannot be worked out');
});

it('uses up what is in the cold, and says so', function (): void {
    $service = serviceOf([['sauce' => 'cream', 'litres' => '2']], have: [['sauce' => 'bechamel', 'liquid' => '', 'litres' => '1']]);
    get("/services/{$service->id}")
        ->assertOk()
        ->assertSee('1.00 l from the cold')
        ->assertSee('Reheat it once, slowly, to at least 75 °C');
    writes($service, ['wishes' => [['sauce' => 'cream', 'litres' => '1']], 'have' => [['sauce' => 'bechamel', 'litres' => '9']]])
        ->assertOk()
        ->assertSee('From the cold');
});

it('names the correction where one base cannot serve all', function (): void {
    $service = serviceOf([['sauce' => 'parsley', 'litres' => '3', 'thickness' => 'pouring'], ['sauce' => 'mornay', 'litres' => '1']]);
    get("/services/{$service->id}")->assertOk()
        ->assertSee('so that most litres come out right; the others are corrected')
        ->assertSee('flour kneaded with')
        ->assertSee('and is corrected');
});

it('starts another service, empty or as a copy', function (): void {
    $first = supperOf72();
    post('/services')->assertRedirect('/services/' . ($first->id + 1));
    post('/services', ['copy' => $first->id])->assertRedirect('/services/' . ($first->id + 2));
    expect(typed(Service::query()->findOrFail($first->id + 2))->wishes)->toHaveCount(4);
    get('/services/99')->assertNotFound();
});

it('prints the pass sheet: the ladles first, then the sauces with their limits and allergens', function (): void {
    get('/services/' . supperOf72()->id . '/pass')
        ->assertOk()
        ->assertSeeInOrder([
            'Ladle out',
            'Béchamel',
            '16¾ ladles',
            'Fish velouté',
            '8½ ladles',
            'Sauces',
            '72 covers',
            'fennel gratin',
            '40 covers',
            '63–80 °C',
            'celery, cereals with gluten (wheat), fish, milk',
            'Lento never certifies safety',
        ]);
});

it('sums the shopping in what it is bought in, with what it costs', function (): void {
    App\Models\LarderEntry::query()->create(['like' => 'whole-milk', 'price_per_kg' => 1.05]);
    get('/services/' . supperOf72()->id . '/shopping')
        ->assertOk()
        ->assertSeeInOrder(['€ 4.', 'for what has a price', 'whole milk', '€ 4.'])
        ->assertSee('4 × 1 l')
        ->assertSee('3 packs of 250 g')
        ->assertSee('made here')
        ->assertSee('1 lemon')
        ->assertSeeInOrder(['Set out, pot by pot', '2.15 l', 'fish velouté', '365 g', 'tomato purée']);
});

it('says what changes at another size', function (): void {
    $service = supperOf72();
    get("/services/{$service->id}/scaling")
        ->assertOk()
        ->assertSee('What changes when it is 2 times as much')
        ->assertSee('roux to its colour')
        ->assertSee('× 2.00');
    get("/services/{$service->id}/scaling?factor=0,5")
        ->assertOk()
        ->assertSee('× 0.50');
    get("/services/{$service->id}/scaling?factor=cat")
        ->assertOk()
        ->assertSee('Times as much: write a number from 0.1 to 20');
    $large = serviceOf([['sauce' => 'cream', 'litres' => '150']]);
    get("/services/{$large->id}/scaling?factor=2")->assertOk()->assertSee('cannot be worked out');
});

it('puts bases on first, then ladles out, and the base knows what and when', function (): void {
    $service = supperOf72();
    // A sauce whose base is not on cannot be ladled.
    cooks($service, 'aurore@fish-stock')->assertRedirect("/services/{$service->id}");
    cooks($service, 'nonsense')->assertRedirect("/services/{$service->id}");
    expect(Pot::query()->count())->toBe(0);
    cooks($service, 'veloute@fish-stock')->assertRedirect('/pots/1');
    cooks($service, 'veloute@fish-stock')->assertRedirect('/pots/1');
    $base = branchPot($service, 'veloute@fish-stock');
    expect(Pot::query()->count())
        ->toBe(1)
        ->and($base->plan->ladles[0]->sauce)
        ->toBe('aurore')
        ->and($base->plan->promise?->volume->inMillilitres())
        ->toEqualWithDelta(2137.0, 15.0);
    get("/services/{$service->id}")
        ->assertOk()
        ->assertSee('To the fish velouté')
        ->assertSee('At the stove');
    cookUntil($base, StepKind::Keep);
    get("/pots/{$base->id}")->assertOk()->assertSee('2.15 l for aurore, tomato and butter')->assertSee('left in the pot');
    get("/services/{$service->id}")->assertSee('Ladled out');
    travel(3)->minutes();
    cooks($service, 'aurore@fish-stock');
    $pot = branchPot($service, 'aurore@fish-stock');
    expect($pot->name)->toBe('Aurore, tomato and butter')->and($pot->plan->steps)->toHaveCount(10);
    $ladles = $base->refresh()->course()->ladles();
    expect($ladles)
        ->toHaveCount(1)
        ->and($ladles[0]->volume->inLitres())
        ->toEqualWithDelta(2.137, 0.02)
        ->and($ladles[0]->branch)
        ->toBe('aurore@fish-stock');
    get("/pots/{$base->id}")
        ->assertOk()
        ->assertSee('2.15 l for aurore, tomato and butter at ' . $ladles[0]->at->format('H:i'))
        ->assertSee('2.15 l ladled off for aurore, tomato and butter');
});

it('serves a base as it is by one ladle to the pass', function (): void {
    $service = supperOf72();
    cooks($service, 'onion-gravy@brown-stock');
    $gravy = branchPot($service, 'onion-gravy@brown-stock');
    cookUntil($gravy, StepKind::Keep);
    cooks($service, 'onion-gravy@brown-stock!pouring')->assertRedirect("/services/{$service->id}");
    expect($gravy->refresh()->course()->ladles())->toHaveCount(1)->and(Pot::query()->count())->toBe(1);
    get("/services/{$service->id}")->assertSee('Done at');
});

it('goes down a chain: espagnole, demi-glace, mushroom and shallot', function (): void {
    $service = supperOf72();
    cooks($service, 'demi-glace@brown-stock')->assertRedirect("/services/{$service->id}");
    cooks($service, 'espagnole@brown-stock');
    cookUntil(branchPot($service, 'espagnole@brown-stock'), StepKind::Keep);
    cooks($service, 'demi-glace@brown-stock');
    $demi = branchPot($service, 'demi-glace@brown-stock');
    expect(branchPot($service, 'espagnole@brown-stock')->course()->ladles()[0]->branch)->toBe('demi-glace@brown-stock');
    cookUntil($demi, StepKind::Keep);
    cooks($service, 'mushroom-shallot@brown-stock');
    expect(branchPot($service, 'mushroom-shallot@brown-stock')->plan->steps[1]->kind)->toBe(StepKind::BrownVegetables);
});

it('guides a derivative to the log, its limits probed, its words kept', function (): void {
    $service = serviceOf([['sauce' => 'allemande', 'litres' => '2']]);
    cooks($service, 'veloute@chicken-stock');
    cookUntil(branchPot($service, 'veloute@chicken-stock'), StepKind::Keep);
    cooks($service, 'allemande@chicken-stock');
    $pot = branchPot($service, 'allemande@chicken-stock');
    get("/pots/{$pot->id}")->assertOk()->assertSee('Set out for 2.00 l');
    cookUntil($pot, StepKind::Enrich);
    get("/pots/{$pot->id}")
        ->assertOk()
        ->assertSee('Temper and bind')
        ->assertSee('egg yolks')
        ->assertSee('Over 82 °C it scrambles');
    happens($pot, 'read', ['choice' => 'temperature', 'value' => '86']);
    get("/pots/{$pot->id}")->assertSee('86 °C: over 82 °C');
    happens($pot, 'read', ['choice' => 'temperature', 'value' => '65']);
    get("/pots/{$pot->id}")->assertSee('65 °C: under 75 °C yet');
    happens($pot, 'read', ['choice' => 'temperature', 'value' => '78']);
    get("/pots/{$pot->id}")->assertSee('78 °C: right');
    // Too thick: answered for two litres of a velouté that coats, and the pot keeps it.
    app()->forgetScopedInstances();
    get("/rescue/too-thick?pot={$pot->id}")->assertOk()->assertSee('About Allemande, yolk-bound')->assertSee('hot chicken stock');
    app()->forgetScopedInstances();
    post('/rescue/too-thick', ['pot' => (string) $pot->id, 'token' => 'rescued-it'])->assertRedirect("/pots/{$pot->id}");
    expect($pot->refresh()->course()->openRescue()?->id)->toBe('rescued-it');
    happens($pot, 'poured', ['pour' => 0]);
    get("/pots/{$pot->id}")->assertSee('in: ')->assertSee('egg yolks');
    // What the kitchen makes otherwise tomorrow does not change what is on the stove.
    expect(json_encode(PlanCodec::encode($pot->refresh()->plan)))->toContain('egg-yolk');
    cookUntil($pot, StepKind::Keep);
    get("/pots/{$pot->id}")->assertOk()->assertSee('Hold');
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '1.9', 'spoon' => 'coats'])->assertRedirect("/log/{$pot->id}");
    get("/log/{$pot->id}")->assertOk()->assertSee('Allemande, yolk-bound')->assertSee('egg yolks');
    app()->forgetScopedInstances();
    $file = get('/log/lento-log.json')->assertOk()->streamedContent();
    expect(fitsSchema($file, 'log'))->toBeTrue();
    Pot::query()->delete();
    app()->forgetScopedInstances();
    post('/log/files', ['file' => Illuminate\Http\UploadedFile::fake()->createWithContent('log.json', $file)])->assertRedirect();
    app()->forgetScopedInstances();
    expect(get('/log/lento-log.json')->streamedContent())->toBe($file);
});

it('takes a pot that was taken off for none', function (): void {
    $service = supperOf72();
    cooks($service, 'veloute@fish-stock');
    happens(branchPot($service, 'veloute@fish-stock'), 'taken-off');
    get("/services/{$service->id}")->assertSee('Start the fish velouté');
    cooks($service, 'veloute@fish-stock')->assertRedirect('/pots/2');
});

it('counts what was ladled off to what came out', function (): void {
    $service = supperOf72();
    cooks($service, 'veloute@fish-stock');
    $base = branchPot($service, 'veloute@fish-stock');
    cookUntil($base, StepKind::Simmer);
    // Somebody takes half a litre in the midst of the simmer.
    happens($base, 'ladled-off', ['litres' => '0.5', 'text' => 'soup']);
    happens($base, 'ladled-off', ['litres' => '0', 'text' => 'soup'])->assertSessionHasErrors('litres');
    happens($base, 'ladled-off', ['litres' => '1', 'text' => ''])->assertSessionHasErrors('text');
    get("/pots/{$base->id}")->assertOk()->assertSee('comes to 2.1');
    cookUntil($base, StepKind::Finish);
    happens($base, 'finished', ['volume' => '2.14', 'spoon' => 'coats'])->assertRedirect();
    expect($base->refresh()->outcome['m3'] ?? 0)->toEqualWithDelta(0.00214, 1e-6);
});

it('keeps its pots when the service goes', function (): void {
    $service = supperOf72();
    cooks($service, 'onion-gravy@brown-stock');
    $service->delete();
    expect(Pot::query()->firstOrFail()->service_id)->toBeNull();
});

it('settles on two cheese sauces of one base in a kitchen with its own pans and larder', function (array $sauces): void {
    seed(DatabaseSeeder::class);
    $service = serviceOf(
        array_map(
            static fn(mixed $sauce, int|string $i): array => [
                'sauce' => text($sauce),
                'covers' => (string) (24 + 13 * (int) $i),
                'each' => '55',
            ],
            $sauces,
            array_keys($sauces),
        ),
        '5',
    );
    get("/services/{$service->id}")
        ->assertOk()
        ->assertDontSee('cannot be worked out')
        ->assertSee('béchamel');
    $flow = WorkedOut::of($service, (new LoadKitchen())())->flow;
    expect($flow?->node('bechamel@whole-milk')?->made->inLitres())->toBeGreaterThan(1.0);
})->with([
    'both' => [['mornay', 'sharp-cheese']],
    'three' => [['mornay', 'sharp-cheese', 'cream']],
]);

it('has one portion everywhere: what is shown is what is reckoned', function (string $setting, string $litres): void {
    $setting === '' || setting(['portion' => $setting]);
    app()->forgetScopedInstances();
    $shown = $setting === '' ? '55' : $setting;
    $service = serviceOf([['sauce' => 'cream', 'covers' => '40']]);
    get("/services/{$service->id}")->assertOk()->assertSee('placeholder="' . $shown . '"', false)->assertSee("{$litres} l of sauce from");
    get('/kitchen')->assertOk()->assertSee('value="' . $shown . '"', false);
})->with([['', '2.20'], ['70', '2.80']]);
