<?php

declare(strict_types=1);

namespace Lento\Thickness;

use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Thickener;
use Lento\Quantity\Mass;

/** The sauce that the scale of thickness is read against: equal weights of butter and plain flour, fully swollen, milk to one litre. */
final readonly class ReferenceBechamel
{
    private function __construct(private Thickener $flour, private Fat $butter, private Ingredient $milk, private float $gramsPerMillilitre) {}

    public static function house(): self
    {
        $larder = Larder::house();
        $milk = $larder->ingredient('whole-milk');

        return new self($larder->thickener('plain-flour'), $larder->fat('butter'), $milk, 1.0 / Sauce::nothing()->with($milk, Mass::ofGrams(1.0))->millilitres());
    }

    public function sauce(float $flourGramsPerLitre): Sauce
    {
        $flour = Mass::ofGrams($flourGramsPerLitre);
        $roux = Sauce::nothing()->withThickener($this->flour, $flour, gelatinised: 1.0)->withFat($this->butter, $flour);

        return $roux->with($this->milk, Mass::ofGrams(max(0.0, (1000.0 - $roux->millilitres()) * $this->gramsPerMillilitre)));
    }

    /** @return float Pa s at 10 1/s and 60 °C */
    public function viscosity(float $flourGramsPerLitre): float
    {
        return Flow::at($this->sauce($flourGramsPerLitre), EquivalentFlour::CELSIUS)->pascalSeconds(EquivalentFlour::SHEAR);
    }
}
