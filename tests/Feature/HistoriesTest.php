<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Stove\Projection;
use Carbon\CarbonImmutable;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\postJson;
use function Pest\Laravel\travelTo;

use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__ . '/taps.php';

// The state of a pot is a fold over its events: however they arrive, the same events make the same pot, outcome and lesson.

const HISTORY_BEGINS = '2026-11-24 15:00:00';

/** @return array<string, mixed> what a tablet would say is done between two steps */
function drawnTap(Randomizer $random, StepKind $kind): array
{
    $any = [
        ['kind' => 'note', 'text' => 'so far so good'],
        ['kind' => 'tended', 'choice' => 'stir'],
        ['kind' => 'more-time', 'seconds' => '60'],
        ['kind' => 'moved', 'choice' => 'hob-2'],
        ['kind' => 'taken-over', 'text' => 'Petra Lund'],
        ['kind' => 'read', 'choice' => 'temperature', 'temperature' => (string) $random->getInt(60, 95)],
        ['kind' => 'read', 'choice' => 'weight', 'weight' => '2.2'],
    ];
    $wet = [
        ['kind' => 'heat', 'choice' => 'brisk'],
        ['kind' => 'read', 'choice' => 'depth', 'depth' => (string) $random->getInt(42, 47)],
        ['kind' => 'topped-up', 'litres' => '0.1'],
        ['kind' => 'ladled-off', 'litres' => '0.2', 'text' => 'soup'],
        ['kind' => 'thickened', 'choice' => 'slurry', 'grams' => '8'],
    ];
    $all = in_array($kind, [StepKind::Simmer, StepKind::Test, StepKind::Correct], true) ? [...$wet, ...$any] : $any;

    return $all[$random->getInt(0, count($all) - 1)];
}

/**
 * A pot's life as its taps: through its steps, with something done at most of them, something taken back, gone back over, closed, reopened,
 * closed.
 *
 * @return list<array<string, mixed>>
 */
function drawnHistory(Pot $pot, int $seed): array
{
    $random = new Randomizer(new Mt19937($seed));
    $ms = $pot->started_at->getTimestampMs();
    $taps = [];
    /** @var list<array<string, mixed>> $taps */
    $say = static function (string $step, array $what) use (&$taps, &$ms, $random, $seed): string {
        $ms += 1000 * $random->getInt(20, 240);
        $taps[] = ['token' => $token = "h{$seed}-" . count($taps), 'step' => $step, 'at' => $ms, ...$what];

        return $token;
    };
    $steps = $pot->plan->steps;
    for ($i = 0; $i < count($steps) - 1; $i++) {
        $step = $steps[$i];
        foreach ($step->additions as $addition) {
            $say($step->id, ['kind' => 'poured', 'pour' => $addition->id]);
        }
        for ($n = $random->getInt(0, 3); $n > 0; $n--) {
            $token = $say($step->id, drawnTap($random, $step->kind));
            $random->getInt(0, 3) === 0 && $say($step->id, ['kind' => 'undone', 'undoes' => $token]);
        }
        if ($i > 0 && $random->getInt(0, 9) === 0) {
            $say($step->id, ['kind' => 'back']);
            $say($steps[$i - 1]->id, ['kind' => 'done']);
        }
        $say($step->id, ['kind' => 'done']);
    }
    $last = $steps[count($steps) - 1]->id;
    $closed = ['kind' => 'finished', 'volume' => '1.9', 'spoon' => 'coats', 'colour' => 'blond', 'taste' => 'right'];
    if ($random->getInt(0, 1) === 1) {
        $say($last, ['kind' => 'undone', 'undoes' => $say($last, [...$closed, 'taste' => 'too soon'])]);
    }
    $say($last, $random->getInt(0, 4) === 0 ? ['kind' => 'taken-off'] : $closed);

    return $taps;
}

/** @param list<array<string, mixed>> $taps */
function sent(Pot $pot, array $taps): void
{
    foreach (array_chunk($taps, 500) as $some) {
        app()->forgetScopedInstances();
        postJson("/pots/{$pot->id}/events/batch", ['events' => $some])->assertOk()->assertJsonPath('refused', []);
    }
}

/** @return array<string, mixed> all that can be known of a pot by its events, without its ids */
function stateOf(Pot $pot): array
{
    $pot->refresh();
    $course = $pot->course();
    $row = (array) DB::table('pots')->find($pot->id);

    return [
        'row' => array_intersect_key($row, array_flip(['finished_at', 'given_up', 'outcome', 'lesson', 'cook'])),
        'step' => $course->step()->id,
        'events' => array_map(static fn($event): string => $event->id, $course->events),
        'poured' => $course->poured(),
        'place' => $course->place,
        'ladled' => count($course->ladles()),
        'follows' => Projection::of($pot)->differsFrom($pot),
    ];
}

/** @return list<Pot> put on at the same moment, the same way */
function twins(string $question, int $many): array
{
    travelTo(CarbonImmutable::parse(HISTORY_BEGINS));

    return array_map(static fn(): Pot => started($question), range(1, $many));
}

