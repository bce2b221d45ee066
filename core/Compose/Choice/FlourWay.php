<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

use Lento\Quantity\Duration;

/** How the flour meets the fat. */
enum FlourWay: string
{
    case AllAtOnce = 'all-at-once';
    case Gradually = 'gradually';

    /** By custom of the trade. */
    public function time(): Duration
    {
        return Duration::ofMinutes($this === self::AllAtOnce ? 1.0 : 3.0);
    }
}
