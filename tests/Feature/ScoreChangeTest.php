<?php

declare(strict_types=1);

use App\Kitchen\Kitchen;
use App\Models\Score;
use App\Models\Service;
use App\Score\KeepScore;
use App\Score\ServiceScore;
use Carbon\CarbonImmutable;
use Illuminate\Http\Response;
use Illuminate\Testing\TestResponse;
use Lento\Plan\StepKind;
use Lento\Score\Answer;
use Lento\Score\Begun;
use Lento\Score\Change;
use Lento\Score\ChangeKind;
use Lento\Score\Check;
use Lento\Score\Instance;
use Lento\Score\Placed;
use Lento\Score\Solution;
use Lento\Score\Task;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/services.php';
require_once __DIR__ . '/taps.php';
require_once __DIR__ . '/scores.php';

beforeEach(function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 09:00'));
    twoCooks();
});

/** The plan that is kept, held against the service as it is changed. */
function keptPlan(Service $service): Solution
{
    app()->forgetScopedInstances();
    $score = ServiceScore::of($service, app(Kitchen::class), CarbonImmutable::now());
    $shown = (new KeepScore())->shown($score);
    expect($shown->answer)->toBeInstanceOf(Answer::class);
    $solution = $shown->answer instanceof Answer ? $shown->answer->solution : throw new LogicException('no plan');
    expect($score->instance instanceof Instance ? Check::of($score->instance, $solution) : ['none'])->toBe([]);

    return $solution;
}

/**
 * @param array<string, mixed> $said
 *
 * @return TestResponse<Response>
 */
function say(Service $service, array $said): TestResponse
{
    return post(route('score.say', $service), $said);
}

it('moves a thing to the time that was typed, says what it costs, and takes it back', function (): void {
    $service = toBeScored();
    post(route('score.better', $service));
    $was = keptPlan($service);
    $at = $was->tasks['bechamel@whole-milk/roux']->start;
    $to = CarbonImmutable::today()->addMinutes($at - 25)->format('H:i');
    get(route('score', [$service, 'note' => 'bechamel@whole-milk/roux']))->assertSee('Béchamel, roux')
        ->assertSee('no sauce is later for it')->assertSee('5 min sooner')->assertDontSee('is served at');
    get(route('score', [$service, 'note' => 'mornay@whole-milk/finish']))->assertSee('Mornay, two cheeses is served at');
    say($service, ['kind' => 'start', 'of' => 'bechamel@whole-milk/roux', 'at' => $to])->assertRedirect(route('score', $service));
    expect(keptPlan($service)->tasks['bechamel@whole-milk/roux']->start)->toBe($at - 25);
    get(route('score', $service))->assertSee('Changed by hand')->assertSee("Béchamel, roux at {$to}")->assertSee('Undo');
    $said = Score::query()->sole()->changes ?? [];
    expect($said[0]['cost'])->not->toBe([])
        ->and(KeepScore::left(ServiceScore::of($service, app(Kitchen::class), now()->toImmutable())))->toBe(0);
    post(route('score.unsay', $service));
    expect(keptPlan($service))->toEqual($was)->and(Score::query()->sole()->changes ?? [])->toBe([]);
    get(route('score', $service))->assertDontSee('Changed by hand');
});

