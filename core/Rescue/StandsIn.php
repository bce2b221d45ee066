<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;

/** What it stands in, and what there is to mend it with. */
final readonly class StandsIn
{
    /**
     * @param Ingredient $liquid it is made with, unsalted if there is a choice
     */
    public function __construct(
        public Pan $pan,
        public Simmer $simmer,
        public Ingredient $liquid,
        public Larder $larder,
    ) {}
}
