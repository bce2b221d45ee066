<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** How the flour meets the fat. */
enum FlourWay: string
{
    case AllAtOnce = 'all-at-once';
    case Gradually = 'gradually';

    /** @return float min, by custom of the trade */
    public function minutes(): float
    {
        return $this === self::AllAtOnce ? 1.0 : 3.0;
    }
}
