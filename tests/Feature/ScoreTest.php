<?php

declare(strict_types=1);

use App\Formats\Json;
use App\Formats\ScoreJson;
use App\Kitchen\Kitchen;
use App\Models\Score;
use App\Models\Service;
use App\Score\KeepScore;
use App\Score\ServiceDay;
use App\Score\ServiceScore;
use App\Typed\Schema;
use Carbon\CarbonImmutable;
use Lento\Plan\StepKind;
use Lento\Score\Solution;
use Lento\Score\TaskState;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travelTo;

use Sabre\VObject\Reader;

require_once __DIR__ . '/services.php';
require_once __DIR__ . '/taps.php';
require_once __DIR__ . '/scores.php';

beforeEach(function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 09:00'));
});

it('draws a service as a score, and lists who does what when', function (): void {
    $service = toBeScored();
    $page = get(route('score', $service))->assertOk();
    $page->assertSee('Supper')->assertSee('served by 19:30')->assertSee('As a list')->assertSee('let down')
        ->assertSee('<svg class="score"', false)->assertSee('For Cook')->assertSee('Two rings are assumed')
        ->assertSee('The list below says the same in words.');
    // Looking at it writes nothing down.
    expect(Score::query()->count())->toBe(0);
});

it('is found from any page by its key, and shows the last service', function (): void {
    get(route('score.last'))->assertOk()->assertSee('Begin one in Family');
    $service = toBeScored();
    get(route('score.last'))->assertRedirect(route('score', $service));
    get(route('score', $service))->assertSee('data-key="s"', false);
});

it('looks further round by round, keeps what it found, and comes to an end', function (): void {
    $service = toBeScored();
    for ($round = 1; $round <= KeepScore::ROUNDS; $round++) {
        post(route('score.better', $service))->assertRedirect(route('score', $service));
        $kept = Score::query()->firstOrFail();
        expect($kept->rounds)->toBeGreaterThanOrEqual($round)->toBeLessThanOrEqual(KeepScore::ROUNDS);
        if ($kept->rounds === KeepScore::ROUNDS) {
            break;
        }
    }
    expect(Score::query()->count())->toBe(1);
    get(route('score', $service))->assertDontSee('rounds to go');
    // What is known is shown as it is.
    $solution = Score::query()->firstOrFail()->solution;
    post(route('score.better', $service));
    expect(Score::query()->firstOrFail()->solution)->toEqual($solution);
});

it('stops looking when it is good enough', function (): void {
    $service = toBeScored([
        ['sauce' => 'aurore', 'litres' => '2'],
        ['sauce' => 'hunters', 'litres' => '1'],
        ['sauce' => 'mornay', 'litres' => '1'],
        ['sauce' => 'onion-gravy', 'litres' => '2'],
    ]);
    post(route('score.better', $service));
    get(route('score', $service))->assertSee('rounds to go');
    post(route('score.stop', $service))->assertRedirect(route('score', $service));
    get(route('score', $service))->assertDontSee('rounds to go');
});

it('begins anew when the service is another', function (): void {
    $service = toBeScored();
    post(route('score.better', $service));
    $asked = Score::query()->firstOrFail()->asked;
    $service->update(['fields' => [...$service->fields, 'at' => '20:00']]);
    get(route('score', $service))->assertSee('served by 20:00');
    post(route('score.better', $service));
    expect(Score::query()->firstOrFail()->asked)->not->toBe($asked)->and(Score::query()->count())->toBe(1);
});

it('answers htmx with the score alone', function (): void {
    $service = toBeScored();
    post(route('score.better', $service), [], ['HX-Request-Type' => 'partial'])->assertOk()
        ->assertDontSee('<html', false)->assertSee('<svg class="score"', false);
});

it('draws the hours wider, and minds no zoom that there is not', function (string $zoom, string $width): void {
    get(route('score', [toBeScored(), 'zoom' => $zoom]))->assertOk()->assertSee('width="' . $width . '"', false);
})->with([['1', '1232'], ['2', '2464'], ['4', '4928'], ['999', '1232'], ['x', '1232']]);

it('serves each sauce at its own time, and what goes straight out at once', function (): void {
    $service = toBeScored([
        ['sauce' => 'mornay', 'litres' => '1', 'at' => '18:00'],
        ['sauce' => 'aurore', 'litres' => '1', 'straight' => '1'],
    ]);
    get(route('score', $service))->assertOk()->assertSee('served by 19:30');
    $score = ServiceScore::of($service, app(Kitchen::class), CarbonImmutable::now());
    $served = [];
    foreach ($score->instance->work->sauces ?? [] as $sauce) {
        $served[$sauce->id] = [$sauce->service?->at, $sauce->service?->holdMax];
    }
    expect($served['mornay@whole-milk'])->toBe([18 * 60, 45])
        ->and($served['aurore@chicken-stock'] ?? $served['aurore@fish-stock'] ?? null)->toBe([19 * 60 + 30, 5])
        ->and($served['bechamel@whole-milk'])->toBe([null, null]);
    // A time that is none is told at its field, and the others' holds.
    $service->update(['fields' => [...$service->fields, 'wishes' => [['sauce' => 'mornay', 'litres' => '1', 'at' => 'soon']]]]);
    get(route('services.show', $service))->assertOk()->assertSee('write a time as 19:30');
});