it('makes the same pot of the same taps, one by one, as one batch, twice, or in any order', function (string $question, int $seed): void {
    [$single, $batch, $twice, $shuffled] = twins($question, 4);
    $taps = drawnHistory($single, $seed);
    $of = static fn(Pot $pot): array => array_map(
        static fn(array $tap): array => [
            ...$tap,
            'token' => $pot->id . '~' . text($tap['token']),
            ...isset($tap['undoes']) ? ['undoes' => $pot->id . '~' . text($tap['undoes'])] : [],
        ],
        $taps,
    );
    travelTo(CarbonImmutable::parse(HISTORY_BEGINS)->addHours(20));

    foreach ($of($single) as $tap) {
        app()->forgetScopedInstances();
        post("/pots/{$single->id}/events", $tap)->assertSessionHasNoErrors();
    }
    sent($batch, $of($batch));
    sent($twice, $of($twice));
    sent($twice, $of($twice));
    sent($shuffled, (new Randomizer(new Mt19937($seed + 1)))->shuffleArray($of($shuffled)));

    $told = static fn(Pot $pot): array => row(
        json_decode(str_replace("{$pot->id}~", '', (string) json_encode(stateOf($pot))), true),
    );
    $wanted = $told($single);
    expect(data_get($wanted, 'row.finished_at'))->not->toBeNull()->and($wanted['follows'])->toBe([])
        ->and($told($batch))->toBe($wanted)->and($told($twice))->toBe($wanted)->and($told($shuffled))->toBe($wanted);
})->with([
    'a velouté' => ['sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140'],
    'with a liaison' => ['sauce=veloute&amount=2&diameter=240&height=140&finish=liaison'],
    'an espagnole' => ['sauce=espagnole&amount=2&diameter=240&height=140'],
])->with(range(1, 4));

it('closes a pot by one batch of all its taps, with its outcome and its lesson', function (): void {
    [$pot] = twins('sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140', 1);
    $ms = $pot->started_at->getTimestampMs();
    $taps = [];
    foreach (array_slice($pot->plan->steps, 0, -1) as $step) {
        foreach ($step->additions as $addition) {
            $taps[] = [
                'token' => 'c' . count($taps),
                'kind' => 'poured',
                'step' => $step->id,
                'at' => ($ms += 20_000),
                'pour' => $addition->id,
            ];
        }
        if ($step->kind === StepKind::Simmer) {
            $taps[] = [
                'token' => 'c' . count($taps),
                'kind' => 'read',
                'step' => $step->id,
                'at' => ($ms += 1_700_000),
                'choice' => 'depth',
                'depth' => '40',
            ];
        }
        $taps[] = ['token' => 'c' . count($taps), 'kind' => 'done', 'step' => $step->id, 'at' => $ms += 100_000];
    }
    $taps[] = ['token' => 'c-end', 'kind' => 'finished', 'step' => 'finish', 'at' => $ms += 60_000, 'volume' => '1.7', 'spoon' => 'masks'];
    travelTo(CarbonImmutable::parse(HISTORY_BEGINS)->addHours(20));
    sent($pot, $taps);
    expect($pot->refresh()->finished_at?->getTimestampMs())->toBe($ms)
        ->and($pot->outcome)->toMatchArray(['m3' => 0.0017, 'spoon' => 'masks'])
        ->and($pot->lesson['evaporation'] ?? null)->toBeArray();
    get("/log/{$pot->id}")->assertOk()->assertSee('1.70 l, masks');
});

it('rebuilds what follows from the events, and says what differed', function (): void {
    [$pot, $other] = twins('sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140', 2);
    $taps = array_filter(drawnHistory($pot, 3), static fn(array $tap): bool => $tap['step'] !== 'finish');
    travelTo(CarbonImmutable::parse(HISTORY_BEGINS)->addHours(20));
    sent($pot, [
        ...array_values($taps),
        [
            'token' => 'end',
            'kind' => 'finished',
            'step' => 'finish',
            'at' => CarbonImmutable::now()->getTimestampMs(),
            'volume' => '1.9',
            'spoon' => 'coats',
        ],
    ]);
    $before = (array) DB::table('pots')->find($pot->id);
    expect(Artisan::call('lento:rebuild'))->toBe(0)->and(Artisan::output())->toBe("2 pots, 0 changed\n0 batches, 0 changed\n");

    DB::table('pots')->where('id', $pot->id)->update(['finished_at' => null, 'outcome' => null, 'lesson' => null]);
    DB::table('pots')->where('id', $other->id)->update(['finished_at' => '2026-11-24 16:00:00.000', 'given_up' => 1]);
    Artisan::call('lento:rebuild', ['--dry-run' => true]);
    expect($said = Artisan::output())
        ->toContain('2 pots, 2 would change')
        ->toContain("pot {$pot->id}, Chicken velouté: finished_at was null")
        ->toContain('given_up was true, is false')
        ->and($other->refresh()->given_up)
        ->toBeTrue();
    Artisan::call('lento:rebuild');
    expect(str_replace('changed', 'would change', Artisan::output()))
        ->toBe($said)
        ->and(array_diff_key((array) DB::table('pots')->find($pot->id), ['updated_at' => 0]))
        ->toBe(array_diff_key($before, ['updated_at' => 0]))
        ->and($other->refresh()->finished_at)
        ->toBeNull();
});
