<?php

declare(strict_types=1);

namespace Lento\Drawing;

/** Something that joins a sauce from the side. */
final readonly class FlowAddition
{
    /** @param string $colour #rrggbb */
    public function __construct(public string $amount, public string $name, public float $millilitres, public string $colour) {}
}