it('gives it to another cook, puts it on another ring, and serves a sauce later', function (): void {
    $service = toBeScored();
    $was = keptPlan($service);
    $who = $was->tasks['bechamel@whole-milk/roux']->cook;
    $other = $who === 'Ines Vark' ? 'Petra Lund' : 'Ines Vark';
    $ring = $was->rings['bechamel@whole-milk:ring'] === 'hob-1' ? 'hob-2' : 'hob-1';
    get(route('score', [$service, 'note' => 'bechamel@whole-milk/roux']))->assertSee("{$other} does it")
        ->assertSee($ring === 'hob-1' ? 'On Hob 1' : 'On Hob 2');
    say($service, ['kind' => 'cook', 'of' => 'bechamel@whole-milk/roux', 'to' => $other])->assertRedirect();
    say($service, ['kind' => 'ring', 'of' => 'bechamel@whole-milk:ring', 'to' => $ring])->assertRedirect();
    say($service, ['kind' => 'serve', 'of' => 'aurore@chicken-stock', 'at' => '20:00'])->assertRedirect();
    $plan = keptPlan($service);
    expect($plan->tasks['bechamel@whole-milk/roux']->cook)->toBe($other)
        ->and($plan->rings['bechamel@whole-milk:ring'])->toBe($ring);
    get(route('score', $service))->assertSee('served by 20:00')->assertSee('2 more')->assertSee('Let go')
        ->assertSee("Béchamel, roux by {$other}");
    // The middle one is let go, the others stay.
    post(route('score.unsay', $service), ['place' => '1']);
    $kinds = array_column(Score::query()->sole()->changes ?? [], 'kind');
    expect($kinds)->toBe(['cook', 'serve'])->and(keptPlan($service)->tasks['bechamel@whole-milk/roux']->cook)->toBe($other);
    post(route('score.unsay', $service), ['place' => '7'])->assertRedirect();
    expect(array_column(Score::query()->sole()->changes ?? [], 'kind'))->toBe(['cook', 'serve']);
});

it('does not begin a thing before it is wanted', function (): void {
    $service = toBeScored();
    $at = keptPlan($service)->tasks['mornay@whole-milk/ladle']->start;
    say($service, ['kind' => 'not-before', 'of' => 'mornay@whole-milk/ladle',
        'at' => CarbonImmutable::today()->addMinutes($at + 4)->format('H:i')])->assertRedirect();
    expect(keptPlan($service)->tasks['mornay@whole-milk/ladle']->start)->toBeGreaterThanOrEqual($at + 4);
});

it('refuses what cannot be, says which rules collide, and keeps what was typed', function (): void {
    $service = toBeScored();
    keptPlan($service);
    // A béchamel from eleven would stand until half past seven.
    say($service, ['kind' => 'start', 'of' => 'bechamel@whole-milk/roux', 'at' => '11:00', 'note' => 'bechamel@whole-milk/roux'])
        ->assertStatus(422)->assertSee('It cannot be')->assertSee('is set to 11:00')->assertSee('value="11:00"', false);
    expect(Score::query()->count())->toBe(0);
});

it('names what is wrong with what was typed', function (array $said, string $says): void {
    /** @var array<string, mixed> $said */
    $service = toBeScored();
    say($service, $said)->assertStatus(422)->assertSee($says);
    expect(Score::query()->count())->toBe(0);
})->with([
    'no time' => [['kind' => 'start', 'of' => 'bechamel@whole-milk/roux', 'at' => ''], 'from now on, 09:00 or later'],
    'nonsense' => [['kind' => 'start', 'of' => 'bechamel@whole-milk/roux', 'at' => 'soon'], 'write a time as 19:30'],
    'gone by' => [['kind' => 'not-before', 'of' => 'bechamel@whole-milk/roux', 'at' => '08:59'], 'from now on, 09:00 or later'],
    'nothing there' => [['kind' => 'start', 'of' => 'hunters/roux', 'at' => '18:00'], 'no longer part of this service'],
    'nobody there' => [['kind' => 'cook', 'of' => 'bechamel@whole-milk/roux', 'to' => 'Ole'], 'no longer part of this service'],
    'no ring' => [['kind' => 'ring', 'of' => 'bechamel@whole-milk:ring', 'to' => 'ring-9'], 'no longer part of this service'],
    'no kind' => [['kind' => 'eat', 'of' => 'bechamel@whole-milk/roux'], 'no longer part of this service'],
    'lists' => [['kind' => ['start'], 'of' => ['x'], 'at' => ['y']], 'no longer part of this service'],
    'no changes' => [['changes' => []], 'no longer part of this service'],
    'odd changes' => [['changes' => ['x', ['kind' => 'serve']]], 'no longer part of this service'],
    'backwards' => [['kind' => 'fails', 'of' => 'away Petra Lund', 'at' => '18:00', 'until' => '17:00'], 'Until must be later than 18:00'],
]);

