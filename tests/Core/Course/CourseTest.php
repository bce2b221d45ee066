<?php

declare(strict_types=1);

use Lento\Course\Call;
use Lento\Course\CallKind;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Course\FollowUp;
use Lento\Course\KeptAs;
use Lento\Heat\HobHeat;
use Lento\Plan\Addition;
use Lento\Plan\Amount;
use Lento\Plan\Measured;
use Lento\Plan\Pace;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Tending;
use Lento\Plan\TendingKind;
use Lento\Plan\When;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Rescue\Fault;
use Lento\Rescue\RemedyKind;
use Tests\Core\Course\Taps;
use Tests\Core\Room;

covers(...Room::of('Course'));

function at(int $seconds): DateTimeImmutable
{
    return (new DateTimeImmutable('2026-11-24 15:20:00 UTC'))->modify("+{$seconds} seconds");
}

function addition(string $id): Addition
{
    return Addition::of($id, new Amount($id, Mass::ofGrams(100.0), new Measured(null), When::Pour));
}

/** @return non-empty-list<Step> */
function steps(): array
{
    return [
        Step::of(StepKind::SetOut, Pace::of(Duration::ofMinutes(5.0), true, false)),
        Step::of(StepKind::Pour, Pace::of(Duration::ofMinutes(3.0), true, false))->ticking([
            addition('pour-1'),
            addition('pour-2'),
            addition('pour-3'),
        ]),
        Step::of(
            StepKind::Simmer,
            Pace::of(Duration::ofMinutes(30.0), false, true, [
                new Tending(TendingKind::Stir, Duration::ofMinutes(5.0)),
                new Tending(TendingKind::Skim, Duration::ofMinutes(10.0)),
                new Tending(TendingKind::Look, Duration::ofMinutes(20.0)),
            ]),
        ),
        Step::of(StepKind::Test, Pace::of(Duration::ofMinutes(1.0), true, false)),
        Step::of(StepKind::Correct, Pace::of(Duration::ofMinutes(0.0), true, false)),
        Step::of(StepKind::Enrich, Pace::of(Duration::ofMinutes(2.0), true, false))->ticking([addition('cream'), addition('butter')]),
        Step::of(StepKind::Finish, Pace::of(Duration::ofMinutes(0.0), true, false)),
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
    return [Taps::done('set-out', at(30), 'a'), Taps::done('pour', at(60), 'b')];
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
    $course = course([Taps::done('set-out', at(100)), Taps::back('pour', at(130)), Taps::done('set-out', at(200))]);
    expect($course->current)->toBe(1)
        ->and(array_map(fn($visit): array => [$visit->step, $visit->from, $visit->until], $course->visits))->toEqual([
            [0, at(0), at(100)], [1, at(100), at(130)], [0, at(130), at(200)], [1, at(200), null],
        ])
        ->and(course([Taps::back('set-out', at(5))])->current)->toBe(0);
});

it('passes over steps that have nothing to do, never backwards and never past the end', function (): void {
    foreach ([['enrich', 5], ['set-out', 4], ['correct', 4], ['no step of it', 4], ['finish', 6]] as [$to, $gets]) {
        expect(course([...untilSimmer(), Taps::done('simmer', at(70), 'c'), Taps::done('test', at(80), 'd', $to)])->current)->toBe($gets);
    }
});

it('ticks pours off in any order and back again, each step its own', function (): void {
    $events = [
        Taps::done('set-out', at(1)),
        Taps::poured('pour', 'pour-2', at(10)),
        Taps::poured('pour', 'pour-1', at(20)),
        Taps::poured('pour', 'pour-1', at(30)),
    ];
    expect(course($events)->poured())
        ->toBe(['pour-1', 'pour-2'])
        ->and(course($events)->nextAddition()?->id)
        ->toBe('pour-3')
        ->and(course([...$events, Taps::unpoured('pour', 'pour-1', at(40))])->nextAddition()?->id)
        ->toBe('pour-1')
        ->and(course([...$events, Taps::poured('pour', 'pour-8', at(41))])->poured())
        ->toBe(['pour-1', 'pour-2'])
        ->and(course([...$events, Taps::poured('pour', 'pour-3', at(42))])->nextAddition())
        ->toBeNull();
    $enriched = course([
        ...$events,
        Taps::done('pour', at(50)),
        Taps::done('simmer', at(51)),
        Taps::done('test', at(52), to: 'enrich'),
        Taps::poured('enrich', 'cream', at(53)),
    ]);
    expect($enriched->poured())
        ->toBe(['cream'])
        ->and($enriched->nextAddition()?->id)
        ->toBe('butter');
});

