<?php

declare(strict_types=1);

namespace Lento\Larder;

use Lento\Exception\OutOfRange;

/** What a flour or starch is made of, by mass. */
final readonly class FlourMakeup
{
    /**
     * @param float $amylose share of the starch, 0 to 1
     *
     * @throws OutOfRange if one is no fraction
     */
    public function __construct(public float $water, public float $starch, public float $protein, public float $fat, public float $amylose)
    {
        Parts::refuse(['water' => $water, 'starch' => $starch, 'protein' => $protein, 'fat' => $fat, 'amylose' => $amylose]);
    }
}
