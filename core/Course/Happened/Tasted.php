<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Course\Taste;

/** What the cook says after a taste. */
final readonly class Tasted extends Event
{
    public function __construct(Stamp $stamp, public Taste $taste)
    {
        parent::__construct($stamp);
    }

    public function kind(): EventKind
    {
        return EventKind::Tasted;
    }
}
