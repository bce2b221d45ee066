<?php

declare(strict_types=1);

use App\Http\Controllers\LogFileController;
use App\Log\LogSearch;
use App\Models\Pot;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Illuminate\Testing\TestResponse;
use Lento\Course\EventKind;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/taps.php';
require_once __DIR__ . '/schemas.php';

// The log: found, read, held beside, written on, and carried out and in as files.

/** @return list<Pot> a chicken velouté and an espagnole by Ines, a fish velouté by Petra, closed in that order */
function logged(): array
{
    $pots = [];
    foreach (
        [
            ['sauce=veloute&liquid=chicken-stock&amount=2&diameter=240&height=140', 'Ines Vark', 'coats', '2'],
            ['sauce=espagnole&amount=3&diameter=280&height=160', 'Ines Vark', 'glazes', '2.7'],
            ['sauce=veloute&liquid=fish-stock&amount=3&diameter=280&height=160', 'Petra Lund', 'veils', '3.1'],
        ] as $i => [$question, $cook, $spoon, $litres]
    ) {
        travelTo(Carbon\CarbonImmutable::parse('2026-03-0' . ($i + 1) . ' 15:00'));
        $pot = started($question);
        happens($pot, 'taken-over', ['text' => $cook]);
        cookUntil($pot, StepKind::Simmer);
        travel(8)->minutes();
        happens($pot, 'note', ['text' => "the pot said “{$i}”, " . ($i === 1 ? 'flame to 2; =1+1' : 'nothing else')]);
        happens($pot, 'read', ['choice' => 'depth', 'depth' => '45']);
        cookUntil($pot, StepKind::Finish);
        happens($pot, 'finished', [
            'volume' => $litres,
            'spoon' => $spoon,
            'taste' => $i === 2 ? "thin,\n\"watery\"" : 'right',
            'change' => $i === 1 ? '=less, flame' : '',
        ]);
        $pots[] = $pot->refresh();
    }

    return $pots;
}

/** @return TestResponse<Illuminate\Http\Response> */
function takenIn(string $text, string $name = 'log.json'): TestResponse
{
    app()->forgetScopedInstances();

    return post('/log/files', ['file' => UploadedFile::fake()->createWithContent($name, $text)]);
}

function out(string $format): string
{
    return get("/log/lento-log.{$format}")->assertOk()->streamedContent();
}

/** Our own file with one thing wrong in it; any other text as it is. */
function spoilt(string $how, string $file): string
{
    return match ($how) {
        'cut off in the midst' => substr($file, 0, -400),
        'a comma gone' => str_replace("},\n{", "}\n{", $file),
        'the last pot spoilt' => substr_replace(
            $file,
            '"kind":"danced"',
            (int) strrpos($file, '"kind":"finished"'),
            strlen('"kind":"finished"'),
        ),
        'a field of the wrong kind' => (string) preg_replace('/"outcome":\{"m3":[\d.e-]+/', '"outcome":{"m3":"lots"', $file, 1),
        'a field nobody knows' => str_replace('"left_out":false', '"left_out":false,"extra":1', $file),
        'a reading that cannot be' => str_replace('"si":0.045', '"si":99', $file),
        'a plan of another version' => (string) preg_replace('/"plan":\{"v":1/', '"plan":{"v":9', $file, 1),
        'of another version' => str_replace('"version":2', '"version":9', $file),
        default => $how,
    };
}

/** Everything that is kept of pots, to see that nothing has changed. */
function allKept(): string
{
    return json_encode(
        [
            DB::table('pots')
                ->orderBy('uid')
                ->get()
                ->map(
                    static fn($pot) => array_diff_key((array) $pot, [
                        'id' => 0,
                        'created_at' => 0,
                        'updated_at' => 0,
                        'sauce_version_id' => 0,
                        'log_import_id' => 0,
                    ]),
                )
                ->all(),
            DB::table('pot_events')
                ->orderBy('token')
                ->get()
                ->map(static fn($event) => array_diff_key((array) $event, ['id' => 0, 'pot_id' => 0]))
                ->all(),
        ],
        JSON_THROW_ON_ERROR,
    );
}

