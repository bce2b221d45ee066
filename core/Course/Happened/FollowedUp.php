<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\FollowUp;
use Lento\Course\Stamp;
use Lento\Exception\Missing;

/** How a remedy went. */
final readonly class FollowedUp extends Event
{
    /**
     * @param string $rescue id of the rescue that is spoken of
     *
     * @throws Missing if it names none
     */
    public function __construct(Stamp $stamp, public FollowUp $how, public string $rescue)
    {
        parent::__construct($stamp);
        if ($rescue === '') {
            throw Missing::from('follow-up', 'rescue');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::FollowedUp;
    }
}
