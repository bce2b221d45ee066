<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

use Lento\Quantity\Duration;

/** How long a white roux is cooked before the liquid. */
enum CookOut: string
{
    case Brief = 'brief';
    case Usual = 'usual';
    case Long = 'long';

    /** On the heat; null until it has its colour. */
    public function time(): ?Duration
    {
        return match ($this) {
            self::Brief => Duration::ofMinutes(0.75),
            self::Usual => null,
            self::Long => Duration::ofMinutes(7.0),
        };
    }
}
