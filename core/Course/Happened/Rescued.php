<?php

declare(strict_types=1);

namespace Lento\Course\Happened;

use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Stamp;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Means;
use Lento\Rescue\Remedy;
use Lento\Rescue\RemedyKind;

/** A remedy was done to the pot, with the amounts it was done with. */
final readonly class Rescued extends Event
{
    private function __construct(
        Stamp $stamp,
        public Fault $fault,
        public RemedyKind $remedy,
        public ?Volume $liquid,
        public ?Mass $solid,
        public ?Means $means,
    ) {
        parent::__construct($stamp);
    }

    public static function from(
        Stamp $stamp,
        Fault $fault,
        RemedyKind $remedy,
        ?Volume $liquid = null,
        ?Mass $solid = null,
        ?Means $means = null,
    ): self {
        return new self($stamp, $fault, $remedy, $liquid, $solid, $means);
    }

    public static function by(Stamp $stamp, Fault $fault, Remedy $remedy): self
    {
        return new self($stamp, $fault, $remedy->kind, $remedy->liquid, $remedy->solid, $remedy->means);
    }

    public function kind(): EventKind
    {
        return EventKind::Rescued;
    }
}
