<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Numerics\Normal;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Tests\Core\Room;

covers(...Room::of('Learning'));

it('knows nothing at first, and believes the house', function (): void {
    $kitchen = KitchenFactors::house();
    expect([$kitchen->evaporation->value, $kitchen->browning->value, $kitchen->flourStrength->value])
        ->toBe([1.0, 1.0, 1.0])
        ->and([$kitchen->evaporation->deviation, $kitchen->browning->deviation, $kitchen->flourStrength->deviation])
        ->toBe([0.3, 0.28, 0.08])
        ->and($kitchen->evaporation->observations)
        ->toBe(0);
});

it('weighs prior and observation by their precision', function (): void {
    // Prior and observation equally sure: the belief lands half way in the logarithm, surer by the root of two.
    $factor = Factor::unknown(0.2)->after(1.44, 0.2);
    expect($factor->value)->toEqualWithDelta(1.2, 1e-12)
        ->and($factor->deviation)->toEqualWithDelta(0.2 / M_SQRT2, 1e-12)
        ->and($factor->observations)->toBe(1);
});

it('does not care for the order of the pots', function (): void {
    $seen = [1.3, 0.9, 1.1, 1.25];
    $learn = fn(array $ratios): Factor => array_reduce(
        $ratios,
        fn(Factor $f, mixed $r): Factor => $f->after(number($r), 0.1),
        Factor::unknown(0.3),
    );
    expect($learn($seen)->value)
        ->toEqualWithDelta($learn(array_reverse($seen))->value, 1e-12)
        ->and($learn($seen)->deviation)
        ->toEqualWithDelta($learn(array_reverse($seen))->deviation, 1e-12);
});

it('finds a kitchen that steams a fifth more, within a twentieth, in five weighed pots', function (): void {
    $kitchen = KitchenFactors::house();
    $deviation = $kitchen->evaporation->deviation;
    foreach ([1.26, 1.13, 1.21, 1.24, 1.17] as $ratio) {
        $kitchen = $kitchen->afterSimmer(Mass::ofGrams(200.0 * $ratio), Mass::ofGrams(200.0));
        expect($kitchen->evaporation->deviation)->toBeLessThan($deviation);
        $deviation = $kitchen->evaporation->deviation;
    }
    expect($kitchen->evaporation->value)->toEqualWithDelta(1.2, 0.05)
        ->and($kitchen->browning->observations)->toBe(0);
});

it('takes a roux that needed longer for a slower hob, and a thicker test for stronger flour', function (): void {
    $kitchen = KitchenFactors::house()
        ->afterRoux(Duration::ofMinutes(12.0), Duration::ofMinutes(6.0))
        ->afterTest(EquivalentFlour::ofGramsPerLitre(66.0), EquivalentFlour::ofGramsPerLitre(60.0));
    expect($kitchen->browning->value)->toBeLessThan(1.0)->toBeGreaterThan(0.5)
        ->and($kitchen->flourStrength->value)->toBeGreaterThan(1.0)->toBeLessThan(1.1)
        ->and($kitchen->evaporation->value)->toBe(1.0);
});

it('learns each of the three from an observation of its own error', function (): void {
    // Prior and error of each, and what one observation a tenth off makes of it: precisions add up.
    $after = fn(float $prior, float $error): float => exp(log(1.1) / $error ** 2 / (1.0 / $prior ** 2 + 1.0 / $error ** 2));
    $kitchen = KitchenFactors::house()
        ->afterSimmer(Mass::ofGrams(110.0), Mass::ofGrams(100.0))
        ->afterRoux(Duration::ofMinutes(10.0), Duration::ofMinutes(11.0))
        ->afterTest(EquivalentFlour::ofGramsPerLitre(66.0), EquivalentFlour::ofGramsPerLitre(60.0));
    expect($kitchen->evaporation->value)
        ->toEqualWithDelta($after(0.3, 0.1), 1e-12)
        ->and($kitchen->browning->value)
        ->toEqualWithDelta($after(0.28, 0.2), 1e-12)
        ->and($kitchen->flourStrength->value)
        ->toEqualWithDelta($after(0.08, 0.06), 1e-12)
        ->and([$kitchen->evaporation->observations, $kitchen->browning->observations, $kitchen->flourStrength->observations])
        ->toBe([1, 1, 1]);
});

