<?php

declare(strict_types=1);

/*
 * Adds up what the mutation runs of bin/mutate.sh wrote. Ends with 1 below the score asked for, or if a run cannot be trusted.
 *
 * A mutant in a class constant, an enum case or a default argument is never run by the plugin, for PHP counts no such line as executed. It
 * stands
 * under "declared" and outside the score: constants are held by the calibration tables instead. Any other line that no test reaches counts
 * against it.
 */

/** @return array<int, true> lines of declarations that PHP does not execute */
function declaredLines(string $file): array
{
    $lines = [];
    $until = null;
    $depth = 0;
    $line = 1;
    foreach (token_get_all((string) file_get_contents($file)) as $token) {
        [$id, $text] = is_array($token) ? [$token[0], $token[1]] : [null, $token];
        $line = is_array($token) ? $token[2] : $line;
        if ($until === null && ($id === T_CONST || $id === T_CASE)) {
            $until = ';';
        } elseif ($until === null && $id === T_FUNCTION) {
            [$until, $depth] = [')', 0];
        }
        if ($until !== null) {
            for ($i = 0, $span = substr_count($text, "\n"); $i <= $span; $i++) {
                $lines[$line + $i] = true;
            }
            $depth += $text === '(' ? 1 : ($text === ')' ? -1 : 0);
            if (($until === ';' && $text === ';') || ($until === ')' && $text === ')' && $depth === 0)) {
                $until = null;
            }
        }
    }

    return $lines;
}

/**
 * Of those that were run, in per cent.
 *
 * @param array<string, int> $count
 */
function score(array $count): float
{
    return (100.0 * $count['noticed'])
    / max(1, $count['noticed'] + $count['missed'] + $count['unreached'] + $count['timeout']);
}

$least = (float) $argv[1];
$none = ['noticed' => 0, 'missed' => 0, 'unreached' => 0, 'timeout' => 0, 'declared' => 0];
$sum = $none;
$faults = [];
printf("| room | noticed | missed | not reached | timed out | score | declared |\n|---|---|---|---|---|---|---|\n");
foreach (array_slice($argv, 2) as $room) {
    $log = (string) @file_get_contents(__DIR__ . '/../build/mutate/' . $room . '.log');
    if (!str_contains($log, 'Mutations:') || str_contains($log, 'file_put_contents')) {
        $faults[] = $room;
        continue;
    }
    $count = $none;
    $declared = [];
    foreach (explode("\n", (string) strstr($log, 'Mutations:', true)) as $row) {
        if (preg_match('/^\s+RUN\s+(\S+)/', $row, $file) === 1) {
            $declared = declaredLines(__DIR__ . '/../' . $file[1]);
        } elseif (preg_match('/^\s+(\S+)\s+Line (\d+):/u', $row, $mutant) === 1) {
            $kind = ['✓' => 'noticed', '⨯' => 'missed', '-' => isset($declared[(int) $mutant[2]]) ? 'declared' : 'unreached'][$mutant[1]]
            ?? 'timeout';
            $count[$kind]++;
        }
    }
    foreach ($count as $kind => $number) {
        $sum[$kind] += $number;
    }
    printf(
        "| %s | %d | %d | %d | %d | %.1F %% | %d |\n",
        $room,
        $count['noticed'],
        $count['missed'],
        $count['unreached'],
        $count['timeout'],
        score($count),
        $count['declared'],
    );
}
printf(
    "| **all** | %d | %d | %d | %d | **%.1F %%** | %d |\n",
    $sum['noticed'],
    $sum['missed'],
    $sum['unreached'],
    $sum['timeout'],
    score($sum),
    $sum['declared'],
);
foreach ($faults as $room) {
    fwrite(STDERR, "lento: the run of {$room} cannot be read; see build/mutate/{$room}.log\n");
}

exit($faults !== [] || score($sum) < $least ? 1 : 0);