it('runs a timer from the step’s beginning, and a cook can add to any', function (): void {
    $simmer = untilSimmer();
    expect(course($simmer)->timerEnds())
        ->toEqual(at(60 + 1800))
        ->and(course([...$simmer, Taps::moreTime('simmer', Duration::ofSeconds(60.0), at(100))])->timerEnds())
        ->toEqual(at(60 + 1860))
        ->and(course([...$simmer, Taps::moreTime('pour', Duration::ofSeconds(60.0), at(100))])->timerEnds())
        ->toEqual(at(60 + 1800))
        ->and(
            course([
                ...$simmer,
                Taps::done('simmer', at(90)),
                Taps::done('test', at(95)),
                Taps::moreTime('correct', Duration::ofMinutes(8.0), at(100)),
            ])->timerEnds(),
        )
        ->toEqual(at(95 + 480));
});

it('counts an event for its own step only', function (): void {
    $course = course([Taps::done('set-out', at(10)), Taps::done('set-out', at(11)), Taps::done('set-out', at(12))]);
    expect($course->current)->toBe(1)->and($course->since())->toEqual(at(10));
});

it('is the same in whatever order the events arrive', function (): void {
    $events = [
        ...untilSimmer(),
        Taps::tended('simmer', TendingKind::Stir, at(200), 'c'),
        Taps::heat('simmer', SimmerLevel::Brisk, at(220), 'd'),
        Taps::tended('simmer', TendingKind::Skim, at(230), 'e'),
        Taps::moved('simmer', 'oven', at(240), 'f'),
        Taps::undone('simmer', 'd', at(250), 'g'),
        Taps::takenOver('simmer', 'Petra Lund', at(260), 'h'),
        Taps::done('simmer', at(300), 'i'),
        Taps::kept('test', KeptAs::Held, at(310), 'j'),
    ];
    $seen = static fn(Course $course): array => [
        $course->current,
        $course->since(),
        $course->heat,
        $course->place,
        $course->cook,
        $course->kept,
        array_map(fn(Event $event): string => $event->id, $course->events),
    ];
    $first = $seen(course($events));
    mt_srand(5);
    for ($i = 0; $i < 50; $i++) {
        shuffle($events);
        expect($seen(course($events)))->toEqual($first);
    }
    expect($first[0])
        ->toBe(3)
        ->and($first[2])
        ->toBeNull()
        ->and([$first[3], $first[4], $first[5]])
        ->toBe(['oven', 'Petra Lund', KeptAs::Held]);
});

it('takes back any event by its id, as if it had never been', function (): void {
    $simmer = untilSimmer();
    expect(course([...$simmer, Taps::undone('simmer', 'b', at(70), 'u')])->current)->toBe(1)
        ->and(course([...$simmer, Taps::undone('simmer', 'b', at(70), 'u')])->undoable()?->id)->toBe('a')
        // Two tablets that take back the same tap have taken back one.
        ->and(course([...$simmer, Taps::undone('simmer', 'b', at(70), 'u'), Taps::undone('simmer', 'b', at(71), 'v')])->current)->toBe(1)
        ->and(course([...$simmer, Taps::undone('simmer', 'nothing', at(70), 'u')])->current)->toBe(2)
        ->and(course([Taps::done('set-out', at(5))])->undoable())->toBeNull();
});

it('reopens a pot whose closing is taken back', function (): void {
    $closed = [Taps::done('set-out', at(1), 'a', 'finish'), Taps::finished('finish', at(9), 'z')];
    expect(course($closed)->finishedAt)->toEqual(at(9))
        ->and(course([...$closed, Taps::undone('finish', 'z', at(20), 'u')])->finishedAt)->toBeNull();
});

