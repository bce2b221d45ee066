<?php

declare(strict_types=1);

namespace Lento\Shelf;

use DateTimeImmutable;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\HotWindow;
use Lento\Keeping\UseBy;
use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Lento\Thickness\ThicknessClass;

/** One sauce as it was made, once: what all its tubs have in common, and the rules that were in force then. */
final readonly class Lot
{
    private Viscosity $viscosity;

    /**
     * @param DateTimeImmutable $made when it was done
     * @param Sauce $sauce nothing, where nobody knows what is in it
     * @param Temperature|null $keepBelow its ceiling, of yolk or mounted butter
     */
    public function __construct(
        public DateTimeImmutable $made,
        public Sauce $sauce,
        public ?Temperature $keepBelow,
        public FoodSafety $rules,
        public UseBy $useBy,
    ) {
        $this->viscosity = ($this->thickness() ?? ThicknessClass::Coating->target())->viscosity();
    }

    /** As it resists being stirred while it cools: what coats, where nobody knows. */
    public function viscosity(): Viscosity
    {
        return $this->viscosity;
    }

    public function thickness(): ?EquivalentFlour
    {
        return $this->sauce->millilitres() < 1.0 ? null : EquivalentFlour::of($this->sauce);
    }

    public function hotWindow(): HotWindow
    {
        return HotWindow::of($this->sauce, $this->keepBelow, $this->rules);
    }
}
