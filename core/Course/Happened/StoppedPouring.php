<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;

/** Pouring was stopped early: so much less of its liquid is in the pot than was planned. */
final readonly class StoppedPouring extends Event
{
    public const MOST_LITRES = 200.0;

    /** @throws OutOfRange for nothing, or more than 200 l */
    public function __construct(Stamp $stamp, public Volume $left)
    {
        parent::__construct($stamp);
        if ($left->cubicMetres <= 0.0 || $left->inLitres() > self::MOST_LITRES) {
            throw OutOfRange::between('what-is-left-in-the-jug', $left->inLitres(), 0.001, self::MOST_LITRES, 'l');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::StoppedPouring;
    }
}
