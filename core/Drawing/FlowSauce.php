<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** One sauce of a flow: how much of it, from what, and what joins it. */
final readonly class FlowSauce
{
    public float $litres;

    public ?string $from;

    public float $taken;

    public ?FlowGate $gate;

    /** @var list<string> */
    public array $notes;

    public bool $kept;

    /**
     * @param string $colour #rrggbb
     * @param list<FlowAddition> $additions
     */
    public function __construct(
        public string $key,
        public string $name,
        FlowAmount $amount,
        public string $colour,
        public array $additions = [],
        FlowEnd $end = new FlowEnd(),
    ) {
        $this->litres = $amount->litres;
        $this->from = $amount->from;
        $this->taken = $amount->taken;
        $this->gate = $end->gate;
        $this->notes = $end->notes;
        $this->kept = $end->kept;
    }
}
