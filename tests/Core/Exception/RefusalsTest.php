<?php

declare(strict_types=1);

use Lento\Assay\ReduceTo;
use Lento\Compose\Base;
use Lento\Compose\Given;
use Lento\Compose\Question;
use Lento\Exception\Missing;
use Lento\Exception\NoConvergence;
use Lento\Exception\NotANumber;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Forecast\Band;
use Lento\Keeping\Container;
use Lento\Keeping\Holding;
use Lento\Larder\Larder;
use Lento\Pot\BoilingPoint;
use Lento\Pot\Hob;
use Lento\Pot\HobKind;
use Lento\Pot\Pan;
use Lento\Pot\Straining;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Density;
use Lento\Quantity\Duration;
use Lento\Quantity\KitchenNumber;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Power;
use Lento\Quantity\Temperature;
use Lento\Quantity\Viscosity;
use Lento\Quantity\Volume;
use Lento\Rescue\Desalting;
use Lento\Roux\OvenRoux;
use Lento\Roux\Roux;
use Lento\Roux\Shade;
use Lento\Simulation\Action;
use Lento\Simulation\Heating;
use Lento\Simulation\Simulation;
use Lento\Simulation\Vessel;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Exception', 'Quantity', 'Pot', 'Keeping', 'Rescue', 'Roux', 'Simulation', 'Forecast', 'Compose', 'Assay', 'Thickness'));

/*
 * Every refusal of the core names what was wrong, the value and the range: a screen or a command can pass it on.
 */

