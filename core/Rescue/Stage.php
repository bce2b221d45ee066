<?php

declare(strict_types=1);

namespace Lento\Rescue;

/** How far a sauce is: what has been done to it says what may still be done. */
enum Stage: string
{
    case Roux = 'roux';
    /** The liquid goes in, or it has not boiled yet. */
    case Pouring = 'pouring';
    case Simmering = 'simmering';
    case Strained = 'strained';
    case Finished = 'finished';
    case Held = 'held';
    case Cold = 'cold';

    /** Whether there is no sauce yet that could be judged. */
    public function isBeforeTheBoil(): bool
    {
        return $this === self::Roux || $this === self::Pouring;
    }
}
