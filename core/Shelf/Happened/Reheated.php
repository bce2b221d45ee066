<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Quantity\Temperature;
use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;

/** It was made hot again, up to what was read in it; it is not cooled after that. */
final readonly class Reheated extends ShelfEvent
{
    public function __construct(Mark $mark, public Temperature $temperature)
    {
        parent::__construct($mark);
    }

    public function kind(): EventKind
    {
        return EventKind::Reheated;
    }
}