it('says what is late when it is too late for it', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-28 19:00'));
    get(route('score', toBeScored()))->assertOk()->assertSee('Late by')->assertSee('now 19:00');
});

it('has nothing to plan without a sauce, and says so', function (): void {
    get(route('score', toBeScored([])))->assertOk()->assertSee('Nothing to cook yet');
});

it('answers what is nonsense without stumbling', function (array $fields): void {
    $service = Service::query()->create(['fields' => $fields]);
    get(route('score', $service))->assertOk();
    post(route('score.better', $service))->assertRedirect();
})->with([
    'no fields' => [[]],
    'a time that is none' => [['at' => 'soon', 'wishes' => [['sauce' => 'mornay', 'litres' => '1']]]],
    'a sauce that is none' => [['wishes' => [['sauce' => 'nothing', 'litres' => '1']]]],
    'past midnight' => [['at' => '01:30', 'wishes' => [['sauce' => 'mornay', 'litres' => '1']]]],
]);

it('counts minutes by what passes, not by what clocks show', function (): void {
    $summer = CarbonImmutable::parse('2026-10-24 23:00', 'Europe/London');
    $day = ServiceDay::of('01:30', $summer);
    // Clocks go back at two: half past one comes an hour after midnight and a half, and once more an hour later.
    expect($day->minute('23:30'))->toBe(1410)->and($day->minute('01:30'))->toBe(1530)->and($day->clock(1530))->toBe('01:30')
        ->and($day->clock(1590))->toBe('01:30')->and($day->clock(1650))->toBe('02:30')->and($day->now)->toBe(1380);
});

it('means the next time that comes', function (string $now, string $at, string $day, int $minute): void {
    $meant = ServiceDay::of($at, CarbonImmutable::parse($now));
    expect($meant->midnight->format('Y-m-d'))->toBe($day)->and($meant->minute($at))->toBe($minute);
})->with([
    'tonight' => ['2026-11-28 09:00', '19:30', '2026-11-28', 1170],
    'just now over, still being served' => ['2026-11-28 21:00', '19:30', '2026-11-28', 1170],
    'over: tomorrow' => ['2026-11-28 23:50', '19:30', '2026-11-29', 1170],
    'after midnight' => ['2026-11-28 20:00', '00:30', '2026-11-28', 1470],
]);

/** A service of which the plan is known, an hour and a half before its béchamel is begun. */
function announcedService(): Service
{
    $service = toBeScored([['sauce' => 'mornay', 'litres' => '2'], ['sauce' => 'onion-gravy', 'litres' => '2']]);
    post(route('score.better', $service));

    return $service;
}

function keptScore(): Solution
{
    return ScoreJson::read(Json::of(Score::query()->firstOrFail()->solution ?? []));
}

/** To the minute at which a task was announced to begin. */
function travelToTask(string $task, int $late = 0): void
{
    travelTo(CarbonImmutable::parse('2026-11-28 00:00')->addMinutes(keptScore()->tasks[$task]->start + $late));
}

it('shows what is on where it is, and what follows as it was told', function (): void {
    $service = announcedService();
    travelToTask('bechamel@whole-milk/set-out');
    cooks($service, 'bechamel@whole-milk')->assertRedirect();
    get(route('score', $service))->assertOk()->assertSee('Under way since')->assertDontSee('Take it over')->assertDontSee('rounds to go');
});

it('plans anew from now when a pot is late, and shows what moves before it is taken', function (): void {
    $service = announcedService();
    travelToTask('bechamel@whole-milk/set-out', late: 25);
    cooks($service, 'bechamel@whole-milk');
    $told = keptScore()->tasks;
    get(route('score', $service))->assertOk()->assertSee('things move.')->assertSee('Take it over');
    // Nothing is taken by looking.
    expect(keptScore()->tasks)->toEqual($told);
    post(route('score.take', $service))->assertRedirect(route('score', $service));
    expect(keptScore()->tasks)->not->toEqual($told);
    get(route('score', $service))->assertOk()->assertDontSee('Take it over');
});

