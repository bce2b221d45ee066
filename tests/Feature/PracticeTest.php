<?php

declare(strict_types=1);

use App\Kitchen\Kitchen;
use App\Models\EyeReading;
use App\Models\Galley;
use App\Models\Practice;
use App\Practice\FinishPractice;
use App\Practice\RunningPractice;
use App\Practice\Snapshots;
use App\Practice\TakeDeed;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Cache;
use Illuminate\Testing\TestResponse;
use Lento\Compose\Base;
use Lento\Eye\EyeKind;
use Lento\Family\HouseDerivatives;
use Lento\Practice\Debrief;
use Lento\Practice\Difficulty;

use function Pest\Laravel\get;
use function Pest\Laravel\getJson;
use function Pest\Laravel\post;
use function Pest\Laravel\postJson;

require_once __DIR__ . '/People/people.php';
require_once __DIR__ . '/services.php';

/** @param array<string, string> $fields */
function practising(string $sauce = 'bechamel', array $fields = []): Practice
{
    post('/practice', ['sauce' => $sauce, 'litres' => '1', 'help' => 'yes', ...$fields])->assertRedirect();

    return Practice::query()->latest('id')->firstOrFail();
}

/**
 * @param array<string, string|int> $more
 *
 * @return TestResponse<Illuminate\Http\Response>
 */
function doneThere(Practice $practice, string $deed, int $at, array $more = []): TestResponse
{
    $said = ['deed' => $deed, 'version' => $practice->refresh()->version, 'at' => $at, ...$more];

    return postJson("/practice/{$practice->id}/deeds", $said);
}

/** By what the page itself says comes next, as often as it says so. */
function carefully(Practice $practice): void
{
    $page = (string) get("/practice/{$practice->id}")->assertOk()->getContent();
    for ($i = 0; $i < 200; $i++) {
        preg_match('/data-advice="([^"]*)"/', $page, $found);
        /** @var array{deed: string, at: int, grams: string}|null $advice */
        $advice = json_decode(html_entity_decode($found[1] ?? 'null'), true);
        if ($advice === null) {
            return;
        }
        $grams = $advice['grams'] === '' ? [] : ['grams' => $advice['grams']];
        $page = panelOf(doneThere($practice, $advice['deed'], $advice['at'], $grams)->assertOk());
    }
}

/** @param TestResponse<Illuminate\Http\Response> $answer */
function panelOf(TestResponse $answer): string
{
    $panel = $answer->json('panel');

    return is_string($panel) ? $panel : '';
}

it('is chosen, with what the kitchen makes and what it serves tonight', function (): void {
    supperOf72();
    get('/practice')->assertOk()->assertSee('Stand at the pot')->assertSee('Béchamel')->assertSee('Tonight’s service')
        ->assertSee('two things are off')->assertSeeInOrder(['Béchamel', '4 l'], false);
    get('/compose?sauce=bechamel')->assertSee(route('practice'), false);
});

it('comes into its class in careful hands, each house sauce, by what its own page says', function (string $sauce): void {
    $practice = practising($sauce);
    carefully($practice);
    post("/practice/{$practice->id}/finish")->assertRedirect("/practice/{$practice->id}/debrief");
    $outcome = $practice->refresh()->outcome ?? [];
    expect($outcome['finished'] ?? null)->toBeTrue()
        ->and($outcome['causes'] ?? null)->toBe([])
        ->and($outcome['is_it'] ?? null)->toBeTrue();
})->with([...array_column(Base::cases(), 'value'), ...array_keys(HouseDerivatives::all())]);

it('earns the careless what they earn: burnt, lumpy, run over, never boiled', function (): void {
    $practice = practising('veloute');
    $at = 0;
    $roux = ['heat:high', 'add:butter', 'done', 'add:plain-flour', 'done', 'wait:500', 'done', 'done'];
    foreach ([...$roux, 'add:chicken-stock', 'done', 'done'] as $deed) {
        $grams = ['add:butter' => '70', 'add:plain-flour' => '70', 'add:chicken-stock' => '1000'][$deed] ?? '';
        doneThere($practice, $deed, $at + 20, $grams === '' ? [] : ['grams' => $grams])->assertOk();
        $at = $practice->refresh()->second;
    }
    post("/practice/{$practice->id}/finish");
    $outcome = $practice->refresh()->outcome ?? [];
    expect($outcome['lost'])->toContain('burnt', 'thickness')
        ->and($outcome['is_it'])->toBeFalse()
        ->and($outcome['causes'])->not->toBe([]);
    get("/practice/{$practice->id}/debrief")->assertOk()->assertSee('What it cost')->assertSee('Again from')->assertSee('burnt');
});

