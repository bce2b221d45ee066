<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Thickness\Sauce;

/** What decides how long a sauce keeps: the most delicate thing in it. */
enum Keeps: string
{
    case Yolk = 'yolk';
    case Milk = 'milk';
    case Stock = 'stock';

    public static function of(Sauce $sauce): self
    {
        return match (true) {
            $sauce->yolkGrams > 0.0 => self::Yolk,
            $sauce->milkSolidsGrams > 0.0 => self::Milk,
            default => self::Stock,
        };
    }
}
