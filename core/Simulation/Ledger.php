<?php

declare(strict_types=1);

namespace Lento\Simulation;

/** The books of a pot in grams: what went in is in the pot, in the air, in the strainer or on another plate. */
final readonly class Ledger
{
    private function __construct(
        public float $in,
        public float $steam,
        public float $strained,
        public float $skimmed,
        public float $ladled,
    ) {}

    public static function opened(): self
    {
        return new self(0.0, 0.0, 0.0, 0.0, 0.0);
    }

    public function plus(float $in = 0.0, float $steam = 0.0, float $strained = 0.0, float $skimmed = 0.0, float $ladled = 0.0): self
    {
        return new self(
            $this->in + $in,
            $this->steam + $steam,
            $this->strained + $strained,
            $this->skimmed + $skimmed,
            $this->ladled + $ladled,
        );
    }

    /** @return float g that must still be in the pot */
    public function left(): float
    {
        return $this->in - $this->steam - $this->strained - $this->skimmed - $this->ladled;
    }
}
