<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;

/** An event is taken back: it stays written, and counts no more. */
final readonly class Undone extends ShelfEvent
{
    public function __construct(Mark $mark, public string $undoes)
    {
        parent::__construct($mark);
    }

    public function kind(): EventKind
    {
        return EventKind::Undone;
    }
}
