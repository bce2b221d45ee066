<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Pot\Pan;
use Lento\Procedure\Worked;

/** What is done to a base to make a derivative of it, and in which pan. */
final readonly class Work
{
    /**
     * @param list<Worked> $acts
     */
    public function __construct(
        public Pan $pan,
        public array $acts,
        public ?Correction $correction,
    ) {}
}
