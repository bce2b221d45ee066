<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Exception\Missing;
use Lento\Quantity\Temperature;

/** One of the things of a step that are ticked off one by one: a pour, a piece of roux, a finish with its own limits. */
final readonly class Addition
{
    /**
     * @param string $id the same for as long as the plan is kept: what an event names
     * @param Amount $amount what goes in
     * @param Bounds $bounds between which temperatures of the sauce
     * @param Temperature|null $lands of the pan once it is mixed in, where that matters
     * @param bool $slack whether the mass runs like cream from here on
     */
    private function __construct(
        public string $id,
        public Amount $amount,
        public Bounds $bounds,
        public ?Temperature $lands,
        public bool $slack,
    ) {}

    /** @throws Missing if it has no id */
    public static function of(string $id, Amount $amount, ?Bounds $bounds = null, ?Temperature $lands = null, bool $slack = false): self
    {
        return new self($id === '' ? throw Missing::from('addition', 'id') : $id, $amount, $bounds ?? Bounds::none(), $lands, $slack);
    }
}
