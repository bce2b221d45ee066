<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;

/** The cook gave the present step’s timer more. */
final readonly class MoreTime extends Event
{
    /** s. A rescue may ask for hours of simmering at once. */
    public const MOST_SECONDS = 86_400.0;

    /** @throws OutOfRange outside a second and a day */
    public function __construct(Stamp $stamp, public Duration $time)
    {
        parent::__construct($stamp);
        if ($time->seconds <= 0.0 || $time->seconds > self::MOST_SECONDS) {
            throw OutOfRange::between('more-time', $time->seconds, 1.0, self::MOST_SECONDS, 's');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::MoreTime;
    }
}
