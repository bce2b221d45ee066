<?php

declare(strict_types=1);

namespace Lento\Keeping;

use Lento\Thickness\Sauce;

/**
 * House defaults for how long a cooled sauce keeps, for quality as much as for safety; the local code comes first.
 *
 * Source: docs/model.md, H: milk and cream three days at 4 °C, yolks one day, frozen a month with milk and three without.
 */
final readonly class UseBy
{
    /** Once, whatever it is made of. */
    public const REHEATS = 1;

    /**
     * @param int<1, max> $chilledDays
     * @param int<0, max> $frozenDays 0: do not freeze
     */
    private function __construct(public int $chilledDays, public int $frozenDays) {}

    public static function of(Sauce $sauce): self
    {
        return match (true) {
            $sauce->yolkGrams > 0.0 => new self(1, 0),
            $sauce->milkSolidsGrams > 0.0 => new self(3, 30),
            default => new self(3, 90),
        };
    }
}
