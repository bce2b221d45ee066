<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A gate: a post that hangs down to its limit; the curve has to pass beneath. */
final readonly class CoolingPost
{
    /**
     * @param float $minute at which it shuts
     * @param float $celsius down to which it hangs
     * @param bool $isHit whether the sauce as it stands runs into it
     */
    public function __construct(public float $minute, public float $celsius, public string $limit, public string $by, public bool $isHit) {}
}
