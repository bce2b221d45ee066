<?php

declare(strict_types=1);

namespace Lento\Plan;

use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;

/** What a step ends by, beside its minutes: a colour, a share boiled off, a level, a temperature. */
final readonly class Ends
{
    /**
     * @param float|null $share of the volume that is boiled off, 0 to 1
     * @param Volume|null $volume of what is in the pan then
     * @param Length|null $depth where the dip-stick reads then
     * @param Temperature|null $temperature it is let down to
     */
    private function __construct(
        public ?Colour $colour,
        public ?float $share,
        public ?Volume $volume,
        public ?Length $depth,
        public ?Temperature $temperature,
    ) {}

    /** By its minutes, or by the eye alone. */
    public static function byItself(): self
    {
        return new self(null, null, null, null, null);
    }

    public static function atColour(Colour $colour): self
    {
        return new self($colour, null, null, null, null);
    }

    public static function atTemperature(Temperature $temperature): self
    {
        return new self(null, null, null, null, $temperature);
    }

    /** @param float $share that is boiled off, 0 to 1: seen by the eye, where no dip-stick helps */
    public static function byShare(float $share): self
    {
        return new self(null, max(0.0, min(1.0, $share)), null, null, null);
    }

    /** @param float|null $share that is boiled off, 0 to 1, where that is what was asked for */
    public static function atLevel(Volume $volume, ?Length $depth, ?float $share = null): self
    {
        return new self(null, $share === null ? null : max(0.0, min(1.0, $share)), $volume, $depth, null);
    }
}
