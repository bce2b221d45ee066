<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Outcome;
use Lento\Course\Stamp;

/** The pot is over, and this came out of it. */
final readonly class Finished extends Event
{
    /** @param Outcome|null $outcome null where nothing was measured, as in an old paper log */
    public function __construct(Stamp $stamp, public ?Outcome $outcome = null)
    {
        parent::__construct($stamp);
    }

    public function kind(): EventKind
    {
        return EventKind::Finished;
    }
}
