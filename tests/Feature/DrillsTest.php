<?php

declare(strict_types=1);

use App\Eye\EyeAtTheStove;
use App\Models\DrillCard;
use App\Models\Exercise;
use App\Models\EyeReading;
use App\Models\EyeWish;
use App\Models\Pot;
use App\Models\Practice;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Exceptions;
use Lento\Course\Happened\ReadOff;
use Lento\Course\ReadingKind;
use Lento\Drill\DrillKind;
use Lento\Drill\LeitnerBox;
use Lento\Eye\EyeKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\postJson;

require_once __DIR__ . '/People/people.php';

/** @return array{kind: string, seed: string, sauce: string} */
function askedDrill(string $kind, int $seed = 77): array
{
    return ['kind' => $kind, 'seed' => (string) $seed, 'sauce' => 'veloute'];
}

it('asks each kind, of the kitchen’s own sauces and pans, and tells the trick after', function (DrillKind $kind): void {
    $asked = askedDrill($kind->value);
    $page = get('/practice/drills?' . http_build_query($asked))->assertOk()->assertSee(__('practice.drill.kinds.' . $kind->value));
    expect((string) $page->getContent())->not->toContain('practice.drill.');
    $to = (string) post('/practice/drills', [...$asked, 'answer' => '1'])->assertRedirect()->headers->get('Location');
    $told = (string) get($to)->assertOk()->getContent();
    expect($told)->toContain('You said')->toContain('It comes back in')->not->toContain('practice.drill.');
})->with(DrillKind::cases());

it('brings back later what was known, and within the hour what was not', function (): void {
    CarbonImmutable::setTestNow('2026-11-29 10:00:00');
    // Shade 77 is nearest to 1, the third on the strip.
    post('/practice/drills', [...askedDrill('shade'), 'answer' => '2'])->assertRedirect();
    $card = DrillCard::query()->sole();
    expect([$card->box, $card->times])->toBe([1, 1])
        ->and($card->due_at_ms)->toBe(CarbonImmutable::now()->addDay()->getTimestampMs());
    post('/practice/drills', [...askedDrill('shade'), 'answer' => '7'])->assertRedirect();
    expect($card->refresh()->box)->toBe(0)
        ->and($card->due_at_ms)->toBe(CarbonImmutable::now()->getTimestampMs() + (int) (1000 * LeitnerBox::of(0)->waits()->seconds));
    // Those never asked come first, then the one that is due.
    foreach (DrillKind::cases() as $kind) {
        $card = ['cook_key' => 'visitor', 'card' => $kind->value . ':'];
        DrillCard::query()->updateOrCreate($card, ['box' => 3, 'due_at_ms' => PHP_INT_MAX]);
    }
    DrillCard::query()->where('card', 'notch:')->update(['due_at_ms' => 1]);
    get('/practice/drills')->assertOk()->assertSee('When is it at the notch?')->assertSee('One is due');
});

it('takes no answer for one that is none, and nothing is written down', function (array $more, string $field): void {
    post('/practice/drills', [...askedDrill('head', 3), ...$more])->assertSessionHasErrors($field);
    expect(DrillCard::query()->count())->toBe(0);
})->with([
    [['answer' => 'lots'], 'answer'], [['answer' => '-4'], 'answer'], [[], 'answer'], [['answer' => '1e99'], 'answer'],
    [['kind' => 'juggling', 'answer' => '1'], 'kind'], [['seed' => '0', 'answer' => '1'], 'seed'],
]);

it('writes an answer down once, however often its form is sent', function (): void {
    $form = [...askedDrill('shade'), 'answer' => '2', 'once' => 'the-very-mark'];
    post('/practice/drills', $form);
    post('/practice/drills', $form)->assertRedirect();
    expect(EyeReading::query()->count())->toBe(1);
});

it('shows a cook their eye, says nothing too early, and forgets it', function (): void {
    get('/practice/eye')->assertOk()->assertSee('no reading yet');
    foreach ([1.4, 1.2, 1.3, 1.3, 1.25, 1.35] as $called) {
        EyeReading::query()->create(['cook_key' => 'visitor', 'kind' => EyeKind::Shade, 'called' => $called, 'actual' => 1.0]);
    }
    get('/practice/eye')->assertSee('You call a shade 0.3 too dark')->assertSee('6 readings');
    post('/practice/eye/forget')->assertRedirect();
    expect(EyeReading::query()->count())->toBe(0);
    get('/practice/eye')->assertSee('It is forgotten.')->assertSee('no reading yet');
});

