<?php

declare(strict_types=1);

namespace Lento\Shelf;

use DateTimeImmutable;

/** Something that happened to a tub. Events are only ever added; what stands on the shelf follows from them. */
abstract readonly class ShelfEvent
{
    public string $id;

    public string $tub;

    public DateTimeImmutable $at;

    public string $by;

    public function __construct(Mark $mark)
    {
        [$this->id, $this->tub, $this->at, $this->by] = [$mark->id, $mark->tub, $mark->at, $mark->by];
    }

    abstract public function kind(): EventKind;
}
