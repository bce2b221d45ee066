<?php

declare(strict_types=1);

namespace Lento\Procedure;

/** At which place of the work something of a cook's own goes in. */
enum Where: string
{
    case WithVegetables = 'with-vegetables';
    case WithFlour = 'with-flour';
    case WithLiquid = 'with-liquid';
    case InSimmer = 'in-simmer';
    case OffHeat = 'off-heat';
    case Last = 'last';
    case AtTable = 'at-table';

    /** Whether it goes in right behind another act, and not before one or at the end. */
    public function standsBehindAnAct(): bool
    {
        return in_array($this, [self::WithFlour, self::WithLiquid, self::OffHeat], true);
    }

    /** Whether the sauce boils after it, so that nothing with a limit may go in here. */
    public function boilsAfter(): bool
    {
        return in_array($this, [self::WithVegetables, self::WithFlour, self::WithLiquid, self::InSimmer], true);
    }
}
