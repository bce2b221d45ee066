<?php

declare(strict_types=1);

use Lento\Course\Course;
use Lento\Course\Reading;
use Lento\Plan\StepKind;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Stove\Plausible;
use Lento\Stove\PotWatch;
use Tests\Core\Stove\StovePots;

function likely(Reading $reading, StepKind $at): bool
{
    $pots = StovePots::of();
    $minutes = $pots->begins($at) + 1.0;

    return Plausible::reading(
        $reading,
        PotWatch::of($pots->plan, Course::of($pots->plan->steps, StovePots::at(0.0), $pots->until($at)), StovePots::at($minutes)),
    );
}

it('knows what a probe can read of a roux and of a sauce', function (float $celsius, StepKind $at, bool $likely): void {
    expect(likely(Reading::temperature(Temperature::ofCelsius($celsius)), $at))->toBe($likely);
})->with([
    'a roux that fries' => [140.0, StepKind::Colour, true],
    'a roux that burns' => [260.0, StepKind::Colour, false],
    'a sauce on its way to the boil' => [35.0, StepKind::Boil, true],
    'a simmer' => [94.0, StepKind::Simmer, true],
    'a probe in the air' => [22.0, StepKind::Simmer, false],
    'a sauce as hot as a roux' => [140.0, StepKind::Simmer, false],
]);

it('knows what a scale can show with this pan on it', function (float $share, bool $likely): void {
    $pots = StovePots::of();
    $pan = $pots->sheet->question->pan->mass()->inGrams();
    $all = $pots->sheet->start->grams();
    expect(likely(Reading::weight(Mass::ofGrams($pan + $share * $all)), StepKind::Simmer))->toBe($likely);
})->with([[1.0, true], [0.7, true], [1.2, true], [0.1, false], [-0.3, false], [2.0, false]]);

it('holds nothing against a pot without a sheet', function (): void {
    expect(Plausible::reading(Reading::temperature(Temperature::ofCelsius(1.0)), null))->toBeTrue();
});
