<?php

declare(strict_types=1);

use App\Models\Pot;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Lento\Course\EventKind;
use Lento\Course\Happened\Noted;
use Lento\Course\Happened\ReadOff;
use Lento\Plan\StepKind;
use Lento\Roux\Shade;

use function Pest\Laravel\get;
use function Pest\Laravel\getJson;
use function Pest\Laravel\post;
use function Pest\Laravel\postJson;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/taps.php';
require_once __DIR__ . '/schemas.php';

/**
 * @param list<array<string, mixed>> $events
 *
 * @return TestResponse<Illuminate\Http\JsonResponse>
 */
function batched(Pot $pot, array $events): TestResponse
{
    app()->forgetScopedInstances();

    return postJson("/pots/{$pot->id}/events/batch", ['events' => $events]);
}

/** @return array<string, mixed> */
function tapAt(string $token, string $kind, int $step, int $at, string ...$more): array
{
    /** @var array<string, string> $more named */
    return ['token' => $token, 'kind' => $kind, 'step' => (string) $step, 'at' => (string) $at, ...$more];
}

it('keeps what a tablet held, each at its own time, once however often it is sent', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started();
    $at = $pot->started_at->getTimestampMs();
    travel(20)->minutes();
    $events = [
        tapAt('a', 'done', 0, $at + 60_000),
        tapAt('b', 'done', 1, $at + 360_000),
        tapAt('c', 'note', 2, $at + 400_000, text: 'butter was cold'),
    ];
    expect(fitsSchema((string) json_encode(['events' => $events]), 'pot-events-request'))->toBeTrue();
    batched($pot, $events)->assertOk()->assertJson(['kept' => ['a', 'b', 'c'], 'refused' => [], 'finished' => false]);
    batched($pot, [$events[2], $events[0]])->assertOk()->assertJson(['kept' => ['c', 'a']]);
    $course = $pot->course();
    expect(DB::table('pot_events')->count())->toBe(3)
        ->and($course->current)->toBe(2)
        ->and((int) $course->since()->format('Uv'))->toBe($at + 360_000)
        ->and(array_map(static fn(Noted $note): string => $note->text, $course->all(Noted::class)))->toBe(['butter was cold']);
});

it('puts late events in their place among those of another tablet', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started();
    $at = $pot->started_at->getTimestampMs();
    travel(20)->minutes();
    batched($pot, [tapAt('b1', 'done', 0, $at + 50_000), tapAt('b2', 'note', 1, $at + 90_000, text: 'second')]);
    batched($pot, [tapAt('a1', 'done', 0, $at + 60_000), tapAt('a2', 'note', 0, $at + 40_000, text: 'first')]);
    expect(array_map(fn($event): string => $event->id, $pot->course()->events))->toBe(['a2', 'b1', 'a1', 'b2'])
        ->and((int) $pot->course()->since()->format('Uv'))->toBe($at + 50_000);
});

it('holds a tablet’s moments within reason, and keeps the order when the server’s clock goes back', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started();
    $start = $pot->started_at->getTimestampMs();
    travel(10)->minutes();
    batched($pot, [tapAt('a', 'done', 0, 1), tapAt('b', 'done', 1, $start + 999_999_999)]);
    [$first, $second] = array_map(fn($event): int => (int) $event->at->format('Uv'), $pot->course()->events);
    expect($first)->toBe($start)->and($second)->toBe(CarbonImmutable::now()->getTimestampMs());
    travel(-1)->hours();
    // A page never gives a moment before the last one it has seen.
    get("/pots/{$pot->id}")->assertSee('data-last="' . $second . '"', false);
    batched($pot, [tapAt('c', 'done', 2, $second + 1)]);
    happens($pot, 'tended', ['choice' => 'stir']);
    expect($pot->course()->current)
        ->toBe(3)
        ->and(array_map(fn($event): string => $event->kind()->value, $pot->course()->events))
        ->toBe(['done', 'done', 'done', 'tended']);
});