it('sends a trace of ten minutes with its answer, and no number that one would have to measure', function (): void {
    $practice = practising();
    $answer = doneThere($practice, 'heat:medium', 12)->assertOk();
    expect($answer->json('version'))->toBe(1)
        ->and($answer->json('second'))->toBe(12)
        ->and($answer->json('looks.0.0'))->toBe(12)
        ->and($answer->json('looks.1.0'))->toBe(17)
        ->and($answer->json('looks.48.0'))->toBe(612)
        ->and($answer->json('looks.49'))->toBeNull()
        ->and($answer->json())->not->toHaveKeys(['celsius', 'grams', 'quirks']);
    expect((string) $answer->getContent())->not->toContain('°C in the pan');
    $more = getJson("/practice/{$practice->id}/ahead?from=612")->assertOk();
    expect($more->json('looks.0.0'))->toBe(612)->and($more->json('version'))->toBe(1);
});

it('reads off what is measured, and only then', function (): void {
    $practice = practising();
    $page = (string) get("/practice/{$practice->id}")->getContent();
    expect($page)->not->toContain('18.0 °C')
        ->and(panelOf(doneThere($practice, 'probe', 5)))->toContain('18')
        ->and(panelOf(doneThere($practice, 'taste', 6)))->toContain('nothing there to read');
});

it('takes a deed once, in order, not in the future, and of what it has seen', function (): void {
    $practice = practising();
    $deed = ['deed' => 'heat:medium', 'version' => 0, 'at' => 30];
    $address = "/practice/{$practice->id}/deeds";
    postJson($address, $deed)->assertOk()->assertJsonPath('version', 1);
    // Its answer was lost on the way.
    postJson($address, $deed)->assertOk()->assertJsonPath('version', 1);
    // Another tab, that has not seen it.
    postJson($address, [...$deed, 'deed' => 'heat:high', 'at' => 40])->assertStatus(409)->assertJsonPath('version', 1)
        ->assertJsonPath('said', 'Something else was done at this pot meanwhile, on another page. Here is how it stands.');
    postJson($address, ['deed' => 'heat:high', 'version' => 1, 'at' => 29])->assertStatus(422)
        ->assertJsonPath('said', 'That moment is over: something was done after it.');
    postJson($address, ['deed' => 'heat:high', 'version' => 1, 'at' => 30000])->assertStatus(422)
        ->assertJsonPath('said', 'That moment has not come yet.');
    expect($practice->refresh()->deeds)->toBe([['at' => 30, 'kind' => 'heat', 'way' => 'medium']]);
    // An hour at sixty times, with nobody doing anything.
    CarbonImmutable::setTestNow(CarbonImmutable::now()->addMinutes(10));
    postJson($address, ['deed' => 'heat:off', 'version' => 1, 'at' => 30000])->assertOk();
});

it('refuses what cannot be read or done, in words, and never fails', function (string $deed, array $more, string $says): void {
    $practice = practising();
    $answer = postJson("/practice/{$practice->id}/deeds", ['deed' => $deed, 'version' => 0, 'at' => 0, ...$more])->assertStatus(422);
    expect((string) $answer->getContent())->toContain($says)->and($practice->refresh()->version)->toBe(0);
})->with([
    ['heat:inferno', [], 'That could not be read'],
    ['juggle', [], 'That could not be read'],
    ['hold:', [], 'That could not be read'],
    ['add:honey', ['grams' => '10'], 'Nothing of that goes into this sauce'],
    ['add:butter', ['grams' => 'much'], 'The weight must lie between 0.1 g and 200 kg'],
    ['add:butter', ['grams' => '900000'], 'The weight must lie between 0.1 g and 200 kg'],
    ['stir:7', [], 'could not be read'],
    ['', [], 'deed'],
    ['heat:low', ['at' => 'soon'], 'at'],
    ['heat:low', ['version' => -1], 'version'],
]);

