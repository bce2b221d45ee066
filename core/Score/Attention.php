<?php

declare(strict_types=1);

namespace Lento\Score;

/** What a task asks of a cook while it lasts. */
enum Attention: string
{
    /** Both hands: roux, pour, strain, liaison. */
    case Hands = 'hands';

    /** Stands by, and may look at other pots in passing: bringing to the boil. */
    case Watch = 'watch';

    /** Nobody, save for its visits. */
    case None = 'none';

    public function needsACook(): bool
    {
        return $this !== self::None;
    }
}
