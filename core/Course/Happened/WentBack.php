<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;

/** Back from this step to the one before it. */
final readonly class WentBack extends Event
{
    public function kind(): EventKind
    {
        return EventKind::Back;
    }
}
