<?php

declare(strict_types=1);

use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Quantity\Duration;
use Tests\Core\Room;

covers(...Room::of('Course'));

function at(int $seconds): DateTimeImmutable
{
    return (new DateTimeImmutable('2026-11-24 15:20:00 UTC'))->modify("+{$seconds} seconds");
}

/** @return non-empty-list<Step> */
function steps(): array
{
    return [
        new Step(StepKind::SetOut, Duration::ofMinutes(5.0), true, false),
        new Step(StepKind::Pour, Duration::ofMinutes(3.0), true, false, pours: 3),
        new Step(StepKind::Simmer, Duration::ofMinutes(30.0), false, true),
        new Step(StepKind::Finish, Duration::ofMinutes(0.0), true, false),
    ];
}

/** @param list<Event> $events */
function course(array $events): Course
{
    return Course::of(steps(), at(0), $events);
}

it('starts at the first step, without a clock where the eye decides', function (): void {
    $course = course([]);
    expect($course->current)->toBe(0)
        ->and($course->since())->toEqual(at(0))
        ->and($course->timerEnds())->toBeNull()
        ->and($course->nextPour())->toBeNull();
});

it('ticks pours off one by one, and back', function (): void {
    $events = [Event::done(0, at(10)), Event::poured(1, 0, at(20)), Event::poured(1, 1, at(30))];
    expect(course($events)->poured)->toBe([0, 1])->and(course($events)->nextPour())->toBe(2)
        ->and(course([...$events, Event::poured(1, 1, at(31))])->poured)->toBe([0, 1])
        ->and(course([...$events, Event::unpoured(1, 0, at(40))])->nextPour())->toBe(0)
        ->and(course([...$events, Event::poured(1, 7, at(41))])->poured)->toBe([0, 1])
        ->and(course([...$events, Event::poured(1, 2, at(42))])->nextPour())->toBeNull();
});

it('runs a timer from the moment the step began', function (): void {
    $course = course([Event::done(0, at(10)), Event::done(1, at(100))]);
    expect($course->timerEnds())->toEqual(at(100 + 1800))
        ->and(course([Event::done(0, at(10)), Event::done(1, at(100)), Event::moreTime(2, Duration::ofMinutes(1.0), at(500))])->timerEnds())->toEqual(at(100 + 1860));
});

it('begins the time anew, and drops the added minutes, when a step is gone back to', function (): void {
    $course = course([Event::done(0, at(10)), Event::done(1, at(100)), Event::moreTime(2, Duration::ofMinutes(5.0), at(200)), Event::back(2, at(300)), Event::done(1, at(400))]);
    expect($course->timerEnds())->toEqual(at(400 + 1800))
        ->and($course->visits)->toHaveCount(5)
        ->and($course->visits[2]->until)->toEqual(at(300));
});

it('counts a second tablet’s late tap on the same step once', function (): void {
    expect(course([Event::done(0, at(10)), Event::done(0, at(10)), Event::done(0, at(11))])->current)->toBe(1)
        ->and(course([Event::back(0, at(5))])->current)->toBe(0)
        ->and(course([Event::done(0, at(1)), Event::done(1, at(2)), Event::done(2, at(3)), Event::done(3, at(4))])->current)->toBe(3);
});

it('can be taken off at any step, and only its last step finishes it', function (): void {
    expect(course([Event::done(0, at(1)), Event::takenOff(1, at(9))])->finishedAt)->toEqual(at(9))
        ->and(course([Event::takenOff(1, at(9))])->finishedAt)->toBeNull()
        ->and(course([Event::finished(0, at(9))])->finishedAt)->toBeNull();
});

it('takes notes without moving, and nothing after the end', function (): void {
    $events = [Event::done(0, at(1)), Event::done(1, at(2)), Event::done(2, at(3)), Event::finished(3, at(60))];
    expect(course([Event::note(0, 'stock is cold', at(5))])->current)->toBe(0)
        ->and(course($events)->finishedAt)->toEqual(at(60))
        ->and(course([...$events, Event::back(3, at(70))])->current)->toBe(3)
        ->and(course($events)->timerEnds())->toBeNull();
});
