<?php

declare(strict_types=1);

namespace Lento\Score;

/** Why there is no plan at all. */
enum Reason: string
{
    /** No ring is wide and strong enough for a pan. */
    case NoRing = 'no-ring';

    /** A store has no place at all. */
    case NoPlace = 'no-place';

    /** Nobody has learnt it, or may do it. */
    case NoSkill = 'no-skill';

    /** It waits for itself, or waits contradict one another. */
    case Order = 'order';

    /** It cannot be ready before it must be. */
    case TooLate = 'too-late';

    /** It, or its base, would have to be held longer than it may be. */
    case Hold = 'hold';

    /** Something that must not wait would have to. */
    case Wait = 'wait';

    /** Two times that were set by hand are wanted of the same cook, ring or place. */
    case Set = 'set';

    /** None was found, though none of the above stands against it. */
    case NotFound = 'not-found';
}
