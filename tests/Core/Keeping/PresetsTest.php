<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Keeping\CoolingStage;
use Lento\Keeping\FoodSafety;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Tests\Core\Room;

covers(...Room::of('Keeping'));

/** @return list<array{float, float, float}> °C from, °C to, hours */
function stagesOf(FoodSafety $rules): array
{
    return array_map(
        fn(CoolingStage $stage): array => [
            round($stage->from->inCelsius(), 6),
            round($stage->to->inCelsius(), 6),
            $stage->within->inMinutes() / 60.0,
        ],
        $rules->stages,
    );
}

// The figures of the guidance themselves: a slip in one of them would cool a sauce by the wrong clock.
it('knows the four presets by their figures', function (
    string $name,
    float $hold,
    array $stages,
    float $reheat,
    ?float $hours,
    float $keep,
): void {
    $rules = FoodSafety::named($name);
    expect($rules->holdAtLeast->inCelsius())->toEqualWithDelta($hold, 1e-9)
        ->and(stagesOf($rules))->toBe($stages)
        ->and($rules->reheatTo->inCelsius())->toEqualWithDelta($reheat, 1e-9)
        ->and($rules->reheatWithin?->inMinutes())->toBe($hours === null ? null : 60.0 * $hours)
        ->and($rules->keepAtMost->inCelsius())->toEqualWithDelta($keep, 1e-9);
})->with([
    ['us-model-code', 57.0, [[57.0, 21.0, 2.0], [57.0, 5.0, 6.0]], 74.0, 2.0, 5.0],
    ['uk-guidance', 63.0, [[63.0, 8.0, 1.5]], 75.0, null, 8.0],
    ['australia-nz', 60.0, [[60.0, 21.0, 2.0], [21.0, 5.0, 4.0]], 75.0, null, 5.0],
    ['codex-style', 60.0, [[60.0, 10.0, 2.0]], 75.0, null, 4.0],
]);

it('knows no other preset, and no rules of one’s own that do not cool', function (): void {
    $own = fn(float $from, float $to, float $keep): FoodSafety => FoodSafety::own(
        'ours',
        Temperature::ofCelsius(63.0),
        [new CoolingStage(Temperature::ofCelsius($from), Temperature::ofCelsius($to), Duration::ofMinutes(90.0))],
        Temperature::ofCelsius(75.0),
        null,
        Temperature::ofCelsius($keep),
    );
    expect(fn() => FoodSafety::named('none'))
        ->toThrow(Unknown::class)
        ->and($own(63.0, 8.0, 5.0)->name)
        ->toBe('ours')
        ->and(fn() => $own(20.0, 20.0, 5.0))
        ->toThrow(OutOfRange::class, 'end-of-a-cooling-stage = 20, not in [0, 20] °C')
        ->and(fn() => $own(63.0, 8.0, 63.0))
        ->toThrow(OutOfRange::class, 'temperature-to-keep-at = 63, not in [0, 63] °C');
});