it('plans without a cook who goes and a ring that fails', function (): void {
    $service = toBeScored();
    keptPlan($service);
    say($service, ['kind' => 'fails', 'of' => 'away Petra Lund'])->assertRedirect();
    say($service, ['kind' => 'fails', 'of' => 'out hob-2', 'at' => '12:00', 'until' => '21:00'])->assertRedirect();
    $plan = keptPlan($service);
    $cooks = array_unique(array_filter(array_map(static fn($one): ?string => $one->cook, $plan->tasks)));
    expect(array_values($cooks))->toBe(['Ines Vark'])->and(array_unique(array_values($plan->rings)))->toBe(['hob-1']);
    get(route('score', $service))->assertSee('Hob 2 out from 12:00 to 21:00')->assertSee('Petra Lund gone from 09:00');
});

it('keeps what is so even where there is no plan with it', function (): void {
    $service = toBeScored();
    keptPlan($service);
    say($service, ['kind' => 'fails', 'of' => 'away Petra Lund'])->assertRedirect();
    say($service, ['kind' => 'fails', 'of' => 'away Ines Vark'])->assertRedirect();
    get(route('score', $service))->assertOk()->assertSee('There is no such plan')->assertSee('Ines Vark gone from 09:00');
    post(route('score.unsay', $service));
    expect(keptPlan($service)->tasks['bechamel@whole-milk/roux']->cook)->toBe('Ines Vark');
});

it('offers what can be done when it is late, and does it', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 18:50'));
    $service = toBeScored();
    for ($round = 0; $round < KeepScore::ROUNDS; $round++) {
        post(route('score.better', $service));
    }
    get(route('score', $service))->assertSee('What can be done?');
    $page = get(route('score', [$service, 'offers' => 1]))->assertSee('What can be done')->assertSee('Do that')->assertSee('best');
    preg_match_all('/name="changes\[(\d)\]\[(\w+)\]" value="([^"]*)"/', (string) $page->getContent(), $fields, PREG_SET_ORDER);
    $changes = [];
    foreach ($fields as [, $k, $name, $value]) {
        if (isset($changes[$k][$name])) {
            break;
        }
        $changes[$k][$name] = html_entity_decode($value);
    }
    expect($changes)->not->toBe([]);
    say($service, ['changes' => $changes])->assertRedirect();
    get(route('score', $service))->assertSee('Changed by hand')->assertDontSee('whatever the order');
});

it('shows what moves when somebody goes while pots are on, before it is taken', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 16:00'));
    $service = toBeScored();
    for ($round = 0; $round < KeepScore::ROUNDS; $round++) {
        post(route('score.better', $service));
    }
    post(route('services.cook', $service), ['branch' => 'veloute@chicken-stock'])->assertRedirect();
    post(route('score.take', $service));
    $told = Score::query()->sole()->solution;
    say($service, ['kind' => 'fails', 'of' => 'away Petra Lund', 'at' => '17:00'])->assertRedirect();
    expect(Score::query()->sole()->solution)->toBe($told);
    get(route('score', $service))->assertSee('Petra Lund gone from 17:00')->assertSee('Take it over');
    post(route('score.take', $service));
    expect(Score::query()->sole()->solution)->not->toBe($told)
        ->and(Score::query()->sole()->changes ?? [])->toHaveCount(1);
});

it('keeps what was said when the service changes, as far as it is still there', function (): void {
    $service = toBeScored();
    say($service, ['kind' => 'serve', 'of' => 'mornay@whole-milk', 'at' => '20:00']);
    $service->update(['fields' => ['name' => 'Supper', 'at' => '19:30', 'wishes' => [['sauce' => 'mornay', 'litres' => '2']]]]);
    get(route('score', $service))->assertSee('served by 20:00');
    $service->update(['fields' => ['name' => 'Supper', 'at' => '19:30', 'wishes' => [['sauce' => 'aurore', 'litres' => '2']]]]);
    get(route('score', $service))->assertOk()->assertSee('served by 19:30');
    expect(ServiceScore::of($service, app(Kitchen::class), CarbonImmutable::now())->said)->toHaveCount(1);
});