it('keeps the good of a batch and says what is wrong with the rest, each at its field', function (): void {
    $pot = started();
    $answer = batched($pot, [
        tapAt('a', 'done', 0, 0),
        tapAt('b', 'read', 1, 0, choice: 'temperature', temperature: '-40'),
        tapAt('c', 'read', 1, 0, choice: 'depth', value: '9,999'),
        tapAt('d', 'read', 1, 0, choice: 'weight', weight: 'heavy'),
        tapAt('e', 'note', 1, 0, text: 'kept'),
    ])->assertOk();
    expect(fitsSchema((string) $answer->getContent(), 'pot-events-answer'))
        ->toBeTrue()
        ->and($answer->json('kept'))
        ->toBe(['a', 'e'])
        ->and($answer->json('refused.0'))
        ->toBe(['token' => 'b', 'faults' => [['field' => 'temperature', 'message' => 'Probe: write a number from 0 to 300 °C.']]])
        ->and($answer->json('refused.1.faults.0.message'))
        ->toBe('Dip-stick: write a number from 1 to 1000 mm.')
        ->and($answer->json('refused.2.faults.0.message'))
        ->toBe('Scale: write a number from 0.1 to 400 kg.')
        ->and(DB::table('pot_events')->count())
        ->toBe(2);
});

it('refuses a batch that is none', function (mixed $body): void {
    $pot = started();
    postJson("/pots/{$pot->id}/events/batch", row($body))->assertStatus(422)->assertJsonStructure(['message']);
})->with([[[]], [['events' => 'x']], [['events' => []]], [['events' => array_fill(0, 501, ['kind' => 'note'])]]]);

it('answers nonsense in a batch with its fault, never with 500', function (mixed $said): void {
    $pot = started();
    $answer = postJson("/pots/{$pot->id}/events/batch", ['events' => [$said]])->assertOk();
    expect($answer->json('kept'))->toBe([])->and($answer->json('refused.0.faults.0.message'))->toBeString()->not->toBe('');
})->with([
    'a word' => ['done'],
    'nothing' => [[]],
    'no kind of ours' => [['kind' => 'explode', 'token' => 'a', 'step' => '0']],
    'lists for words' => [['kind' => ['done'], 'token' => ['a'], 'step' => ['0']]],
    'no token' => [['kind' => 'done', 'step' => '0']],
    'a token too long' => [['kind' => 'done', 'step' => '0', 'token' => str_repeat('x', 65)]],
    'a step below none' => [['kind' => 'done', 'step' => '-1', 'token' => 'a']],
    'a visit of no kind' => [['kind' => 'tended', 'step' => '0', 'token' => 'a', 'choice' => 'sing']],
    'a heat of no kind' => [['kind' => 'heat', 'step' => '0', 'token' => 'a', 'choice' => '11']],
    'an instrument of no kind' => [['kind' => 'read', 'step' => '0', 'token' => 'a', 'choice' => 'nose', 'value' => '3']],
    'no number' => [['kind' => 'read', 'step' => '0', 'token' => 'a', 'choice' => 'depth']],
    'a spoon of no word' => [['kind' => 'read', 'step' => '0', 'token' => 'a', 'choice' => 'spoon', 'spoon' => 'sings']],
    'a line that neither' => [['kind' => 'read', 'step' => '0', 'token' => 'a', 'choice' => 'line', 'line' => 'maybe']],
    'a colour past burnt' => [['kind' => 'read', 'step' => '0', 'token' => 'a', 'choice' => 'colour', 'colour' => '9']],
    'a place not here' => [['kind' => 'moved', 'step' => '0', 'token' => 'a', 'choice' => 'the moon']],
    'nobody' => [['kind' => 'taken-over', 'step' => '0', 'token' => 'a', 'text' => ' ']],
    'no litres' => [['kind' => 'topped-up', 'step' => '0', 'token' => 'a', 'litres' => '0']],
    'too many litres' => [['kind' => 'topped-up', 'step' => '0', 'token' => 'a', 'litres' => '999']],
    'no means' => [['kind' => 'thickened', 'step' => '0', 'token' => 'a', 'choice' => 'gelatine', 'grams' => '9']],
    'no grams' => [['kind' => 'thickened', 'step' => '0', 'token' => 'a', 'choice' => 'slurry', 'grams' => 'some']],
    'too long' => [['kind' => 'more-time', 'step' => '0', 'token' => 'a', 'seconds' => '999999']],
    'nothing undone' => [['kind' => 'undone', 'step' => '0', 'token' => 'a']],
    'an empty note' => [['kind' => 'note', 'step' => '0', 'token' => 'a', 'text' => '']],
    'an endless note' => [['kind' => 'note', 'step' => '0', 'token' => 'a', 'text' => str_repeat('x', 501)]],
    'a taste of no kind' => [['kind' => 'tasted', 'step' => '0', 'token' => 'a', 'choice' => 'like summer']],
    'kept as none' => [['kind' => 'kept', 'step' => '0', 'token' => 'a', 'choice' => 'forever']],
]);

