<?php

declare(strict_types=1);

namespace Lento\Score;

enum ClauseKind: string
{
    /** A task takes so many minutes before another. */
    case Takes = 'takes';

    /** A task may wait for another so many minutes at the most. */
    case Waits = 'waits';

    /** A task began at this minute. */
    case Began = 'began';

    /** It is this minute. */
    case Now = 'now';

    /** A sauce may be held so many minutes before it is served. */
    case Holds = 'holds';

    /** A sauce must be ready by this minute. */
    case ReadyBy = 'ready-by';

    /** The widest pan that any ring takes, in mm, is less than the stay wants. */
    case NoRing = 'no-ring';

    case NoPlace = 'no-place';

    case NoSkill = 'no-skill';

    /** A task is at this minute because somebody set it so. */
    case SetAt = 'set-at';

    /** A task is not wanted before this minute. */
    case SetFrom = 'set-from';
}
