<?php

declare(strict_types=1);

namespace Lento\Heat;

/** What a pan in a kitchen does to heat, for everything that warms or cools in one. Source: docs/model.md, B and E. */
final readonly class PanHeat
{
    /** °C of the kitchen. */
    public const AMBIENT = 20.0;

    /** J/(g K) of pan metal. */
    public const METAL_CAPACITY = 0.5;

    /** W/K lost per cm2 of base: 14 W/(m2 K) from an outside 2.5 times as large as the base. */
    public const LOSS_PER_CM2 = 14.0 * 2.5 * 1e-4;
}