it('takes ten seconds back, with what was done in them, and counts that', function (): void {
    $practice = practising();
    doneThere($practice, 'heat:medium', 10);
    doneThere($practice, 'add:butter', 35, ['grams' => '61']);
    $answer = postJson("/practice/{$practice->id}/back", ['at' => 40])->assertOk();
    expect($answer->json('resume'))->toBe(30)
        ->and($practice->refresh()->deeds)->toHaveCount(1)
        ->and($practice->taken_back)->toBe(1)
        ->and($practice->version)->toBe(3);
    post("/practice/{$practice->id}/back", ['at' => 31])->assertRedirect("/practice/{$practice->id}");
    expect($practice->refresh()->taken_back)->toBe(2);
});

it('takes back what was done at another page between the look and the tap, and never half of it', function (): void {
    $practice = practising();
    doneThere($practice, 'heat:medium', 0)->assertOk();
    $stale = Practice::query()->findOrFail($practice->id);
    doneThere($practice, 'heat:low', 20)->assertOk();
    // Two tablets tap at once: the second has not seen what the first did.
    $taken = (new TakeDeed(app(Kitchen::class)))->back($stale, 25);
    $row = Practice::query()->findOrFail($practice->id);
    expect($taken->version)->toBe($row->version)
        ->and($row->version)->toBe(3)
        ->and($row->taken_back)->toBe(1)
        ->and(array_column($row->deeds, 'kind'))->toBe([$stale->deeds[0]['kind']])
        ->and($row->second)->toBe(RunningPractice::of($row, app(Kitchen::class))->played->standing->second());
});

it('is talked over once, and read as often as anybody likes', function (): void {
    config(['cache.default' => 'file', 'cache.stores.file.path' => sys_get_temp_dir() . '/lento-talked-over-' . getmypid()]);
    $practice = practising('veloute', ['difficulty' => 'odd', 'seed' => '7']);
    carefully($practice);
    post("/practice/{$practice->id}/finish")->assertRedirect();
    $practice->refresh();
    $kitchen = app(Kitchen::class);
    $kept = (new FinishPractice($kitchen))->debrief($practice)->debrief;
    $running = RunningPractice::of($practice, $kitchen);
    expect($kept)->toEqual(Debrief::of($running->exercise, $running->played));
    // Of these deeds and no others: of a row that was laid back it says nothing.
    $practice->update(['deeds' => array_slice($practice->deeds, 0, 3)]);
    expect((new FinishPractice($kitchen))->debrief($practice)->debrief)->not->toEqual($kept);
    Cache::flush();
});

it('draws the same kitchen from the same number, and another from another', function (): void {
    $quirks = array_map(
        static fn(string $seed): array => practising('veloute', ['difficulty' => 'odd', 'seed' => $seed])->quirks,
        ['4117', '4117', '4118'],
    );
    expect($quirks[0])->toHaveCount(4)->toBe($quirks[1])->not->toBe($quirks[2]);
    $surprise = ['surprise' => 'yes', 'seed' => '9'];
    expect(practising('veloute', $surprise)->sauce)->toBe(practising('veloute', $surprise)->sauce);
    expect(practising()->difficulty)->toBe(Difficulty::Own);
});

it('is cooked again from any moment, beside the first, in the same kitchen or another', function (): void {
    $practice = practising('veloute', ['difficulty' => 'strange', 'seed' => '77']);
    doneThere($practice, 'heat:medium', 10);
    doneThere($practice, 'add:butter', 20, ['grams' => '70']);
    post("/practice/{$practice->id}/finish");
    post("/practice/{$practice->id}/again", ['second' => 20])->assertRedirect();
    $again = Practice::query()->latest('id')->firstOrFail();
    expect($again->deeds)->toBe([['at' => 10, 'kind' => 'heat', 'way' => 'medium']])
        ->and([$again->quirks, $again->seed, $again->second, $again->finished_at])->toBe([$practice->quirks, 77, 10, null])
        ->and($practice->refresh()->deeds)->toHaveCount(2);
    post("/practice/{$practice->id}/again", ['clock' => '0:15'])->assertRedirect();
    expect(Practice::query()->latest('id')->firstOrFail()->deeds)->toHaveCount(1);
    post("/practice/{$practice->id}/again", ['clock' => 'later'])->assertSessionHasErrors('clock');
    post("/practice/{$practice->id}/again", ['second' => 0, 'elsewhere' => '1'])->assertRedirect();
    expect(Practice::query()->latest('id')->firstOrFail()->deeds)->toBe([]);
});

