<?php

declare(strict_types=1);

namespace Tests\Core;

use Lento\Larder\Larder;
use Lento\Larder\Thickener;
use Lento\Pot\Pan;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Thickness\Sauce;

/** Sauces and pans that the calibration tables were printed for. */
final readonly class Samples
{
    /** So many litres with so much flour in each, in a white roux 1:1 with butter, fully cooked. */
    public static function whiteSauce(
        float $flourPerLitre,
        string $liquid = 'whole-milk',
        float $strength = 1.0,
        float $litres = 1.0,
        float $gelatinised = 1.0,
    ): Sauce {
        $larder = Larder::house();
        $flour = Mass::ofGrams($flourPerLitre * $litres);
        $roux = Sauce::nothing()
            ->withThickener($larder->thickener('plain-flour'), $flour, $strength, gelatinised: $gelatinised)
            ->withFat($larder->fat('butter'), $flour);
        $perGram = Sauce::nothing()->with($larder->ingredient($liquid), Mass::ofGrams(1.0))->millilitres();

        return $roux->with($larder->ingredient($liquid), Mass::ofGrams(max(0.0, (1000.0 * $litres - $roux->millilitres()) / $perGram)));
    }

    public static function pan(float $centimetres): Pan
    {
        return Pan::of(Length::ofCentimetres($centimetres), Length::ofCentimetres(max(5.0, 0.6 * $centimetres)));
    }

    /** As the prototype has it: cornflour there does for one and a half of flour, here for two (docs/model.md, A). */
    public static function asPrototype(string $thickener): Thickener
    {
        $shipped = Larder::house()->thickener($thickener);

        return $thickener === 'cornflour' ? $shipped->similar($thickener, power: 1.5) : $shipped;
    }
}
