<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Shelf\BinReason;
use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;

/** All that was left was thrown away. */
final readonly class Binned extends ShelfEvent
{
    public const LONGEST = 500;

    public function __construct(Mark $mark, public BinReason $reason, public string $words = '')
    {
        parent::__construct($mark);
    }

    public function kind(): EventKind
    {
        return EventKind::Binned;
    }
}
