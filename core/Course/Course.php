<?php

declare(strict_types=1);

namespace Lento\Course;

use DateInterval;
use DateTimeImmutable;
use Lento\Course\Happened\Done;
use Lento\Course\Happened\Finished;
use Lento\Course\Happened\FollowedUp;
use Lento\Course\Happened\HeatSet;
use Lento\Course\Happened\KeptFor;
use Lento\Course\Happened\LadledOff;
use Lento\Course\Happened\MoreTime;
use Lento\Course\Happened\Moved;
use Lento\Course\Happened\Poured;
use Lento\Course\Happened\Rescued;
use Lento\Course\Happened\StoppedPouring;
use Lento\Course\Happened\TakenOff;
use Lento\Course\Happened\TakenOver;
use Lento\Course\Happened\Tended;
use Lento\Course\Happened\Undone;
use Lento\Course\Happened\Unpoured;
use Lento\Course\Happened\WentBack;
use Lento\Heat\HobHeat;
use Lento\Plan\Addition;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Tending;
use Lento\Plan\TendingKind;
use Lento\Pot\SimmerLevel;

/**
 * Where a pot stands, computed from its steps and what has happened: which step, since when, what is in, when it calls.
 *
 * The same events give the same course on every screen and after every restart, in whatever order they arrive: they count by their own
 * times. An event about a step that is not the present one moves nothing on: a second tablet's late tap on "done" cannot skip a step.
 */