it('takes what lies on the limit, and says which it is', function (Closure $ask, ?string $says): void {
    $says === null ? expect($ask())->toBeInstanceOf(Factor::class) : expect($ask)->toThrow(OutOfRange::class, $says);
})->with([
    [fn() => Factor::unknown(0.3)->after(0.05, 0.1), null],
    [fn() => Factor::unknown(0.3)->after(20.0, 0.1), null],
    [fn() => Factor::unknown(0.001), null],
    [fn() => Factor::unknown(2.0), null],
    [fn() => Factor::unknown(0.3)->after(0.049, 0.1), 'observed-against-foreseen = 0.049, not in [0.05, 20]'],
    [fn() => Factor::unknown(0.3)->after(20.1, 0.1), 'observed-against-foreseen = 20.1, not in [0.05, 20]'],
    [fn() => Factor::unknown(0.3)->after(INF, 0.1), 'observed-against-foreseen = 0, not in [0.05, 20]'],
    [fn() => Factor::unknown(0.0009), 'spread-of-a-factor = 0.0009, not in [0.001, 2]'],
    [fn() => Factor::unknown(2.1), 'spread-of-a-factor = 2.1, not in [0.001, 2]'],
]);

it('refuses an observation that cannot be of this pot', function (Closure $ask): void {
    expect($ask)->toThrow(OutOfRange::class);
})->with([
    'nothing foreseen' => [fn() => KitchenFactors::house()->afterSimmer(Mass::ofGrams(10.0), Mass::ofGrams(0.0))],
    'nothing lost' => [fn() => KitchenFactors::house()->afterSimmer(Mass::ofGrams(0.0), Mass::ofGrams(100.0))],
    'thirty times as much' => [fn() => Factor::unknown(0.3)->after(30.0, 0.1)],
    'no number' => [fn() => Factor::unknown(0.3)->after(NAN, 0.1)],
    'no spread' => [fn() => Factor::unknown(0.0)],
    'a spread beyond belief' => [fn() => Factor::unknown(3.0)],
]);

it('narrows to where a word says the truth lies, as the cut curve does', function (float $low, float $high): void {
    // The same by brute force: a fine grid over the belief, weighted by how likely the word is.
    [$deviation, $error] = [0.15, 0.08];
    [$sum, $first, $second] = [0.0, 0.0, 0.0];
    for ($x = -1.2; $x <= 1.2; $x += 0.001) {
        $says = Normal::below((log($high) - $x) / $error) - Normal::below(((($low > 0.0 ? log($low) : -INF)) - $x) / $error);
        $weight = Normal::density($x / $deviation) * $says;
        [$sum, $first, $second] = [$sum + $weight, $first + $weight * $x, $second + $weight * $x * $x];
    }
    $mean = $first / $sum;
    $factor = Factor::unknown($deviation)->within($low, $high, $error);
    expect(log($factor->value))->toEqualWithDelta($mean, 1e-4)
        ->and($factor->deviation)->toEqualWithDelta(sqrt($second / $sum - $mean ** 2), 1e-4)
        ->and($factor->observations)->toBe(1);
})->with([[0.9, 1.1], [1.1, 1.4], [0.0, 0.85], [1.2, INF], [0.7, 2.0]]);

it('takes the nearer limit for read where a word lies far off', function (): void {
    $belief = Factor::unknown(0.05);
    expect($belief->within(3.0, 4.0, 0.05)->value)->toEqualWithDelta($belief->after(3.0, 0.05)->value, 1e-9)
        ->and($belief->within(0.2, 0.3, 0.05)->value)->toEqualWithDelta($belief->after(0.3, 0.05)->value, 1e-9);
});

it('learns from two levels of a simmer by as much as they are apart', function (): void {
    $house = KitchenFactors::house();
    $after = static fn(float $lost, float $foreseen, float $error): Factor => $house->afterLevels(
        Mass::ofGrams($lost),
        Mass::ofGrams($foreseen),
        Mass::ofGrams($error),
    )->evaporation;
    expect($after(600.0, 500.0, 10.0)->value)
        ->toBeGreaterThan(1.1)
        ->and($after(600.0, 500.0, 10.0)->deviation)
        ->toBeLessThan($after(60.0, 50.0, 10.0)->deviation)
        ->and($after(60.0, 50.0, 90.0)->value)
        ->toBeLessThan($after(600.0, 500.0, 90.0)->value)
        ->and($after(0.0, 500.0, 10.0)->value)
        ->toBeLessThan(0.9)
        ->toBeGreaterThan(0.0)
        ->and($after(100.0, 0.0, 10.0))
        ->toEqual($house->evaporation);
});

it('learns from a colour on the strip how fast a roux browns', function (): void {
    $house = KitchenFactors::house();
    $after = static fn(float $seen, float $foreseen): Factor => $house->afterColour(Shade::of($seen), Shade::of($foreseen))->browning;
    expect($after(1.2, 1.0)->value)->toBeGreaterThan(1.0)
        ->and($after(0.8, 1.0)->value)->toBeLessThan(1.0)
        ->and($after(1.0, 1.0)->value)->toEqualWithDelta(1.0, 1e-9)
        // A pale roux is read with more error than a brown one.
        ->and($after(2.0, 2.0)->deviation)->toBeLessThan($after(0.5, 0.5)->deviation)
        ->and($after(0.0, 1.0))->toEqual($house->browning)
        ->and($after(1.0, 0.0))->toEqual($house->browning);
});