it('has nothing to drag of what has begun, and says so', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 16:00'));
    $service = toBeScored();
    post(route('score.better', $service));
    post(route('services.cook', $service), ['branch' => 'veloute@chicken-stock']);
    $first = array_values(array_filter(
        ServiceScore::of($service, app(Kitchen::class), CarbonImmutable::now())->now([])->work->tasks ?? [],
        static fn(Task $one): bool => $one->isFixed(),
    ))[0];
    get(route('score', [$service, 'note' => $first->id]))->assertSee('it stands where it stands')->assertDontSee('Move it there');
});

it('says on every page who does what next, and whose a call is', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 17:20'));
    $service = toBeScored();
    get('/rail')->assertDontSee('next-hand', false);
    for ($round = 0; $round < KeepScore::ROUNDS; $round++) {
        post(route('score.better', $service));
    }
    $plan = keptPlan($service);
    $crewed = array_filter($plan->tasks, static fn(Placed $one): bool => $one->cook !== null);
    uasort($crewed, static fn(Placed $a, Placed $b): int => $a->start <=> $b->start);
    $first = array_values($crewed)[0];
    $clock = static fn(int $minute): string => CarbonImmutable::today()->addMinutes($minute)->format('H:i');
    get('/rail')->assertSeeInOrder(['next-hand', (string) $first->cook, $clock($first->start)], false);
    $branch = explode('/', array_keys($crewed)[0])[0];
    post(route('services.cook', $service), ['branch' => $branch, 'score' => '1'])->assertRedirect();
    // Its ticket says whose it is by the score.
    app()->forgetScopedInstances();
    get('/rail')->assertSee("· {$first->cook}");
    // Long after the service nothing of it is said.
    travelTo(CarbonImmutable::parse('2026-11-29 09:00'));
    app()->forgetScopedInstances();
    get('/rail')->assertDontSee('next-hand', false);
});

it('tells the cooks of a service whose pots were put on elsewhere', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 16:00'));
    $service = toBeScored();
    post(route('services.cook', $service), ['branch' => 'veloute@chicken-stock'])->assertRedirect();
    get(route('score', $service))->assertSee('Tell the cooks');
    post(route('score.take', $service))->assertRedirect();
    get(route('score', $service))->assertDontSee('Tell the cooks')->assertSee('lento:happened from:document', false);
});

it('says afterwards how it went beside the plan, by sauce and by cook', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 17:00'));
    $service = toBeScored([['sauce' => 'bechamel', 'litres' => '2']]);
    for ($round = 0; $round < KeepScore::ROUNDS; $round++) {
        post(route('score.better', $service));
    }
    $told = keptPlan($service);
    post(route('services.cook', $service), ['branch' => 'bechamel@whole-milk', 'score' => '1'])->assertRedirect();
    get(route('score', $service))->assertDontSee('How it went');
    $pot = branchPot($service, 'bechamel@whole-milk');
    cookUntil($pot, StepKind::Pour);
    // The pour takes eleven minutes more than it was to.
    travelTo(CarbonImmutable::now()->addMinutes(15));
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['litres' => '2', 'spoon' => 'coats', 'held' => '2', 'cooled' => '0']);
    $ready = CarbonImmutable::today()->addMinutes($told->tasks['bechamel@whole-milk/finish']->start);
    get(route('score', $service))->assertSee('How it went')->assertSee('Took longer')->assertSee('Béchamel, pour, whisk')
        ->assertSee($ready->format('H:'))->assertSee('Hands full');
});

it('shows a kitchen with far too much to do what would stand too long, and not nothing', function (): void {
    $all = ['bechamel', 'aurore', 'mornay', 'mushroom-shallot', 'onion-gravy', 'hunters', 'allemande', 'supreme', 'tomato', 'soubise'];
    $service = toBeScored(array_map(static fn(string $sauce): array => ['sauce' => $sauce, 'litres' => '1'], $all), '22:00');
    get(route('score', $service))->assertOk()->assertSee('<svg class="score"', false)->assertSee('would stand hot for');
    post(route('score.better', $service))->assertRedirect();
    $kept = Score::query()->sole();
    expect($kept->solution)->not->toBeNull()->and($kept->rounds)->toBe(1);
    get(route('score', $service))->assertOk()->assertSee('would stand hot for')->assertDontSee('There is no such plan');
});

