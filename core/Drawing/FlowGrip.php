<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** Between two falls of one pan: moves litres from one to the other; their sum stays. */
final readonly class FlowGrip
{
    public function __construct(public float $x, public float $y, public FlowSauce $left, public FlowSauce $right) {}
}
