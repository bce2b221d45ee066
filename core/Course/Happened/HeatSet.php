<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;

/** The heat was changed: under a roux by the hob’s levels, under a sauce by how it simmers. */
final readonly class HeatSet extends Event
{
    public function __construct(Stamp $stamp, public HobHeat|SimmerLevel $heat)
    {
        parent::__construct($stamp);
    }

    public function kind(): EventKind
    {
        return EventKind::Heat;
    }
}