it('finds pots by words, sauce, cook, day and how they came out', function (string $query, array $found): void {
    $pots = logged();
    $page = get('/log?' . $query)->assertOk();
    foreach ($pots as $i => $pot) {
        $link = 'href="' . route('log.show', $pot) . '"';
        in_array($i, $found, true) ? $page->assertSee($link, false) : $page->assertDontSee($link, false);
    }
})->with([
    'all, newest first' => ['', [0, 1, 2]],
    'a sauce' => ['sauce=veloute', [0, 2]],
    'a cook' => ['cook=Petra+Lund', [2]],
    'a day on' => ['from=2026-03-02', [1, 2]],
    'up to a day' => ['to=2026-03-01', [0]],
    'a word of a note' => ['words=flame', [1]],
    'a word of the taste' => ['words=WATERY', [2]],
    'two words, both' => ['words=ines+flame', [1]],
    'a sign that databases know' => ['words=%25', []],
    'as thick as planned' => ['came=as-planned', [0, 1]],
    'otherwise' => ['came=otherwise', [2]],
    'rescued' => ['came=rescued', []],
    'nonsense asks for nothing' => ['from=2026-99-99&sauce=ketchup&came=x&page=-4&to[]=1', [0, 1, 2]],
]);

it('turns a long log page by page, and what was looked for goes along', function (): void {
    [$pot] = logged();
    $row = DB::table('pots')->find($pot->id);
    for ($i = 0; $i < 45; $i++) {
        DB::table('pots')->insert([
            ...array_diff_key((array) $row, ['id' => 0]),
            'uid' => "copy-{$i}",
            'finished_at' => sprintf('2026-02-01 12:00:%02d.000', $i),
        ]);
    }
    $first = get('/log?sauce=veloute')->assertOk()->assertSee('47 pots.')->assertSee('Older')->assertDontSee('Newer');
    expect(substr_count((string) $first->getContent(), 'href="' . url('/log') . '/'))->toBeGreaterThanOrEqual(40);
    get('/log?sauce=veloute&page=2')->assertOk()->assertSee('Newer')->assertDontSee('Older');
    expect(LogSearch::from(['words' => ' x ', 'page' => '3'])->asked())->toBe(['words' => 'x']);
});

it('takes a note after the fact at its own time, finds it, and does not reopen the pot', function (): void {
    [$pot] = logged();
    travelTo(Carbon\CarbonImmutable::parse('2026-03-09 09:00'));
    post("/log/{$pot->id}/notes", ['token' => 'after', 'text' => 'served with the pike'])->assertRedirect(
        route('log.show', $pot) . '#course',
    );
    post("/log/{$pot->id}/notes", ['token' => 'after', 'text' => 'served with the pike'])->assertRedirect();
    expect($pot->refresh()->finished_at)->not->toBeNull()
        ->and($pot->events()->where('kind', 'note')->count())->toBe(2);
    $page = get("/log/{$pot->id}")->assertOk()->assertSee('served with the pike');
    // The way back still takes back the ending, and not the note.
    $ending = $pot->course()->ending();
    $page->assertSee('value="' . $ending?->id . '"', false);
    expect($ending?->kind())->toBe(EventKind::Finished);
    get('/log?words=pike')->assertSee(route('log.show', $pot), false);
    post("/log/{$pot->id}/notes", ['token' => 'b', 'text' => str_repeat('x', 501)])->assertSessionHasErrors('text');
    post("/log/{$pot->id}/notes", ['token' => ['b'], 'text' => ['x']])->assertSessionHasErrors();
});

it('draws the course with what happened, and sets two pots of a sauce beside one another', function (): void {
    [$chicken, $brown, $fish] = logged();
    get("/log/{$chicken->id}")
        ->assertOk()
        ->assertSee('mark-ring', false)
        ->assertSee('the pot said')
        ->assertSee(route('log.beside', [$chicken, $fish]), false)
        ->assertDontSee(route('log.beside', [$chicken, $brown]), false);
    get("/log/{$chicken->id}/beside/{$fish->id}")
        ->assertOk()
        ->assertSeeInOrder(['Came out', '2.00 l', '3.10 l', '+1.10 l'])
        ->assertSeeInOrder(['Simmer', 'min', '8', '8', 'same'])
        ->assertSee('watery');
    get("/log/{$chicken->id}/beside/999")->assertNotFound();
});

it('exports, imports, exports the same to the byte, and importing what is here changes nothing', function (string $format): void {
    logged();
    $before = allKept();
    $file = out($format);
    takenIn($file, 'x.' . $format)->assertSessionHasNoErrors()->assertSessionHas('taken', 'No new pots. 3 were here already.');
    expect(allKept())->toBe($before);

    DB::table('pot_events')->delete();
    DB::table('pots')->delete();
    takenIn($file, 'x.' . $format)->assertSessionHasNoErrors()->assertSessionHas('taken', '3 pots taken in.');
    expect(out($format))->toBe($file);
    if ($format === 'json') {
        expect(allKept())->toBe($before);
    }
    // Every pot that came in can be looked at, and reckoned with.
    foreach (Pot::query()->get() as $pot) {
        get("/log/{$pot->id}")->assertOk();
    }
    get('/learning')->assertOk();
})->with(['json', 'csv']);

