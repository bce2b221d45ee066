<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;

/** What somebody wanted remembered. */
final readonly class Noted extends ShelfEvent
{
    public const LONGEST = 2000;

    public function __construct(Mark $mark, public string $text)
    {
        parent::__construct($mark);
    }

    public function kind(): EventKind
    {
        return EventKind::Note;
    }
}
