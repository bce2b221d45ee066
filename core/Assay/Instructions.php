<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;

/** What a recipe says of how it is cooked; null where it says nothing. */
final readonly class Instructions
{
    public function __construct(
        public RouxAsWritten $roux,
        public ?Duration $simmer,
        public ?SimmerLevel $level,
        public ?Pan $pan,
        public ?ReduceTo $reduce = null,
        public ?bool $strain = null,
    ) {}
}
