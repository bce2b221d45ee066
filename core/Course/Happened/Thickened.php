<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Mass;
use Lento\Rescue\Means;

/** A late thickener went in. */
final readonly class Thickened extends Event
{
    public const MOST_KILOGRAMS = 20.0;

    /**
     * @param Mass $thickener its flour or starch alone, without the butter or water it is mixed with
     *
     * @throws OutOfRange for nothing, or more than 20 kg
     */
    public function __construct(Stamp $stamp, public Means $means, public Mass $thickener)
    {
        parent::__construct($stamp);
        if ($thickener->kilograms <= 0.0 || $thickener->inKilograms() > self::MOST_KILOGRAMS) {
            throw OutOfRange::between('what-is-whisked-in', $thickener->inGrams(), 0.001, 1000.0 * self::MOST_KILOGRAMS, 'g');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::Thickened;
    }
}
