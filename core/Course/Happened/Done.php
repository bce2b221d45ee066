<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;

/** The step is done. */
final readonly class Done extends Event
{
    /** @param string|null $to id of a later step to go on with, where those between have nothing to do */
    public function __construct(Stamp $stamp, public ?string $to = null)
    {
        parent::__construct($stamp);
    }

    public function kind(): EventKind
    {
        return EventKind::Done;
    }
}
