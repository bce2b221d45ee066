<?php

declare(strict_types=1);

namespace Tests\Core\Roux;

use Lento\Heat\HobHeat;
use Lento\Heat\Metal;
use Lento\Larder\Larder;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Roux\BaseFilm;
use Lento\Roux\BrownedButter;
use Lento\Roux\CarryOver;
use Lento\Roux\HobRoux;
use Lento\Roux\OffHeat;
use Lento\Roux\OvenRoux;
use Lento\Roux\PanBottom;
use Lento\Roux\Roux;
use Lento\Roux\RouxCooling;
use Lento\Roux\Shade;
use Lento\Roux\Texture;

/** Batches of roux whose states are kept: wet fat and dry, a film and a bucket, every heat, hob and oven and off it. */
final readonly class Batches
{
    /** @return array<string, list<mixed>> */
    public static function cooked(): array
    {
        $pan = Length::ofCentimetres(24.0);
        $celsius = Temperature::ofCelsius(...);
        $butter = self::roux('butter', 140.0, 140.0);
        $oil = self::roux('vegetable-oil', 300.0, 200.0);
        $wet = HobRoux::inPan($butter, new PanBottom($pan, Mass::ofKilograms(1.44)), HobHeat::Medium);
        $dry = HobRoux::inPan($oil, new PanBottom($pan, Mass::ofKilograms(2.4), Metal::Iron), HobHeat::MediumHigh, 1.2, $celsius(5.0));
        $film = HobRoux::inPan(
            self::roux('clarified-butter', 10.0, 12.0),
            new PanBottom(Length::ofCentimetres(14.0), Mass::ofGrams(500.0)),
            HobHeat::MediumLow,
        );
        $oven = OvenRoux::inPan($oil, $pan, Mass::ofKilograms(2.5), $celsius(190.0), browning: 0.9);
        $wetOven = OvenRoux::inPan($butter, $pan, Mass::ofKilograms(2.5), $celsius(150.0), Metal::Steel);
        $lifted = $wet->until(Shade::of(1.2));
        $bench = CarryOver::inPan($butter, $pan, Mass::ofKilograms(1.44));
        $water = CarryOver::inPan($oil, $pan, Mass::ofKilograms(2.4), OffHeat::WaterBath, Metal::Iron);
        $cooling = RouxCooling::of(Mass::ofGrams(280.0), Mass::ofKilograms(1.44), $pan);

        return [
            'butter on the hob' => array_map(fn(float $minutes) => $wet->after(Duration::ofMinutes($minutes)), [
                0.0,
                0.5,
                1.0,
                2.5,
                4.0,
                7.0,
                12.0,
                25.0,
            ]),
            'cold oil in iron on the hob' => array_map(fn(float $minutes) => $dry->after(Duration::ofMinutes($minutes)), [
                0.0,
                0.2,
                1.0,
                3.0,
                9.0,
                40.0,
            ]),
            'a film of it' => array_map(fn(float $minutes) => $film->after(Duration::ofMinutes($minutes)), [0.0, 1.0, 5.0, 30.0]),
            'until a shade' => [
                ...array_map(fn(float $shade) => $wet->until(Shade::of($shade)), [0.2, 1.0, 2.0, 3.0]),
                ...array_map(fn(float $shade) => $dry->until(Shade::of($shade)), [0.5, 2.5]),
            ],
            'lifted for a shade' => [
                $wet->liftFor(Shade::of(1.0), $celsius(120.0)),
                $dry->liftFor(Shade::of(2.0), $celsius(50.0)),
                $bench->liftFor(Shade::of(1.5), $wet),
                $water->liftFor(Shade::of(2.5), $dry),
            ],
            'in the oven' => array_map(
                fn(float $minutes) => [$oven->after(Duration::ofMinutes($minutes)), $wetOven->after(Duration::ofMinutes($minutes))],
                [0.0, 1.0, 10.0, 45.0],
            ),
            'in the oven until a shade' => [$oven->until(Shade::of(2.0)), $wetOven->until(Shade::of(0.5))],
            'off the heat' => [
                ...array_map(fn(float $seconds) => $bench->after($lifted, Duration::ofSeconds($seconds)), [0.0, 1.5, 60.0, 600.0]),
                $bench->settled($lifted),
                $water->settled($dry->until(Shade::of(2.0))),
                $bench->settled($wet->after(Duration::ofMinutes(1.0))),
            ],
            'cooling' => [
                $cooling->time($celsius(160.0), $celsius(90.0)),
                $cooling->doseGained(165.0, 120.0),
                RouxCooling::of(Mass::ofGrams(280.0), Mass::ofKilograms(1.44), $pan, OffHeat::WaterBath)->time(
                    $celsius(160.0),
                    $celsius(90.0),
                ),
            ],
            'browned butter' => array_map(
                fn(HobHeat $heat) => BrownedButter::inPan(
                    Larder::house()->fat('butter'),
                    Mass::ofGrams(250.0),
                    $pan,
                    Mass::ofKilograms(1.44),
                    $heat,
                ),
                [HobHeat::Medium, HobHeat::High],
            ),
            'next to the metal' => array_map(
                fn(HobHeat $heat) => [BaseFilm::under($celsius(150.0), $heat), BaseFilm::under($celsius(185.0), $heat, 0.3)],
                HobHeat::cases(),
            ),
            'shades' => array_map(
                fn(float $shade) => [
                    Shade::of($shade),
                    Shade::of($shade)->dose(),
                    Shade::of($shade)->strength(),
                    Shade::of($shade)->stage(),
                    Shade::of($shade)->swatch(),
                    Shade::of($shade)->swatch()->rgb(),
                ],
                [0.0, 0.3, 0.75, 1.0, 1.5, 2.2, 3.0, 3.7, 4.0],
            ),
            'a roux by itself' => [
                $butter,
                $butter->mass(),
                $butter->fatToFlour(),
                $butter->withoutFlour(),
                $butter->celsiusWithFlour(110.0, 12.0, 720.0),
                $butter->fatWaterGrams(),
                $butter->flourWaterGrams(),
                array_map(Texture::of(...), [0.4, 0.7, 0.9, 1.0, 1.5, 1.8, 3.0]),
            ],
        ];
    }

    private static function roux(string $fat, float $fatGrams, float $flourGrams): Roux
    {
        return Roux::of(
            Larder::house()->thickener('plain-flour'),
            Mass::ofGrams($flourGrams),
            Larder::house()->fat($fat),
            Mass::ofGrams($fatGrams),
        );
    }
}
