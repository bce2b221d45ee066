<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Reading;
use Lento\Course\Stamp;

/** Something was read off the pot, by a cook or a device. */
final readonly class ReadOff extends Event
{
    public function __construct(Stamp $stamp, public Reading $reading)
    {
        parent::__construct($stamp);
    }

    public function kind(): EventKind
    {
        return EventKind::Read;
    }
}
