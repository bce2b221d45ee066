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
        $stats = json_decode((string) file_get_contents($report), true)['stats'] ?? [];
        $passed += $stats['expected'] ?? 0;
        $failed += ($stats['unexpected'] ?? 1) + ($stats['flaky'] ?? 0);
        continue;
    }
    libxml_use_internal_errors(true);
    $suite = (simplexml_load_file($report) ?: null)?->testsuite;
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
