<?php

declare(strict_types=1);

namespace Lento\Course;

use DateTimeImmutable;
use Lento\Compose\TendingKind;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;

/** Something that happened to a pot. Events are only ever added; what a pot is now follows from them. */
final readonly class Event
{
    /**
     * @param int<0, max> $step the step it is about, so that a tap that comes twice counts once
     * @param string $id made by the tablet that sent it; what an undoing names
     * @param int<0, max> $pour which addition of the step, counted from 0
     * @param int<0, max>|null $to the step that follows, where it is not the next
     * @param string $text of a note, or whom or where a pot went to
     * @param string $undoes the id of the event that did not happen after all
     */
    private function __construct(
        public EventKind $kind,
        public DateTimeImmutable $at,
        public int $step,
        public string $id = '',
        public int $pour = 0,
        public ?int $to = null,
        public ?Duration $time = null,
        public string $text = '',
        public ?TendingKind $tending = null,
        public HobHeat|SimmerLevel|null $heat = null,
        public ?Reading $reading = null,
        public ?Taste $taste = null,
        public ?Added $added = null,
        public ?KeptAs $kept = null,
        public ?Rescued $rescued = null,
        public ?FollowUp $followUp = null,
        public string $undoes = '',
        public ?Volume $taken = null,
    ) {}

    /**
     * @param int<0, max> $step
     * @param int<0, max>|null $to a later step to go on with, where those between have nothing to do
     */
    public static function done(int $step, DateTimeImmutable $at, string $id = '', ?int $to = null): self
    {
        return new self(EventKind::Done, $at, $step, $id, to: $to);
    }

    /** @param int<0, max> $step the step one goes back from */
    public static function back(int $step, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Back, $at, $step, $id);
    }

    /**
     * @param int<0, max> $step
     * @param int<0, max> $pour which addition, counted from 0
     */
    public static function poured(int $step, int $pour, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Poured, $at, $step, $id, pour: $pour);
    }

    /**
     * @param int<0, max> $step
     * @param int<0, max> $pour
     */
    public static function unpoured(int $step, int $pour, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Unpoured, $at, $step, $id, pour: $pour);
    }

    /** @param int<0, max> $step */
    public static function moreTime(int $step, Duration $time, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::MoreTime, $at, $step, $id, time: $time);
    }

    /** @param int<0, max> $step */
    public static function tended(int $step, TendingKind $tending, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Tended, $at, $step, $id, tending: $tending);
    }

    /** @param int<0, max> $step */
    public static function heat(int $step, HobHeat|SimmerLevel $heat, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Heat, $at, $step, $id, heat: $heat);
    }

    /** @param int<0, max> $step */
    public static function read(int $step, Reading $reading, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Read, $at, $step, $id, reading: $reading);
    }

    /** @param int<0, max> $step */
    public static function tasted(int $step, Taste $taste, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Tasted, $at, $step, $id, taste: $taste);
    }

    /** @param int<0, max> $step */
    public static function added(int $step, Added $added, DateTimeImmutable $at, string $id = ''): self
    {
        return new self($added->liquid === null ? EventKind::Thickened : EventKind::ToppedUp, $at, $step, $id, added: $added);
    }

    /** @param int<0, max> $step */
    public static function rescued(int $step, Rescued $rescued, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Rescued, $at, $step, $id, rescued: $rescued);
    }

    /**
     * @param int<0, max> $step
     * @param string $of the id of the rescue that is spoken of
     */
    public static function followedUp(int $step, FollowUp $followUp, string $of, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::FollowedUp, $at, $step, $id, text: $of, followUp: $followUp);
    }

    /**
     * @param int<0, max> $step
     * @param string $place ring, oven, hot well or bench, as the kitchen names them
     */
    public static function moved(int $step, string $place, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Moved, $at, $step, $id, text: $place);
    }

    /**
     * @param int<0, max> $step
     * @param string $cook whose pot it is from now on
     */
    public static function takenOver(int $step, string $cook, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::TakenOver, $at, $step, $id, text: $cook);
    }

    /** @param int<0, max> $step */
    public static function kept(int $step, KeptAs $kept, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Kept, $at, $step, $id, kept: $kept);
    }

    /**
     * @param int<0, max> $step
     * @param string $for what is made of it
     */
    public static function ladledOff(int $step, Volume $taken, string $for, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::LadledOff, $at, $step, $id, text: $for, taken: $taken);
    }

    /** @param int<0, max> $step */
    public static function note(int $step, string $text, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Note, $at, $step, $id, text: $text);
    }

    /**
     * @param int<0, max> $step
     * @param string $undoes the id of the event taken back
     */
    public static function undone(int $step, string $undoes, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Undone, $at, $step, $id, undoes: $undoes);
    }

    /**
     * Given up before its end: started by mistake, burnt, not wanted.
     *
     * @param int<0, max> $step
     */
    public static function takenOff(int $step, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::TakenOff, $at, $step, $id);
    }

    /** @param int<0, max> $step */
    public static function finished(int $step, DateTimeImmutable $at, string $id = ''): self
    {
        return new self(EventKind::Finished, $at, $step, $id);
    }
}
