<?php

declare(strict_types=1);

namespace Lento\Learning;

use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;

/** What a lesson holds for: this pan, at this level, on this heat of this ring. */
final readonly class Circumstances
{
    public function __construct(
        public Length $pan,
        public SimmerLevel $level,
        public HobHeat $heat,
        public string $ring = '',
    ) {}
}
