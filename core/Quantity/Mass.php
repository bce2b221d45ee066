<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\OutOfRange;

/** A mass; meets a volume only through a density. */
final readonly class Mass
{
    private const GRAM_IN_KILOGRAMS = 0.001;
    private const OUNCE_IN_KILOGRAMS = 0.028349523125;
    private const POUND_IN_KILOGRAMS = 0.45359237;

    /**
     * @param float $kilograms kg, finite, >= 0
     *
     * @throws OutOfRange if it is negative or not finite
     */
    private function __construct(public float $kilograms)
    {
        if (!is_finite($kilograms)) {
            throw OutOfRange::notFinite('mass');
        }
        if ($kilograms < 0.0) {
            throw OutOfRange::below('mass', $kilograms, 0.0, 'kg');
        }
    }

    public static function ofKilograms(float $kilograms): self
    {
        return new self($kilograms);
    }

    public static function ofGrams(float $grams): self
    {
        return new self($grams * self::GRAM_IN_KILOGRAMS);
    }

    public static function ofOunces(float $ounces): self
    {
        return new self($ounces * self::OUNCE_IN_KILOGRAMS);
    }

    public static function ofPounds(float $pounds): self
    {
        return new self($pounds * self::POUND_IN_KILOGRAMS);
    }

    public function inKilograms(): float
    {
        return $this->kilograms;
    }

    public function inGrams(): float
    {
        return $this->kilograms / self::GRAM_IN_KILOGRAMS;
    }

    public function inOunces(): float
    {
        return $this->kilograms / self::OUNCE_IN_KILOGRAMS;
    }

    public function inPounds(): float
    {
        return $this->kilograms / self::POUND_IN_KILOGRAMS;
    }
}
