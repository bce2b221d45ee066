<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Quantity\Volume;
use Lento\Thickness\SpoonWord;

/** What came out of a pot, measured and dipped. */
final readonly class Outcome
{
    public function __construct(public Volume $volume, public SpoonWord $spoon) {}
}
