<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\OutOfRange;

/** An apparent viscosity; the shear rate and temperature it was taken at stand with whoever states it. */
final readonly class Viscosity
{
    /**
     * @param float $pascalSeconds Pa s, finite, >= 0
     *
     * @throws OutOfRange if it is negative or not finite
     */
    private function __construct(public float $pascalSeconds)
    {
        if (!is_finite($pascalSeconds)) {
            throw OutOfRange::notFinite('viscosity');
        }
        if ($pascalSeconds < 0.0) {
            throw OutOfRange::below('viscosity', $pascalSeconds, 0.0, 'Pa s');
        }
    }

    public static function ofPascalSeconds(float $pascalSeconds): self
    {
        return new self($pascalSeconds);
    }

    public function inPascalSeconds(): float
    {
        return $this->pascalSeconds;
    }
}
