<?php

declare(strict_types=1);

namespace Lento\Course;

use DateTimeImmutable;

/**
 * Something that happened to a pot: a class for each kind, each with its own fields, checked when it is made.
 *
 * Events are only ever added; what a pot is now follows from them.
 */
abstract readonly class Event
{
    /** Made by the tablet that sent it; what an undoing names. */
    public string $id;

    /** Id of the step it is about, so that a tap that comes twice, or late, moves nothing on. */
    public string $step;

    public DateTimeImmutable $at;

    public function __construct(Stamp $stamp)
    {
        [$this->id, $this->step, $this->at] = [$stamp->id, $stamp->step, $stamp->at];
    }

    abstract public function kind(): EventKind;
}
