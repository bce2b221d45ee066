<?php

declare(strict_types=1);

use App\Models\Pot;
use App\Models\PotKind;
use App\Records\PlanCodec;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Lento\Course\EventKind;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;

require_once __DIR__ . '/schemas.php';

/*
 * Kept/first-rows.json is the database of a galley of the version before plans and events, Kept/first-log.json its log as a file:
 * the demo, a derivative with its readings, a pot without a sheet, one with every kind of event, one that was taken off.
 */

/** @return array<string, list<array<string, mixed>>> */
function firstRows(): array
{
    /** @var array<string, list<array<string, mixed>>> */
    return json_decode((string) file_get_contents(__DIR__ . '/Kept/first-rows.json'), true, 64, JSON_THROW_ON_ERROR);
}

/** A database as it was, with these rows in it, brought up to date. */
function broughtUpToDate(): void
{
    config(['database.connections.first' => [...(array) config('database.connections.sqlite'), 'database' => ':memory:']]);
    DB::setDefaultConnection('first');
    $all = glob(database_path('migrations/*.php'));
    $before = array_values(array_filter($all === false ? [] : $all, static fn(string $file): bool => basename($file) < '2026_11_28'));
    Artisan::call('migrate', ['--database' => 'first', '--path' => $before, '--realpath' => true, '--force' => true]);
    DB::statement('pragma foreign_keys = off');
    foreach (firstRows() as $table => $rows) {
        foreach ($rows as $row) {
            DB::table($table)->insert($row);
        }
    }
    DB::statement('pragma foreign_keys = on');
    Artisan::call('migrate', ['--database' => 'first', '--force' => true]);
    app()->forgetScopedInstances();
}

afterEach(function (): void {
    DB::setDefaultConnection(usualEngine());
    DB::purge('first');
});

it('carries every pot and every event of the first version over', function (): void {
    broughtUpToDate();
    $first = firstRows();
    expect(DB::table('pots')->count())->toBe(count($first['pots']))
        ->and(DB::table('pot_events')->count())->toBe(count($first['pot_events']))
        ->and(DB::select('pragma foreign_key_check'))->toBe([]);
    foreach ($first['pots'] as $row) {
        $pot = Pot::query()->where('id', $row['id'])->firstOrFail();
        $tokens = array_map(text(...), array_column(
            array_filter($first['pot_events'], static fn(array $event): bool => $event['pot_id'] === $row['id']),
            'token',
        ));
        $known = array_map(static fn($event): string => $event->id, $pot->course()->events);
        expect($pot->name)->toBe($row['name'])->and($pot->cook)->toBe($row['cook'])
            ->and($pot->finished_at?->format('Y-m-d H:i:s.v'))->toBe($row['finished_at'])
            ->and($pot->outcome === null)->toBe($row['outcome'] === null)
            ->and(array_diff($known, $tokens))->toBe([])
            ->and(array_filter($pot->course()->events, static fn($event): bool => $event->kind() === EventKind::Unknown))->toBe([])
            ->and(fitsSchema((string) json_encode(PlanCodec::encode($pot->plan), JSON_PRESERVE_ZERO_FRACTION), 'plan'))->toBeTrue();
        get($pot->finished_at === null ? "/pots/{$pot->id}" : "/log/{$pot->id}")->assertOk()->assertSee($pot->name);
    }
});

it('knows what each pot of the first version was', function (): void {
    broughtUpToDate();
    $kinds = Pot::query()->orderBy('id')->get()->map(static fn(Pot $pot): PotKind => $pot->kind)->all();
    expect($kinds)->toBe([...array_fill(0, 6, PotKind::Base), PotKind::Derivative, PotKind::Free, PotKind::Base, PotKind::Base]);
    $base = Pot::query()->findOrFail(6);
    expect($base->plan->ladles[0]->branch)->toBe('aurore@fish-stock')->and($base->course()->ladles()[0]->branch)->toBe('aurore@fish-stock');
    // The derivative stands where it stood, in the words it was promised in, and is foreseen as the others are.
    $made = Pot::query()->findOrFail(7);
    expect($made->course()->step()->kind)->toBe(StepKind::StirIn)->and($made->plan->steps[1]->said?->title)->not->toBe('');
    get('/pots/7')->assertOk()->assertSee('probe 78 °C')->assertSee('smooth');
    // All that one pot can say is told as it was.
    get('/log/9')
        ->assertOk()
        ->assertSeeInOrder([
            'Ines Vark has it',
            'heat to 3, brisk',
            'depth 45 mm',
            'topped up 0.20 l',
            'too thin: boiling down',
            'the rescue: worked',
            'tasted: needs salt',
            '20 g flour as beurre manié',
            'in: 4 egg yolks',
            'held hot',
        ]);
    get('/log/10')->assertOk()->assertSee('taken off unfinished');
});

it('takes in a log file of the first version, and twice counts once', function (): void {
    $file = (string) file_get_contents(__DIR__ . '/Kept/first-log.json');
    $take = static fn() => post('/log/files', [
        'file' => UploadedFile::fake()->createWithContent('log.json', $file),
    ])->assertSessionHasNoErrors();
    $take();
    app()->forgetScopedInstances();
    $take()->assertSessionHas('taken');
    $over = array_filter(firstRows()['pots'], static fn(array $pot): bool => $pot['finished_at'] !== null);
    expect(Pot::query()->count())->toBe(count($over));
    foreach ($over as $row) {
        $pot = Pot::query()->where('uid', $row['uid'])->firstOrFail();
        expect($pot->finished_at?->format('Y-m-d H:i:s.v'))->toBe($row['finished_at']);
        get("/log/{$pot->id}")->assertOk();
    }
});