it('goes by what was read of a pot, and not by its timer', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 17:00'));
    $service = toBeScored([['sauce' => 'bechamel', 'litres' => '3']]);
    post(route('services.cook', $service), ['branch' => 'bechamel@whole-milk'])->assertRedirect();
    $pot = branchPot($service, 'bechamel@whole-milk');
    cookUntil($pot, StepKind::Boil);
    $minutes = function () use ($service): int {
        app()->forgetScopedInstances();
        $begun = ServiceScore::of($service, app(Kitchen::class), CarbonImmutable::now())->progress->begun ?? [];

        return array_values(array_filter($begun, static fn(Begun $one): bool => $one->task === 'bechamel@whole-milk/boil'))[0]->minutes;
    };
    travelTo(CarbonImmutable::now()->addMinutes(4));
    $byTheTimer = $minutes();
    happens($pot, 'read', ['choice' => 'temperature', 'value' => '96']);
    $hot = $minutes();
    expect($hot)->toBeLessThan($byTheTimer)->toBeGreaterThanOrEqual(5);
});

it('never writes over what somebody said while a plan was looked for', function (): void {
    $service = toBeScored();
    $score = static function () use ($service): ServiceScore {
        app()->forgetScopedInstances();

        return ServiceScore::of($service, app(Kitchen::class), CarbonImmutable::now());
    };
    $slow = $score();
    say($service, ['kind' => 'serve', 'of' => 'mornay@whole-milk', 'at' => '20:00'])->assertRedirect();
    $said = Score::query()->sole()->changes;
    $keep = new KeepScore();
    $keep->better($slow);
    expect(Score::query()->sole()->changes)->toBe($said)
        ->and($keep->say($slow, [new Change(ChangeKind::Serve, 'aurore@chicken-stock', 1190)], 'Petra Lund'))->toBeNull()
        ->and(Score::query()->sole()->changes)->toBe($said)
        ->and($keep->say($score(), [new Change(ChangeKind::Serve, 'aurore@chicken-stock', 1190)], 'Petra Lund'))->toBe([])
        ->and(Score::query()->sole()->changes ?? [])->toHaveCount(2);
});

it('asks whoever says the same thing as somebody else meanwhile, and takes it the second time', function (): void {
    $service = toBeScored();
    keptPlan($service);
    $of = 'bechamel@whole-milk/roux';
    $saw = static function (TestResponse $page): string {
        preg_match('/name="saw" value="([^"]*)"/', (string) $page->getContent(), $found);

        return $found[1] ?? throw new LogicException('the page does not say what it saw');
    };
    $drawn = $saw(get(route('score', [$service, 'note' => $of]))->assertOk());
    say($service, ['kind' => 'not-before', 'of' => $of, 'at' => '17:00', 'saw' => $drawn])->assertRedirect();
    // Of something else nobody has said anything: that goes through, though the page is older.
    say($service, ['kind' => 'serve', 'of' => 'mornay@whole-milk', 'at' => '19:40', 'saw' => $drawn])->assertRedirect();
    $second = say($service, ['kind' => 'not-before', 'of' => $of, 'at' => '17:10', 'saw' => $drawn])->assertStatus(422)
        ->assertSee('has just said');
    expect(array_column(Score::query()->sole()->changes ?? [], 'at'))->not->toContain(17 * 60 + 10);
    say($service, ['kind' => 'not-before', 'of' => $of, 'at' => '17:10', 'saw' => $saw($second)])->assertRedirect();
});

it('takes back what was meant, and not what stands in its place by now', function (): void {
    $service = toBeScored();
    keptPlan($service);
    $of = 'bechamel@whole-milk/roux';
    say($service, ['kind' => 'not-before', 'of' => $of, 'at' => '17:00'])->assertRedirect();
    post(route('score.unsay', $service), ['place' => '0', 'mark' => 'somebodys'])->assertStatus(422)->assertSee('meanwhile');
    expect(Score::query()->sole()->changes)->toHaveCount(1);
    preg_match('/name="mark" value="([^"]+)"/', (string) get(route('score', $service))->getContent(), $mark);
    post(route('score.unsay', $service), ['place' => '0', 'mark' => $mark[1] ?? ''])->assertRedirect();
    expect(Score::query()->sole()->changes)->toHaveCount(0);
});
