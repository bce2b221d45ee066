<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Heat\HobHeat;
use Lento\Plan\StepKind;
use Lento\Practice\Cause;
use Lento\Practice\Deed;
use Lento\Practice\DeedKind;
use Lento\Practice\Exercise;
use Lento\Practice\Mended;
use Lento\Practice\Mends;
use Lento\Practice\Quirk;
use Lento\Practice\Quirks;
use Lento\Practice\Segment;
use Lento\Quantity\Mass;
use Tests\Core\Practice\Kitchens;
use Tests\Core\Room;

covers(...Room::of('Practice'));

/**
 * Careful hands, but for one kind of step.
 *
 * @param callable(Segment): list<Deed> $otherwise
 *
 * @return list<Mended>
 */
function mendsOf(Exercise $exercise, StepKind $kind, callable $otherwise): array
{
    $segments = array_map(
        static fn(Segment $segment): Segment => Kitchens::kind($exercise, $segment) === $kind
            ? $segment->doing($otherwise($segment))
            : $segment,
        Kitchens::careful($exercise)->segments(),
    );

    return (new Mends($exercise, Kitchens::again($exercise, $segments)))->all();
}

/**
 * @param list<Mended> $mends
 *
 * @return list<Cause>
 */
function mendedCauses(array $mends): array
{
    return array_map(static fn(Mended $one): Cause => $one->cause, $mends);
}

it('has nothing of the hand to put right where it was done as the sheet has it', function (): void {
    $exercise = Kitchens::exercise(Base::Veloute);
    $causes = mendedCauses((new Mends($exercise, Kitchens::careful($exercise)))->all());
    expect($causes)->not->toContain(Cause::WrongWeight, Cause::LateLift, Cause::PoursTooLarge, Cause::NeverBoiled, Cause::SaltTooEarly);
});

it('offers each thing of a strange kitchen as it is at home, and leaves the others as they are', function (): void {
    $quirks = Quirks::only(Quirk::RingHot, 1.2)->and(Quirk::FlourWeak, 0.8);
    $exercise = Kitchens::exercise(Base::Veloute)->in($quirks);
    $mends = (new Mends($exercise, Kitchens::careful($exercise)))->all();
    $home = array_values(array_filter($mends, static fn(Mended $one): bool => $one->cause->quirk() !== null));
    expect(mendedCauses($home))->toBe([Cause::RingHot, Cause::FlourWeak])
        ->and($home[0]->quirks->sizes)->toBe(['flour-weak' => 0.8])
        ->and($home[1]->quirks->sizes)->toBe(['ring-hot' => 1.2])
        ->and($home[0]->much)->toBe(1.2);
});

it('puts one weight right, by its name, with how much it was off', function (float $factor): void {
    $exercise = Kitchens::exercise(Base::Veloute);
    $mends = mendsOf($exercise, StepKind::Flour, static fn(Segment $segment): array => array_map(
        static fn(Deed $deed): Deed => $deed->kind === DeedKind::Add ? $deed->weighing($factor * $deed->amount) : $deed,
        $segment->deeds,
    ));
    $weight = array_values(array_filter($mends, static fn(Mended $one): bool => $one->cause === Cause::WrongWeight))[0];
    $flour = array_values(array_filter($exercise->plan->amounts(), static fn($one): bool => $one->ingredient === $weight->what))[0];
    $grams = $flour->mass->inGrams();
    $added = array_values(array_filter(
        $weight->segments[$weight->segment]->deeds,
        static fn(Deed $deed): bool => $deed->kind === DeedKind::Add,
    ))[0];
    expect($weight->what)->toBe('plain-flour')
        ->and($weight->much)->toEqualWithDelta(($factor - 1.0) * $grams, 1e-6)
        ->and($added->amount)->toEqualWithDelta($grams, 1e-6);
})->with([0.6, 0.9, 1.1, 1.8]);

it('takes a twentieth of a gram or a few seconds for no mistake', function (): void {
    $exercise = Kitchens::exercise(Base::Veloute);
    $mends = mendsOf($exercise, StepKind::Colour, static fn(Segment $segment): array => [
        ...array_slice($segment->deeds, 0, -1),
        Deed::of($segment->lasted() + 5, DeedKind::Done),
    ]);
    expect(mendedCauses($mends))->not->toContain(Cause::LateLift)->not->toContain(Cause::WrongWeight);
});

it('lifts when the sheet has it, and says how late or early that was', function (int $off, Cause $cause): void {
    $exercise = Kitchens::exercise(Base::Espagnole);
    $mends = mendsOf($exercise, StepKind::Colour, static fn(Segment $segment): array => [
        ...array_slice($segment->deeds, 0, -1),
        Deed::of($segment->lasted() + $off, DeedKind::Done),
    ]);
    $lift = array_values(array_filter($mends, static fn(Mended $one): bool => $one->cause === $cause))[0];
    $sheet = $exercise->plan->first(StepKind::Colour)?->pace->time->seconds ?? 0.0;
    expect($lift->segments[$lift->segment]->lasted())->toEqualWithDelta($sheet, 1.0)
        ->and($lift->much < 0.0)->toBe($off < 0);
})->with([[200, Cause::LateLift], [-300, Cause::EarlyLift]]);

it('lowers only the flames that were higher than the sheet’s', function (): void {
    $exercise = Kitchens::exercise(Base::Veloute);
    $mends = mendsOf($exercise, StepKind::Colour, static fn(Segment $segment): array => [
        Deed::heat(0, HobHeat::High),
        ...$segment->deeds,
    ]);
    $cooler = array_values(array_filter($mends, static fn(Mended $one): bool => $one->cause === Cause::TooHot))[0];
    $meant = $exercise->cooking->roux->heat ?? HobHeat::Medium;
    expect($cooler->segments[$cooler->segment]->first(DeedKind::Heat)?->way)->toBe($meant);
});

it('moves the salt to its step, and all of it', function (): void {
    $exercise = Kitchens::exercise(Base::Veloute);
    $mends = mendsOf($exercise, StepKind::Boil, static fn(Segment $segment): array => [
        Deed::add(0, 'salt', Mass::ofGrams(9.0)),
        ...$segment->deeds,
    ]);
    $later = array_values(array_filter($mends, static fn(Mended $one): bool => $one->cause === Cause::SaltTooEarly))[0];
    $salted = [];
    foreach ($later->segments as $segment) {
        foreach ($segment->deeds as $deed) {
            if ($deed->what === 'salt') {
                $salted[] = [Kitchens::kind($exercise, $segment), $deed->amount];
            }
        }
    }
    $sheet = array_values(array_filter($exercise->plan->amounts(), static fn($one): bool => $one->ingredient === 'salt'))[0];
    expect($salted)->toHaveCount(1)
        ->and($salted[0][0])->toBe(StepKind::Season)
        ->and($salted[0][1])->toEqualWithDelta($sheet->mass->inGrams(), 1e-6);
});
