<?php

declare(strict_types=1);

use App\Models\Pot;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/taps.php';

it('says so when nothing is on', fn() => get('/stove')->assertOk()->assertSee('Nothing on the stove')->assertSee('Compose a sauce'));

it('puts a composed sauce on and shows its first step', function (): void {
    $pot = started();
    get('/stove')->assertRedirect("/pots/{$pot->id}");
    get("/pots/{$pot->id}")
        ->assertOk()
        ->assertSee('Set everything out')
        ->assertSee('Chicken velouté')
        ->assertSee('139 g')
        ->assertSee('aria-current="step"', false);
    expect($pot->plan->promise?->volume->inMillilitres())
        ->toEqualWithDelta(2000.0, 1e-6)
        ->and($pot->plan->steps)
        ->toHaveCount(15);
});

it('shows each step with its cue, its caution and its drawing', function (StepKind $kind, string $title, string $caution): void {
    $pot = started('sauce=espagnole&amount=2&diameter=240&height=140');
    cookUntil($pot, $kind);
    $page = get("/pots/{$pot->id}")->assertOk()->assertSee($title)->assertSee('<svg', false);
    $caution === '' ? expect(preg_match('/class="caution"\s+hidden/', (string) $page->getContent()))->toBe(1) : $page->assertSee($caution);
})->with([
    [StepKind::Melt, 'Warm the clarified butter', 'Hot fat burns deeply'],
    [StepKind::BrownVegetables, 'Brown the onion, carrot and celery', 'spits'],
    [StepKind::ReduceApart, 'Deglaze the pan', 'steams up hard'],
    [StepKind::Warm, 'Warm the brown stock', ''],
    [StepKind::Skim, 'Skim it', ''],
    [StepKind::TakeOut, 'Take the sachet out', ''],
    [StepKind::Flour, 'All the flour at once', 'far hotter than boiling water'],
    [StepKind::Colour, 'Stir until it is brown', 'One black speck'],
    [StepKind::LetDown, 'Off the heat', 'No liquid yet'],
    [StepKind::Pour, 'Pour, and whisk smooth', 'The first splash steams'],
    [StepKind::Boil, 'Bring to the boil', 'spits'],
    [StepKind::Simmer, 'Boil it down to', 'catches'],
    [StepKind::Test, 'Check the back of the spoon', 'cool before you taste'],
    [StepKind::Strain, 'Strain it', 'heavy'],
    [StepKind::Correct, 'Whisk in', 'spits'],
    [StepKind::Keep, 'Serve, hold or cool it', 'local food-safety code'],
    [StepKind::Finish, 'How did it turn out?', ''],
]);

it('ticks pours off one by one and offers the next', function (): void {
    $pot = started();
    cookUntil($pot, StepKind::Pour);
    get("/pots/{$pot->id}")->assertSee('Pour 0.33 l')->assertSee('the pan drops to 62°');
    happens($pot, 'poured', ['pour' => 0])->assertRedirect("/pots/{$pot->id}");
    get("/pots/{$pot->id}")->assertSee('Pour 0.73 l')->assertSee('aria-pressed="true"', false);
    happens($pot, 'unpoured', ['pour' => 0]);
    get("/pots/{$pot->id}")->assertSee('Pour 0.33 l');
});

it('shows the same remaining time after any reload, on any tablet', function (): void {
    travelTo(now()->startOfSecond());
    $pot = started();
    cookUntil($pot, StepKind::Simmer);
    $ends = (int) $pot->course()->timerEnds()?->format('Uv');
    expect($ends)
        ->toBeGreaterThanOrEqual(now()->addMinutes(30)->getTimestampMs())
        ->toBeLessThan(now()->addMinutes(30)->getTimestampMs() + 100);
    travel(7)->minutes();
    get("/pots/{$pot->id}")->assertSee('data-ends="' . $ends . '"', false);
    get('/log')->assertSee('data-ends="' . $pot->course()->nextCall()?->at->format('Uv') . '"', false);
    happens($pot, 'more-time', ['seconds' => 60]);
    get("/pots/{$pot->id}")->assertSee('data-ends="' . ($ends + 60000) . '"', false);
});

it('counts an event that is sent twice once, and a late tap not at all', function (): void {
    $pot = started();
    $tap = ['kind' => 'done', 'step' => '0', 'token' => 'one-tap'];
    post("/pots/{$pot->id}/events", $tap);
    post("/pots/{$pot->id}/events", $tap);
    post("/pots/{$pot->id}/events", [...$tap, 'token' => 'another tablet']);
    expect($pot->refresh()->course()->current)->toBe(1)->and($pot->events()->count())->toBe(2);
    happens($pot, 'back');
    expect($pot->refresh()->course()->current)->toBe(0);
});

it('keeps notes, and refuses an empty or endless one at its field', function (): void {
    $pot = started();
    happens($pot, 'note', ['text' => 'stock <b>cold</b>']);
    get("/pots/{$pot->id}")->assertSee('stock <b>cold</b>')->assertDontSee('stock <b>cold</b>', false);
    happens($pot, 'note', ['text' => ''])->assertSessionHasErrors('text');
    happens($pot, 'note', ['text' => str_repeat('x', 501)])->assertSessionHasErrors('text');
});

