<?php

declare(strict_types=1);

namespace Lento\Pour;

use Lento\Quantity\Temperature;

/** What the first splash does, by the heat of the roux. Source: docs/model.md, C. */
enum Steam: string
{
    case None = 'none';
    case Hiss = 'hiss';
    case Violent = 'violent';
    case Danger = 'danger';

    public static function of(Temperature $roux): self
    {
        $celsius = $roux->inCelsius();

        return match (true) {
            $celsius < 100.0 => self::None,
            $celsius < 130.0 => self::Hiss,
            $celsius < 160.0 => self::Violent,
            default => self::Danger,
        };
    }
}
