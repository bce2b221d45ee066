<?php

declare(strict_types=1);

/*
 * How well hidden kitchens are learnt: medians over many, pot by pot. php bin/learning.php [KITCHENS] [SEED]
 *
 * Each steams and browns by factors of its own within ±30 %, its flour thickens within ±20.
 */

use Tests\Core\Learning\HiddenKitchens;

require __DIR__ . '/../vendor/autoload.php';

const POTS = 8;

$kitchens = (int) ($argv[1] ?? 60);
mt_srand((int) ($argv[2] ?? 1));
$draw = static fn(float $within): float => 1.0 + $within * (2.0 * mt_rand() / mt_getrandmax() - 1.0);
[$errors, $bias, $new, $held, $tried] = [[], [], [], [0, 0, 0], 0];
for ($i = 0; $i < $kitchens; $i++) {
    $true = [$draw(0.3), $draw(0.3), $draw(0.2)];
    foreach (HiddenKitchens::course(array_fill(0, POTS, $true), 7) as $pot => $three) {
        foreach ($three as $which => $factor) {
            $errors[$pot][$which][] = abs($factor->value / $true[$which] - 1.0);
            $held[$which] += abs(log($factor->value / $true[$which])) <= 1.2816 * $factor->deviation ? 1 : 0;
        }
        $tried++;
    }
    foreach (HiddenKitchens::course(array_fill(0, POTS, [1.0, 1.0, 1.0]), 0)[POTS] as $which => $factor) {
        $bias[$which][] = $factor->value;
    }
    $changed = HiddenKitchens::course([...array_fill(0, 20, [1.0, 1.0, 1.0]), ...array_fill(0, POTS, [1.4, 1.4, 1.0])], 7);
    foreach ([5, 8] as $after) {
        $new[$after][] = [$changed[20 + $after][0]->value, $changed[20 + $after][1]->value];
    }
}
echo "| pots | steam off by | browning | flour |\n|---|---|---|---|\n";
foreach ($errors as $pot => $three) {
    printf(
        "| %d | %.1f %% | %.1f %% | %.1f %% |\n",
        $pot,
        ...array_map(static fn(array $all): float => 100.0 * HiddenKitchens::median($all), $three),
    );
}
printf("| nothing to learn, 8 pots | %.3f | %.3f | %.3f |\n", ...array_map(HiddenKitchens::median(...), $bias));
printf("| in band | %.0f %% | %.0f %% | %.0f %% |\n", ...array_map(static fn(int $in): float => 100.0 * $in / $tried, $held));
foreach ($new as $after => $all) {
    printf(
        "| a ring 1.4 times as fast after twenty pots, %d pots on | %.2f | %.2f | |\n",
        $after,
        HiddenKitchens::median(array_column($all, 0)),
        HiddenKitchens::median(array_column($all, 1)),
    );
}
