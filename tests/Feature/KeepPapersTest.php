<?php

declare(strict_types=1);

use App\Format\QrCode;
use App\Http\Responses\Pdf;
use App\Models\Batch;
use App\Models\Device;
use App\Models\Par;
use App\Models\SealedDay;
use App\Models\Tub;
use App\Models\TubEvent;
use App\Pages\Keep\LabelsPage;
use App\Shelf\Shelves;
use Carbon\CarbonImmutable;
use Illuminate\Http\Client\Request;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\Http;
use Lento\Shelf\TubState;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\postJson;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;

require_once __DIR__ . '/shelf.php';
require_once __DIR__ . '/schemas.php';

it('prints what a label has to say, one of several, black on white', function (): void {
    $pot = donePot();
    post("/pots/{$pot->id}/keep", oneRow('1.2', aVessel(), 'fridge', '2'));
    $batch = Batch::query()->firstOrFail();
    get("/keep/labels?tubs=batch-{$batch->id}")
        ->assertOk()
        ->assertSeeInOrder(['Chicken velouté', '1 of 2', '0.60 l', 'use by', '2 of 2'])
        ->assertSee(now()->addDays(3)->format('D j M'))
        ->assertSee('celery · cereals with gluten (wheat) · milk')
        ->assertSee('Keep at 0 to 8 °C. Reheat once, to 75 °C.')
        ->assertSee($batch->code . '/2')
        ->assertSee('Print 2');
    get('/keep/labels?tubs=')->assertOk()->assertSee('No tub there to be labelled.');
    get('/keep/labels.pdf?tubs=999')->assertNotFound();
    $tub = Tub::query()->firstOrFail();
    get("/keep/tubs/{$tub->id}")->assertSee('Labels of the batch');
});

it('makes a PDF of them with real text and its own fonts, a page for each on a roll, ten on a sheet', function (): void {
    $pot = donePot();
    post("/pots/{$pot->id}/keep", oneRow('1.2', aVessel(), 'fridge', '12'));
    $batch = Batch::query()->firstOrFail();
    $pages = static function (string $layout) use ($batch): int {
        $pdf = (string) get("/keep/labels.pdf?tubs=batch-{$batch->id}&layout=$layout")
            ->assertOk()
            ->assertHeader('Content-Type', 'application/pdf')
            ->getContent();
        expect($pdf)->toStartWith('%PDF-')->and(substr_count($pdf, '/FontFile2'))->toBeGreaterThanOrEqual(3)
            ->and($pdf)->toContain('AtkinsonHyperlegibleNext-Bold')->toContain('YoungSerif-Regular');

        return substr_count($pdf, '/Type /Page' . "\n");
    };
    expect([$pages('roll'), $pages('sheet')])->toBe([12, 2]);
});

it('leads from its code to its page', function (): void {
    $code = QrCode::of('https://marigold.example/keep/tubs/1');
    $dark = substr_count($code->path, 'M');
    expect($code->size)->toBe(33)
        ->and($dark)->toBeGreaterThan(300)->toBeLessThan(600)
        // The three corners by which it is found.
        ->and($code->path)->toStartWith('M2 2h1v1h-1zM3 2h1')
        ->and(QrCode::of('https://marigold.example/keep/tubs/2')->path)->not->toBe($code->path);
});

