<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Volume;

/** How a cook measures an amount: by what it fills, or by the piece. */
final readonly class Measured
{
    /**
     * @param Volume|null $volume what it fills when spooned or poured; null for things counted by the piece
     * @param float|null $pieces for things counted: bay leaves, cloves
     * @param bool $byTheJug whether a cook measures it by its volume
     *
     * @throws OutOfRange for what cannot be
     */
    public function __construct(
        public ?Volume $volume,
        public ?float $pieces = null,
        public bool $byTheJug = false,
    ) {
        OutOfRange::refuse('pieces', $pieces ?? 0.0, 0.0, 1e6, '');
    }
}
