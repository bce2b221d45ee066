<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Pot\Pan;

/** It was poured over into another pan. */
final readonly class ChangedPan extends Event
{
    public function __construct(Stamp $stamp, public Pan $pan)
    {
        parent::__construct($stamp);
    }

    public function kind(): EventKind
    {
        return EventKind::ChangedPan;
    }
}