it('keeps the record of a day, seals it, and shows what is said later as an addition', function (): void {
    travelTo(CarbonImmutable::parse('2026-11-29 18:00'));
    $tub = keptTub();
    travel(75)->minutes();
    atTub($tub, 'read', ['celsius' => '6.4']);
    atTub($tub, 'note', ['text' => '=looks good']);
    get('/keep/record')->assertOk()->assertSee('Kept on Sunday, 29 November 2026')->assertSee('6.4 °C at 19:')->assertSee('passed')
        ->assertSee('Lento certifies nothing')->assertSee('cool 63 to 8 °C within 1.5 h')->assertDontSee('Seal this day');
    post('/keep/record/seal', ['day' => '2026-11-29']);
    expect(SealedDay::query()->count())->toBe(0);
    travelTo(CarbonImmutable::parse('2026-11-30 06:00'));
    get('/keep/record?day=2026-11-29')->assertSee('Seal this day');
    post('/keep/record/seal', ['day' => '2026-11-29'])->assertRedirect();
    get('/keep/record?day=2026-11-29')->assertSee('Sealed by')->assertDontSee('Seal this day')->assertDontSee('added');
    // What a tablet says late of yesterday stands beside it.
    travel(5)->minutes();
    $event = TubEvent::query()->where('kind', 'note')->firstOrFail();
    TubEvent::query()->toBase()->insert([
        ...array_diff_key($event->getAttributes(), ['id' => 0]),
        'token' => 'late',
        'said_at_ms' => now()->getTimestampMs(),
    ]);
    get('/keep/record?day=2026-11-29')->assertSee('added Mon 30 Nov, 06:05, after the day was sealed')->assertSee('Sealed by');
    $json = (string) get('/keep/record.json?day=2026-11-29')->assertOk()->getContent();
    expect(fitsSchema($json, 'record'))->toBeTrue()
        ->and(row(row(json_decode($json, true))['sealed'])['whole'])->toBeTrue();
    expect((string) get('/keep/record.csv?day=2026-11-29')->assertOk()->getContent())
        ->toContain("'=looks good")
        ->toContain(',yes,');
    expect((string) get('/keep/record.pdf?day=2026-11-29')->assertOk()->getContent())->toStartWith('%PDF-');
    // Somebody with a file editor.
    TubEvent::query()->where('token', $event->token)->update(['data' => json_encode(['text' => 'never'])]);
    get('/keep/record?day=2026-11-29')->assertSee('it has been changed since');
    foreach (['2026-02-31', '0000-00-00', 'today', '9999-12-31', "'"] as $day) {
        get('/keep/record?' . http_build_query(['day' => $day]))->assertOk();
    }
});

it('tells what was binned in a week, why, and what to make today', function (): void {
    post('/kitchen/larder', ['like' => 'chicken-stock', 'price_per_kg' => '2']);
    app()->forgetScopedInstances();
    $tub = keptTub();
    atTub($tub, 'binned', ['reason' => 'spilled', 'words' => 'the boat rolled']);
    get('/keep/waste')->assertOk()->assertSee('1.20 l, €')->assertSee('1.20 l: spilled')->assertSee('Chicken velouté');
    get('/keep/waste?week=' . now()->subWeeks(2)->format('Y-m-d'))->assertSee('Nothing was binned.');
    get('/keep/waste?week=2026-99-99')->assertOk();
    post('/keep/par', ['base' => 'veloute@chicken-stock', 'litres' => '3'])->assertRedirect();
    get('/keep/waste')->assertSee('always 3.00 l')->assertSee('Make 3.00 l');
    coldNow(keptTub('1'));
    get('/keep/waste')->assertSee('there are 1.00 l that may be used tomorrow')->assertSee('Make 2.00 l');
    post('/keep/par', ['base' => 'veloute@milk', 'litres' => '-3'])->assertSessionHasErrors('base');
    post('/keep/par', ['base' => 'veloute@chicken-stock', 'litres' => '0']);
    expect(Par::query()->count())->toBe(0);
});

it('lists what is kept for other programs', function (): void {
    coldNow(keptTub());
    Artisan::call('lento:stock', ['--json' => true]);
    $json = Artisan::output();
    $tub = row(row(row(json_decode($json, true))['tubs'])[0] ?? null);
    expect(fitsSchema($json, 'stock'))->toBeTrue()
        ->and([$tub['name'], $tub['litres'], $tub['state'], $tub['celsius']])
        ->toBe(['Chicken velouté', 1.2, 'kept', 6.0]);
    Artisan::call('lento:stock', ['--csv' => true]);
    expect(Artisan::output())
        ->toStartWith('tub,batch,name')
        ->toContain('Chicken velouté,veloute,chicken-stock,1.2,kept')
        ->toContain('celery');
    Artisan::call('lento:stock');
    expect(Artisan::output())->toContain('Chicken velouté');
});

