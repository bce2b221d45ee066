<?php

declare(strict_types=1);

namespace Lento\Pot;

/** How heavy a pan may be with what is in it. Source: docs/sauces.md, laws of scale: custom of the trade, cautious. */
final readonly class Lifting
{
    /** kg that one cook lifts at most, and that nobody lifts. */
    public const ALONE = 10.0;

    public const NEVER = 20.0;
}
