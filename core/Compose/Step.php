<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Quantity\Duration;

/** One thing to do at the stove. */
final readonly class Step
{
    /**
     * @param Duration $time about how long; zero for a thing of a moment
     * @param bool $handsOn whether the cook must stay with it
     * @param bool $timed whether a clock helps: it never does where the eye decides at once
     * @param int<0, max> $pours how many pours are ticked off in this step
     */
    public function __construct(
        public StepKind $kind,
        public Duration $time,
        public bool $handsOn,
        public bool $timed,
        public int $pours = 0,
    ) {}
}
