<?php

declare(strict_types=1);

namespace Lento\Quantity;

use Lento\Exception\OutOfRange;

/** A volume; meets a mass only through a density. */
final readonly class Volume
{
    private const MILLILITRE_IN_CUBIC_METRES = 1e-6;
    private const LITRE_IN_CUBIC_METRES = 1e-3;

    /**
     * @param float $cubicMetres m3, finite, >= 0
     *
     * @throws OutOfRange if it is negative or not finite
     */
    private function __construct(public float $cubicMetres)
    {
        if (!is_finite($cubicMetres)) {
            throw OutOfRange::notFinite('volume');
        }
        if ($cubicMetres < 0.0) {
            throw OutOfRange::below('volume', $cubicMetres, 0.0, 'm3');
        }
    }

    public static function ofCubicMetres(float $cubicMetres): self
    {
        return new self($cubicMetres);
    }

    public static function ofMillilitres(float $millilitres): self
    {
        return new self($millilitres * self::MILLILITRE_IN_CUBIC_METRES);
    }

    public static function ofLitres(float $litres): self
    {
        return new self($litres * self::LITRE_IN_CUBIC_METRES);
    }

    public function inCubicMetres(): float
    {
        return $this->cubicMetres;
    }

    public function inMillilitres(): float
    {
        return $this->cubicMetres / self::MILLILITRE_IN_CUBIC_METRES;
    }

    public function inLitres(): float
    {
        return $this->cubicMetres / self::LITRE_IN_CUBIC_METRES;
    }
}
