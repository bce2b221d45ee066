<?php

declare(strict_types=1);

use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\Tending;
use Lento\Compose\TendingKind;
use Lento\Course\Call;
use Lento\Course\CallKind;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Course\FollowUp;
use Lento\Course\KeptAs;
use Lento\Course\Rescued;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Rescue\Fault;
use Lento\Rescue\RemedyKind;
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
        new Step(StepKind::Simmer, Duration::ofMinutes(30.0), false, true, tendings: [
            new Tending(TendingKind::Stir, Duration::ofMinutes(5.0)),
            new Tending(TendingKind::Skim, Duration::ofMinutes(10.0)),
            new Tending(TendingKind::Look, Duration::ofMinutes(20.0)),
        ]),
        new Step(StepKind::Test, Duration::ofMinutes(1.0), true, false),
        new Step(StepKind::Correct, Duration::ofMinutes(0.0), true, false),
        new Step(StepKind::Enrich, Duration::ofMinutes(2.0), true, false, pours: 2),
        new Step(StepKind::Finish, Duration::ofMinutes(0.0), true, false),
    ];
}

/** @param list<Event> $events */
function course(array $events): Course
{
    return Course::of(steps(), at(0), $events, 'ring-1', 'Ines Vark');
}

/** @return list<Event> up to the simmer, begun at 60 s */
function untilSimmer(): array
{
    return [Event::done(0, at(30), 'a'), Event::done(1, at(60), 'b')];
}

/** @return list<array{string, int}> kind and seconds since the pot was put on */
function calls(Course $course): array
{
    return array_map(fn(Call $call): array => [$call->kind->value, $call->at->getTimestamp() - at(0)->getTimestamp()], $course->calls());
}

it('starts at the first step, without a clock where the eye decides', function (): void {
    $course = course([]);
    expect($course->current)->toBe(0)
        ->and($course->since())->toEqual(at(0))
        ->and($course->timerEnds())->toBeNull()
        ->and($course->undoable())->toBeNull()
        ->and($course->visits)->toHaveCount(1)
        ->and([$course->place, $course->cook])->toBe(['ring-1', 'Ines Vark']);
});

it('goes on and back, and keeps every visit', function (): void {
    $course = course([Event::done(0, at(100)), Event::back(1, at(130)), Event::done(0, at(200))]);
    expect($course->current)->toBe(1)
        ->and(array_map(fn($visit): array => [$visit->step, $visit->from, $visit->until], $course->visits))->toEqual([
            [0, at(0), at(100)], [1, at(100), at(130)], [0, at(130), at(200)], [1, at(200), null],
        ])
        ->and(course([Event::back(0, at(5))])->current)->toBe(0);
});

it('passes over steps that have nothing to do, never backwards and never past the end', function (): void {
    foreach ([[5, 5], [0, 4], [4, 4], [99, 6]] as [$to, $gets]) {
        expect(course([...untilSimmer(), Event::done(2, at(70), 'c'), Event::done(3, at(80), 'd', $to)])->current)->toBe($gets);
    }
});

it('ticks pours off in any order and back again, each step its own', function (): void {
    $events = [Event::done(0, at(1)), Event::poured(1, 1, at(10)), Event::poured(1, 0, at(20)), Event::poured(1, 0, at(30))];
    expect(course($events)->poured())->toBe([0, 1])
        ->and(course($events)->nextPour())->toBe(2)
        ->and(course([...$events, Event::unpoured(1, 0, at(40))])->nextPour())->toBe(0)
        ->and(course([...$events, Event::poured(1, 7, at(41))])->poured())->toBe([0, 1])
        ->and(course([...$events, Event::poured(1, 2, at(42))])->nextPour())->toBeNull();
    $enriched = course([...$events, Event::done(1, at(50)), Event::done(2, at(51)), Event::done(3, at(52), to: 5), Event::poured(5, 0, at(53))]);
    expect($enriched->poured())->toBe([0])->and($enriched->nextPour())->toBe(1);
});

it('runs a timer from the step’s beginning, and a cook can add to any', function (): void {
    $simmer = untilSimmer();
    expect(course($simmer)->timerEnds())->toEqual(at(60 + 1800))
        ->and(course([...$simmer, Event::moreTime(2, Duration::ofSeconds(60.0), at(100))])->timerEnds())->toEqual(at(60 + 1860))
        ->and(course([...$simmer, Event::moreTime(1, Duration::ofSeconds(60.0), at(100))])->timerEnds())->toEqual(at(60 + 1800))
        ->and(course([...$simmer, Event::done(2, at(90)), Event::done(3, at(95)), Event::moreTime(4, Duration::ofMinutes(8.0), at(100))])->timerEnds())->toEqual(at(95 + 480));
});

it('counts an event for its own step only', function (): void {
    $course = course([Event::done(0, at(10)), Event::done(0, at(11)), Event::done(0, at(12))]);
    expect($course->current)->toBe(1)->and($course->since())->toEqual(at(10));
});

