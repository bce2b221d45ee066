<?php

declare(strict_types=1);

namespace Lento\Rescue;

use Lento\Quantity\Mass;
use Lento\Thickness\Sauce;

/** A fat film: what a ladle can take off the top. */
final readonly class Skimming
{
    private function __construct(public Mass $fat, public Sauce $sauce) {}

    public static function of(Sauce $sauce): self
    {
        $fat = $sauce->freeFat();

        return new self($fat, $sauce->skimmed($fat));
    }
}