it('names what was wrong, the value and the range', function (Closure $ask, string $says): void {
    try {
        $ask();
    } catch (Throwable $refusal) {
        expect($refusal->getMessage())->toBe($says);

        return;
    }
    throw new LogicException('not refused: ' . $says);
})->with([
    'between' => [fn() => throw OutOfRange::between('it', 0.25, 1.0, 2.5, 'l'), 'it is 0.25, but must lie between 1 and 2.5 l'],
    'without a unit' => [fn() => throw OutOfRange::between('it', 3.0, 1.0, 2.0, ''), 'it is 3, but must lie between 1 and 2'],
    'below' => [fn() => throw OutOfRange::below('it', -1.5, 0.0, 'g'), 'it is -1.5, but must be at least 0 g'],
    'not finite' => [fn() => throw OutOfRange::notFinite('it'), 'it is not a finite number'],
    'not reachable' => [fn() => throw NotReachable::target('this'), 'this cannot be reached'],
    'no convergence' => [fn() => throw NoConvergence::after(60, 'this'), 'this did not settle within 60 iterations'],
    'unknown' => [fn() => throw Unknown::name('fat', 'moonlight'), 'no fat is called "moonlight"'],
    'missing' => [fn() => throw Missing::from('the recipe', 'liquid'), 'no liquid was found in the recipe'],
    'not a number' => [fn() => throw NotANumber::text(str_repeat('x', 50)), '"' . str_repeat('x', 40) . '" is not a number a kitchen writes'],

    'a mass below nothing' => [fn() => Mass::ofGrams(-1000.0), 'a mass is -1, but must be at least 0 kg'],
    'no mass' => [fn() => Mass::ofGrams(NAN), 'a mass is not a finite number'],
    'a volume below nothing' => [fn() => Volume::ofLitres(-1000.0), 'a volume is -1, but must be at least 0 m3'],
    'no volume' => [fn() => Volume::ofLitres(INF), 'a volume is not a finite number'],
    'a length below nothing' => [fn() => Length::ofMetres(-2.0), 'a length is -2, but must be at least 0 m'],
    'no length' => [fn() => Length::ofMetres(-INF), 'a length is not a finite number'],
    'a duration below nothing' => [fn() => Duration::ofSeconds(-3.0), 'a duration is -3, but must be at least 0 s'],
    'no duration' => [fn() => Duration::ofSeconds(NAN), 'a duration is not a finite number'],
    'colder than cold' => [fn() => Temperature::ofKelvin(-1.0), 'a temperature is -1, but must be at least 0 K'],
    'no temperature' => [fn() => Temperature::ofCelsius(NAN), 'a temperature is not a finite number'],
    'a density of nothing' => [fn() => Density::ofGramsPerMillilitre(0.0), 'a density is 0, but must be at least 0.001 kg/m3'],
    'no density' => [fn() => Density::ofGramsPerMillilitre(NAN), 'a density is not a finite number'],
    'a power below nothing' => [fn() => Power::ofWatts(-5.0), 'a power is -5, but must be at least 0 W'],
    'no power' => [fn() => Power::ofKilowatts(INF), 'a power is not a finite number'],
    'a viscosity below nothing' => [fn() => Viscosity::ofPascalSeconds(-0.5), 'a viscosity is -0.5, but must be at least 0 Pa s'],
    'no viscosity' => [fn() => Viscosity::ofPascalSeconds(NAN), 'a viscosity is not a finite number'],
    'a half by nothing' => [fn() => KitchenNumber::parse('1/0'), '"1/0" is not a number a kitchen writes'],

    'a shade beyond burnt' => [fn() => Shade::of(4.1), 'a roux shade is 4.1, but must lie between 0 and 4'],
    'a shade below raw' => [fn() => Shade::of(-0.1), 'a roux shade is -0.1, but must lie between 0 and 4'],
    'too much fat' => [fn() => Roux::withRatio(Larder::house()->thickener('plain-flour'), Mass::ofGrams(1.0), Larder::house()->fat('butter'), 4.1), 'fat to flour is 4.1, but must lie between 0 and 4'],
    'less than no fat' => [fn() => Roux::withRatio(Larder::house()->thickener('plain-flour'), Mass::ofGrams(1.0), Larder::house()->fat('butter'), -0.1), 'fat to flour is -0.1, but must lie between 0 and 4'],
    'a cold oven' => [fn() => OvenRoux::inPan(Roux::withRatio(Larder::house()->thickener('plain-flour'), Mass::ofGrams(1.0), Larder::house()->fat('butter'), 1.0), Length::ofCentimetres(20.0), Mass::ofKilograms(1.0), Temperature::ofCelsius(79.0)), 'the oven is 79, but must lie between 80 and 280 °C'],
    'a thickness beyond paste' => [fn() => EquivalentFlour::ofGramsPerLitre(200.5), 'a thickness is 200.5, but must lie between 0 and 200 g flour per litre'],
    'a narrow pan' => [fn() => Pan::of(Length::ofMillimetres(49.0), Length::ofMillimetres(100.0)), 'the pan’s diameter is 49, but must lie between 50 and 1200 mm'],
    'a wide pan' => [fn() => Pan::of(Length::ofMillimetres(1201.0), Length::ofMillimetres(100.0)), 'the pan’s diameter is 1201, but must lie between 50 and 1200 mm'],
    'a tall pan' => [fn() => Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(1001.0)), 'the pan’s height is 1001, but must lie between 50 and 1000 mm'],
    'a candle' => [fn() => Hob::of(HobKind::Gas, Power::ofWatts(99.0)), 'the hob’s power is 99, but must lie between 100 and 50000 W'],
    'a furnace' => [fn() => Hob::of(HobKind::Gas, Power::ofWatts(50001.0)), 'the hob’s power is 50001, but must lie between 100 and 50000 W'],
    'too high up' => [fn() => BoilingPoint::at(Length::ofMetres(5501.0)), 'the altitude is 5501, but must lie between 0 and 5500 m'],
    'a thimble' => [fn() => Container::round(Length::ofMillimetres(4.0), Length::ofMillimetres(30.0)), 'the diameter is 4, but must lie between 5 and 1500 mm'],
    'a film' => [fn() => Container::tray(Length::ofMillimetres(530.0), Length::ofMillimetres(325.0), Length::ofMillimetres(4.0)), 'the depth is 4, but must lie between 5 and 1500 mm'],
    'a bath' => [fn() => Container::tray(Length::ofMillimetres(1501.0), Length::ofMillimetres(325.0), Length::ofMillimetres(40.0)), 'the length is 1501, but must lie between 5 and 1500 mm'],
    'a wide bath' => [fn() => Container::tray(Length::ofMillimetres(530.0), Length::ofMillimetres(1501.0), Length::ofMillimetres(40.0)), 'the width is 1501, but must lie between 5 and 1500 mm'],
    'held lukewarm' => [fn() => Holding::in(Samples::pan(20.0), Temperature::ofCelsius(39.0)), 'the holding temperature is 39, but must lie between 40 and 95 °C'],
    'held at the boil' => [fn() => Holding::in(Samples::pan(20.0), Temperature::ofCelsius(96.0)), 'the holding temperature is 96, but must lie between 40 and 95 °C'],
    'no salt at all' => [fn() => Desalting::to(0.009, Samples::whiteSauce(60.0), Temperature::ofCelsius(60.0), new TimeToBoil(Samples::pan(24.0), 2.0)), 'the salt is 0.009, but must lie between 0.01 and 5 %'],
    'brine' => [fn() => Desalting::to(5.1, Samples::whiteSauce(60.0), Temperature::ofCelsius(60.0), new TimeToBoil(Samples::pan(24.0), 2.0)), 'the salt is 5.1, but must lie between 0.01 and 5 %'],
    'more lumps than flour' => [fn() => Straining::of(Sauce::nothing(), Mass::ofGrams(0.0), 1.01), 'the flour in lumps is 1.01, but must lie between 0 and 1'],
    'a forecast below nothing' => [fn() => Band::around(-0.5, 0.1), 'a forecast is -0.5, but must be at least 0'],
    'a forecast of anything' => [fn() => Band::around(1.0, 2.01), 'the spread of a forecast is 2.01, but must lie between 0 and 2'],
    'a skewed forecast below nothing' => [fn() => Band::skewed(-0.5, 0.5, 2.0), 'a forecast is -0.5, but must be at least 0'],
    'stirring both ways' => [fn() => Action::stir(Duration::ofSeconds(0.0), 1.1), 'the stirring is 1.1, but must lie between 0 and 1'],
    'a hot oven' => [fn() => Heating::oven(Temperature::ofCelsius(281.0)), 'the oven is 281, but must lie between 80 and 280 °C'],
    'a pot for two days' => [fn() => Simulation::in(Vessel::of(Samples::pan(24.0)))->run([], Duration::ofMinutes(1441.0)), 'the end is 1441, but must lie between 0 and 1440 min'],
    'done after the end' => [fn() => Simulation::in(Vessel::of(Samples::pan(24.0)))->run([Action::skim(Duration::ofMinutes(11.0))], Duration::ofMinutes(10.0)), 'the time of an action is 11, but must lie between 0 and 10 min'],
    'a cup' => [fn() => Question::of(Base::Veloute, Volume::ofLitres(0.09)), 'the yield is 0.09, but must lie between 0.1 and 200 l'],
    'a brick' => [fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), thickness: EquivalentFlour::ofGramsPerLitre(161.0)), 'the thickness is 161, but must lie between 15 and 160 g flour per litre'],
    'all fat' => [fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), fatToFlour: 3.1), 'fat to flour is 3.1, but must lie between 0.5 and 3 to 1'],
    'no simmer' => [fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), simmerTime: Duration::ofMinutes(4.0)), 'the simmer is 4, but must lie between 5 and 480 min'],
    'a sip of stock' => [fn() => Given::liquid(Volume::ofLitres(0.04)), 'the liquid is 0.04, but must lie between 0.05 and 600 l'],
    'a crumb' => [fn() => Given::readyRoux(Mass::ofGrams(0.9)), 'the ready roux is 0.9, but must lie between 1 and 150000 g'],
    'a lick of fat' => [fn() => Given::fat(Mass::ofGrams(0.9)), 'the fat is 0.9, but must lie between 1 and 150000 g'],
    'an army' => [fn() => Given::portions(5001, Volume::ofMillilitres(50.0)), 'the covers is 5001, but must lie between 1 and 5000'],
    'reduced to nothing' => [fn() => ReduceTo::share(0.09), 'what a reduction leaves is 9, but must lie between 10 and 99 %'],
]);

