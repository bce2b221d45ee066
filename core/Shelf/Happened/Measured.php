<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;
use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;

/** What there is was measured: what is missing was lost. */
final readonly class Measured extends ShelfEvent
{
    public function __construct(Mark $mark, public Volume $volume)
    {
        parent::__construct($mark);
        OutOfRange::refuse('litres-in-a-tub', $volume->inLitres(), 0.0, Taken::MOST_LITRES, 'l');
    }

    public function kind(): EventKind
    {
        return EventKind::Measured;
    }
}
