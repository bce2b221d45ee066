<?php

declare(strict_types=1);

namespace Lento\Score;

/** What somebody can say of a plan. */
enum ChangeKind: string
{
    /** A task is begun at a minute. */
    case Start = 'start';

    /** A task is not begun before a minute. */
    case NotBefore = 'not-before';

    /** A task is somebody's. */
    case Cook = 'cook';

    /** A pot stands on a ring. */
    case Ring = 'ring';

    /** A sauce is served at another minute. */
    case Serve = 'serve';

    /** Nobody looks after a task as it would be liked, and that is known. */
    case Leave = 'leave';

    /** A cook is not there. */
    case Away = 'away';

    /** A ring does not work. */
    case Out = 'out';

    /** Somebody more is there, for a while. */
    case Help = 'help';

    /** Whether it is as it is, whatever becomes of the plan: what is only wished for is refused where there is no plan with it. */
    public function isAFact(): bool
    {
        return in_array($this, [self::Away, self::Out], true);
    }
}
