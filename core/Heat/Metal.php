<?php

declare(strict_types=1);

namespace Lento\Heat;

/** What a pan is made of. Source: docs/model.md, B and T1c: usual handbook values, rounded. */
enum Metal: string
{
    case Steel = 'steel';
    case Iron = 'iron';

    /** @return float J/(g K) */
    public function capacity(): float
    {
        return match ($this) {
            self::Steel => PanHeat::METAL_CAPACITY,
            self::Iron => 0.46,
        };
    }
}
