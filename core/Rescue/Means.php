<?php

declare(strict_types=1);

namespace Lento\Rescue;

/** What a thin sauce can be thickened with at the end. */
enum Means: string
{
    case WhiteRoux = 'white-roux';
    case BeurreManie = 'beurre-manie';
    case Slurry = 'slurry';

    /** @return float raw taste it brings: a white roux has had its 2.5 minutes (docs/model.md, T2b), the others none */
    public function rawTaste(): float
    {
        return $this === self::WhiteRoux ? 0.33 : 1.0;
    }

    /** @return float g of butter per g of thickener */
    public function butter(): float
    {
        return $this === self::Slurry ? 0.0 : 1.0;
    }

    /** @return float g of cold water per g of thickener */
    public function water(): float
    {
        return $this === self::Slurry ? 1.5 : 0.0;
    }
}
