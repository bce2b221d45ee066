<?php

declare(strict_types=1);

namespace Lento\Finish;

use Lento\Quantity\Duration;

/** The share of the alcohol left after a simmer in an open pan; 5 to 8 points low between 30 and 90 min. Source: docs/model.md, D. */
final readonly class Alcohol
{
    public static function left(Duration $simmer): float
    {
        return 0.45 * exp(-$simmer->inMinutes() / 70.0) + 0.55 * exp(-$simmer->inMinutes() / 6.0);
    }
}