it('follows a pot through its taps to the end', function (): void {
    $service = announcedService();
    travelToTask('bechamel@whole-milk/set-out');
    cooks($service, 'bechamel@whole-milk');
    $pot = branchPot($service, 'bechamel@whole-milk');
    cookUntil($pot, StepKind::Boil);
    travelToTask('bechamel@whole-milk/boil', late: 4);
    $score = fn(): ServiceScore => ServiceScore::of($service->refresh(), app(Kitchen::class), CarbonImmutable::now());
    $states = [];
    foreach ($score()->now([])->work->tasks ?? [] as $task) {
        $states[$task->id] = $task->progress->state;
    }
    expect($states['bechamel@whole-milk/pour'])->toBe(TaskState::Done)
        ->and($states['bechamel@whole-milk/boil'])->toBe(TaskState::Running)
        ->and($states['bechamel@whole-milk/simmer'])->toBe(TaskState::ToDo)
        ->and($states['mornay@whole-milk/ladle'])->toBe(TaskState::ToDo);
    cookUntil($pot, StepKind::Finish);
    get(route('score', $service))->assertOk();
    happens($pot, 'finished', ['litres' => '2', 'spoon' => 'coats', 'held' => '2', 'cooled' => '0']);
    get(route('score', $service))->assertOk()->assertSee('Under way since');
});

it('has nothing to take while nothing is on', function (): void {
    $service = announcedService();
    $told = keptScore()->tasks;
    post(route('score.take', $service))->assertRedirect();
    expect(keptScore()->tasks)->toEqual($told);
});

it('goes out as a calendar, as a table and as all of it', function (): void {
    $service = announcedService();
    $ics = get(route('score.file', [$service, 'ics']))->assertOk()->assertHeader('Content-Type', 'text/calendar; charset=utf-8');
    $text = (string) $ics->getContent();
    $events = Reader::read($text);
    // No line is longer than 75 bytes: long ones are folded.
    expect($events->validate())->toBe([])
        ->and(max(array_map(strlen(...), explode("\r\n", $text))))->toBeLessThanOrEqual(75)
        ->and(substr_count($text, 'BEGIN:VEVENT'))->toBeGreaterThan(10)
        ->and(strtr($text, ["\r\n " => '']))->toContain('SUMMARY:Cook: roux\, Béchamel')->toContain('DTSTART:20261128T1');
    $csv = get(route('score.file', [$service, 'csv']))->assertOk();
    $rows = explode("\r\n", trim((string) $csv->getContent()));
    $lines = array_map(static fn(string $line): array => str_getcsv($line, ',', '"', ''), $rows);
    expect($lines[0])->toBe(['start', 'end', 'cook', 'sauce', 'task', 'where', 'minutes', 'low', 'high', 'attention', 'state'])
        ->and(array_unique(array_map(count(...), $lines)))->toBe([11])
        ->and(end($lines)[1])->toBeLessThanOrEqual('2026-11-28 19:30');
    $json = (array) json_decode((string) get(route('score.file', [$service, 'json']))->assertOk()->getContent());
    expect(Schema::shipped()->faults('score-request', $json['service'] ?? null))->toBe([])
        ->and(Schema::shipped()->faults('score-answer', (object) array_diff_key($json, ['service' => true])))->toBe([]);
    get(route('score.file', [toBeScored([]), 'ics']))->assertNotFound();
    get("/services/{$service->id}/score.pdf")->assertNotFound();
});

it('tells how often each sauce would be late, only when it is asked', function (): void {
    $service = toBeScored();
    get(route('score', $service))->assertDontSee('A hundred evenings')->assertSee('How sure is that?');
    $page = get(route('score', [$service, 'evenings' => 1]))->assertOk()->assertSee('A hundred evenings');
    expect(preg_match('/Mornay, two cheeses: (never late|late in \d+ of 100, then by \d+ min)\./', (string) $page->getContent()))->toBe(1);
});

it('says what each does next, and puts the pot on from there', function (): void {
    $service = announcedService();
    get(route('score', $service))->assertOk()->assertSee('Put it on');
    $first = array_key_first(keptScore()->tasks);
    post(route('services.cook', $service), ['branch' => explode('/', (string) $first)[0]])->assertRedirectContains('/pots/');
    get(route('score', $service))->assertOk()->assertSee('Under way since');
});

it('says that a base begun hours too soon must not stand hot until then', function (): void {
    $service = announcedService();
    travelTo(CarbonImmutable::parse('2026-11-28 11:00'));
    cooks($service, 'bechamel@whole-milk');
    // What is only set out can wait as it is.
    get(route('score', $service))->assertOk()->assertDontSee('would stand hot for');
    cookUntil(branchPot($service, 'bechamel@whole-milk'), StepKind::Simmer);
    get(route('score', $service))->assertOk()->assertSee('Béchamel would stand hot for')->assertSee('cool it, and heat it again');
});
