<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** How a fall ends: its gate, its notes, and whether it is only kept. */
final readonly class FlowEnd
{
    /**
     * @param list<string> $notes lines at its end: allergens
     * @param bool $kept whether it is only kept, and not finished
     */
    public function __construct(
        public ?FlowGate $gate = null,
        public array $notes = [],
        public bool $kept = false,
    ) {}
}
