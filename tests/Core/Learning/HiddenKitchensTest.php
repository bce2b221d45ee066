<?php

declare(strict_types=1);

use Tests\Core\Learning\HiddenKitchens;
use Tests\Core\Room;

covers(...Room::of('Learning'));

it('learns hidden kitchens in five pots, one in seven of them wild, as sure as it says', function (int $seed): void {
    mt_srand($seed);
    [$errors, $held, $tried] = [[[], [], []], [0, 0, 0], 0];
    for ($i = 0; $i < 200; $i++) {
        $draw = static fn(float $within): float => 1.0 + $within * (2.0 * mt_rand() / mt_getrandmax() - 1.0);
        $true = [$draw(0.3), $draw(0.3), $draw(0.2)];
        foreach (HiddenKitchens::course(array_fill(0, 5, $true), 7) as $pot => $three) {
            foreach ($three as $which => $factor) {
                $held[$which] += abs(log($factor->value / $true[$which])) <= 1.2816 * $factor->deviation ? 1 : 0;
                $errors[$which][] = $pot === 5 ? abs($factor->value / $true[$which] - 1.0) : null;
            }
            $tried++;
        }
    }
    $median = static fn(int $which): float => HiddenKitchens::median(array_values(array_filter($errors[$which], is_float(...))));
    expect($median(0))->toBeLessThan(0.06)
        ->and($median(1))->toBeLessThan(0.12)
        ->and($median(2))->toBeLessThan(0.14);
    foreach ($held as $in) {
        expect($in / $tried)->toBeGreaterThan(0.75)->toBeLessThan(0.9);
    }
})->with([1, 2]);

it('learns nothing where there is nothing to learn, however the stick is read', function (): void {
    mt_srand(1);
    $values = [[], [], []];
    for ($i = 0; $i < 200; $i++) {
        foreach (HiddenKitchens::course(array_fill(0, 8, [1.0, 1.0, 1.0]), 0)[8] ?? [] as $which => $factor) {
            $values[$which][] = $factor->value;
        }
    }
    foreach ($values as $all) {
        expect(HiddenKitchens::median($all))->toEqualWithDelta(1.0, 0.02);
    }
});

it('believes a new ring in five to eight pots, after twenty of the old one', function (): void {
    mt_srand(1);
    $steam = [];
    for ($i = 0; $i < 60; $i++) {
        $course = HiddenKitchens::course([...array_fill(0, 20, [1.0, 1.0, 1.0]), ...array_fill(0, 8, [1.4, 1.4, 1.0])], 7);
        foreach ([0, 5, 8] as $after) {
            $steam[$after][] = $course[20 + $after][0]->value ?? NAN;
        }
    }
    expect(HiddenKitchens::median($steam[0]))->toBeLessThan(1.1)
        ->and(HiddenKitchens::median($steam[5]))->toBeGreaterThan(1.25)
        ->and(HiddenKitchens::median($steam[8]))->toBeGreaterThan(1.32);
});
