<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\Missing;

/** Another event did not happen after all. */
final readonly class Undone extends Event
{
    /**
     * @param string $undoes id of the event that is taken back
     *
     * @throws Missing if it names none
     */
    public function __construct(Stamp $stamp, public string $undoes)
    {
        parent::__construct($stamp);
        if ($undoes === '') {
            throw Missing::from('undoing', 'event');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::Undone;
    }
}
