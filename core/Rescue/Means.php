<?php

declare(strict_types=1);

namespace Lento\Rescue;

/** What a thin sauce can be thickened with at the end. */
enum Means: string
{
    case WhiteRoux = 'white-roux';
    case BeurreManie = 'beurre-manie';
    case Slurry = 'slurry';
    /** Starch boiled in stock in another pan: for a sauce that may not boil again. */
    case CookedApart = 'cooked-apart';

    /** @return float raw taste it brings: a white roux has had its 2.5 minutes (docs/model.md, T2b), what is cooked apart has lost all */
    public function rawTaste(): float
    {
        return match ($this) {
            self::WhiteRoux => 0.33,
            self::CookedApart => 0.0,
            default => 1.0,
        };
    }

    /** @return float g of butter per g of thickener */
    public function butter(): float
    {
        return in_array($this, [self::Slurry, self::CookedApart], true) ? 0.0 : 1.0;
    }

    /** @return float g of cold water, or of the stock that it boils in, per g of thickener */
    public function water(): float
    {
        return match ($this) {
            self::Slurry => 1.5,
            self::CookedApart => 8.0,
            default => 0.0,
        };
    }
}
