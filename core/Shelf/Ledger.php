<?php

declare(strict_types=1);

namespace Lento\Shelf;

/**
 * Where millilitres went: what came in from the pot, what was served or used, what is still there, what was binned, what was lost.
 *
 * Whole ml, so that they add up to the last one. Lost may be less than nothing, where more was measured than was there.
 */
final readonly class Ledger
{
    private function __construct(public int $made, public int $served, public int $kept, public int $binned, public int $lost) {}

    public static function nothing(): self
    {
        return new self(0, 0, 0, 0, 0);
    }

    public function madeMore(int $ml): self
    {
        return new self($this->made + $ml, $this->served, $this->kept + $ml, $this->binned, $this->lost);
    }

    public function served(int $ml): self
    {
        return new self($this->made, $this->served + $ml, $this->kept - $ml, $this->binned, $this->lost);
    }

    public function binned(int $ml): self
    {
        return new self($this->made, $this->served, $this->kept - $ml, $this->binned + $ml, $this->lost);
    }

    public function lost(int $ml): self
    {
        return new self($this->made, $this->served, $this->kept - $ml, $this->binned, $this->lost + $ml);
    }

    public function plus(self $other): self
    {
        return new self(
            $this->made + $other->made,
            $this->served + $other->served,
            $this->kept + $other->kept,
            $this->binned + $other->binned,
            $this->lost + $other->lost,
        );
    }

    public function addsUp(): bool
    {
        return $this->made === $this->served + $this->kept + $this->binned + $this->lost;
    }
}
