<?php

declare(strict_types=1);

namespace Lento\Pour;

/** How roux and liquid meet. Each school is a way to keep starch from swelling before it is wet through. */
enum School: string
{
    case ColdOnHot = 'cold-on-hot';
    case HotOnCold = 'hot-on-cold';
    case WarmPours = 'warm-pours';
    case HotOnHot = 'hot-on-hot';
    case RouxIntoBoiling = 'roux-into-boiling';

    /** °C of a roux that was cooked before and has stood on the bench. */
    public const BENCH_CELSIUS = 25.0;

    /** @return float by how much one pour may grow the mass in the pan; boiling stock wants small pours */
    public function growth(): float
    {
        return match ($this) {
            self::ColdOnHot => 2.2,
            default => 1.5,
        };
    }

    /** @return float °C of the liquid when it goes in */
    public function liquidCelsius(): float
    {
        return match ($this) {
            self::ColdOnHot => 8.0,
            self::WarmPours => 50.0,
            self::HotOnCold, self::HotOnHot => 90.0,
            self::RouxIntoBoiling => 96.0,
        };
    }

    /**
     * @return float °C the roux is let down to at most before the meeting; at 120 the first splash hisses but does not spit; cold roux is
     * that of the kitchen’s bench
     */
    public function rouxCelsius(): float
    {
        return match ($this) {
            self::ColdOnHot, self::WarmPours, self::HotOnHot => 120.0,
            self::HotOnCold => 30.0,
            self::RouxIntoBoiling => self::BENCH_CELSIUS,
        };
    }
}
