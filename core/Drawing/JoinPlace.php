<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** Where a thing joins a fall. */
final readonly class JoinPlace
{
    /**
     * @param float $x where its words begin
     * @param float $y of its upper edge
     * @param float $edge x of its right edge once it goes down
     * @param float $bottom y where it ends
     */
    public function __construct(
        public float $x,
        public float $y,
        public float $edge,
        public float $width,
        public float $bottom,
    ) {}
}