it('uses an eye at the stove only with its cook’s leave, and only one that is known', function (): void {
    for ($i = 0; $i < 6; $i++) {
        EyeReading::query()->create(['cook_key' => 'visitor', 'kind' => EyeKind::Shade, 'called' => 2.0 + 0.9 * ($i % 2), 'actual' => 2.0]);
    }
    expect(EyeAtTheStove::error(ReadingKind::Colour))->toBeNull();
    post('/practice/eye', ['at_the_stove' => '1'])->assertRedirect();
    expect(EyeAtTheStove::error(ReadingKind::Colour))->toBeGreaterThan(0.4)
        ->and(EyeAtTheStove::error(ReadingKind::Spoon))->toBeNull()
        ->and(EyeAtTheStove::error(ReadingKind::Temperature))->toBeNull();
    post('/practice/eye', [])->assertRedirect();
    expect(EyeAtTheStove::error(ReadingKind::Colour))->toBeNull();
});

it('writes the error of the eye beside the reading, and the pot believes it as much', function (): void {
    $kept = static function (bool $leave): ?float {
        EyeWish::query()->updateOrCreate(['cook_key' => 'visitor'], ['at_the_stove' => $leave]);
        post('/pots', ['question' => 'sauce=veloute&amount=2&diameter=240&height=140'])->assertRedirect();
        $pot = Pot::query()->latest('id')->firstOrFail();
        $began = $pot->started_at->getTimestampMs();
        $mark = $leave ? 'with' : 'without';
        $events = [];
        foreach (['melt', 'flour'] as $i => $step) {
            $events[] = ['token' => "$mark-$i", 'kind' => 'done', 'step' => $step, 'at' => (string) ($began + 60_000 * $i)];
        }
        $read = ['token' => "$mark-read", 'kind' => 'read', 'step' => 'colour', 'choice' => 'colour', 'colour' => '1.0'];
        postJson("/pots/{$pot->id}/events/batch", ['events' => [...$events, [...$read, 'at' => (string) ($began + 240_000)]]])->assertOk();
        foreach ($pot->course()->events as $event) {
            if ($event instanceof ReadOff) {
                return $event->reading->error;
            }
        }

        throw new RuntimeException('it was not read');
    };
    for ($i = 0; $i < 6; $i++) {
        EyeReading::query()->create(['cook_key' => 'visitor', 'kind' => EyeKind::Shade, 'called' => 2.0 + 0.9 * ($i % 2), 'actual' => 2.0]);
    }
    expect($kept(false))->toBeNull()->and($kept(true))->toBeGreaterThan(0.4);
});

it('lets a chef see only the eyes that were lent', function (): void {
    EyeReading::query()->create(['cook_key' => 'm7', 'kind' => EyeKind::Spoon, 'called' => 58.0, 'actual' => 43.0]);
    EyeWish::query()->create(['cook_key' => 'm7', 'cook' => 'Petra Lund', 'shown_to_chef' => false]);
    get('/practice/eye')->assertDontSee('Petra Lund');
    EyeWish::query()->update(['shown_to_chef' => true]);
    get('/practice/eye')->assertSee('Petra Lund')->assertSee('Who lets you see');
});

it('sets the same pot for everybody, by a link and its QR code, and tells who has done what', function (): void {
    $fields = ['title' => 'Blond, never brown', 'sauce' => 'veloute', 'litres' => '2', 'difficulty' => 'strange', 'seed' => '4117'];
    post('/practice/exercises', $fields)->assertRedirect();
    $exercise = Exercise::query()->sole();
    get("/practice/exercises/{$exercise->id}")->assertOk()->assertSee('Blond, never brown')->assertSee('class="qr"', false)
        ->assertSee('Nobody yet');
    post("/practice/exercises/{$exercise->id}")->assertRedirect();
    post("/practice/exercises/{$exercise->id}")->assertRedirect();
    [$one, $two] = Practice::query()->orderBy('id')->get()->all();
    expect($one->quirks)->toHaveCount(2)->toBe($two->quirks)->and($one->helped)->toBeFalse();
    post("/practice/{$one->id}/finish");
    get("/practice/exercises/{$exercise->id}")->assertSee('did not come out')->assertSee('on it');
    $csv = (string) get('/practice/exercises.csv')->assertOk()->getContent();
    expect(explode("\r\n", trim($csv)))->toHaveCount(3)
        ->and($csv)->toStartWith('exercise,seed,cook,')
        ->and($csv)->toContain('"Blond, never brown",4117,');
    get('/practice')->assertSee('Set by the chef')->assertSee('Blond, never brown');
    get('/practice/exercises')->assertSee('twice', false)->assertSee('certifies nothing');
});

it('refuses an exercise that is none, at its field', function (array $more, string $field): void {
    Exceptions::fake();
    $fields = ['title' => 'A', 'sauce' => 'veloute', 'litres' => '2', 'difficulty' => 'own', ...$more];
    post('/practice/exercises', $fields)->assertSessionHasErrors($field);
    expect(Exercise::query()->count())->toBe(0);
    Exceptions::assertNothingReported();
})->with([
    [['title' => ''], 'title'], [['title' => str_repeat('a', 61)], 'title'], [['sauce' => 'ketchup'], 'sauce'],
    [['litres' => 'much'], 'litres'], [['difficulty' => 'hellish'], 'difficulty'], [['seed' => '-1'], 'seed'],
]);
