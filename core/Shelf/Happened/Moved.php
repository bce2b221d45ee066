<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;
use Lento\Shelf\Spot;

/** It stands somewhere else now, or its lid is on or off. */
final readonly class Moved extends ShelfEvent
{
    public function __construct(Mark $mark, public Spot $spot)
    {
        parent::__construct($mark);
    }

    public function kind(): EventKind
    {
        return EventKind::Moved;
    }
}
