<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;

/** Given up before its end: started by mistake, burnt, not wanted. */
final readonly class TakenOff extends Event
{
    public function kind(): EventKind
    {
        return EventKind::TakenOff;
    }
}
