<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Quantity\Temperature;

/** Between which temperatures of the sauce something does its work and takes no harm. */
final readonly class Bounds
{
    private function __construct(public ?Temperature $atLeast, public ?Temperature $atMost) {}

    public static function none(): self
    {
        return new self(null, null);
    }

    public static function between(?Temperature $atLeast, ?Temperature $atMost): self
    {
        return new self($atLeast, $atMost);
    }

    public function isEmpty(): bool
    {
        return $this->atLeast === null && $this->atMost === null;
    }

    public function tooHot(Temperature $now): bool
    {
        return $this->atMost !== null && $now->kelvin > $this->atMost->kelvin;
    }

    public function tooCold(Temperature $now): bool
    {
        return $this->atLeast !== null && $now->kelvin < $this->atLeast->kelvin;
    }
}
