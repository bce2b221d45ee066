<?php

declare(strict_types=1);

// Adds up what every suite reported. A report that is missing, or a step that failed without a failing test, counts as one failure.

$failedSteps = (int) $argv[1];
$passed = 0;
$failed = 0;
foreach (array_slice($argv, 2) as $report) {
    if (!is_file($report)) {
        fwrite(STDERR, "lento: no report {$report}\n");
        $failed++;
        continue;
    }
    if (str_ends_with($report, '.json')) {
        $read = json_decode((string) file_get_contents($report), true);
        $stats = is_array($read) && is_array($read['stats'] ?? null) ? $read['stats'] : [];
        $count = static fn(string $what, int $unsaid): int => is_int($stats[$what] ?? null) ? $stats[$what] : $unsaid;
        $passed += $count('expected', 0);
        $failed += $count('unexpected', 1) + $count('flaky', 0);
        continue;
    }
    libxml_use_internal_errors(true);
    // The runner cuts the name of a test with data at a byte, which may lie within a letter.
    $xml = simplexml_load_string(mb_scrub((string) file_get_contents($report), 'UTF-8'));
    $suite = $xml === false ? null : $xml->testsuite;
    if ($suite === null || (int) $suite['tests'] === 0) {
        fwrite(STDERR, "lento: report {$report} cannot be read, or holds no test\n");
        $failed++;
        continue;
    }
    $bad = (int) $suite['errors'] + (int) $suite['failures'];
    $passed += (int) $suite['tests'] - $bad - (int) $suite['skipped'];
    $failed += $bad;
}
$failed = max($failed, $failedSteps);
echo "{$passed} passed, {$failed} failed\n";
exit($failed === 0 ? 0 : 1);