it('calls for hands at once where no clock runs, else for what is due first', function (): void {
    expect(calls(course([])))
        ->toBe([['hands', 0]])
        ->and(calls(course(untilSimmer())))
        ->toBe([['stir', 360], ['skim', 660], ['look', 1260], ['timer', 1860]])
        ->and(
            calls(
                course([
                    ...untilSimmer(),
                    Taps::tended('simmer', TendingKind::Stir, at(400), 'c'),
                    Taps::tended('simmer', TendingKind::Look, at(1300), 'd'),
                ]),
            ),
        )
        ->toBe([['skim', 660], ['stir', 700], ['timer', 1860]])
        ->and(calls(course([Taps::takenOff('set-out', at(5), 'x')])))
        ->toBe([])
        ->and(course(untilSimmer())->nextCall()?->kind)
        ->toBe(CallKind::Stir);
});

it('forgets the visits of a step that is over', function (): void {
    $again = course([
        ...untilSimmer(),
        Taps::tended('simmer', TendingKind::Stir, at(300), 'c'),
        Taps::done('simmer', at(400), 'd'),
        Taps::back('test', at(500), 'e'),
    ]);
    expect($again->lastTended(TendingKind::Stir))->toBeNull()->and($again->tendingDue($again->step()->pace->tendings[0]))->toEqual(at(800));
});

it('knows when a kind of step was first begun', function (): void {
    $course = course([...untilSimmer(), Taps::done('simmer', at(400)), Taps::back('test', at(500))]);
    expect($course->firstBegun(StepKind::Simmer))->toEqual(at(60))
        ->and($course->firstBegun(StepKind::Finish, StepKind::Test))->toEqual(at(400))
        ->and($course->firstBegun(StepKind::Finish))->toBeNull();
});

it('can be taken off at any step, and only its last step finishes it', function (): void {
    expect(course([Taps::done('set-out', at(1)), Taps::takenOff('pour', at(9))])->finishedAt)->toEqual(at(9))
        ->and(course([Taps::takenOff('pour', at(9))])->finishedAt)->toBeNull()
        ->and(course([Taps::finished('set-out', at(9))])->finishedAt)->toBeNull();
});

it('takes notes and heats without moving, and nothing after the end', function (): void {
    $finished = [Taps::done('set-out', at(1), to: 'finish'), Taps::note('finish', 'a little thin', at(4)), Taps::finished('finish', at(5))];
    $late = course([...$finished, Taps::back('finish', at(6)), Taps::moved('finish', 'bench', at(7))]);
    expect(course($finished)->finishedAt)->toEqual(at(5))
        ->and($late->current)->toBe(6)
        ->and($late->place)->toBe('ring-1')
        ->and(course([Taps::heat('set-out', HobHeat::Low, at(1))])->heat)->toBe(HobHeat::Low)
        ->and(course($finished)->timerEnds())->toBeNull();
});

it('asks how the last rescue went until somebody has said', function (): void {
    $rescue = static fn(string $id, int $at): Event => Taps::rescued('simmer', Fault::TooThick, RemedyKind::Thin, at($at), $id);
    expect(course(untilSimmer())->openRescue())
        ->toBeNull()
        ->and(course([...untilSimmer(), $rescue('r', 100)])->openRescue()?->id)
        ->toBe('r')
        ->and(course([...untilSimmer(), $rescue('r', 100), Taps::followedUp('simmer', FollowUp::Worked, 'r', at(120), 'f')])->openRescue())
        ->toBeNull()
        ->and(
            course([
                ...untilSimmer(),
                $rescue('r', 100),
                Taps::followedUp('simmer', FollowUp::NotYet, 'r', at(120), 'f'),
                $rescue('s', 130),
            ])->openRescue()?->id,
        )
        ->toBe('s')
        ->and(course([...untilSimmer(), $rescue('r', 100), Taps::undone('simmer', 'r', at(110), 'u')])->openRescue())
        ->toBeNull();
});
