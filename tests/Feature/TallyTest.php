<?php

declare(strict_types=1);

use Illuminate\Contracts\Process\ProcessResult;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Facades\Process;

/** Where these tests put their reports; nothing of it stays behind. */
function tallyFolder(): string
{
    return sys_get_temp_dir() . '/lento-tally-' . getmypid();
}

/** @param array<string, string> $reports name => content */
function tally(int $failedSteps, array $reports): ProcessResult
{
    $folder = tallyFolder();
    File::ensureDirectoryExists($folder);
    $paths = [];
    foreach ($reports as $name => $content) {
        $paths[] = $path = $folder . '/' . $name;
        if ($content !== 'missing') {
            file_put_contents($path, $content);
        }
    }

    return Process::path(base_path())->run(['php', 'bin/tally.php', (string) $failedSteps, ...$paths]);
}

afterEach(function (): void {
    File::deleteDirectory(tallyFolder());
    expect(is_dir(tallyFolder()))->toBeFalse();
});

const GREEN_XML = '<testsuites><testsuite name="all" tests="5" assertions="9" errors="0" failures="0" skipped="1"/></testsuites>';
const RED_XML = '<testsuites><testsuite name="all" tests="5" assertions="9" errors="1" failures="1" skipped="0"/></testsuites>';
const GREEN_JSON = '{"stats":{"expected":16,"unexpected":0,"flaky":0,"skipped":0}}';

it('adds up what every suite reports', function (): void {
    $run = tally(0, ['core.xml' => GREEN_XML, 'browser.json' => GREEN_JSON]);
    expect(trim($run->output()))->toBe('20 passed, 0 failed')->and($run->exitCode())->toBe(0);
});

it('reads a report whose runner cut a name within a letter', function (): void {
    $cut = str_replace('</testsuites>', "<!-- another\xe2\x80 --></testsuites>", GREEN_XML);
    $run = tally(0, ['core.xml' => $cut, 'browser.json' => GREEN_JSON]);
    expect($run->exitCode())->toBe(0)->and($run->output())->toContain('0 failed');
});

it('fails when a test failed, a step failed, or a report is missing, broken or empty', function (
    int $steps,
    array $reports,
    string $line,
): void {
    $run = tally($steps, fields($reports));
    expect(trim($run->output()))->toBe($line)->and($run->exitCode())->toBe(1);
})->with([
    'a failing test' => [0, ['core.xml' => RED_XML], '3 passed, 2 failed'],
    'a failing step' => [1, ['core.xml' => GREEN_XML], '4 passed, 1 failed'],
    'no report' => [0, ['core.xml' => GREEN_XML, 'browser.json' => 'missing'], '4 passed, 1 failed'],
    'a broken report' => [0, ['core.xml' => '<testsuites><broken'], '0 passed, 1 failed'],
    'an empty report' => [0, ['core.xml' => '<testsuites><testsuite tests="0"/></testsuites>'], '0 passed, 1 failed'],
    'a broken browser report' => [0, ['browser.json' => '{}'], '0 passed, 1 failed'],
    'a flaky test' => [0, ['browser.json' => '{"stats":{"expected":3,"unexpected":0,"flaky":1}}'], '3 passed, 1 failed'],
]);
