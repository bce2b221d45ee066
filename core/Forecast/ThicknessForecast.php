<?php

declare(strict_types=1);

namespace Lento\Forecast;

use Lento\Roux\Shade;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Lento\Thickness\ThicknessClass;

/** How thick a sauce will be, and what else it could turn out as. */
final readonly class ThicknessForecast
{
    /** Deviation of the logarithm from which nothing at all is known of a thickness. */
    public const VAGUEST = 1.0;

    /** @param Band $band g flour per litre */
    private function __construct(public EquivalentFlour $likely, public Band $band) {}

    /** @param float $boiledOff volume that boils off by the clock over the volume that is left; 0 where it goes down to a level */
    public static function of(Sauce $sauce, Shade $shade, Spread $spread, float $boiledOff = 0.0): self
    {
        $deviation = hypot(self::deviation($sauce, $shade, $spread), $spread->ofThicknessBySteam($boiledOff));

        return self::within($sauce, min(self::VAGUEST, $deviation));
    }

    /** @param float $deviation standard deviation of the logarithm, as tests of this very pot have left it */
    public static function within(Sauce $sauce, float $deviation): self
    {
        $likely = EquivalentFlour::of($sauce);

        return new self($likely, Band::around($likely->gramsPerLitre, $deviation));
    }

    /** @return float standard deviation of the logarithm before anything has been tested */
    public static function deviation(Sauce $sauce, Shade $shade, Spread $spread): float
    {
        $suspension = $sauce->suspension();

        return $spread->ofThickness($shade, $suspension->dairy, $suspension->gelatin);
    }

    public function thicknessClass(): ThicknessClass
    {
        return $this->likely->thicknessClass();
    }

    /** @return list<ThicknessClass> the other classes inside the band, thin to thick */
    public function couldBe(): array
    {
        $order = ThicknessClass::cases();
        $of = static fn(float $grams): int => (int) array_search(
            ThicknessClass::of(EquivalentFlour::ofGramsPerLitre(min(EquivalentFlour::MOST, $grams))),
            $order,
            true,
        );
        $within = array_slice($order, $of($this->band->low), $of($this->band->high) - $of($this->band->low) + 1);

        return array_values(array_filter($within, fn(ThicknessClass $class): bool => $class !== $this->thicknessClass()));
    }
}
