<?php

declare(strict_types=1);

namespace Lento\Compose;

use Lento\Quantity\Duration;

/**
 * What becomes of a part of the formula besides roux and liquid, and so where the books of the pot count it.
 *
 * Shares left are estimates of the trade: a soft sweat loses a quarter of an onion, a brown one half, a long brown one two thirds.
 */
enum Treatment: string
{
    /** Spice, herb, sachet: too little to weigh in the sauce. */
    case Flavours = 'flavours';
    /** Stays in the sauce as it is. */
    case StirredIn = 'stirred-in';
    /** Boiled down by half before it joins. */
    case Reduced = 'reduced';
    case Sweated = 'sweated';
    case Browned = 'browned';
    case LongBrowned = 'long-browned';
    /** Browned, simmered along, and cut back into the strained sauce. */
    case DicedBack = 'diced-back';
    /** Rendered in the pan; what does not melt is strained out. */
    case Rendered = 'rendered';
    /** Stirred in last, off the boil where it has a limit. */
    case Finishes = 'finishes';

    public function isVegetable(): bool
    {
        return in_array($this, [self::Sweated, self::Browned, self::LongBrowned], true);
    }

    /** @return float share of the raw weight that is left after cooking */
    public function left(): float
    {
        return match ($this) {
            self::Sweated => 0.75,
            self::Browned => 0.5,
            self::LongBrowned => 0.35,
            self::DicedBack => 0.7,
            default => 1.0,
        };
    }

    /** What it takes before the flour, by custom of the trade. */
    public function time(): Duration
    {
        return Duration::ofMinutes(match ($this) {
            self::Sweated, self::Rendered => 6.0,
            self::Browned, self::DicedBack => 12.0,
            self::LongBrowned => 35.0,
            self::Reduced => 8.0,
            default => 0.0,
        });
    }
}
