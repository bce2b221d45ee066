<?php

declare(strict_types=1);

namespace Tests\Core\Thickness;

use Lento\Larder\Larder;
use Lento\Quantity\Mass;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\ReferenceScale;
use Lento\Thickness\Sauce;

/** The reference béchamel worked out from the larder, as ReferenceScale holds it in numbers. */
final readonly class Reference
{
    private function __construct() {}

    public static function roux(): Sauce
    {
        $larder = Larder::house();

        return Sauce::nothing()
            ->withThickener($larder->thickener('plain-flour'), Mass::ofGrams(1.0), gelatinised: 1.0)
            ->withFat($larder->fat('butter'), Mass::ofGrams(1.0));
    }

    public static function milkItself(): Sauce
    {
        return Sauce::nothing()->with(Larder::house()->ingredient('whole-milk'), Mass::ofGrams(1.0));
    }

    public static function water(): float
    {
        return Flow::waterViscosity(EquivalentFlour::CELSIUS);
    }

    public static function milk(): float
    {
        return Flow::apparent(self::milkItself()->suspension(), 1.0, self::water());
    }

    /** @return non-empty-list<float> */
    public static function points(): array
    {
        [$roux, $milk, $thin, $water] = [self::roux(), self::milkItself(), self::milk(), self::water()];
        $points = [0.0];
        for ($grams = ReferenceScale::STEP; $grams <= EquivalentFlour::MOST + 2.0 * ReferenceScale::STEP; $grams += ReferenceScale::STEP) {
            $flour = $roux->times($grams);
            $sauce = $flour->plus($milk->times(max(0.0, (1000.0 - $flour->millilitres()) / $milk->millilitres())));
            $points[] = max(0.0, Flow::apparent($sauce->suspension(), 1.0, $water) - $thin) ** ReferenceScale::STRAIGHTENS;
        }

        return $points;
    }
}
