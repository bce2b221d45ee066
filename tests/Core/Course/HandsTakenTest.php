<?php

declare(strict_types=1);

use Lento\Course\Course;
use Lento\Course\HandsTaken;
use Lento\Learning\Observation;
use Lento\Plan\Pace;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Quantity\Duration;
use Tests\Core\Course\Taps;
use Tests\Core\Room;

covers(...Room::of('Course'), ...Room::of('Plan'));

/** @return non-empty-list<Step> */
function actsOfHands(): array
{
    $hands = static fn(float $minutes): Pace => Pace::of(Duration::ofMinutes($minutes), true, false);

    return Step::numbered([
        Step::of(StepKind::SetOut, $hands(5.0)),
        Step::of(StepKind::Pour, $hands(3.0)),
        Step::of(StepKind::Colour, Pace::of(Duration::ofMinutes(6.0), true, true)),
        Step::of(StepKind::Simmer, Pace::of(Duration::ofMinutes(30.0), false, true)),
        Step::of(StepKind::Season, $hands(0.5)),
        Step::of(StepKind::Strain, $hands(3.0)),
        Step::of(StepKind::Finish, $hands(2.0)),
    ]);
}

/**
 * @param list<int> $minutes at which each step was done, from the first
 *
 * @return array<string, float>
 */
function handsAt(array $minutes): array
{
    $at = static fn(int $minute): DateTimeImmutable => (new DateTimeImmutable('2026-11-24 15:00:00 UTC'))->modify("+{$minute} minutes");
    $events = [];
    foreach ($minutes as $k => $minute) {
        $events[] = Taps::done(actsOfHands()[$k]->id, $at($minute));
    }

    return array_map(
        static fn(Observation $one): float => round($one->ratio, 3),
        HandsTaken::at(Course::of(actsOfHands(), $at(0), $events)),
    );
}

it('times what takes as long as hands take, and nothing else', function (): void {
    // 10 for 5, 3 for 3, a colour and a simmer that are not asked, half a minute that is too short to tell, 6 for 3.
    expect(handsAt([10, 13, 22, 60, 61, 67]))->toBe(['set-out' => 2.0, 'pour' => 1.0, 'strain' => 2.0]);
});

it('says nothing of what is not over, or took as long as no hands do', function (): void {
    expect(handsAt([]))->toBe([])->and(handsAt([40, 43]))->toBe(['pour' => 1.0])->and(handsAt([1]))->toBe([]);
});

it('plans with the minutes that a kitchen takes', function (): void {
    $plan = Plan::of(actsOfHands())->inHands(['pour' => 2.0, 'colour' => 3.0, 'simmer' => 3.0]);
    $minutes = array_map(static fn(Step $one): float => $one->pace->time->inMinutes(), $plan->steps);
    expect($minutes)->toBe([5.0, 6.0, 6.0, 30.0, 0.5, 3.0, 2.0]);
});
