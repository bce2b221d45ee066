<?php

declare(strict_types=1);

namespace Lento\Practice;

/**
 * What a strange kitchen does otherwise than one's own, and by how much it may: within what kitchens have.
 *
 * Source of the spans: estimates, docs/practice.md; a ring's power and a pan's steam within those of docs/model.md, T13.
 */
enum Quirk: string
{
    case RingHot = 'ring-hot';
    case FlourWeak = 'flour-weak';
    case StockSalty = 'stock-salty';
    case StockJellied = 'stock-jellied';
    case PanWide = 'pan-wide';
    case PanNarrow = 'pan-narrow';
    case LiquidCold = 'liquid-cold';
    case ButterWet = 'butter-wet';
    case StirredLate = 'stirred-late';

    /**
     * From the least that one notices to the most that a kitchen has.
     *
     * @return array{float, float} times as much, but for: salt and gelatin (share of the liquid's mass more), the liquid (°C colder),
     *     butter (share of its mass that is water instead of fat), the stirring (s late)
     */
    public function span(): array
    {
        return match ($this) {
            self::RingHot => [1.15, 1.35],
            self::FlourWeak => [0.72, 0.86],
            self::StockSalty => [0.004, 0.008],
            self::StockJellied => [0.012, 0.03],
            self::PanWide => [1.35, 1.8],
            self::PanNarrow => [0.45, 0.7],
            self::LiquidCold => [12.0, 16.0],
            self::ButterWet => [0.05, 0.1],
            self::StirredLate => [45.0, 120.0],
        };
    }

    /** @param float $share 0 to 1 of its span */
    public function size(float $share): float
    {
        [$least, $most] = $this->span();

        return $least + $share * ($most - $least);
    }
}
