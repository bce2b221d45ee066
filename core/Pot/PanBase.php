<?php

declare(strict_types=1);

namespace Lento\Pot;

/** How evenly a pan's base spreads the flame: its hottest spot over the mean flux. Source: docs/model.md, E; estimates. */
enum PanBase: string
{
    case Thin = 'thin';
    case Medium = 'medium';
    case Thick = 'thick';

    public function peak(): float
    {
        return match ($this) {
            self::Thin => 1.8,
            self::Medium => 1.4,
            self::Thick => 1.15,
        };
    }
}
