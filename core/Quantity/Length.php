<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\OutOfRange;

/** A length: a pan's diameter, a depth on the dip-stick, a film on a spoon. */
final readonly class Length
{
    private const CENTIMETRE_IN_METRES = 0.01;
    private const MILLIMETRE_IN_METRES = 0.001;

    /**
     * @param float $metres m, finite, >= 0
     *
     * @throws OutOfRange if it is negative or not finite
     */
    private function __construct(public float $metres)
    {
        if (!is_finite($metres)) {
            throw OutOfRange::notFinite('length');
        }
        if ($metres < 0.0) {
            throw OutOfRange::below('length', $metres, 0.0, 'm');
        }
    }

    public static function ofMetres(float $metres): self
    {
        return new self($metres);
    }

    public static function ofCentimetres(float $centimetres): self
    {
        return new self($centimetres * self::CENTIMETRE_IN_METRES);
    }

    public static function ofMillimetres(float $millimetres): self
    {
        return new self($millimetres * self::MILLIMETRE_IN_METRES);
    }

    public function inMetres(): float
    {
        return $this->metres;
    }

    public function inCentimetres(): float
    {
        return $this->metres / self::CENTIMETRE_IN_METRES;
    }

    public function inMillimetres(): float
    {
        return $this->metres / self::MILLIMETRE_IN_METRES;
    }
}
