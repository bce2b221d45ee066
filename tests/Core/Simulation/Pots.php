<?php

declare(strict_types=1);

namespace Tests\Core\Simulation;

use Lento\Heat\HobHeat;
use Lento\Heat\Metal;
use Lento\Larder\Larder;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Pot\PanBase;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\OffHeat;
use Lento\Simulation\Action;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\Simulation;
use Lento\Simulation\Trace;

/** Pots whose traces are kept: between them they use every action, every heat and every trouble. */
final readonly class Pots
{
    /** @return array<string, array{HeatedPan, list<Action>, float}> the pan, what is done, and for how many minutes it is watched */
    private static function all(): array
    {
        $steamy = KitchenFactors::house()->afterSimmer(Mass::ofGrams(150.0), Mass::ofGrams(100.0));

        return [
            'a velouté with vegetables, skimmed, ladled, strained' => [
                self::pan(240.0, 140.0),
                [
                    self::put(0.0, 'butter', 160.0),
                    self::heat(0.0, HobHeat::Medium),
                    self::put(5.5, 'plain-flour', 140.0),
                    Action::stir(self::at(5.5), 1.0),
                    self::heat(12.5, OffHeat::Bench),
                    self::put(16.0, 'chicken-stock', 360.0, 8.0),
                    self::put(17.0, 'chicken-stock', 760.0, 8.0),
                    self::put(18.0, 'chicken-stock', 790.0, 40.0),
                    self::put(18.2, 'onion', 120.0),
                    self::heat(18.5, HobHeat::High),
                    self::heat(34.0, SimmerLevel::Bare),
                    Action::stir(self::at(34.0), 0.4),
                    Action::skim(self::at(40.0)),
                    Action::ladle(self::at(45.0), Volume::ofMillilitres(300.0)),
                    self::put(50.0, 'brown-stock', 200.0, 90.0),
                    self::put(60.0, 'salt', 15.0),
                    Action::strain(self::at(64.0)),
                    self::heat(64.0, OffHeat::WaterBath),
                ],
                80.0,
            ],
            'a dark roux let down with wine in the mountains, under a lid, in the oven' => [
                HeatedPan::of(
                    self::wide(300.0, 160.0),
                    Mass::ofKilograms(3.1),
                    PanBase::Thin,
                    Metal::Iron,
                    Temperature::ofCelsius(95.0),
                    $steamy,
                ),
                [
                    self::put(0.0, 'beef-dripping', 120.0),
                    self::heat(0.0, HobHeat::MediumHigh),
                    self::put(2.0, 'butter', 40.0, 5.0),
                    self::put(4.0, 'plain-flour', 110.0),
                    Action::stir(self::at(4.0), 0.8),
                    self::put(9.0, 'bread-flour', 30.0),
                    Action::skim(self::at(10.0)),
                    Action::ladle(self::at(10.0), Volume::ofMillilitres(50.0)),
                    Action::strain(self::at(10.0)),
                    Action::heat(self::at(11.0), Heating::oven(Temperature::ofCelsius(180.0))),
                    self::heat(24.0, OffHeat::WaterBath),
                    self::put(26.0, 'red-wine', 300.0),
                    Action::stir(self::at(26.0), 0.0),
                    self::put(27.0, 'brown-stock', 1500.0, 70.0),
                    self::put(28.0, 'tomato-paste', 60.0),
                    self::heat(28.0, HobHeat::High),
                    self::heat(40.0, SimmerLevel::Brisk),
                    Action::lid(self::at(42.0), Lid::Partial),
                    Action::heat(self::at(60.0), Heating::oven(Temperature::ofCelsius(160.0))),
                    Action::lid(self::at(60.0), Lid::Covered),
                    self::heat(90.0, SimmerLevel::Simmer),
                    self::put(92.0, 'fortified-wine', 80.0),
                    Action::strain(self::at(100.0)),
                ],
                110.0,
            ],
            'milk thickened late, and finished' => [
                self::pan(200.0, 110.0),
                [
                    self::put(0.0, 'whole-milk', 1000.0, 6.0),
                    self::heat(0.0, HobHeat::Medium),
                    Action::stir(self::at(0.0), 0.3),
                    self::put(8.0, 'cornflour', 45.0),
                    self::heat(14.0, SimmerLevel::Boil),
                    self::heat(18.0, OffHeat::Bench),
                    self::put(18.5, 'hard-cheese', 80.0),
                    self::put(24.0, 'egg-yolk', 40.0),
                    self::put(26.0, 'double-cream', 100.0, 5.0),
                    self::put(28.0, 'butter', 60.0, 5.0),
                    self::put(29.0, 'lemon-juice', 25.0),
                    self::heat(30.0, HobHeat::Low),
                ],
                40.0,
            ],
            'stock thrown onto smoking oil, in a pan too small for it' => [
                self::pan(160.0, 70.0),
                [
                    self::put(0.0, 'vegetable-oil', 80.0),
                    self::heat(0.0, HobHeat::High),
                    Action::stir(self::at(0.0), 0.0),
                    self::put(3.0, 'plain-flour', 90.0),
                    self::put(12.0, 'chicken-stock', 15.0),
                    self::put(12.5, 'chicken-stock', 900.0, 5.0),
                    self::put(13.0, 'whole-milk', 700.0, 5.0),
                    Action::ladle(self::at(14.0), Volume::ofMillilitres(1300.0)),
                    self::put(30.0, 'lemon-juice', 30.0),
                ],
                60.0,
            ],
        ];
    }

    /** @return array<string, Trace> */
    public static function cooked(): array
    {
        return array_map(
            static fn(array $pot): Trace => Simulation::in($pot[0])->run($pot[1], self::at($pot[2]), Duration::ofMinutes(2.0)),
            self::all(),
        );
    }

    private static function at(float $minutes): Duration
    {
        return Duration::ofMinutes($minutes);
    }

    private static function put(float $minutes, string $what, float $grams, float $celsius = 20.0): Action
    {
        return Action::add(self::at($minutes), Larder::house()->any($what), Mass::ofGrams($grams), Temperature::ofCelsius($celsius));
    }

    private static function heat(float $minutes, HobHeat|SimmerLevel|OffHeat $to): Action
    {
        return Action::heat(self::at($minutes), match (true) {
            $to instanceof HobHeat => Heating::hob($to),
            $to instanceof SimmerLevel => Heating::simmer($to),
            default => Heating::off($to),
        });
    }

    private static function wide(float $diameter, float $height): Pan
    {
        return Pan::of(Length::ofMillimetres($diameter), Length::ofMillimetres($height));
    }

    private static function pan(float $diameter, float $height): HeatedPan
    {
        return HeatedPan::of(self::wide($diameter, $height));
    }
}
