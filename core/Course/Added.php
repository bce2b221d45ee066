<?php

declare(strict_types=1);

namespace Lento\Course;

use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;

/** What went into a pot beyond its sheet: more of its liquid, or a late thickener. */
final readonly class Added
{
    private function __construct(public ?Volume $liquid, public ?Means $means, public ?Mass $thickener) {}

    public static function liquid(Volume $volume): self
    {
        return new self($volume, null, null);
    }

    /** @param Mass $thickener its flour or starch alone, without the butter or water it is mixed with */
    public static function thickener(Means $means, Mass $thickener): self
    {
        return new self(null, $means, $thickener);
    }
}
