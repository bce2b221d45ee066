<?php

declare(strict_types=1);

namespace Lento\Course;

/** Where a finished sauce goes: over the counter, into the hot well, or down to the cold. */
enum KeptAs: string
{
    case Served = 'served';
    case Held = 'held';
    case Cooled = 'cooled';
}
