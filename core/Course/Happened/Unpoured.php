<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Exception\Missing;

/** One of the step’s additions is not in after all. */
final readonly class Unpoured extends Event
{
    /**
     * @param string $addition its id in the plan
     *
     * @throws Missing if it names none
     */
    public function __construct(Stamp $stamp, public string $addition)
    {
        parent::__construct($stamp);
        if ($addition === '') {
            throw Missing::from('pour', 'addition');
        }
    }

    public function kind(): EventKind
    {
        return EventKind::Unpoured;
    }
}
