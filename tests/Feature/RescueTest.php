<?php

declare(strict_types=1);

use App\Models\Pot;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\DB;
use Lento\Course\EventKind;
use Lento\Plan\StepKind;
use Lento\Rescue\Fault;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/taps.php';

/** A velouté at its test, half an hour simmered. */
function halfAnHourOn(): Pot
{
    travelTo(CarbonImmutable::now()->startOfSecond());
    $pot = started('sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140&minutes=30');
    cookUntil($pot, StepKind::Simmer);
    travel(30)->minutes();
    cookUntil($pot, StepKind::Test);

    return $pot;
}

it('asks which pot, or takes somebody’s', function (): void {
    $pot = started();
    get('/rescue')
        ->assertOk()
        ->assertSee('Which pot?')
        ->assertSee('Chicken velouté')
        ->assertSee("/rescue?pot={$pot->id}", false)
        ->assertSee('A sauce with no sheet');
    get('/rescue?sauce=espagnole&amount=3')
        ->assertOk()
        ->assertSee('What do you see?')
        ->assertSee('Too salty')
        ->assertSee('About Espagnole');
    get("/rescue?pot={$pot->id}")
        ->assertOk()
        ->assertSee('About Chicken velouté')
        ->assertSee('Black specks');
    get('/log')->assertSee('href="' . route('rescue') . '"', false);
    get("/pots/{$pot->id}")->assertSee("/rescue?pot={$pot->id}", false)->assertSee("/rescue/too-thick?pot={$pot->id}", false);
});

it('answers every fault of a pot, and of somebody’s sauce', function (Fault $fault): void {
    $pot = halfAnHourOn();
    foreach (["pot={$pot->id}", 'sauce=bechamel&amount=3'] as $query) {
        $page = (string) get("/rescue/{$fault->value}?{$query}")->assertOk()->getContent();
        expect(strip_tags($page))->not->toMatch('/\brescue\.[a-z]/')->not->toMatch('/\s:[a-z]/')->toContain('Why');
    }
})->with(Fault::cases());

it('does it: the pot has the amounts, its forecast changes, and the log keeps how it went', function (): void {
    $pot = halfAnHourOn();
    get("/rescue/too-thick?pot={$pot->id}")->assertOk()->assertSee('Pour in')->assertSee('hot chicken stock')->assertSee('Done: it is in');
    $before = (string) get("/pots/{$pot->id}")->getContent();
    post('/rescue/too-thick', ['pot' => (string) $pot->id, 'n' => '0', 'token' => 'one-tap'])->assertRedirect("/pots/{$pot->id}");
    post('/rescue/too-thick', ['pot' => (string) $pot->id, 'n' => '0', 'token' => 'one-tap']);
    expect(DB::table('pot_events')->where('kind', EventKind::Rescued->value)->count())->toBe(1);
    // A mark that stands for something else is refused and said.
    happens($pot, 'note', ['text' => 'x', 'token' => 'a-note']);
    post('/rescue/too-thick', ['pot' => (string) $pot->id, 'n' => '0', 'token' => 'a-note'])->assertSessionHasErrors('limit');
    expect(DB::table('pot_events')->where('kind', EventKind::Rescued->value)->count())->toBe(1);
    $after = (string) get("/pots/{$pot->id}")
        ->assertSee('too thick: thinned')
        ->assertSee('how did it go?')
        ->assertSee('Made it worse')
        ->getContent();
    expect($after)->not->toBe($before);
    happens($pot, 'followed-up', ['choice' => 'worked', 'rescue' => 'one-tap'])->assertSessionHasNoErrors();
    get("/pots/{$pot->id}")->assertSee('the rescue: worked')->assertDontSee('how did it go?');
    happens($pot, 'taken-off');
    get("/log/{$pot->id}")->assertSee('too thick: thinned')->assertSee('the rescue: worked');
});

it('gives what takes its time its time', function (): void {
    $pot = halfAnHourOn();
    post('/rescue/raw-flour', ['pot' => (string) $pot->id, 'n' => '0', 'token' => 'a'])->assertRedirect("/pots/{$pot->id}");
    expect($pot->course()->timerEnds())->not->toBeNull();
    get("/pots/{$pot->id}")->assertSee('role="timer"', false)->assertSee('raw flour: simmering on');
});

