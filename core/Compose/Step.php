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
     * @param int<0, max> $pours how many additions are ticked off in this step, one by one: pours, pieces of roux, finishes
     * @param list<Tending> $tendings visits it wants while it lasts
     */
    public function __construct(
        public StepKind $kind,
        public Duration $time,
        public bool $handsOn,
        public bool $timed,
        public int $pours = 0,
        public array $tendings = [],
    ) {}
}
