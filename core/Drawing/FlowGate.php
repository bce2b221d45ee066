<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** What a sauce must pass before it is done. */
final readonly class FlowGate
{
    /** @param 'do'|'limit'|'chill' $kind a plain bar to do this, teeth for a hard limit, cold for a chill */
    public function __construct(public string $kind, public string $label) {}
}