final readonly class Course
{
    /**
     * @param non-empty-list<Step> $steps
     * @param int<0, max> $current
     * @param non-empty-list<Visit> $visits the last one is under way, unless the pot is finished
     * @param array<int, list<string>> $additions ids of what is in, by step, in the plan's order
     * @param float $moreSeconds time the cook added to the present step's timer
     * @param array<string, DateTimeImmutable> $tended when it was last stirred, skimmed … in the present step
     * @param list<Event> $events all that count, in the order they happened; those taken back are gone
     */
    private function __construct(
        public array $steps,
        public int $current,
        public array $visits,
        private array $additions,
        private float $moreSeconds,
        private array $tended,
        public HobHeat|SimmerLevel|null $heat,
        public string $place,
        public string $cook,
        public ?KeptAs $kept,
        public array $events,
        public ?DateTimeImmutable $finishedAt,
    ) {}

    /**
     * The same events give the same course in whatever order and however often they come: they count once each, by their own moments.
     *
     * @param non-empty-list<Step> $steps
     * @param iterable<Event> $events in any order; of those of the same moment the lower id comes first
     * @param string $place where the pot was put on
     * @param string $cook who put it on
     */
    public static function of(array $steps, DateTimeImmutable $startedAt, iterable $events, string $place = '', string $cook = ''): self
    {
        $counting = self::counting($events);
        $course = new self($steps, 0, [new Visit(0, $startedAt)], [], 0.0, [], null, $place, $cook, null, $counting, null);
        foreach ($counting as $event) {
            $course = $course->after($event);
        }

        return $course;
    }

    /** As it was at a moment, by what had happened until then. */
    public function until(DateTimeImmutable $then): self
    {
        $events = array_filter($this->events, static fn(Event $event): bool => $event->at <= $then);

        return self::of($this->steps, $this->visits[0]->from, $events, $this->place, $this->cook);
    }

    /**
     * @param iterable<Event> $events
     *
     * @return list<Event> each once, in the order they happened, without those that were taken back
     */
    private static function counting(iterable $events): array
    {
        [$all, $undone, $seen] = [[], [], []];
        foreach ($events as $event) {
            if ($event->id !== '' && isset($seen[$event->id])) {
                continue;
            }
            $seen[$event->id] = true;
            if ($event instanceof Undone) {
                $undone[$event->undoes] = true;
            } else {
                $all[] = $event;
            }
        }
        usort($all, static fn(Event $a, Event $b): int => [$a->at, $a->id] <=> [$b->at, $b->id]);

        return array_values(array_filter($all, static fn(Event $event): bool => !isset($undone[$event->id])));
    }

    public function step(): Step
    {
        return $this->steps[$this->current];
    }

    public function isLast(): bool
    {
        return $this->current === count($this->steps) - 1;
    }

    public function since(): DateTimeImmutable
    {
        return $this->visits[count($this->visits) - 1]->from;
    }

    /** @return list<string> ids of the present step's additions that are in */
    public function poured(): array
    {
        return $this->additions[$this->current] ?? [];
    }

    /** The addition that comes next; null when all are in or the step has none. */
    public function nextAddition(): ?Addition
    {
        if ($this->hasStoppedPouring()) {
            return null;
        }
        foreach ($this->step()->additions as $addition) {
            if (!in_array($addition->id, $this->poured(), true)) {
                return $addition;
            }
        }

        return null;
    }

    /** Whether what is left of the pours of this step stays in the jug. */
    private function hasStoppedPouring(): bool
    {
        foreach ($this->events as $event) {
            if ($event instanceof StoppedPouring && $event->step === $this->step()->id) {
                return true;
            }
        }

        return false;
    }

    /** When the present step's timer runs out; null where the eye decides and no clock runs. */
    public function timerEnds(): ?DateTimeImmutable
    {
        if ($this->finishedAt !== null || (!$this->step()->pace->timed && $this->moreSeconds === 0.0)) {
            return null;
        }

        return self::later($this->since(), $this->timerSeconds());
    }

    /** @return float s the present timer runs in all, what the cook added included */
    public function timerSeconds(): float
    {
        return $this->step()->pace->time->seconds + $this->moreSeconds;
    }

    /** When a step or one after it was first begun; null if none has been. */
    public function firstBegunFrom(int $step): ?DateTimeImmutable
    {
        foreach ($this->visits as $visit) {
            if ($visit->step >= $step) {
                return $visit->from;
            }
        }

        return null;
    }

    /** When a step of one of these kinds was first begun; null if it has not been. */
    public function firstBegun(StepKind ...$kinds): ?DateTimeImmutable
    {
        foreach ($this->visits as $visit) {
            if (in_array($this->steps[$visit->step]->kind, $kinds, true)) {
                return $visit->from;
            }
        }

        return null;
    }

    /** @return list<LadledOff> what was ladled off it, and for what */
    public function ladles(): array
    {
        return $this->all(LadledOff::class);
    }

    /**
     * @template T of Event
     *
     * @param class-string<T> $kind
     *
     * @return list<T> those of a kind, in the order they happened
     */
    public function all(string $kind): array
    {
        return array_values(array_filter($this->events, static fn(Event $event): bool => $event instanceof $kind));
    }

    /** A rescue nobody has said yet how it went; null where all have been followed up. */
    public function openRescue(): ?Rescued
    {
        $open = null;
        foreach ($this->events as $event) {
            $open = $event instanceof Rescued ? $event : ($event instanceof FollowedUp && $event->rescue === $open?->id ? null : $open);
        }

        return $open;
    }

    /** What has ended the pot, so that an ending too soon can be taken back; null while it is on. */
    public function ending(): Finished|TakenOff|null
    {
        if ($this->finishedAt === null) {
            return null;
        }
        foreach ($this->events as $event) {
            if (($event instanceof Finished || $event instanceof TakenOff) && $event->at === $this->finishedAt) {
                return $event;
            }
        }

        return null;
    }

    /** What came out of it; null while it is on, and where it was given up or nothing was measured. */
    public function outcome(): ?Outcome
    {
        $ending = $this->ending();

        return $ending instanceof Finished ? $ending->outcome : null;
    }

    /** The last thing that can be taken back; null when there is nothing. */
    public function undoable(): ?Event
    {
        for ($i = count($this->events) - 1; $i >= 0; $i--) {
            if ($this->events[$i]->id !== '') {
                return $this->events[$i];
            }
        }

        return null;
    }

    /**
     * When the pot calls, the soonest first. A step at which hands are wanted calls from its beginning, unless its own timer tells when.
     *
     * @return list<Call>
     */
    public function calls(): array
    {
        if ($this->finishedAt !== null) {
            return [];
        }
        $ends = $this->timerEnds();
        $calls = [$ends === null ? new Call(CallKind::Hands, $this->since()) : new Call(CallKind::Timer, $ends)];
        foreach ($this->step()->pace->tendings as $tending) {
            $at = $this->tendingDue($tending);
            // Nobody stirs what is about to be taken off.
            if ($ends === null || $at < $ends || $tending->kind !== TendingKind::Look) {
                $calls[] = new Call(CallKind::from($tending->kind->value), $at);
            }
        }
        usort($calls, static fn(Call $a, Call $b): int => $a->at <=> $b->at);

        return $calls;
    }

    public function nextCall(): ?Call
    {
        return $this->calls()[0] ?? null;
    }

    public function tendingDue(Tending $tending): DateTimeImmutable
    {
        return self::later($this->tended[$tending->kind->value] ?? $this->since(), $tending->every->seconds);
    }

    public function lastTended(TendingKind $kind): ?DateTimeImmutable
    {
        return $this->tended[$kind->value] ?? null;
    }

    private function after(Event $event): self
    {
        if ($this->finishedAt !== null) {
            return $this;
        }

        return match (true) {
            $event instanceof Moved => $this->but(place: $event->place),
            $event instanceof TakenOver => $this->but(cook: $event->cook),
            $event instanceof HeatSet => $this->but(heat: $event->heat),
            default => $event->step === $this->step()->id ? $this->atPresentStep($event) : $this,
        };
    }

    private function atPresentStep(Event $event): self
    {
        return match (true) {
            $event instanceof Done => $this->isLast() ? $this : $this->to($this->goesTo($event), $event->at),
            $event instanceof WentBack => $this->current > 0 ? $this->to($this->current - 1, $event->at) : $this,
            $event instanceof Poured => $this->step()->addition($event->addition) !== null
                ? $this->withPoured([...$this->poured(), $event->addition])
                : $this,
            $event instanceof Unpoured => $this->withPoured(array_diff($this->poured(), [$event->addition])),
            $event instanceof MoreTime => $this->but(moreSeconds: $this->moreSeconds + $event->time->seconds),
            $event instanceof Tended => $this->but(tended: [...$this->tended, $event->tending->value => $event->at]),
            $event instanceof KeptFor => $this->but(kept: $event->kept),
            $event instanceof TakenOff => $this->ended($event->at),
            $event instanceof Finished => $this->isLast() ? $this->ended($event->at) : $this,
            default => $this,
        };
    }

    /** @return int<0, max> the next step, or a later one that was named */
    private function goesTo(Done $event): int
    {
        $next = $this->current + 1;
        foreach ($this->steps as $i => $step) {
            if ($step->id === $event->to && $i > $next) {
                return $i;
            }
        }

        return $next;
    }

    /** @param int<0, max> $step */
    private function to(int $step, DateTimeImmutable $at): self
    {
        return new self(
            $this->steps,
            $step,
            [...$this->closed($at), new Visit($step, $at)],
            $this->additions,
            0.0,
            [],
            $this->heat,
            $this->place,
            $this->cook,
            $this->kept,
            $this->events,
            null,
        );
    }

    private function ended(DateTimeImmutable $at): self
    {
        return new self(
            $this->steps,
            $this->current,
            $this->closed($at),
            $this->additions,
            $this->moreSeconds,
            $this->tended,
            $this->heat,
            $this->place,
            $this->cook,
            $this->kept,
            $this->events,
            $at,
        );
    }

    /** @param array<string> $poured */
    private function withPoured(array $poured): self
    {
        $in = array_values(
            array_filter(
                array_map(static fn(Addition $one): string => $one->id, $this->step()->additions),
                static fn(string $id): bool => in_array($id, $poured, true),
            ),
        );

        return $this->but(additions: [$this->current => $in] + $this->additions);
    }

    /**
     * @param array<int, list<string>>|null $additions
     * @param array<string, DateTimeImmutable>|null $tended
     */
    private function but(
        ?array $additions = null,
        ?float $moreSeconds = null,
        ?array $tended = null,
        HobHeat|SimmerLevel|null $heat = null,
        ?string $place = null,
        ?string $cook = null,
        ?KeptAs $kept = null,
    ): self {
        return new self(
            $this->steps,
            $this->current,
            $this->visits,
            $additions ?? $this->additions,
            $moreSeconds ?? $this->moreSeconds,
            $tended ?? $this->tended,
            $heat ?? $this->heat,
            $place ?? $this->place,
            $cook ?? $this->cook,
            $kept ?? $this->kept,
            $this->events,
            null,
        );
    }

    /** @return non-empty-list<Visit> */
    private function closed(DateTimeImmutable $at): array
    {
        $last = $this->visits[count($this->visits) - 1];

        return [...array_slice($this->visits, 0, -1), new Visit($last->step, $last->from, $at)];
    }

    private static function later(DateTimeImmutable $from, float $seconds): DateTimeImmutable
    {
        return $from->add(new DateInterval('PT' . (int) round($seconds) . 'S'));
    }
}
