<?php

declare(strict_types=1);

namespace Lento\Shelf;

/** What is wrong with a tub now, the worst first. */
enum Trouble: string
{
    /** A gate is shut behind it. */
    case Failed = 'failed';

    /** Hot for longer than it may be. */
    case TooLong = 'too-long';

    /** Its last day is over. */
    case PastUse = 'past-use';

    /** As it stands it will not be cold in time. */
    case Late = 'late';

    case TooCold = 'too-cold';
    case TooHot = 'too-hot';

    /** Nobody has looked at the thermometer for longer than was asked. */
    case Unread = 'unread';

    /** It should be in time, but not by enough to be sure of it. */
    case Close = 'close';

    /** Today or tomorrow is its last day. */
    case UseSoon = 'use-soon';

    /** Whether it is to be thrown away. */
    public function isOver(): bool
    {
        return $this === self::Failed || $this === self::TooLong || $this === self::PastUse;
    }
}
