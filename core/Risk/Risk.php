<?php

declare(strict_types=1);

namespace Lento\Risk;

/**
 * A risk in words. The numbers behind it rank ways of working against each other; none of them is a probability.
 *
 * Source of the limits: an estimate, set so that the schools of docs/model.md, T4, fall apart into words.
 */
enum Risk: string
{
    case Low = 'low';
    case Some = 'some';
    case High = 'high';
    case VeryHigh = 'very-high';

    /** @param float $rank 0 to 1 */
    public static function of(float $rank): self
    {
        return match (true) {
            $rank < 0.08 => self::Low,
            $rank < 0.25 => self::Some,
            $rank < 0.60 => self::High,
            default => self::VeryHigh,
        };
    }
}