it('is the same in whatever order the events arrive', function (): void {
    $events = [
        ...untilSimmer(), Event::tended(2, TendingKind::Stir, at(200), 'c'), Event::heat(2, SimmerLevel::Brisk, at(220), 'd'), Event::tended(2, TendingKind::Skim, at(230), 'e'),
        Event::moved(2, 'oven', at(240), 'f'), Event::undone(2, 'd', at(250), 'g'), Event::takenOver(2, 'Petra Lund', at(260), 'h'), Event::done(2, at(300), 'i'), Event::kept(3, KeptAs::Held, at(310), 'j'),
    ];
    $seen = static fn(Course $course): array => [$course->current, $course->since(), $course->heat, $course->place, $course->cook, $course->kept, array_map(fn(Event $event): string => $event->id, $course->events)];
    $first = $seen(course($events));
    mt_srand(5);
    for ($i = 0; $i < 50; $i++) {
        shuffle($events);
        expect($seen(course($events)))->toEqual($first);
    }
    expect($first[0])->toBe(3)->and($first[2])->toBeNull()->and([$first[3], $first[4], $first[5]])->toBe(['oven', 'Petra Lund', KeptAs::Held]);
});

it('takes back any event by its id, as if it had never been', function (): void {
    $simmer = untilSimmer();
    expect(course([...$simmer, Event::undone(2, 'b', at(70), 'u')])->current)->toBe(1)
        ->and(course([...$simmer, Event::undone(2, 'b', at(70), 'u')])->undoable()?->id)->toBe('a')
        // Two tablets that take back the same tap have taken back one.
        ->and(course([...$simmer, Event::undone(2, 'b', at(70), 'u'), Event::undone(2, 'b', at(71), 'v')])->current)->toBe(1)
        ->and(course([...$simmer, Event::undone(2, 'nothing', at(70), 'u')])->current)->toBe(2)
        ->and(course([Event::done(0, at(5))])->undoable())->toBeNull();
});

it('reopens a pot whose closing is taken back', function (): void {
    $closed = [Event::done(0, at(1), 'a', 6), Event::finished(6, at(9), 'z')];
    expect(course($closed)->finishedAt)->toEqual(at(9))
        ->and(course([...$closed, Event::undone(6, 'z', at(20), 'u')])->finishedAt)->toBeNull();
});

it('calls for hands at once where no clock runs, else for what is due first', function (): void {
    expect(calls(course([])))->toBe([['hands', 0]])
        ->and(calls(course(untilSimmer())))->toBe([['stir', 360], ['skim', 660], ['look', 1260], ['timer', 1860]])
        ->and(calls(course([...untilSimmer(), Event::tended(2, TendingKind::Stir, at(400), 'c'), Event::tended(2, TendingKind::Look, at(1300), 'd')])))->toBe([['skim', 660], ['stir', 700], ['timer', 1860]])
        ->and(calls(course([Event::takenOff(0, at(5), 'x')])))->toBe([])
        ->and(course(untilSimmer())->nextCall()?->kind)->toBe(CallKind::Stir);
});

it('forgets the visits of a step that is over', function (): void {
    $again = course([...untilSimmer(), Event::tended(2, TendingKind::Stir, at(300), 'c'), Event::done(2, at(400), 'd'), Event::back(3, at(500), 'e')]);
    expect($again->lastTended(TendingKind::Stir))->toBeNull()->and($again->tendingDue($again->step()->tendings[0]))->toEqual(at(800));
});

it('knows when a kind of step was first begun', function (): void {
    $course = course([...untilSimmer(), Event::done(2, at(400)), Event::back(3, at(500))]);
    expect($course->firstBegun(StepKind::Simmer))->toEqual(at(60))
        ->and($course->firstBegun(StepKind::Finish, StepKind::Test))->toEqual(at(400))
        ->and($course->firstBegun(StepKind::Finish))->toBeNull();
});

it('can be taken off at any step, and only its last step finishes it', function (): void {
    expect(course([Event::done(0, at(1)), Event::takenOff(1, at(9))])->finishedAt)->toEqual(at(9))
        ->and(course([Event::takenOff(1, at(9))])->finishedAt)->toBeNull()
        ->and(course([Event::finished(0, at(9))])->finishedAt)->toBeNull();
});

it('takes notes and heats without moving, and nothing after the end', function (): void {
    $finished = [Event::done(0, at(1), to: 6), Event::note(6, 'a little thin', at(4)), Event::finished(6, at(5))];
    $late = course([...$finished, Event::back(6, at(6)), Event::moved(6, 'bench', at(7))]);
    expect(course($finished)->finishedAt)->toEqual(at(5))
        ->and($late->current)->toBe(6)
        ->and($late->place)->toBe('ring-1')
        ->and(course([Event::heat(0, HobHeat::Low, at(1))])->heat)->toBe(HobHeat::Low)
        ->and(course($finished)->timerEnds())->toBeNull();
});

it('asks how the last rescue went until somebody has said', function (): void {
    $rescue = static fn(string $id, int $at): Event => Event::rescued(2, new Rescued(Fault::TooThick, RemedyKind::Thin), at($at), $id);
    expect(course(untilSimmer())->openRescue())->toBeNull()
        ->and(course([...untilSimmer(), $rescue('r', 100)])->openRescue()?->id)->toBe('r')
        ->and(course([...untilSimmer(), $rescue('r', 100), Event::followedUp(2, FollowUp::Worked, 'r', at(120), 'f')])->openRescue())->toBeNull()
        ->and(course([...untilSimmer(), $rescue('r', 100), Event::followedUp(2, FollowUp::NotYet, 'r', at(120), 'f'), $rescue('s', 130)])->openRescue()?->id)->toBe('s')
        ->and(course([...untilSimmer(), $rescue('r', 100), Event::undone(2, 'r', at(110), 'u')])->openRescue())->toBeNull();
});