it('refuses a sauce, an amount and a number of a kitchen that are none, at their fields', function (): void {
    post('/practice', ['sauce' => 'ketchup', 'litres' => '1'])->assertSessionHasErrors('sauce');
    post('/practice', ['sauce' => 'bechamel', 'litres' => '900'])->assertSessionHasErrors('litres');
    post('/practice', ['sauce' => 'bechamel', 'litres' => 'some'])->assertSessionHasErrors('litres');
    post('/practice', ['sauce' => 'bechamel', 'litres' => '1', 'seed' => '0'])->assertSessionHasErrors('seed');
    expect(Practice::query()->count())->toBe(0);
});

it('says the same cautions at the same acts', function (): void {
    $practice = practising('veloute');
    get("/practice/{$practice->id}")->assertSee('Hot fat burns deeply')->assertSee('nothing here says that a real one is safe');
});

it('works without script: waits by buttons, and says what was refused', function (): void {
    $practice = practising();
    $form = ['version' => '0', 'at' => '0'];
    post("/practice/{$practice->id}/deeds", [...$form, 'deed' => 'wait:60'])->assertRedirect("/practice/{$practice->id}");
    expect($practice->refresh()->second)->toBe(60);
    post("/practice/{$practice->id}/deeds", ['version' => '1', 'at' => '60', 'deed' => 'heat:high'])->assertRedirect();
    post("/practice/{$practice->id}/deeds", ['version' => '2', 'at' => '60', 'deed' => 'add:butter', 'grams' => '61'])->assertRedirect();
    post("/practice/{$practice->id}/deeds", ['version' => '3', 'at' => '60', 'deed' => 'wait:turn'])->assertRedirect();
    expect($practice->refresh()->second)->toBeGreaterThan(60)->toBeLessThan(660);
    post("/practice/{$practice->id}/deeds", [...$form, 'deed' => 'heat:low'])->assertStatus(409)->assertSee('meanwhile');
});

it('shows nobody another cook’s pot, and no pot of another kitchen', function (): void {
    $practice = practising();
    $practice->update(['cook_key' => 'm999']);
    get("/practice/{$practice->id}")->assertNotFound();
    doneThere($practice, 'heat:low', 0)->assertNotFound();
    get("/practice/{$practice->id}/debrief")->assertNotFound();
    post("/practice/{$practice->id}/again", ['second' => 0])->assertNotFound();
    $practice->forceFill(['cook_key' => 'visitor', 'galley_id' => anotherKitchen()->id])->save();
    get("/practice/{$practice->id}")->assertNotFound();
    expect(Galley::query()->count())->toBeGreaterThan(1);
});

it('is over when it is talked over', function (): void {
    $practice = practising();
    get("/practice/{$practice->id}/debrief")->assertRedirect("/practice/{$practice->id}");
    post("/practice/{$practice->id}/finish");
    post("/practice/{$practice->id}/finish")->assertRedirect();
    get("/practice/{$practice->id}")->assertRedirect("/practice/{$practice->id}/debrief");
    get("/practice/{$practice->id}/debrief")->assertOk()->assertSee('You left it on the way');
    doneThere($practice, 'heat:low', 0)->assertStatus(422)->assertJsonPath('said', 'This pot is over.');
});

it('shows the sheet’s steps, and how to do them only to whoever wants help', function (): void {
    $helped = practising('veloute');
    get("/practice/{$helped->id}")->assertSee('aria-current="step"', false)
        ->assertSee('Ready when the foam has fallen')->assertSee('Next:');
    post('/practice', ['sauce' => 'veloute', 'litres' => '1']);
    $alone = Practice::query()->latest('id')->firstOrFail();
    get("/practice/{$alone->id}")->assertSee('Melt the butter')->assertDontSee('Ready when the foam has fallen')->assertDontSee('Next:');
});