it('takes every kind of event from a form, and shows it', function (string $kind, array $fields, string $shown): void {
    $pot = started();
    cookUntil($pot, StepKind::Simmer);
    happens($pot, $kind, fields($fields))->assertRedirect("/pots/{$pot->id}")->assertSessionHasNoErrors();
    get("/pots/{$pot->id}")->assertOk()->assertSee($shown);
})->with([
    ['tended', ['choice' => 'stir'], 'stirred'],
    ['tended', ['choice' => 'skim'], 'skimmed'],
    ['heat', ['choice' => 'brisk'], 'heat to 3, brisk'],
    ['read', ['choice' => 'temperature', 'temperature' => '96,6'], 'probe 97 °C'],
    ['read', ['choice' => 'depth', 'value' => '44'], 'depth 44 mm'],
    ['read', ['choice' => 'weight', 'value' => '3.9'], 'weighed 3.90 kg'],
    ['read', ['choice' => 'spoon', 'spoon' => 'coats'], 'spoon: coats'],
    ['read', ['choice' => 'line', 'line' => 'runs'], 'finger line runs shut'],
    ['read', ['choice' => 'spread', 'value' => '150'], 'spread 150 mm'],
    ['read', ['choice' => 'funnel-10', 'value' => '12'], 'funnel 10 mm: 12 s'],
    ['read', ['choice' => 'colour', 'colour' => '1.00'], 'colour blond (1.0)'],
    ['tasted', ['choice' => 'raw-flour'], 'tasted: raw flour'],
    ['topped-up', ['litres' => '0.2'], 'topped up 0.20 l'],
    ['thickened', ['choice' => 'beurre-manie', 'grams' => '20'], '20 g flour as beurre manié'],
    ['moved', ['choice' => 'hot-well'], 'moved: Hot well'],
    ['taken-over', ['text' => 'Petra Lund'], 'Petra Lund has it'],
    ['more-time', ['seconds' => '300'], '5 min more'],
    ['note', ['text' => 'skinned over'], 'skinned over'],
    ['back', [], 'back from Simmer'],
    ['kept', ['choice' => 'held'], 'held hot'],
]);

it('takes a temperature in the kitchen’s degrees', function (): void {
    setting(['degrees' => 'f']);
    $pot = started();
    happens($pot, 'read', ['choice' => 'temperature', 'temperature' => '212'])->assertSessionHasNoErrors();
    happens($pot, 'read', ['choice' => 'temperature', 'temperature' => '600'])->assertSessionHasErrors([
        'temperature' => 'Probe: write a number from 32 to 572 °F.',
    ]);
    expect($pot->course()->all(ReadOff::class)[0]->reading->asTemperature()->inCelsius())->toEqualWithDelta(100.0, 0.01);
});

it('takes anything back with one tap, and the last one first', function (): void {
    $pot = started();
    happens($pot, 'done', ['token' => 'first']);
    happens($pot, 'note', ['token' => 'second', 'text' => 'a slip']);
    get("/pots/{$pot->id}")->assertSee('Undo')->assertSee('value="second"', false);
    happens($pot, 'undone', ['undoes' => 'second']);
    get("/pots/{$pot->id}")->assertDontSee('a slip')->assertSee('value="first"', false);
    happens($pot, 'undone', ['undoes' => 'first']);
    expect($pot->course()->current)->toBe(0)->and(DB::table('pot_events')->count())->toBe(4);
});

