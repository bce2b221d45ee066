<?php

declare(strict_types=1);

namespace Lento\Course;

use DateInterval;
use DateTimeImmutable;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\Tending;
use Lento\Compose\TendingKind;
use Lento\Heat\HobHeat;
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
     * @param array<int, list<int>> $additions what is in, by step and counted from 0
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
     * @param non-empty-list<Step> $steps
     * @param iterable<Event> $events in any order; those of the same moment in the order given
     * @param string $place where the pot was put on
     * @param string $cook who put it on
     */
    public static function of(array $steps, DateTimeImmutable $startedAt, iterable $events, string $place = '', string $cook = ''): self
    {
        $all = [...$events];
        // PHP's sort is stable: what happened in the same moment stays in its order.
        usort($all, static fn(Event $a, Event $b): int => $a->at <=> $b->at);
        $undone = [];
        foreach ($all as $event) {
            if ($event->kind === EventKind::Undone) {
                $undone[$event->undoes] = true;
            }
        }
        $counting = array_values(array_filter($all, static fn(Event $event): bool => $event->kind !== EventKind::Undone && !isset($undone[$event->id])));
        $course = new self($steps, 0, [new Visit(0, $startedAt)], [], 0.0, [], null, $place, $cook, null, $counting, null);
        foreach ($counting as $event) {
            $course = $course->after($event);
        }

        return $course;
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

    /** @return list<int> the present step's additions that are in, counted from 0 */
    public function poured(): array
    {
        return $this->additions[$this->current] ?? [];
    }

    /** The addition that comes next, counted from 0; null when all are in or the step has none. */
    public function nextPour(): ?int
    {
        for ($pour = 0; $pour < $this->step()->pours; $pour++) {
            if (!in_array($pour, $this->poured(), true)) {
                return $pour;
            }
        }

        return null;
    }

    /** When the present step's timer runs out; null where the eye decides and no clock runs. */
    public function timerEnds(): ?DateTimeImmutable
    {
        if ($this->finishedAt !== null || (!$this->step()->timed && $this->moreSeconds === 0.0)) {
            return null;
        }

        return self::later($this->since(), $this->timerSeconds());
    }

    /** @return float s the present timer runs in all, what the cook added included */
    public function timerSeconds(): float
    {
        return $this->step()->time->seconds + $this->moreSeconds;
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

    /** @return list<Event> what was ladled off it, and for what */
    public function ladles(): array
    {
        return array_values(array_filter($this->events, static fn(Event $event): bool => $event->kind === EventKind::LadledOff));
    }

    /** A rescue nobody has said yet how it went; null where all have been followed up. */
    public function openRescue(): ?Event
    {
        $open = null;
        foreach ($this->events as $event) {
            $open = $event->kind === EventKind::Rescued ? $event : ($event->kind === EventKind::FollowedUp && $event->text === $open?->id ? null : $open);
        }

        return $open;
    }

    /** What has ended the pot, so that an ending too soon can be taken back; null while it is on. */
    public function ending(): ?Event
    {
        if ($this->finishedAt === null) {
            return null;
        }
        foreach ($this->events as $event) {
            if (in_array($event->kind, [EventKind::Finished, EventKind::TakenOff], true) && $event->at === $this->finishedAt) {
                return $event;
            }
        }

        return null;
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
        foreach ($this->step()->tendings as $tending) {
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

        return match ($event->kind) {
            EventKind::Moved => $this->but(place: $event->text),
            EventKind::TakenOver => $this->but(cook: $event->text),
            EventKind::Heat => $this->but(heat: $event->heat),
            default => $event->step === $this->current ? $this->atPresentStep($event) : $this,
        };
    }

    private function atPresentStep(Event $event): self
    {
        return match ($event->kind) {
            EventKind::Done => $this->isLast() ? $this : $this->to(max($this->current + 1, min($event->to ?? 0, count($this->steps) - 1)), $event->at),
            EventKind::Back => $this->current > 0 ? $this->to($this->current - 1, $event->at) : $this,
            EventKind::Poured => $event->pour < $this->step()->pours ? $this->withPoured([...$this->poured(), $event->pour]) : $this,
            EventKind::Unpoured => $this->withPoured(array_diff($this->poured(), [$event->pour])),
            EventKind::MoreTime => $this->but(moreSeconds: $this->moreSeconds + ($event->time->seconds ?? 0.0)),
            EventKind::Tended => $event->tending === null ? $this : $this->but(tended: [...$this->tended, $event->tending->value => $event->at]),
            EventKind::Kept => $this->but(kept: $event->kept),
            EventKind::TakenOff => $this->ended($event->at),
            EventKind::Finished => $this->isLast() ? $this->ended($event->at) : $this,
            default => $this,
        };
    }

    /** @param int<0, max> $step */
    private function to(int $step, DateTimeImmutable $at): self
    {
        return new self($this->steps, $step, [...$this->closed($at), new Visit($step, $at)], $this->additions, 0.0, [], $this->heat, $this->place, $this->cook, $this->kept, $this->events, null);
    }

    private function ended(DateTimeImmutable $at): self
    {
        return new self($this->steps, $this->current, $this->closed($at), $this->additions, $this->moreSeconds, $this->tended, $this->heat, $this->place, $this->cook, $this->kept, $this->events, $at);
    }

    /** @param array<int> $poured */
    private function withPoured(array $poured): self
    {
        $poured = array_values(array_unique($poured));
        sort($poured);

        return $this->but(additions: [$this->current => $poured] + $this->additions);
    }

    /**
     * @param array<int, list<int>>|null $additions
     * @param array<string, DateTimeImmutable>|null $tended
     */
    private function but(?array $additions = null, ?float $moreSeconds = null, ?array $tended = null, HobHeat|SimmerLevel|null $heat = null, ?string $place = null, ?string $cook = null, ?KeptAs $kept = null): self
    {
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