it('exports JSON that fits its schema, and takes a pretty-printed copy of it in as well', function (): void {
    logged();
    $file = out('json');
    expect(fitsSchema($file, 'log'))->toBeTrue()->and(fitsSchema(str_replace('"lento-log"', '"other"', $file), 'log'))->toBeFalse();
    DB::table('pots')->delete();
    takenIn((string) json_encode(json_decode($file), JSON_PRETTY_PRINT))->assertSessionHas('taken', '3 pots taken in.');
    expect(out('json'))->toBe($file);
});

it('refuses a broken or foreign file with the line, and keeps nothing of it', function (string $how, string $says): void {
    logged();
    $file = out('json');
    DB::table('pots')->delete();
    takenIn(spoilt($how, $file))->assertSessionHasErrors(['file']);
    expect(errorAt('file'))
        ->toContain($says)
        ->and(Pot::query()->count())
        ->toBe(0)
        ->and(DB::table('pot_events')->count())
        ->toBe(0);
})->with([
    'cut off in the midst' => ['cut off in the midst', 'Line 4'],
    'a comma gone' => ['a comma gone', 'Line 3: just one comma'],
    'the last pot spoilt' => ['the last pot spoilt', 'Line 4: events'],
    'a field of the wrong kind' => ['a field of the wrong kind', '.outcome.m3'],
    'a field nobody knows' => ['a field nobody knows', 'Line 2: extra'],
    'a reading that cannot be' => ['a reading that cannot be', 'Line 2: events.'],
    'a plan of another version' => ['a plan of another version', 'Line 2: plan.v'],
    'of another version' => ['of another version', 'Line 1: only version 2'],
    'a list of something else' => ['[1,2,3]', 'not a log of Lento'],
    'an object of something else' => ['{"format":"other","pots":[]}', 'Line 1'],
    'no JSON' => ["{\n\"format\": \"lento-log", 'Line 2'],
    'a table of something else' => ["who;what\r\na;b\r\n", 'not a log of Lento'],
    'a picture' => ["\x89PNG\r\n\x1a\n\0\0\0", 'not a log of Lento'],
    'nothing' => ['', ''],
    'a table with a short row' => ["name,finished_at\r\nA,2026-01-01 12:00\r\nB\r\n", 'Line 3: 1 cells'],
    'a table with a bad number' => [
        "name,finished_at,litres,spoon\r\nA,2026-01-01 12:00,2,coats\r\n\"B\nC\",2026-01-02,lots,coats\r\n",
        'Line 3: litres',
    ],
    'a table with a bad day' => ["name,finished_at\r\nA,yesterday\r\n", 'Line 2: finished_at'],
    'a table with an unknown column' => ["name,finished_at,vintage\r\nA,2026-01-01,1\r\n", 'vintage'],
    'a table in another script' => ["name,finished_at\r\n\xE9t\xE9,2026-01-01\r\n", 'Line 2: name'],
]);

it('refuses a file of 20 MB unread, whether it arrives or not', function (): void {
    post('/log/files', ['file' => UploadedFile::fake()->create('log.json', 20 * 1024)])->assertSessionHasErrors('file');
    expect(errorAt('file'))->toContain(LogFileController::MOST_MEGABYTES . ' MB');
    get('/log?large=1')->assertOk()->assertSee('larger than 16 MB');
    post('/log/files', [])->assertSessionHasErrors('file');
    post('/log/files', ['file' => 'text'])->assertSessionHasErrors('file');
});

it('takes an old paper log in as a table, and twice counts once', function (): void {
    $table = "name;finished_at;litres;spoon;taste\r\nBrown sauce;2019-11-02;3,5;coats;good\r\nGravy;2019-11-03 18:30;2;;\r\n";
    takenIn($table, 'old.csv')->assertSessionHasErrors('file');
    $table = str_replace(';2;;', ';2;veils;', $table);
    takenIn($table, 'old.csv')->assertSessionHas('taken', '2 pots taken in.');
    takenIn($table, 'old.csv')->assertSessionHas('taken', 'No new pots. 2 were here already.');
    get('/log')->assertOk()->assertSee('Brown sauce')->assertSee('3.50 l');
    get('/log/' . Pot::query()->firstOrFail()->id)->assertOk();
});

it('keeps a cell from a spreadsheet that would reckon with it, and has it back as it was', function (): void {
    [, $brown] = logged();
    $table = out('csv');
    expect($table)->toContain("\"'=less, flame\"");
    DB::table('pots')->delete();
    takenIn($table, 'x.csv')->assertSessionHasNoErrors();
    expect(Pot::query()->where('uid', $brown->uid)->firstOrFail()->outcome['change'] ?? '')->toBe('=less, flame');
});
