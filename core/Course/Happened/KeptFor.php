<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\KeptAs;
use Lento\Course\Stamp;

/** Where the finished sauce goes. */
final readonly class KeptFor extends Event
{
    public function __construct(Stamp $stamp, public KeptAs $kept)
    {
        parent::__construct($stamp);
    }

    public function kind(): EventKind
    {
        return EventKind::Kept;
    }
}
