<?php

declare(strict_types=1);

namespace Lento\Procedure;

use Closure;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Power;
use Lento\Quantity\Volume;

/** Where acts are done: over which pan, how it simmers there, with what larder, on how strong a ring. */
final readonly class Place
{
    /**
     * @param Closure(SimmerLevel): Simmer $simmers in the sauce's own pan
     * @param Closure(Volume): Pan $secondPan of this kitchen, in which so much can be fried
     */
    public function __construct(
        public Pan $pan,
        public Larder $larder,
        public Closure $simmers,
        public Closure $secondPan,
        public ?Power $ring = null,
    ) {}
}
