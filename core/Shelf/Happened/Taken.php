<?php

declare(strict_types=1);

namespace Lento\Shelf\Happened;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;
use Lento\Shelf\EventKind;
use Lento\Shelf\Mark;
use Lento\Shelf\ShelfEvent;

/** So much was taken out, for something; where its date had passed, with the reason for taking it all the same. */
final readonly class Taken extends ShelfEvent
{
    public const MOST_LITRES = 300.0;

    public const LONGEST = 200;

    public function __construct(
        Mark $mark,
        public Volume $volume,
        public string $for = '',
        public string $despite = '',
    ) {
        parent::__construct($mark);
        OutOfRange::refuse('litres-in-a-tub', $volume->inLitres(), 0.0, self::MOST_LITRES, 'l');
    }

    public function kind(): EventKind
    {
        return EventKind::Taken;
    }
}
