<?php

declare(strict_types=1);

namespace Lento\Stove;

use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;

/** A value at a time since something began: a shade, or a depth in mm, as the curve says that it belongs to. */
final readonly class Point
{
    /** @throws OutOfRange for what cannot be */
    public function __construct(public Duration $at, public float $value)
    {
        OutOfRange::refuse('value', $value, -1e6, 1e6, '');
    }
}
