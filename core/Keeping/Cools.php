<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;

/** Something by which a sauce gets cold. */
interface Cools
{
    /**
     * @param bool $freshlySet whether it has just been put there, so that the middle lags behind
     *
     * @return Duration|null null where it never gets so cold
     */
    public function time(Temperature $from, Temperature $to, bool $freshlySet = false): ?Duration;

    /** The same with the margin of safety. */
    public function cautious(): self;
}