it('writes down what the eye called: the shade that was lifted, the spoon before it was dipped', function (): void {
    $practice = practising('veloute');
    carefully($practice);
    $lifted = EyeReading::query()->sole();
    expect($lifted->kind)->toBe(EyeKind::Shade)->and($lifted->called)->toEqualWithDelta($lifted->actual, 0.1);
    $again = practising('bechamel');
    for ($i = 0; $i < 7; $i++) {
        doneThere($again, 'written', $again->refresh()->second)->assertOk();
    }
    $dip = ['deed' => 'dip', 'version' => $again->refresh()->version, 'at' => $again->second, 'called' => 'mounds'];
    postJson("/practice/{$again->id}/deeds", $dip)->assertOk();
    // Its answer was lost, and it comes again.
    postJson("/practice/{$again->id}/deeds", $dip)->assertOk();
    $spoon = EyeReading::query()->where('kind', EyeKind::Spoon)->sole();
    expect($spoon->called)->toBeGreaterThan($spoon->actual);
});

it('writes down the litres that were called before the stick went in, and asks again for what is no amount', function (): void {
    $again = practising();
    for ($i = 0; $i < 7; $i++) {
        doneThere($again, 'written', $again->refresh()->second)->assertOk();
    }
    $actual = RunningPractice::of($again->refresh(), app(Kitchen::class))->played->standing->pot->state->content()->volume();
    doneThere($again, 'depth', $again->second, ['litres' => 'a lot'])
        ->assertStatus(422)
        ->assertJsonPath('said', 'Litres by eye: a number from 0.05 to 200, or nothing.');
    // Neither what was typed nor the pot is lost by it.
    $typed = ['deed' => 'depth', 'version' => $again->version, 'at' => $again->second, 'litres' => '900'];
    post("/practice/{$again->id}/deeds", $typed)->assertStatus(422)->assertSee('value="900"', false);
    doneThere($again, 'depth', $again->second, ['litres' => '1,2'])->assertOk();
    doneThere($again, 'depth', $again->second)->assertOk();
    $called = EyeReading::query()->where('kind', EyeKind::Depth)->sole();
    expect($called->called)->toBe(1.2)->and($called->actual)->toEqualWithDelta($actual->inLitres(), 0.001);
});

it('leaves a weight that is none typed where it was', function (): void {
    $practice = practising();
    doneThere($practice, 'heat:medium', 10)->assertOk();
    $typed = ['deed' => 'add:butter', 'version' => $practice->refresh()->version, 'at' => 35, 'grams' => 'a knob'];
    post("/practice/{$practice->id}/deeds", $typed)
        ->assertStatus(422)
        ->assertSee('The weight must lie between 0.1 g and 200 kg.')
        ->assertSee('value="a knob"', false);
    expect($practice->refresh()->deeds)->toHaveCount(1);
});

it('stands the same whether its last state was kept or is reckoned through from its row', function (): void {
    $practice = practising('veloute', ['difficulty' => 'odd', 'seed' => '5']);
    foreach (['heat:medium', 'wait:40', 'add:butter', 'wait:90', 'done'] as $deed) {
        doneThere($practice, $deed, $practice->refresh()->second, $deed === 'add:butter' ? ['grams' => '66'] : [])->assertOk();
    }
    $kept = Snapshots::of($practice->refresh());
    Cache::flush();
    expect($kept)->not->toBeNull()
        ->and(Snapshots::of($practice))->toBeNull()
        ->and(RunningPractice::of($practice, app(Kitchen::class))->played->standing)->toEqual($kept[1]->standing ?? null);
    // Another pot of the same number, of a database that was laid back say, is not taken for it.
    Snapshots::keep($practice, RunningPractice::of($practice, app(Kitchen::class)));
    $other = $practice->replicate()->forceFill(['id' => $practice->id, 'deeds' => array_slice($practice->deeds, 0, 2)]);
    $other->exists = true;
    expect(Snapshots::of($practice))->not->toBeNull()->and(Snapshots::of($other))->toBeNull();
    Cache::put('practice-' . $practice->id, 'something else', 60);
    get("/practice/{$practice->id}")->assertOk();
});

it('says so where what was set cannot be made any more', function (): void {
    $set = ['title' => 'Gone', 'sauce' => 'own-sauce-99', 'liquid' => '', 'litres' => 2.0, 'difficulty' => 'own', 'seed' => 3];
    $exercise = App\Models\Exercise::query()->create($set);
    post("/practice/exercises/{$exercise->id}")->assertRedirect('/practice')->assertSessionHasErrors('sauce');
    expect(Practice::query()->count())->toBe(0);
});
