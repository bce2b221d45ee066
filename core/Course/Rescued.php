<?php

declare(strict_types=1);

namespace Lento\Course;

use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Means;
use Lento\Rescue\Remedy;
use Lento\Rescue\RemedyKind;

/** A remedy that was done to a pot, with the amounts it was done with. */
final readonly class Rescued
{
    public function __construct(public Fault $fault, public RemedyKind $remedy, public ?Volume $liquid = null, public ?Mass $solid = null, public ?Means $means = null) {}

    public static function by(Fault $fault, Remedy $remedy): self
    {
        return new self($fault, $remedy->kind, $remedy->liquid, $remedy->solid, $remedy->means);
    }
}
