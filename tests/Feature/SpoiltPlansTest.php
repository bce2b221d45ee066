<?php

declare(strict_types=1);

use App\Models\Pot;
use Carbon\CarbonImmutable;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\DB;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;
use function Pest\Laravel\post;
use function Pest\Laravel\travel;
use function Pest\Laravel\travelTo;

use Random\Engine\Mt19937;
use Random\Randomizer;

require_once __DIR__ . '/taps.php';

// A log file may come from anywhere: whatever stands in its plans is refused with its place, or can be looked at.

/**
 * One number, word or part of it made into something else.
 *
 * @param array<mixed> $record
 *
 * @return mixed the record, spoilt
 */
function spoiltAt(array $record, Randomizer $random): mixed
{
    $paths = [];
    $walk = static function (array $part, array $path) use (&$walk, &$paths): void {
        foreach ($part as $key => $value) {
            $paths[] = [...$path, $key];
            is_array($value) && $walk($value, [...$path, $key]);
        }
    };
    $walk(row($record['plan'] ?? []), ['plan']);
    $walk(row($record['events'] ?? []), ['events']);
    $path = $paths[$random->getInt(0, count($paths) - 1)];
    $bad = [0, -1, 1e-12, 1e12, 1e300, -1e300, '', 'x', '<b>x</b>', true, [], ['a' => 1], str_repeat('y', 300), 0.5];
    data_set($record, array_map(text(...), $path), $bad[$random->getInt(0, count($bad) - 1)]);

    return $record;
}

it('takes a spoilt plan in and shows it, or refuses it with its place, but never falls over', function (string $question): void {
    travelTo(CarbonImmutable::parse('2026-11-24 15:00'));
    $pot = started($question);
    cookUntil($pot, StepKind::Simmer);
    travel(20)->minutes();
    happens($pot, 'read', ['choice' => 'depth', 'depth' => '45']);
    happens($pot, 'tended', ['choice' => 'stir']);
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '1.9', 'spoon' => 'coats']);
    app()->forgetScopedInstances();
    /** @var array{pots: list<array<mixed>>} $file */
    $file = json_decode(get('/log/lento-log.json')->streamedContent(), true);
    $random = new Randomizer(new Mt19937(17));
    [$taken, $refused] = [0, 0];
    for ($i = 0; $i < 80; $i++) {
        DB::table('pots')->delete();
        $spoilt = [...$file, 'pots' => [spoiltAt($file['pots'][0], $random)]];
        app()->forgetScopedInstances();
        $upload = UploadedFile::fake()->createWithContent('log.json', (string) json_encode($spoilt, JSON_PRESERVE_ZERO_FRACTION));
        $answer = post('/log/files', ['file' => $upload])->assertRedirect();
        if (Pot::query()->count() === 0) {
            $refused++;
            $answer->assertSessionHasErrors('file');
            continue;
        }
        $taken++;
        $id = Pot::query()->firstOrFail()->id;
        foreach (["/log/{$id}", '/log', '/learning', '/log/lento-log.json', '/log/lento-log.csv'] as $address) {
            app()->forgetScopedInstances();
            get($address)->assertOk();
        }
    }
    expect($refused)->toBeGreaterThan(20)->and($taken)->toBeGreaterThan(3);
})->with([
    ['sauce=veloute&amount=2&diameter=240&height=140&finish=liaison'],
    ['sauce=espagnole&amount=2&diameter=240&height=140'],
]);
