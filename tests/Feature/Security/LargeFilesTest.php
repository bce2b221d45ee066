<?php

declare(strict_types=1);

use Illuminate\Support\Facades\File;
use Lento\Plan\StepKind;

use function Pest\Laravel\get;

use Symfony\Component\Process\Process;

require_once __DIR__ . '/../taps.php';

// A log file of 16 MB, of anything, is read in 128 MB: what is none is refused, what is one is taken in.

const SIXTEEN = 16 * 1_048_576;

const LOG_BEGINS = '{"format":"lento-log","version":2,"pots":[';

/** @return array{string, int} what was said, and MB at most */
function readIn128(string $text, string $ending): array
{
    $file = sys_get_temp_dir() . '/lento-large-' . bin2hex(random_bytes(6)) . '.' . $ending;
    File::put($file, $text);
    unset($text);
    $process = new Process(
        ['php', '-d', 'pcov.enabled=0', '-d', 'memory_limit=128M', __DIR__ . '/memory.php', $file],
        env: ['DB_CONNECTION' => 'sqlite', 'DB_DATABASE' => ':memory:'],
        timeout: 600.0,
    );
    $process->run();
    File::delete($file);
    $lines = explode("\n", trim($process->getOutput()));

    return [$lines[0], (int) ($lines[1] ?? 999)];
}

it('refuses 16 MB of what is no log in 128 MB', function (string $ending, Closure $made, string $said): void {
    $text = $made();
    [$what, $megabytes] = readIn128(is_string($text) ? substr($text, 0, SIXTEEN) : '', $ending);
    expect($what)->toContain($said)->and($megabytes)->toBeLessThan(128);
})->with([
    'millions of pots' => ['json', fn() => LOG_BEGINS . str_repeat('[],', 5_300_000), 'more than 20000 pots'],
    'one pot of millions of parts' => [
        'json',
        fn() => LOG_BEGINS . '[' . str_repeat('1,', 8_000_000) . '1]]}',
        'refused',
    ],
    'a pot as deep as it is long' => ['json', fn() => LOG_BEGINS . str_repeat('[', 16_000_000), 'refused'],
    'one text' => ['json', fn() => '{"format":"' . str_repeat('x', SIXTEEN - 20) . '"}', 'refused'],
    'a row of commas' => ['csv', fn() => "name,finished_at\n" . str_repeat(',', SIXTEEN - 20), 'refused'],
    'a first row of commas' => ['csv', fn() => str_repeat('name,', 3_300_000), 'refused'],
    'empty lines' => ['csv', fn() => "name,finished_at\n" . str_repeat("\n", SIXTEEN - 20), 'more than 20000 pots'],
    'millions of rows' => ['csv', fn() => "name,finished_at\n" . str_repeat("a,2025-01-01 18:00\n", 880_000), 'more than 20000 pots'],
    'millions of other rows' => ['csv', fn() => "name,price\n" . str_repeat("a,1\n", 4_000_000), 'the column finished_at is missing'],
    'one cell' => ['csv', fn() => "name,finished_at\n\"" . str_repeat('x', SIXTEEN - 30) . '"', 'refused'],
]);

it('takes in 16 MB of pots in 128 MB', function (): void {
    $pot = started();
    cookUntil($pot, StepKind::Simmer);
    // As long as notes are: so few pots are reckoned through, and as much is read.
    foreach (range(1, 120) as $_) {
        happens($pot, 'note', ['text' => str_repeat('smells of nuts ', 33)]);
    }
    cookUntil($pot, StepKind::Finish);
    happens($pot, 'finished', ['volume' => '1.75', 'spoon' => 'veils']);
    $one = (string) get('/log/lento-log.json')->streamedContent();
    $lines = explode("\n", trim($one));
    $text = $lines[0];
    for ($i = 0; strlen($text) < SIXTEEN - 100_000; $i++) {
        $text .= ($i === 0 ? '' : ',') . "\n" . str_replace($pot->uid, "copy-{$i}", $lines[1]);
    }
    [$what, $megabytes] = readIn128($text . "\n]}\n", 'json');
    expect($what)->toBe("{$i} taken")->and($i)->toBeGreaterThan(100)->and($megabytes)->toBeLessThan(128);
});
