<?php

declare(strict_types=1);

namespace Lento\Shelf;

/** How a tub is kept. */
enum TubState: string
{
    case Hot = 'hot';
    case Cooling = 'cooling';
    case Kept = 'kept';
    case Frozen = 'frozen';
    case Gone = 'gone';

    /** @return list<self> of what is not gone */
    public static function there(): array
    {
        return [...self::watched(), ...self::lying()];
    }

    /** @return list<self> of what moves by itself, and is to be looked at */
    public static function watched(): array
    {
        return [self::Cooling, self::Hot];
    }

    /** @return list<self> of what only lies there, until its day */
    public static function lying(): array
    {
        return [self::Kept, self::Frozen];
    }
}
