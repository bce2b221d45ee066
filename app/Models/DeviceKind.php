<?php

declare(strict_types=1);

namespace App\Models;

use Lento\Course\ReadingKind;

/** What can be at hand: a probe that reads °C, a scale that reads kg with the pan on it. */
enum DeviceKind: string
{
    case Probe = 'probe';
    case Scale = 'scale';

    public function reads(): ReadingKind
    {
        return $this === self::Probe ? ReadingKind::Temperature : ReadingKind::Weight;
    }

    /** @return float in the SI unit of its reading */
    public function inSi(float $value): float
    {
        return $this === self::Probe ? $value + 273.15 : $value;
    }

    public function unit(): string
    {
        return $this === self::Probe ? '°C' : 'kg';
    }
}