it('takes a rescue back like any tap', function (): void {
    $pot = halfAnHourOn();
    post('/rescue/too-thin', ['pot' => (string) $pot->id, 'n' => '0', 'token' => 'a']);
    happens($pot, 'undone', ['undoes' => 'a']);
    get("/pots/{$pot->id}")->assertDontSee('too thin: thickened')->assertDontSee('how did it go?');
});

it('offers the next remedy, and a new sheet for what is lost', function (): void {
    $pot = halfAnHourOn();
    get("/rescue/lumps?pot={$pot->id}")
        ->assertSee('Whisk hard')
        ->assertSee('Another way');
    get("/rescue/lumps?pot={$pot->id}&n=2")
        ->assertSee('Strain the lumps out')
        ->assertDontSee('Another way');
    get("/rescue/lumps?pot={$pot->id}&n=99")
        ->assertOk()
        ->assertSee('Strain the lumps out');
    get("/rescue/specks-burnt?pot={$pot->id}")
        ->assertSee('Throw it away and start again')
        ->assertSee('Never dilute what is burnt')
        ->assertSee('A new sheet')
        ->assertDontSee('Do it');
});

it('refuses nonsense without falling over', function (): void {
    get('/rescue/sings?pot=1')->assertNotFound();
    get('/rescue?pot=999')->assertOk()->assertSee('Which pot?');
    get('/rescue/too-thick?pot=999')->assertRedirect('/rescue');
    get('/rescue?sauce=veloute&amount=9999')->assertStatus(422)->assertSee('How much: write a number from 0.1 to 200 l.');
    get('/rescue?sauce=glue&amount=1')->assertStatus(422);
    post('/rescue/too-thick', ['pot' => 'x'])->assertRedirect('/rescue');
    $pot = started();
    happens($pot, 'rescued', ['choice' => 'too-thick:thin'])->assertSessionHasErrors('kind');
    happens($pot, 'followed-up', ['choice' => 'sang', 'rescue' => 'a'])->assertSessionHasErrors('follow');
    happens($pot, 'followed-up', ['choice' => 'worked'])->assertSessionHasErrors('rescue');
});

it('offers, where a pot is lost, the same sauce again in the time that is left', function (): void {
    travelTo(now()->startOfMinute());
    $pot = started('sauce=bechamel&amount=2&diameter=240&height=140');
    $wanted = now()->addMinutes((int) round($pot->plan->time()->inMinutes()))->format('H:i');
    get("/rescue/specks-burnt?pot={$pot->id}&n=9")
        ->assertOk()
        ->assertSee("wanted at {$wanted}")
        ->assertSee('/compose?sauce=bechamel', false)
        ->assertDontSee('instead of');
    travel(6)->minutes();
    app()->forgetScopedInstances();
    $page = get("/rescue/specks-burnt?pot={$pot->id}&n=9")->assertOk()->assertSee("wanted at {$wanted}")->assertSee('instead of');
    preg_match('/Simmered (\d+) min instead/', (string) $page->getContent(), $found);
    $page->assertSee('minutes=' . ($found[1] ?? '?'), false);
    travel(5)->hours();
    app()->forgetScopedInstances();
    get("/rescue/specks-burnt?pot={$pot->id}&n=9")
        ->assertOk()
        ->assertSee("It was wanted at {$wanted}");
    get('/rescue/specks-burnt?sauce=veloute&amount=3&n=9')
        ->assertOk()
        ->assertSee('The same sauce takes')
        ->assertSee('/compose?sauce=veloute', false);
});

it('rescues a derivative with no sheet by its own limits', function (): void {
    get('/rescue?sauce=allemande&amount=2&stage=finished')->assertOk()->assertSee('About Allemande');
    get('/rescue/too-thin?sauce=allemande&amount=2&stage=finished')->assertOk()->assertSee('apart, then whisk it in')->assertSee('82 °C');
    get('/rescue?sauce=allemande&amount=lots')->assertStatus(422)->assertSee('write a number from 0.1 to 200 l');
    get('/rescue')->assertOk()->assertSee('Mornay, two cheeses');
});
