<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Quantity\Temperature;
use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;

/** A thermometer in the middle of it. */
final readonly class ReadOff extends ShelfEvent
{
    public function __construct(Mark $mark, public Temperature $temperature, public bool $byProbe = false)
    {
        parent::__construct($mark);
    }

    public function kind(): EventKind
    {
        return EventKind::Read;
    }
}
