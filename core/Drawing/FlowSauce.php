<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** One sauce of a flow: how much of it, from what, and what joins it. */
final readonly class FlowSauce
{
    /**
     * @param string|null $from the key of what it is ladled from; null for a base
     * @param float $taken litres of that
     * @param float $litres of it when it is done
     * @param string $colour #rrggbb
     * @param list<FlowAddition> $additions
     * @param list<string> $notes lines at its end: allergens
     * @param bool $kept whether it is only kept, and not finished
     */
    public function __construct(
        public string $key,
        public string $name,
        public ?string $from,
        public float $taken,
        public float $litres,
        public string $colour,
        public array $additions = [],
        public ?FlowGate $gate = null,
        public array $notes = [],
        public bool $kept = false,
    ) {}
}
