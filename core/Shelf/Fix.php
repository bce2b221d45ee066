<?php

declare(strict_types=1);

namespace Lento\Shelf;

use Lento\Keeping\CoolingOutlook;
use Lento\Keeping\Way;

/** Something that can still be done about a tub that cools too slowly, and what would come of it. */
final readonly class Fix
{
    /** @param bool $isSure whether it should be in time with the margin; else only likely */
    public function __construct(public Way $way, public CoolingOutlook $outlook, public bool $isSure) {}
}
