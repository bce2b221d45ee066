<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** How much of a sauce flows, and what it was ladled from. */
final readonly class FlowAmount
{
    /**
     * @param float $litres of it when it is done
     * @param string|null $from the key of what it is ladled from; null for a base
     * @param float $taken litres of that
     */
    public function __construct(
        public float $litres,
        public ?string $from,
        public float $taken,
    ) {}
}
