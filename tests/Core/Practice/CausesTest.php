<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\How;
use Lento\Compose\Method;
use Lento\Heat\HobHeat;
use Lento\Plan\StepKind;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Practice\Blame;
use Lento\Practice\Cause;
use Lento\Practice\Causes;
use Lento\Practice\Debrief;
use Lento\Practice\Deed;
use Lento\Practice\DeedKind;
use Lento\Practice\Draw;
use Lento\Practice\Exercise;
use Lento\Practice\LossKind;
use Lento\Practice\Outcome;
use Lento\Practice\Played;
use Lento\Practice\Quirk;
use Lento\Practice\Quirks;
use Lento\Practice\Segment;
use Lento\Quantity\Mass;
use Tests\Core\Practice\Kitchens;
use Tests\Core\Room;

covers(...Room::of('Practice'));

/** What one may do to a pot, one thing at a time. */
const INJECTED = [
    Cause::RingHot,
    Cause::FlourWeak,
    Cause::PoursTooLarge,
    Cause::NeverBoiled,
    Cause::LeftUnstirred,
    Cause::SaltTooEarly,
    Cause::LiaisonBoiled,
    Cause::EvaporationMisjudged,
    Cause::WrongWeight,
    Cause::LateLift,
];

/**
 * One step as somebody does it who makes that one mistake.
 *
 * @param float $share how badly, 0 to 1
 *
 * @return list<Deed>
 */
function mistaken(Cause $cause, Exercise $exercise, Segment $segment, float $share): array
{
    $kind = Kitchens::kind($exercise, $segment);
    $deeds = $segment->deeds;
    $done = $deeds === [] ? null : $deeds[count($deeds) - 1];
    $rest = array_slice($deeds, 0, -1);
    $without = static fn(callable $which): array => array_values(array_filter($deeds, static fn(Deed $deed): bool => !$which($deed)));
    if ($done === null) {
        return $deeds;
    }

    return match (true) {
        $cause === Cause::PoursTooLarge && $kind === StepKind::Pour => allAtOnce($deeds, $done),
        $cause === Cause::NeverBoiled && $kind === StepKind::Boil => [
            Deed::heat(0, HobHeat::Low),
            Deed::of(30 + (int) (60.0 * $share), DeedKind::Done),
        ],
        $cause === Cause::NeverBoiled && in_array($kind, [StepKind::Simmer, StepKind::Skim, StepKind::Reduce], true)
            => [Deed::heat(0, null), $done],
        $cause === Cause::LeftUnstirred && in_array($kind, [StepKind::Flour, StepKind::Colour, StepKind::Boil, StepKind::Simmer], true)
            => [Deed::stir(0, 0.0), ...$without(static fn(Deed $deed): bool => $deed->kind === DeedKind::Stir)],
        $cause === Cause::SaltTooEarly && $kind === StepKind::Boil => [
            Deed::add(0, 'salt', Mass::ofGrams((1.35 + 0.4 * $share) * 0.0075 * $segment->begin->pot->state->sauce->grams())),
            ...$deeds,
        ],
        $cause === Cause::SaltTooEarly && $kind === StepKind::Season => $without(static fn(Deed $deed): bool => $deed->what === 'salt'),
        $cause === Cause::LiaisonBoiled && $kind === StepKind::Season => [
            Deed::heat(0, HobHeat::Medium),
            ...$rest,
            $done->later($done->at + 200 + (int) (100.0 * $share)),
        ],
        $cause === Cause::EvaporationMisjudged && in_array($kind, [StepKind::Simmer, StepKind::Reduce], true) => [
            ...array_map(static fn(Deed $deed): Deed => $deed->kind === DeedKind::Hold
                ? Deed::hold($deed->at, $deed->way === SimmerLevel::Brisk ? SimmerLevel::Boil : SimmerLevel::Brisk)
                : $deed, $rest),
            $done->later((int) ($done->at * (1.2 + 0.6 * $share))),
        ],
        $cause === Cause::WrongWeight && $kind === StepKind::Flour => array_map(
            static fn(Deed $deed): Deed => $deed->kind === DeedKind::Add
                ? $deed->weighing($deed->amount * ($share < 0.5 ? 0.55 + 0.4 * $share : 1.1 + 0.6 * $share))
                : $deed,
            $deeds,
        ),
        $cause === Cause::LateLift && $kind === StepKind::Colour => [
            ...$rest,
            $done->later((int) ($done->at * (1.35 + 0.5 * $share)) + 50),
        ],
        default => $deeds,
    };
}

/**
 * @param list<Deed> $deeds
 *
 * @return list<Deed>
 */
