<?php

declare(strict_types=1);

namespace Lento\Pot;

/** How much of the steam a lid lets go. Source: docs/model.md, E. */
enum Lid: string
{
    case Open = 'open';
    case Partial = 'partial';
    case Covered = 'covered';

    /** @return float share of the open pan's evaporation */
    public function share(): float
    {
        return match ($this) {
            self::Open => 1.0,
            self::Partial => 0.45,
            self::Covered => 0.10,
        };
    }
}
