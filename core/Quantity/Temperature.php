<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\OutOfRange;

/** A temperature as a point on the scale. */
final readonly class Temperature
{
    /** 0 °C in K, exact by definition of the Celsius scale. */
    private const ZERO_CELSIUS_IN_KELVIN = 273.15;

    /**
     * @param float $kelvin K, finite, >= 0
     *
     * @throws OutOfRange if it lies below absolute zero or is not finite
     */
    private function __construct(public float $kelvin)
    {
        if (!is_finite($kelvin)) {
            throw OutOfRange::notFinite('temperature');
        }
        if ($kelvin < 0.0) {
            throw OutOfRange::below('temperature', $kelvin, 0.0, 'K');
        }
    }

    public static function ofKelvin(float $kelvin): self
    {
        return new self($kelvin);
    }

    public static function ofCelsius(float $celsius): self
    {
        return new self($celsius + self::ZERO_CELSIUS_IN_KELVIN);
    }

    public static function ofFahrenheit(float $fahrenheit): self
    {
        return self::ofCelsius(($fahrenheit - 32.0) / 1.8);
    }

    public function inCelsius(): float
    {
        return $this->kelvin - self::ZERO_CELSIUS_IN_KELVIN;
    }

    public function inFahrenheit(): float
    {
        return $this->inCelsius() * 1.8 + 32.0;
    }
}
