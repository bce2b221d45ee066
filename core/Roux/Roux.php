<?php

declare(strict_types=1);

namespace Lento\Roux;

use Lento\Exception\OutOfRange;
use Lento\Heat\HeatCapacity;
use Lento\Heat\PanHeat;
use Lento\Larder\Fat;
use Lento\Larder\Thickener;
use Lento\Quantity\Mass;

/** Flour and fat, weighed and named, before they meet the heat. */
final readonly class Roux
{
    private function __construct(public Thickener $flourKind, public Mass $flour, public Fat $fatKind, public Mass $fat) {}

    public static function of(Thickener $flourKind, Mass $flour, Fat $fatKind, Mass $fat): self
    {
        return new self($flourKind, $flour, $fatKind, $fat);
    }

    /**
     * @param float $fatToFlour by mass, 0 to 4
     *
     * @throws OutOfRange
     */
    public static function withRatio(Thickener $flourKind, Mass $flour, Fat $fatKind, float $fatToFlour): self
    {
        if (!is_finite($fatToFlour) || $fatToFlour < 0.0 || $fatToFlour > 4.0) {
            throw OutOfRange::between('fat-to-flour', $fatToFlour, 0.0, 4.0, '');
        }

        return new self($flourKind, $flour, $fatKind, Mass::ofKilograms($flour->kilograms * $fatToFlour));
    }

    /** @return float by mass; 0 where there is no flour */
    public function fatToFlour(): float
    {
        return $this->flour->kilograms > 0.0 ? $this->fat->kilograms / $this->flour->kilograms : 0.0;
    }

    public function mass(): Mass
    {
        return Mass::ofKilograms($this->flour->kilograms + $this->fat->kilograms);
    }

    /** The fat alone, before the flour goes in. */
    public function withoutFlour(): self
    {
        return new self($this->flourKind, Mass::ofGrams(0.0), $this->fatKind, $this->fat);
    }

    /** @internal the paste in a pan so many cm wide, which takes so many J/K, beside so many g of water in vegetables */
    public function inPan(float $diameterCm, float $panHeat, float $waterBeside = 0.0): HeatedPaste
    {
        return new HeatedPaste($panHeat + $this->dryFatHeat() + $this->dryFlourHeat(), M_PI * $diameterCm ** 2 / 4.0, $waterBeside);
    }

    /** @internal °C of pan and paste once cold flour has been stirred into the hot fat */
    public function celsiusWithFlour(float $celsius, float $fatWaterGrams, float $panHeat): float
    {
        $hot = $panHeat + $this->dryFatHeat() + HeatCapacity::WATER * $fatWaterGrams;
        $cold = $this->dryFlourHeat() + HeatCapacity::WATER * $this->flourWaterGrams();

        return ($hot * $celsius + $cold * PanHeat::AMBIENT) / ($hot + $cold);
    }

    /** @internal */
    public function fatWaterGrams(): float
    {
        return $this->fat->inGrams() * $this->fatKind->water;
    }

    /** @internal */
    public function flourWaterGrams(): float
    {
        return $this->flour->inGrams() * $this->flourKind->water;
    }

    /** @return float J/K */
    private function dryFatHeat(): float
    {
        return $this->fatKind->dryHeat() * $this->fat->inGrams();
    }

    /** @return float J/K */
    private function dryFlourHeat(): float
    {
        return HeatCapacity::FLOUR_IN_ROUX * ($this->flour->inGrams() - $this->flourWaterGrams());
    }
}
