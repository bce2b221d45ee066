<?php

declare(strict_types=1);

use App\Log\CsvRow;
use App\Log\LogCsv;
use App\Log\ReadPots;
use App\Log\TakeIn;
use App\Models\Pot;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Route;

use function Pest\Laravel\withHeaders;

use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * The log's table of one pot of this name, and the name that comes in from it again.
 *
 * @return array{string, string}
 */
function nameThroughATable(string $name): array
{
    DB::table('pot_events')->delete();
    DB::table('pots')->delete();
    $pots = new ReadPots();
    $pots->add(CsvRow::of(['name' => $name, 'finished_at' => '2026-11-24 18:00', 'litres' => '2', 'spoon' => 'coats'], 2)->pot());
    app(TakeIn::class)($pots);
    $table = implode('', [...LogCsv::write([Pot::query()->firstOrFail()->id])]);

    return [$table, text([...LogCsv::read($table)->backwards()][0]->pot['name'] ?? '')];
}

it('lets no spreadsheet reckon with what was typed, whatever it parts its cells by', function (string $name, string $cell): void {
    [$table, $back] = nameThroughATable($name);
    expect($table)->toContain($cell)->and($back)->toBe($name);
})->with([
    ['=1+1', ",'=1+1,"],
    ['Bones;=1+1', ",Bones;'=1+1,"],
    ["Bones;\t=1+1", "Bones;'\t'=1+1"],
    ['Bones; @SUM(A1)', "Bones; '@SUM(A1)"],
    ["'=1+1", ",''=1+1,"],
    ["Bones;'=1", ",Bones;''=1,"],
    ['2 + 2', ',2 + 2,'],
    ['-5', ',-5,'],
]);

it('gives back every name as it went out', function (int $seed): void {
    $random = new Randomizer(new Mt19937($seed));
    for ($i = 0; $i < 60; $i++) {
        $name = 'x';
        for ($n = $random->getInt(1, 12); $n > 0; $n--) {
            $name .= ['=', '+', '-', '@', "'", ';', "\t", '"', ',', 'a', ' ', '1'][$random->getInt(0, 11)];
        }
        $name = $random->getInt(0, 1) === 0 ? ltrim($name, 'x') . 'z' : $name . 'z';
        [$table, $back] = nameThroughATable(trim($name));
        expect($back)->toBe(trim($name))->and(preg_match('/[;\t] *[=+@-]/', $table))->toBe(0);
    }
})->with([1, 2, 3]);

it('writes down what went wrong in lines that nothing typed can forge, without what was typed', function (): void {
    $file = storage_path('logs/test-forged.log');
    config(['logging.channels.daily.path' => $file, 'logging.default' => 'daily', 'logging.channels.daily.level' => 'debug']);
    Log::forgetChannel('daily');
    Log::error("a note\n[2026-11-28] production.ERROR: forged");
    Route::post('/breaks', static fn() => DB::table('pots')->insert(['nowhere' => request()->string('text')->toString()]))
        ->middleware('web');
    withHeaders(['Accept' => 'text/html'])->post('/breaks', ['text' => 'my secret stock'])->assertStatus(500);
    $written = text(File::glob(storage_path('logs/test-forged-*.log'))[0] ?? '');
    // Without the line that every request has.
    $lines = array_values(array_filter(
        explode("\n", trim(File::get($written))),
        static fn(string $line): bool => data_get(json_decode($line, true), 'message') !== 'request',
    ));
    expect($lines)->toHaveCount(2)
        ->and(File::get($written))->not->toContain('my secret stock')
        ->and(data_get(json_decode($lines[1], true), 'message'))->toBe('A query failed')
        ->and(substr(sprintf('%o', fileperms($written)), -3))->toBe('600');
    File::delete($written);
});
