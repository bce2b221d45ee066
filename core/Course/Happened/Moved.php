<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\OutOfRange;

/** The pot was moved. */
final readonly class Moved extends Event
{
    public const LONGEST = 60;

    /**
     * @param string $place as this kitchen knows it: a ring, the oven, the hot well, the bench
     *
     * @throws OutOfRange if it is longer than any place is
     */
    public function __construct(Stamp $stamp, public string $place)
    {
        parent::__construct($stamp);
        if (mb_strlen($place) > self::LONGEST) {
            throw OutOfRange::between('length-of-a-place', (float) mb_strlen($place), 0.0, (float) self::LONGEST, '');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::Moved;
    }
}
