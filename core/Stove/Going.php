<?php

declare(strict_types=1);

namespace Lento\Stove;

use DateTimeImmutable;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Course\Happened\Added;
use Lento\Course\Happened\ChangedPan;
use Lento\Course\Happened\HeatSet;
use Lento\Course\Happened\LadledOff;
use Lento\Course\Happened\ReadOff;
use Lento\Course\Happened\Rescued;
use Lento\Course\Happened\Thickened;
use Lento\Course\Happened\ToppedUp;
use Lento\Course\ReadingKind;
use Lento\Course\Visit;
use Lento\Plan\Plan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;

/** How a sauce has gone so far: stay by stay at its steps, reading by reading, with what each step has done to it. */
final readonly class Going
{
    /** s that are drawn as one line: longer stays get points between. */
    private const ONE_LINE = 120.0;

    private const POINTS = 6;

    /**
     * @param array<string, true> $done ids of the steps that have had their effect
     * @param list<Point> $gone mm of depth as reckoned, by the seconds since it came to the boil
     * @param list<Point> $read the same as read
     */
    private function __construct(public Reckoning $reckoning, public array $done, public array $gone, public array $read) {}

    /**
     * @param DateTimeImmutable $begun when all of it stood in the pot
     * @param DateTimeImmutable|null $boiling when it had come to the boil
     */
    public static function through(
        Plan $plan,
        Course $course,
        Reckoning $start,
        DateTimeImmutable $begun,
        ?DateTimeImmutable $boiling,
        DateTimeImmutable $now,
    ): self {
        $going = new self($start, [], [self::mm($start)], []);
        foreach ($course->visits as $i => $visit) {
            $until = $visit->until ?? $now;
            if ($until < $begun) {
                continue;
            }
            $next = $course->visits[$i + 1] ?? null;
            $going = $going->stayed($plan, $course, $visit, max($visit->from, $begun), min($until, $now), $next === null, $boiling);
            $going = $next !== null && $next->step > $visit->step ? $going->left($plan, $course, $visit) : $going;
        }

        return $going;
    }

    /** One stay at a step: its simmer, and what happened meanwhile. */
    private function stayed(
        Plan $plan,
        Course $course,
        Visit $visit,
        DateTimeImmutable $from,
        DateTimeImmutable $until,
        bool $last,
        ?DateTimeImmutable $boiling,
    ): self {
        $level = $plan->steps[$visit->step]->conditions->simmers;
        $simmers = $level !== null && $boiling !== null && $visit->from >= $boiling;
        $going = $simmers && $level !== self::levelBefore($plan, $visit->step) ? $this->with($this->reckoning->on($level)) : $this;
        $at = $from;
        foreach ($course->events as $event) {
            if ($event->at < $from || ($last ? $event->at > $until : $event->at >= $until) || !self::concerns($event)) {
                continue;
            }
            $going = $simmers ? $going->simmered(Moments::between($at, $event->at)) : $going;
            $going = $going->hearing($event, $simmers);
            $at = $event->at;
        }

        return $simmers ? $going->simmered(Moments::between($at, $until)) : $going;
    }

    /** Left for a later step, it has done to the sauce what it does; unless the cook wrote down himself what went in at it. */
    private function left(Plan $plan, Course $course, Visit $visit): self
    {
        $step = $plan->steps[$visit->step];
        if (isset($this->done[$step->id]) || $step->effect->isNone()) {
            return $this;
        }
        foreach ($course->events as $event) {
            if ($event->step === $step->id && ($event instanceof ToppedUp || $event instanceof Thickened)) {
                return new self($this->reckoning, [...$this->done, $step->id => true], $this->gone, $this->read);
            }
        }

        return new self($this->reckoning->after($step->effect), [...$this->done, $step->id => true], $this->gone, $this->read);
    }

    private function simmered(float $seconds): self
    {
        $parts = $seconds > self::ONE_LINE ? self::POINTS : 1;
        [$reckoning, $gone] = [$this->reckoning, $this->gone];
        for ($i = 0; $i < $parts && $seconds > 0.0; $i++) {
            $reckoning = $reckoning->simmeredUntil($reckoning->seconds + $seconds / $parts);
            $gone[] = self::mm($reckoning);
        }

        return new self($reckoning, $this->done, $gone, $this->read);
    }

    private function hearing(Event $event, bool $simmers): self
    {
        $reckoning = match (true) {
            $event instanceof HeatSet => $event->heat instanceof SimmerLevel ? $this->reckoning->on($event->heat) : $this->reckoning,
            $event instanceof ReadOff => $this->reckoning->read($event->reading, $simmers),
            $event instanceof ToppedUp => $this->reckoning->toppedUp($event->liquid),
            $event instanceof Added => $this->reckoning->joinedBy($event->joins),
            $event instanceof Thickened => $this->reckoning->thickened($event->means, $event->thickener),
            $event instanceof Rescued => $this->reckoning->rescued($event),
            $event instanceof LadledOff => $this->reckoning->ladledOff($event->volume),
            $event instanceof ChangedPan => $this->reckoning->movedTo($event->pan),
            default => $this->reckoning,
        };
        $level = $event instanceof ReadOff && in_array($event->reading->kind, [ReadingKind::Depth, ReadingKind::Weight], true);

        return new self(
            $reckoning,
            $this->done,
            [...$this->gone, self::mm($reckoning)],
            $level ? [...$this->read, self::mm($reckoning)] : $this->read,
        );
    }

    private function with(Reckoning $reckoning): self
    {
        return new self($reckoning, $this->done, $this->gone, $this->read);
    }

    /** How hard it was to simmer at the last step before that it simmered at: a cook's own heat stays until the plan asks for another. */
    private static function levelBefore(Plan $plan, int $step): ?SimmerLevel
    {
        for ($i = $step - 1; $i >= 0; $i--) {
            if ($plan->steps[$i]->conditions->simmers !== null) {
                return $plan->steps[$i]->conditions->simmers;
            }
        }

        return $plan->cooking?->ways->level;
    }

    private static function concerns(Event $event): bool
    {
        return $event instanceof HeatSet
            || $event instanceof ReadOff
            || $event instanceof ToppedUp
            || $event instanceof Added
            || $event instanceof Thickened
            || $event instanceof Rescued
            || $event instanceof LadledOff
            || $event instanceof ChangedPan;
    }

    private static function mm(Reckoning $reckoning): Point
    {
        return new Point(Duration::ofSeconds($reckoning->seconds), $reckoning->depth()->inMillimetres());
    }
}
