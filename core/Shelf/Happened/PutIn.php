<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Exception\OutOfRange;
use Lento\Keeping\Vessel;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;
use Lento\Shelf\Spot;

/** A vessel is opened, and so much of the sauce is put in; none where it will be poured over from another. */
final readonly class PutIn extends ShelfEvent
{
    public function __construct(
        Mark $mark,
        public Vessel $vessel,
        public string $vesselName,
        public Volume $volume,
        public Temperature $temperature,
        public Spot $spot,
    ) {
        parent::__construct($mark);
        OutOfRange::refuse('litres-in-a-tub', $volume->inLitres(), 0.0, Taken::MOST_LITRES, 'l');
    }

    public function kind(): EventKind
    {
        return EventKind::PutIn;
    }
}
