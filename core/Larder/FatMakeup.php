<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;

/** What a fat is made of, by mass: pure fat, water, and milk solids. */
final readonly class FatMakeup
{
    /** @throws OutOfRange if one is no fraction */
    public function __construct(public float $fat, public float $water, public float $solids)
    {
        Parts::refuse(['fat' => $fat, 'water' => $water, 'milk solids' => $solids]);
    }
}
