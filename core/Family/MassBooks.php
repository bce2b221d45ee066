<?php

declare(strict_types=1);

namespace Lento\Family;

use Lento\Quantity\Mass;

/** What went into a pot and where it is now: nothing is made or lost. */
final readonly class MassBooks
{
    /** @param Mass $strained vegetables that the strainer kept, with the sauce that they hold back */
    public function __construct(
        public Mass $taken,
        public Mass $added,
        public Mass $steam,
        public Mass $strained,
        public Mass $clung,
        public Mass $out,
    ) {}

    /** What does not add up, as a share of all that went in: rounding, nothing else. */
    public function error(): float
    {
        $in = $this->taken->inGrams() + $this->added->inGrams();
        $gone = $this->steam->inGrams() + $this->strained->inGrams() + $this->clung->inGrams() + $this->out->inGrams();

        return $in > 0.0 ? abs($in - $gone) / $in : 0.0;
    }

    public function plus(self $other): self
    {
        $sum = static fn(Mass $a, Mass $b): Mass => Mass::ofGrams($a->inGrams() + $b->inGrams());

        return new self(
            $sum($this->taken, $other->taken),
            $sum($this->added, $other->added),
            $sum($this->steam, $other->steam),
            $sum($this->strained, $other->strained),
            $sum($this->clung, $other->clung),
            $sum($this->out, $other->out),
        );
    }
}