it('takes the readings of a probe that stands in it, one in two minutes, and doubts what cannot be', function (): void {
    travelTo(CarbonImmutable::now()->startOfMinute());
    post('/kitchen/devices', ['name' => 'Blue', 'kind' => 'probe', 'place' => 'hob-1']);
    $token = toldToken();
    $tub = keptTub();
    travel(30)->minutes();
    $say = static function (array $values, array $more = []) use ($token) {
        app()->forgetScopedInstances();
        $readings = [];
        foreach ($values as $ago => $value) {
            $readings[] = ['id' => "r$ago", 'at' => now()->getTimestampMs() - 1000 * $ago, 'value' => $value];
        }

        return postJson('/api/v1/readings', ['sent_at' => now()->getTimestampMs(), 'readings' => $readings, ...$more], [
            'Authorization' => 'Bearer ' . $token,
        ]);
    };
    $say([1200 => 62.0, 1190 => 61.9, 600 => 42.0, 0 => 27.0], ['container' => $tub->id])
        ->assertOk()
        ->assertJsonPath('kept', ['r1200', 'r600', 'r0'])
        ->assertJsonPath('ignored.0.why', 'there is one for these two minutes already');
    $say([0 => 200.0], ['container' => 999])->assertStatus(422);
    expect($tub->refresh()->celsius)->toEqualWithDelta(27.0, 1e-9);
    // Put into it on its page, it need not be named.
    atTub($tub, 'probe', ['device' => (string) Device::query()->firstOrFail()->id]);
    travel(5)->minutes();
    $say([0 => 200.0])->assertOk()->assertJsonPath('kept', ['r0']);
    get("/keep/tubs/{$tub->id}")->assertSee('200 °C, by probe · not believed: no sauce can be so')->assertSee('Blue');
    expect($tub->refresh()->celsius)->toEqualWithDelta(27.0, 1e-9);
    // Of a tub that is empty it reads the pot at its place again.
    atTub($tub, 'binned', ['reason' => 'spilled']);
    travel(5)->minutes();
    $say([0 => 20.0])->assertOk()->assertJsonPath('ignored.0.why', 'no pot stands where it reads');
    $say([0 => 20.0], ['container' => $tub->id])->assertOk()->assertJsonPath('ignored.0.why', 'that tub is empty, or gone');
});

it('is read by a stand-in as it cools', function (): void {
    travelTo(CarbonImmutable::now()->startOfSecond());
    $tub = keptTub();
    travel(40)->minutes();
    Http::fake(['*' => Http::response(['kept' => [], 'ignored' => []])]);
    $read = static fn(int $id): int => Artisan::call('lento:device', [
        'kind' => 'probe',
        '--token' => 'x',
        '--container' => (string) $id,
        '--past' => true,
        '--every' => '600',
    ]);
    expect($read($tub->id))->toBe(0)->and(Http::recorded())->toHaveCount(1);
    Http::assertSent(static function (Request $request) use ($tub): bool {
        $readings = row($request['readings']);
        $values = array_map(static fn(mixed $one): float => number(row($one)['value'] ?? null), array_values($readings));

        return $request['container'] === $tub->id && count($values) === 5 && $values[0] > 80.0 && $values[4] < 45.0;
    });
    expect($read(999))->toBe(2);
});

it('turns the pages of a shelf of hundreds within its time, and a record of thousands', function (): void {
    $tub = keptTub();
    coldNow($tub);
    $batch = Batch::query()->firstOrFail();
    $row = $batch->getAttributes();
    $putIn = TubEvent::query()->where('kind', 'put-in')->firstOrFail()->getAttributes();
    unset($row['id'], $putIn['id']);
    foreach (range(1, 300) as $i) {
        $id = Batch::query()->toBase()->insertGetId([...$row, 'uid' => "u$i", 'code' => "c-$i"]);
        TubEvent::query()->toBase()->insert([...$putIn, 'batch_id' => $id, 'tub' => "t$i", 'token' => "e$i"]);
        Tub::query()->toBase()->insert([
            ...array_diff_key($tub->refresh()->getAttributes(), ['id' => 0]),
            'batch_id' => $id,
            'uid' => "t$i",
            'state' => TubState::Kept->value,
        ]);
    }
    get('/keep')->assertOk()->assertSee('More tubs')->assertDontSee('The ones before');
    get('/keep?page=13')->assertOk()->assertSee('The ones before')->assertDontSee('More tubs');
    get('/keep?page=99999')->assertOk();
    expect(count(Shelves::page(13)->tubs))->toBe(301 - 12 * Shelves::SHOWN)
        ->and(Shelves::asked('1,2,3', 100))->toHaveCount(3)
        ->and(Shelves::asked('nothing', 100))->toBe([])
        ->and(LabelsPage::MOST)->toBe(100)
        ->and(Pdf::A4)->toBe('a4');
});
