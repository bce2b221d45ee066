<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;
use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;

/** From this tub into another of the same batch: split, or put together. */
final readonly class PouredOver extends ShelfEvent
{
    public function __construct(Mark $mark, public string $to, public Volume $volume)
    {
        parent::__construct($mark);
        OutOfRange::refuse('litres-in-a-tub', $volume->inLitres(), 0.0, Taken::MOST_LITRES, 'l');
    }

    public function kind(): EventKind
    {
        return EventKind::PouredOver;
    }
}