function allAtOnce(array $deeds, Deed $done): array
{
    $pours = array_values(array_filter($deeds, static fn(Deed $deed): bool => $deed->kind === DeedKind::Add));
    $all = array_sum(array_map(static fn(Deed $deed): float => $deed->amount, $pours));
    $others = array_values(array_filter($deeds, static fn(Deed $deed): bool => $deed->kind !== DeedKind::Add && $deed !== $done));

    return [...$others, Deed::add($pours[0]->at, $pours[0]->what, Mass::ofGrams($all)), $done];
}

/** @return array{Exercise, Played, Cause} a run by the clock with one thing wrong, which follows from its seed */
function spoiltRun(int $seed): array
{
    $cause = INJECTED[($seed - 1) % count(INJECTED)];
    $draw = Draw::from($seed)->next();
    $litres = [0.5, 1.0, 2.0, 4.0, 8.0][$draw->below(5)];
    $draw = $draw->next();
    $bases = match ($cause) {
        Cause::RingHot, Cause::LateLift => [Base::Veloute, Base::PanGravy, Base::Espagnole],
        Cause::LeftUnstirred, Cause::SaltTooEarly => [Base::Bechamel, Base::Veloute],
        // Cold milk onto a hot roux hardly lumps, however it is poured: hot onto hot does.
        Cause::PoursTooLarge => [Base::Bechamel, Base::Veloute],
        Cause::LiaisonBoiled => [Base::Veloute],
        default => [Base::Bechamel, Base::Veloute, Base::PanGravy],
    };
    $how = match ($cause) {
        Cause::LiaisonBoiled => new How(method: Method::of(FinishWay::Liaison)),
        Cause::PoursTooLarge => new How(school: School::HotOnHot),
        default => new How(),
    };
    $home = Kitchens::exercise($bases[$draw->below(count($bases))], $litres, $how);
    $draw = $draw->next();
    $share = $draw->share();
    $quirk = $cause->quirk();
    $exercise = $quirk === null ? $home : $home->in(Quirks::only($quirk, $quirk->size($share)));
    $segments = array_map(
        static fn(Segment $segment): Segment => $segment->doing(mistaken($cause, $home, $segment, $share)),
        Kitchens::careful($home)->segments(),
    );

    return [$exercise, Kitchens::again($exercise, $segments), $cause];
}

it('names the true cause first in nine of ten runs that had one', function (): void {
    $right = [];
    for ($seed = 1; $seed <= 100; $seed++) {
        [$exercise, $played, $cause] = spoiltRun($seed);
        $first = Causes::of($exercise, $played, Outcome::of($exercise, $played->standing))[0] ?? null;
        $right[$cause->value] = ($right[$cause->value] ?? 0) + ($first?->cause === $cause ? 1 : 0);
    }
    expect(array_sum($right))->toBeGreaterThanOrEqual(90)
        // No cause is passed over for the sake of the others.
        ->and(min($right))->toBeGreaterThanOrEqual(5);
});

it('blames nothing where nothing is lost', function (): void {
    $exercise = Kitchens::exercise(Base::Veloute);
    $debrief = Debrief::of($exercise, Kitchens::careful($exercise));
    expect($debrief->causes)->toBe([])
        ->and($debrief->first())->toBeNull()
        ->and($debrief->began)->toBeNull()
        ->and($debrief->outcome->isIt())->toBeTrue();
});

it('says what was lost, since when, how much it was, and what would have come out without', function (): void {
    [$exercise, $played] = spoiltRun(10);
    $debrief = Debrief::of($exercise, $played);
    $first = $debrief->first();
    $colours = array_values(array_filter(
        $played->begins,
        static fn($begin): bool => $exercise->step($begin->step)?->kind === StepKind::Colour,
    ))[0]->second();
    expect($first?->cause)->toBe(Cause::LateLift)
        ->and($first->mended->much ?? 0.0)->toBeGreaterThan(50.0)
        ->and($first->at ?? 0)->toBe($colours)
        ->and($first?->without->faults())->toBeLessThan($debrief->outcome->faults())
        ->and($debrief->began)->toBe($colours)
        ->and($debrief->outcome->worst())->toContain(LossKind::Colour)
        ->and($debrief->outcome->missingFlour()->inGrams())->toBeGreaterThan(1.0)
        ->and(count($debrief->best))->toBeGreaterThan(5);
});

it('blames both where there are two, the worse one first', function (): void {
    $home = Kitchens::exercise(Base::Veloute, 2.0);
    $strange = $home->in(Quirks::only(Quirk::FlourWeak, 0.85));
    $segments = array_map(
        static fn(Segment $segment): Segment => $segment->doing(mistaken(Cause::LateLift, $home, $segment, 0.9)),
        Kitchens::careful($home)->segments(),
    );
    $played = Kitchens::again($strange, $segments);
    $causes = array_map(
        static fn(Blame $blame): Cause => $blame->cause,
        Causes::of($strange, $played, Outcome::of($strange, $played->standing)),
    );
    expect($causes)->toBe([Cause::LateLift, Cause::FlourWeak]);
});