it('reopens a pot that was closed too soon', function (): void {
    $pot = started();
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '2', 'spoon' => 'coats', 'token' => 'closing']);
    $page = get("/log/{$pot->id}")->assertOk()->assertSee('Reopen it')->assertSee('value="closing"', false);
    happens($pot, 'undone', ['undoes' => 'closing'])->assertRedirect("/pots/{$pot->id}");
    expect($pot->refresh()->finished_at)->toBeNull()->and($pot->outcome)->toBeNull();
});

it('says how the kitchen’s line and clock are, and whether anything has happened', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-24 17:00:00.250 UTC'));
    $before = getJson('/pulse')->assertOk()->json();
    $pot = started();
    happens($pot, 'done');
    $after = getJson('/pulse')->json();
    expect($before)->toBe(['now' => 1795539600250, 'latest' => 0, 'pots' => 0, 'shelf' => 0, 'service' => ''])
        ->and(data_get($after, 'latest'))->toBeGreaterThan(0)->and(data_get($after, 'pots'))->toBe(1);
    get('/rail')->assertOk()->assertSee('Chicken velouté')->assertDontSee('<html', false);
});

it('foresees from what was read: the colour, the level, the test and the next move', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started('sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140&minutes=30');
    cookUntil($pot, StepKind::Colour);
    get("/pots/{$pot->id}")->assertSee('Take it off in about')->assertSee('yours now');
    happens($pot, 'read', ['choice' => 'colour', 'colour' => sprintf('%.2F', Shade::of(1.4)->value)]);
    get("/pots/{$pot->id}")->assertSee('Take it off now');
    happens($pot, 'undone', ['undoes' => (string) $pot->course()->undoable()?->id]);
    cookUntil($pot, StepKind::Boil);
    get("/pots/{$pot->id}")->assertSee('Judge nothing before it has boiled.')->assertDontSee('g/l');
    happens($pot, 'read', ['choice' => 'temperature', 'value' => '40']);
    get("/pots/{$pot->id}")->assertSee('Boils in about');
    cookUntil($pot, StepKind::Simmer);
    get("/pots/{$pot->id}")->assertSee('45 mm notch in about')->assertSee('Coating then');
    happens($pot, 'heat', ['choice' => 'boil']);
    travel(20)->minutes();
    get("/pots/{$pot->id}")->assertSee('At this rate it catches')->assertSee('At the 45 mm notch');
    happens($pot, 'undone', ['undoes' => (string) $pot->course()->undoable()?->id]);
    happens($pot, 'tended', ['choice' => 'stir']);
    travel(10)->minutes();
    cookUntil($pot, StepKind::Test);
    get("/pots/{$pot->id}")->assertSee('Tap the spoon that looks like yours.');
    happens($pot, 'read', ['choice' => 'spoon', 'spoon' => 'masks']);
    get("/pots/{$pot->id}")->assertSee('Pour in')->assertSee('hot chicken stock');
    happens($pot, 'done');
    $page = (string) get("/pots/{$pot->id}")->assertSee('Pour 0.')->getContent();
    preg_match('/name="litres" value="([\d.]+)"/', $page, $litres);
    happens($pot, 'topped-up', ['litres' => $litres[1] ?? '']);
    get("/pots/{$pot->id}")->assertSee('Right as it is');
});

it('passes over the correction where the test says right', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started();
    cookUntil($pot, StepKind::Simmer);
    travel(30)->minutes();
    happens($pot, 'done');
    happens($pot, 'read', ['choice' => 'spoon', 'spoon' => 'coats']);
    $season = $pot->plan->first(StepKind::Season)?->id;
    get("/pots/{$pot->id}")->assertSee('Right as it is')->assertSee('name="to" value="' . $season . '"', false);
    happens($pot, 'done', ['to' => $season]);
    expect($pot->course()->step()->kind)->toBe(StepKind::Season);
});

