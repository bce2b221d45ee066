<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\Missing;

/** Another cook has it from now on. */
final readonly class TakenOver extends Event
{
    public const LONGEST = 60;

    /** @throws Missing if nobody is named */
    public function __construct(Stamp $stamp, public string $cook)
    {
        parent::__construct($stamp);
        if ($cook === '') {
            throw Missing::from('pot-that-is-taken-over', 'cook');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::TakenOver;
    }
}
