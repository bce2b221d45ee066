<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\How;
use Lento\Compose\Question;
use Lento\Compose\SimmerWish;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;
use Lento\Stove\FreshStart;

it('simmers no longer than usual, as long as there is time, and never shorter than a sauce can', function (): void {
    $lost = Question::of(Base::Bechamel, Volume::ofLitres(2.0));
    $usual = FreshStart::within($lost, Duration::ofMinutes(60.0 * 5.0));
    expect($usual->sheet->question->simmerTime->inMinutes())->toBe($lost->simmerTime->inMinutes())->and($usual->late->seconds)->toBe(0.0);

    $short = FreshStart::within($lost, Duration::ofMinutes($usual->takes->inMinutes() - 6.0));
    expect($short->sheet->question->simmerTime->inMinutes())->toBeLessThan($lost->simmerTime->inMinutes())
        ->and($short->takes->inMinutes())->toBeLessThanOrEqual($usual->takes->inMinutes() - 5.5)
        ->and($short->late->inMinutes())->toBeLessThan(0.6);

    $hopeless = FreshStart::within($lost, Duration::ofMinutes(1.0));
    expect($hopeless->sheet->question->simmerTime->inMinutes())->toBe(Question::LEAST_MINUTES)
        ->and($hopeless->late->inMinutes())->toEqualWithDelta($hopeless->takes->inMinutes() - 1.0, 1e-6);
});

it('takes no longer the less time there is', function (): void {
    $lost = Question::of(Base::Veloute, Volume::ofLitres(3.0));
    $takes = array_map(static fn(float $minutes): float => FreshStart::within($lost, Duration::ofMinutes($minutes))->takes->inMinutes(), [
        200.0,
        90.0,
        70.0,
        50.0,
        20.0,
        0.0,
    ]);
    $sorted = $takes;
    rsort($sorted);
    expect($takes)->toBe($sorted)->and($takes[5])->toBeGreaterThan(10.0);
});

it('leaves a reduction as it is', function (): void {
    $lost = Question::of(Base::Espagnole, Volume::ofLitres(2.0), how: new How(simmer: new SimmerWish(reduceBy: 0.3)));
    expect(FreshStart::within($lost, Duration::ofMinutes(5.0))->takes->inMinutes())->toBe(
        FreshStart::within($lost, Duration::ofMinutes(60.0 * 9.0))->takes->inMinutes(),
    );
});
