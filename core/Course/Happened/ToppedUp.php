<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;

/** More of its own liquid went in, hot. */
final readonly class ToppedUp extends Event
{
    public const MOST_LITRES = 200.0;

    /** @throws OutOfRange for nothing, or more than 200 l */
    public function __construct(Stamp $stamp, public Volume $liquid)
    {
        parent::__construct($stamp);
        if ($liquid->cubicMetres <= 0.0 || $liquid->inLitres() > self::MOST_LITRES) {
            throw OutOfRange::between('what-is-poured-in', $liquid->inLitres(), 0.001, self::MOST_LITRES, 'l');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::ToppedUp;
    }
}
