<?php

declare(strict_types=1);

namespace Lento\Course;

use DateTimeImmutable;
use Lento\Quantity\Duration;

/** Something that happened to a pot. Events are only ever added; what a pot is now follows from them. */
final readonly class Event
{
    /** @param int<0, max> $step the step it is about, so that a tap that comes twice counts once */
    private function __construct(
        public EventKind $kind,
        public DateTimeImmutable $at,
        public int $step,
        public int $pour = 0,
        public ?Duration $time = null,
        public string $text = '',
    ) {}

    /** @param int<0, max> $step */
    public static function done(int $step, DateTimeImmutable $at): self
    {
        return new self(EventKind::Done, $at, $step);
    }

    /** @param int<0, max> $step the step one goes back from */
    public static function back(int $step, DateTimeImmutable $at): self
    {
        return new self(EventKind::Back, $at, $step);
    }

    /**
     * @param int<0, max> $step
     * @param int<0, max> $pour which pour, counted from 0
     */
    public static function poured(int $step, int $pour, DateTimeImmutable $at): self
    {
        return new self(EventKind::Poured, $at, $step, $pour);
    }

    /**
     * @param int<0, max> $step
     * @param int<0, max> $pour
     */
    public static function unpoured(int $step, int $pour, DateTimeImmutable $at): self
    {
        return new self(EventKind::Unpoured, $at, $step, $pour);
    }

    /** @param int<0, max> $step */
    public static function moreTime(int $step, Duration $time, DateTimeImmutable $at): self
    {
        return new self(EventKind::MoreTime, $at, $step, time: $time);
    }

    /** @param int<0, max> $step */
    public static function note(int $step, string $text, DateTimeImmutable $at): self
    {
        return new self(EventKind::Note, $at, $step, text: $text);
    }

    /**
     * Given up before its end: started by mistake, burnt, not wanted.
     *
     * @param int<0, max> $step
     */
    public static function takenOff(int $step, DateTimeImmutable $at): self
    {
        return new self(EventKind::TakenOff, $at, $step);
    }

    /** @param int<0, max> $step */
    public static function finished(int $step, DateTimeImmutable $at): self
    {
        return new self(EventKind::Finished, $at, $step);
    }
}