it('reckons salt for what is in the pot, and limits of what goes in last by the probe', function (): void {
    $pot = started('sauce=veloute&amount=2&diameter=240&height=140&finish=liaison');
    cookUntil($pot, StepKind::Season);
    get("/pots/{$pot->id}")->assertSee('that are in the pot')->assertSee('raw flour');
    cookUntil($pot, StepKind::Enrich);
    get("/pots/{$pot->id}")->assertSee('Probe it before egg yolk')->assertSee('In: ');
    happens($pot, 'read', ['choice' => 'temperature', 'value' => '99']);
    get("/pots/{$pot->id}")->assertSee('too hot for egg yolk');
    happens($pot, 'read', ['choice' => 'temperature', 'value' => '50']);
    get("/pots/{$pot->id}")->assertSee('too cool for egg yolk');
    happens($pot, 'read', ['choice' => 'temperature', 'value' => '80']);
    get("/pots/{$pot->id}")->assertSee('now, egg yolk');
});

it('offers to serve, to hold or to cool by the kitchen’s own guidance', function (): void {
    setting(['preset' => 'us-model-code']);
    $pot = started();
    cookUntil($pot, StepKind::Keep);
    get("/pots/{$pot->id}")
        ->assertSee('57 °C or hotter')
        ->assertSee('US model code, as guidance')
        ->assertSee('from 57 °C to 21 °C within 2 h');
    happens($pot, 'kept', ['choice' => 'cooled']);
    get("/pots/{$pot->id}")->assertSeeInOrder(['aria-pressed="true"', 'Cool it'], false);
});

it('writes down what came out by weight, where it went, and what to change', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started('sauce=veloute&amount=2&diameter=240&height=140&minutes=30&level=brisk');
    cookUntil($pot, StepKind::Simmer);
    travel(30)->minutes();
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', [
        'volume' => '1.7',
        'out_unit' => 'kg',
        'spoon' => 'veils',
        'colour' => 'blond',
        'taste' => 'thin',
        'change' => 'more flour',
        'hold' => '1',
        'cool' => '0,5',
    ])->assertRedirect("/log/{$pot->id}");
    $outcome = $pot->refresh()->outcome;
    expect($outcome['m3'] ?? 0)
        ->toBeLessThan(0.0017)
        ->toBeGreaterThan(0.00155)
        ->and($outcome['held_m3'] ?? 0)
        ->toEqual(0.001)
        ->and($outcome['cooled_m3'] ?? 0)
        ->toEqual(0.0005)
        ->and(data_get($outcome, 'next.flour_change', 0))
        ->toBeGreaterThan(0.02);
    get("/log/{$pot->id}")
        ->assertOk()
        ->assertSee('next time')
        ->assertSee('% more')
        ->assertSee('1.00 l held hot, 0.50 l cooled')
        ->assertSee('more flour');
});

it('refuses to keep more than came out', function (): void {
    $pot = started();
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '2', 'spoon' => 'coats', 'hold' => '1.5', 'cool' => '1'])
        ->assertSessionHasErrors(['cool' => 'Cooled: more than the 2 l that came out.'])
        ->assertSessionHasInput('hold', '1.5');
    happens($pot, 'finished', ['volume' => '2', 'spoon' => 'coats', 'hold' => '-1'])->assertSessionHasErrors('hold');
    happens($pot, 'finished', ['volume' => '2', 'spoon' => 'coats', 'taste' => str_repeat('x', 501)])->assertSessionHasErrors('taste');
    expect($pot->refresh()->finished_at)->toBeNull();
});

it('logs a pot without a sheet, with all that is done to it', function (): void {
    post('/pots/free', ['name' => 'Lobster shells'])->assertRedirect();
    $pot = Pot::query()->firstOrFail();
    get("/pots/{$pot->id}")->assertOk()->assertSee('Lobster shells')->assertSee('Write down what you do');
    happens($pot, 'read', ['choice' => 'temperature', 'value' => '88'])->assertSessionHasNoErrors();
    happens($pot, 'more-time', ['seconds' => '300']);
    get("/pots/{$pot->id}")->assertSee('probe 88 °C')->assertSee('role="timer"', false);
    happens($pot, 'done');
    get("/pots/{$pot->id}")->assertOk()->assertSee('How did it turn out?');
    happens($pot, 'finished', ['volume' => '1.2', 'spoon' => 'runs-off', 'taste' => 'sea'])->assertRedirect("/log/{$pot->id}");
    get("/log/{$pot->id}")->assertOk()->assertSee('no sheet')->assertSee('1.20 l, runs off')->assertSee('probe 88 °C');
    get('/log')->assertOk()->assertSee('Lobster shells');
    post('/pots/free', ['name' => str_repeat('x', 61)])->assertSessionHasErrors('name');
    // No form sends a list for a name: it is as if there were none.
    post('/pots/free', ['name' => ['a']])->assertSessionHasNoErrors();
    post('/pots/free')->assertRedirect();
});