it('takes what lies on the limit', function (Closure $ask): void {
    expect($ask())->not->toBeNull();
})->with([
    [fn() => Mass::ofGrams(0.0)], [fn() => Volume::ofLitres(0.0)], [fn() => Length::ofMetres(0.0)], [fn() => Duration::ofSeconds(0.0)], [fn() => Temperature::ofKelvin(0.0)], [fn() => Power::ofWatts(0.0)], [fn() => Viscosity::ofPascalSeconds(0.0)],
    [fn() => Shade::of(0.0)], [fn() => Shade::of(4.0)], [fn() => EquivalentFlour::ofGramsPerLitre(0.0)], [fn() => EquivalentFlour::ofGramsPerLitre(200.0)],
    [fn() => Pan::of(Length::ofMillimetres(50.0), Length::ofMillimetres(1000.0))], [fn() => Pan::of(Length::ofMillimetres(1200.0), Length::ofMillimetres(50.0))],
    [fn() => Hob::of(HobKind::Gas, Power::ofWatts(100.0))], [fn() => Hob::of(HobKind::Gas, Power::ofKilowatts(50.0))], [fn() => BoilingPoint::at(Length::ofMetres(5500.0))],
    [fn() => Container::round(Length::ofMillimetres(5.0), Length::ofMillimetres(1500.0))], [fn() => Holding::in(Samples::pan(20.0), Temperature::ofCelsius(40.0))], [fn() => Holding::in(Samples::pan(20.0), Temperature::ofCelsius(95.0))],
    [fn() => Desalting::to(0.01, Samples::whiteSauce(60.0), Temperature::ofCelsius(60.0), new TimeToBoil(Samples::pan(24.0), 2.0))], [fn() => Desalting::to(5.0, Samples::whiteSauce(60.0), Temperature::ofCelsius(60.0), new TimeToBoil(Samples::pan(24.0), 2.0))], [fn() => Straining::of(Samples::whiteSauce(60.0), Mass::ofGrams(0.0), 1.0)],
    [fn() => Band::around(0.0, 0.0)], [fn() => Band::around(1.0, 2.0)], [fn() => Action::stir(Duration::ofSeconds(0.0), 0.0)], [fn() => Action::stir(Duration::ofSeconds(0.0), 1.0)],
    [fn() => Heating::oven(Temperature::ofCelsius(80.0))], [fn() => Heating::oven(Temperature::ofCelsius(280.0))], [fn() => Simulation::in(Vessel::of(Samples::pan(24.0)))->run([Action::skim(Duration::ofMinutes(1.0))], Duration::ofMinutes(1.0))],
    [fn() => Question::of(Base::Veloute, Volume::ofLitres(0.1))], [fn() => Question::of(Base::Veloute, Volume::ofLitres(200.0))], [fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), thickness: EquivalentFlour::ofGramsPerLitre(15.0))],
    [fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), fatToFlour: 0.5, simmerTime: Duration::ofMinutes(480.0))], [fn() => Given::liquid(Volume::ofLitres(0.05))], [fn() => Given::readyRoux(Mass::ofGrams(1.0))], [fn() => Given::portions(5000, Volume::ofMillilitres(5.0))],
    [fn() => ReduceTo::share(0.1)],
]);
