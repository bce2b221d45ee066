<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\Missing;

/** A cook’s own words. */
final readonly class Noted extends Event
{
    public const LONGEST = 500;

    /** @throws Missing if it says nothing */
    public function __construct(Stamp $stamp, public string $text)
    {
        parent::__construct($stamp);
        if ($text === '') {
            throw Missing::from('note', 'text');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::Note;
    }
}
