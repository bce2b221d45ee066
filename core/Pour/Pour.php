<?php

declare(strict_types=1);

namespace Lento\Pour;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;

/** One staged addition: liquid onto the roux, or a piece of roux into the liquid. */
final readonly class Pour
{
    /**
     * @param bool $slack whether the mass runs like cream once this one is worked in, so that the rest may go in fast
     * @param float $lumpRank 0 to 1, ranks ways of working; no probability
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(public Mass $mass, public Temperature $mixed, public bool $slack, public float $lumpRank)
    {
        OutOfRange::refuse('rank', $lumpRank, 0.0, 1.0, '');
    }
}
