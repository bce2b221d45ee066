<?php

declare(strict_types=1);

namespace Lento\Course;

use DateInterval;
use DateTimeImmutable;
use Lento\Compose\Step;

/**
 * Where a pot stands, computed from its steps and what has happened: which step, since when, which pours are in, when the timer ends.
 *
 * The same events give the same course on every screen and after every restart. An event about a step that is not the present one
 * changes nothing: a second tablet's late tap on "done" cannot skip a step.
 */
final readonly class Course
{
    /**
     * @param non-empty-list<Step> $steps
     * @param int<0, max> $current
     * @param non-empty-list<Visit> $visits the last one is under way, unless the pot is finished
     * @param list<int> $poured pours that are in, counted from 0
     * @param float $moreSeconds time the cook added to the present step's timer
     */
    private function __construct(
        public array $steps,
        public int $current,
        public array $visits,
        public array $poured,
        private float $moreSeconds,
        public ?DateTimeImmutable $finishedAt,
    ) {}

    /**
     * @param non-empty-list<Step> $steps
     * @param iterable<Event> $events in the order they happened
     */
    public static function of(array $steps, DateTimeImmutable $startedAt, iterable $events): self
    {
        $course = new self($steps, 0, [new Visit(0, $startedAt)], [], 0.0, null);
        foreach ($events as $event) {
            $course = $course->after($event);
        }

        return $course;
    }

    public function after(Event $event): self
    {
        if ($this->finishedAt !== null || $event->step !== $this->current) {
            return $this;
        }

        return match ($event->kind) {
            EventKind::Done => $this->current < count($this->steps) - 1 ? $this->to($this->current + 1, $event->at) : $this,
            EventKind::Back => $this->current > 0 ? $this->to($this->current - 1, $event->at) : $this,
            EventKind::Poured => $this->withPoured(array_values(array_unique([...$this->poured, ...($event->pour < $this->step()->pours ? [$event->pour] : [])]))),
            EventKind::Unpoured => $this->withPoured(array_values(array_diff($this->poured, [$event->pour]))),
            EventKind::MoreTime => new self($this->steps, $this->current, $this->visits, $this->poured, $this->moreSeconds + ($event->time->seconds ?? 0.0), null),
            EventKind::Note => $this,
            EventKind::Finished => $this->current < count($this->steps) - 1 ? $this : $this->ended($event->at),
            EventKind::TakenOff => $this->ended($event->at),
        };
    }

    public function step(): Step
    {
        return $this->steps[$this->current];
    }

    public function since(): DateTimeImmutable
    {
        return $this->visits[count($this->visits) - 1]->from;
    }

    /** The pour that comes next, counted from 0; null when all are in or the step has none. */
    public function nextPour(): ?int
    {
        for ($pour = 0; $pour < $this->step()->pours; $pour++) {
            if (!in_array($pour, $this->poured, true)) {
                return $pour;
            }
        }

        return null;
    }

    /** When the present step's timer runs out; null where the eye decides and no clock runs. */
    public function timerEnds(): ?DateTimeImmutable
    {
        if ($this->finishedAt !== null || !$this->step()->timed) {
            return null;
        }

        return $this->since()->add(new DateInterval('PT' . (int) round($this->timerSeconds()) . 'S'));
    }

    /** @return float s the present timer runs in all, what the cook added included */
    public function timerSeconds(): float
    {
        return $this->step()->time->seconds + $this->moreSeconds;
    }

    /** @param int<0, max> $step */
    private function to(int $step, DateTimeImmutable $at): self
    {
        return new self($this->steps, $step, [...$this->closed($at), new Visit($step, $at)], $this->poured, 0.0, null);
    }

    private function ended(DateTimeImmutable $at): self
    {
        return new self($this->steps, $this->current, $this->closed($at), $this->poured, $this->moreSeconds, $at);
    }

    /** @param list<int> $poured */
    private function withPoured(array $poured): self
    {
        sort($poured);

        return new self($this->steps, $this->current, $this->visits, $poured, $this->moreSeconds, null);
    }

    /** @return non-empty-list<Visit> */
    private function closed(DateTimeImmutable $at): array
    {
        $last = $this->visits[count($this->visits) - 1];

        return [...array_slice($this->visits, 0, -1), new Visit($last->step, $last->from, $at)];
    }
}
