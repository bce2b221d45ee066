<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** A straight map from a measured range to the drawing's units. */
final readonly class Scale
{
    public function __construct(private float $from, private float $to, private float $start, private float $end) {}

    public function at(float $value): float
    {
        return $this->to === $this->from
            ? $this->start
            : $this->start + (($this->end - $this->start) * ($value - $this->from)) / ($this->to - $this->from);
    }
}
