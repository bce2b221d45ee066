<?php

declare(strict_types=1);

namespace Lento\Assay;

/** How one amount was measured: with what, and whether the recipe says how full. */
final readonly class Measuring
{
    private function __construct(public Measured $with, public bool $saysHowFull) {}

    public static function with(Measured $with, bool $saysHowFull = false): self
    {
        return new self($with, $saysHowFull);
    }

    /** What nobody measures: salt to taste, a herb. */
    public static function notAtAll(): self
    {
        return new self(Measured::Guessed, false);
    }
}