it('closes the pot with what came out, and the log has it', function (): void {
    travelTo(now()->startOfSecond());
    $pot = started();
    cookUntil($pot, StepKind::Finish);
    travel(70)->minutes();
    happens($pot, 'finished', ['volume' => '1,9', 'spoon' => 'coats', 'taste' => 'clean'])->assertRedirect("/log/{$pot->id}");
    expect($pot->refresh()->outcome)
        ->toMatchArray(['m3' => 0.0019, 'spoon' => 'coats', 'taste' => 'clean'])
        ->not->toHaveKeys(['held_m3', 'cooled_m3'])
        ->and($pot->finished_at)
        ->not->toBeNull();
    get('/log')
        ->assertOk()
        ->assertSee('Chicken velouté')
        ->assertSee('1.90 l, coats')
        ->assertSee('5 % less than planned')
        ->assertSee('as thick as planned')
        ->assertSee('No pots on.');
    get("/log/{$pot->id}")
        ->assertOk()
        ->assertSee('Its course')
        ->assertSee('2.00 l, coats')
        ->assertSee('clean');
    get("/pots/{$pot->id}")->assertRedirect("/log/{$pot->id}");
});

it('refuses an outcome that cannot be, at its field, and keeps the rest', function (string $volume, string $spoon, string $field): void {
    $pot = started();
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => $volume, 'spoon' => $spoon, 'taste' => 'good'])
        ->assertSessionHasErrors($field)
        ->assertSessionHasInput('taste', 'good');
    expect($pot->refresh()->finished_at)->toBeNull();
})->with([
    ['', 'coats', 'volume'],
    ['0', 'coats', 'volume'],
    ['-1', 'coats', 'volume'],
    ['9999', 'coats', 'volume'],
    ['plenty', 'coats', 'volume'],
    ['2', '', 'spoon'],
    ['2', 'sings', 'spoon'],
]);

it('answers nonsense events with an error, never with 500', function (array $body): void {
    $pot = started();
    expect(post("/pots/{$pot->id}/events", $body)->getStatusCode())->toBe(302)
        ->and($pot->events()->count())->toBe(0);
})->with([
    [['kind' => 'explode']],
    [[]],
    [['kind' => 'done', 'step' => 'x', 'token' => 'a']],
    [['kind' => 'done', 'step' => '-1', 'token' => 'a']],
    [['kind' => ['a'], 'step' => ['b'], 'token' => ['c']]],
    [['kind' => 'more-time', 'step' => '0', 'token' => 'a', 'seconds' => '999999']],
]);

it('does not finish a pot before its last step', function (): void {
    $pot = started();
    happens($pot, 'finished', ['volume' => '2', 'spoon' => 'coats']);
    expect($pot->refresh()->finished_at)->toBeNull();
});

it('takes a pot off unfinished, and the log says so', function (): void {
    $pot = started();
    get("/pots/{$pot->id}")->assertSee('Take it off');
    happens($pot, 'taken-off')->assertRedirect("/log/{$pot->id}");
    expect($pot->refresh()->finished_at)->not->toBeNull()->and($pot->outcome)->toBeNull();
    get('/log')->assertOk()->assertSee('taken off unfinished')->assertSee('No pots on.');
    get("/log/{$pot->id}")->assertOk()->assertSee('taken off unfinished');
});

it('sends a question that cannot be cooked back to Compose', function (): void {
    post('/pots', ['question' => 'sauce=veloute&amount=0'])->assertRedirectContains('/compose');
    post('/pots', [])->assertSessionHasErrors('question');
    expect(Pot::query()->count())->toBe(0);
});

it('has no pot of that number', function (): void {
    get('/pots/999')->assertNotFound();
    get('/log/999')->assertNotFound();
    post('/pots/999/events', [])->assertNotFound();
});

it('hangs the pot that wants a hand first at the left of the rail', function (): void {
    $first = started();
    cookUntil($first, StepKind::Simmer);
    $second = started('sauce=bechamel&amount=1');
    $html = (string) get('/log')->getContent();
    expect(strpos($html, "/pots/{$second->id}\""))->toBeLessThan((int) strpos($html, "/pots/{$first->id}\""));
    get('/stove')->assertRedirect("/pots/{$second->id}");
});

it('cooks every base and gravy through to the log, each step in words', function (string $question): void {
    $pot = started($question . '&diameter=280&height=160');
    foreach ($pot->plan->steps as $index => $step) {
        $page = (string) get("/pots/{$pot->id}")->assertOk()->getContent();
        // No key of a language file, and no placeholder, may show.
        expect(strip_tags($page))->not->toMatch('/\b(steps|compose|ingredients|schools|stove)\.[a-z]/')->not->toMatch('/\s:[a-z]/');
        // What goes in now is said at this step, not only under "then" of the one before.
        $now = strip_tags(explode('class="below"', $page)[0]);
        foreach ((new App\Pages\Stove\WeighList($pot->plan))->of($step) as $line) {
            // Salt is reckoned for what is in the pot by then.
            expect($now)->toContain($step->kind === StepKind::Season && $line['ingredient'] === 'salt' ? 'in the pot:' : $line['weight']);
        }
        foreach ($step->additions as $addition) {
            happens($pot, 'poured', ['pour' => $addition->id]);
        }
        if ($index < count($pot->plan->steps) - 1) {
            happens($pot, 'done');
        }
    }
    happens($pot, 'finished', ['volume' => '2', 'spoon' => 'coats', 'taste' => 'good'])->assertRedirect("/log/{$pot->id}");
    get("/log/{$pot->id}")->assertOk();
})->with([
    ...array_map(fn(Lento\Compose\Base $base): array => ['sauce=' . $base->value . '&amount=2'], Lento\Compose\Base::cases()),
    ['sauce=espagnole&amount=2&place=oven&aromatics=apart&strain=blended&browned=yes&salting=in-the-middle&parts=red-wine:60'],
    ['sauce=veloute&amount=2&browned=yes&finish=liaison&given=roux&have_roux=300'],
    ['sauce=bechamel&amount=2&milk=cold&cookout=long&flour=gradually'],
]);
