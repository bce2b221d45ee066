<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** One limit of a cooling rule: from one temperature down to another within a time. */
final readonly class CoolingStage
{
    public function __construct(public Temperature $from, public Temperature $to, public Duration $within) {}
}
