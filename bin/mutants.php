<?php

declare(strict_types=1);

/*
 * Adds up what the mutation runs of bin/mutate.sh wrote. Ends with 1 below the score asked for, or if a run cannot be trusted.
 */

$least = (float) $argv[1];
$sum = ['tested' => 0, 'untested' => 0, 'uncovered' => 0, 'timeout' => 0];
$faults = [];
printf("| room | noticed | not noticed | not covered | timed out | score |\n|---|---|---|---|---|---|\n");
foreach (array_slice($argv, 2) as $room) {
    $log = (string) file_get_contents(__DIR__ . '/../build/mutate/' . $room . '.log');
    if (preg_match('/Mutations:(.*)/', $log, $line) !== 1 || str_contains($log, 'file_put_contents')) {
        if (preg_match('/No mutations created|no test covers/i', $log) === 1) {
            continue;
        }
        $faults[] = $room;
        continue;
    }
    $count = [];
    foreach (array_keys($sum) as $kind) {
        $count[$kind] = preg_match('/(\d+) ' . $kind . '\b/', $line[1], $number) === 1 ? (int) $number[1] : 0;
        $sum[$kind] += $count[$kind];
    }
    printf("| %s | %d | %d | %d | %d | %.1F %% |\n", $room, $count['tested'], $count['untested'], $count['uncovered'], $count['timeout'], 100.0 * $count['tested'] / max(1, array_sum($count)));
}
$score = 100.0 * $sum['tested'] / max(1, array_sum($sum));
printf("| all | %d | %d | %d | %d | %.1F %% |\n", $sum['tested'], $sum['untested'], $sum['uncovered'], $sum['timeout'], $score);
foreach ($faults as $room) {
    fwrite(STDERR, "lento: the run of {$room} cannot be read; see build/mutate/{$room}.log\n");
}

exit($faults !== [] || $score < $least ? 1 : 0);
