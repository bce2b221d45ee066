<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Plan\TendingKind;

/** Stirred, skimmed, turned, looked at. */
final readonly class Tended extends Event
{
    public function __construct(Stamp $stamp, public TendingKind $tending)
    {
        parent::__construct($stamp);
    }

    public function kind(): EventKind
    {
        return EventKind::Tended;
    }
}
