<?php

declare(strict_types=1);

namespace Lento\Simulation;

use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;

/** What is in a pot, and what has left it. */
final readonly class Contents
{
    /**
     * @param Mass $freeFat floating
     */
    public function __construct(
        public Mass $mass,
        public Volume $volume,
        public Length $depth,
        public Mass $steam,
        public Mass $freeFat,
    ) {}
}
