<?php

declare(strict_types=1);

namespace Lento\Compose\Choice;

/** How long a white roux is cooked before the liquid. */
enum CookOut: string
{
    case Brief = 'brief';
    case Usual = 'usual';
    case Long = 'long';

    /** @return float|null min on the heat; null until it has its colour */
    public function minutes(): ?float
    {
        return match ($this) {
            self::Brief => 0.75,
            self::Usual => null,
            self::Long => 7.0,
        };
    }
}
