<?php

declare(strict_types=1);

namespace Lento\Pot;

/** How a hob heats, and what of its rated power reaches the pot. Source: docs/model.md, E. */
enum HobKind: string
{
    case Gas = 'gas';
    case Ceramic = 'ceramic';
    case Induction = 'induction';

    /** @return float share of the rated power, 0 to 1 */
    public function efficiency(): float
    {
        return match ($this) {
            self::Gas => 0.40,
            self::Ceramic => 0.65,
            self::Induction => 0.85,
        };
    }
}