it('hangs pots by what they call for next, each with its place and its cook', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started();
    happens($pot, 'moved', ['choice' => 'hob-1']);
    happens($pot, 'taken-over', ['text' => 'Ines Vark']);
    get('/log')->assertSee('Chicken velouté, hob 1')->assertSee('Ines Vark');
    cookUntil($pot, StepKind::Simmer);
    get('/log')->assertSee('stir it')->assertSee('data-calls="Chicken velouté: stir it"', false);
    travel(6)->minutes();
    happens($pot, 'tended', ['choice' => 'stir']);
    travel(5)->minutes();
    get('/log')->assertSee('data-calls="Chicken velouté: skim it"', false);
});

it('draws a kitchen of twenty pots and five thousand events with a handful of questions to the database', function (): void {
    $pots = array_map(static fn(): Pot => started(), range(1, 20));
    foreach ($pots as $i => $pot) {
        cookUntil($pot, StepKind::Simmer);
        $step = $pot->course()->step()->id;
        $at = $pot->started_at->getTimestampMs();
        $rows = array_map(
            static fn(int $n): array => [
                'galley_id' => $pot->galley_id,
                'pot_id' => $pot->id,
                'token' => "load-{$i}-{$n}",
                'kind' => EventKind::Tended->value,
                'step' => $step,
                'at_ms' => $at + $n,
                'version' => 2,
                'visit' => 'stir',
                'data' => '{"visit":"stir"}',
            ],
            range(1, 240),
        );
        DB::table('pot_events')->insert($rows);
    }
    expect(DB::table('pot_events')->count())->toBeGreaterThanOrEqual(5000);
    app()->forgetScopedInstances();
    // How long it takes is measured in docs/performance.md; here, that a page asks the database no more for more pots and more taps.
    DB::enableQueryLog();
    get("/pots/{$pots[7]->id}")->assertOk()->assertSee('Simmer');
    expect(count(DB::getQueryLog()))->toBeLessThan(24);
});

it('hangs a pot by its last visit that was not taken back', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started();
    cookUntil($pot, StepKind::Simmer);
    $other = started();
    cookUntil($other, StepKind::Simmer);
    $due = static fn(Pot $of): string => (string) $of->course()->nextCall()?->at->format('Uv');
    foreach ([$pot, $other] as $one) {
        travel(2)->minutes();
        happens($one, 'tended', ['choice' => 'stir']);
        travel(1)->minutes();
        happens($one, 'tended', ['choice' => 'stir', 'token' => "slip-{$one->id}"]);
    }
    get('/log')->assertSee('data-ends="' . $due($pot) . '"', false)->assertSee('data-ends="' . $due($other) . '"', false);
    $before = $due($pot);
    happens($pot, 'undone', ['undoes' => "slip-{$pot->id}"]);
    expect($due($pot))->toBeLessThan($before);
    get('/log')->assertSee('data-ends="' . $due($pot) . '"', false)->assertSee('data-ends="' . $due($other) . '"', false);
});

it('foresees a pot to its end whose question the kitchen can no longer answer', function (): void {
    $pot = started();
    cookUntil($pot, StepKind::Simmer);
    $pot->update(['question' => ['sauce' => 'veloute', 'amount' => '2', 'liquid' => 'own-stock-that-is-gone']]);
    app()->forgetScopedInstances();
    get("/pots/{$pot->id}")->assertOk()->assertSee('Simmer')->assertSee('mm notch');
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '2', 'spoon' => 'coats'])->assertRedirect("/log/{$pot->id}");
    get("/log/{$pot->id}")->assertOk()->assertSee('2.00 l, coats');
});
