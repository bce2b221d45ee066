<?php

declare(strict_types=1);

use Lento\Assay\ReduceTo;
use Lento\Compose\Base;
use Lento\Compose\Given;
use Lento\Compose\How;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Compose\SimmerWish;
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
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\Simulation;
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
    'between' => [fn() => throw OutOfRange::between('it', 0.25, 1.0, 2.5, 'l'), 'it = 0.25, not in [1, 2.5] l'],
    'without a unit' => [fn() => throw OutOfRange::between('it', 3.0, 1.0, 2.0, ''), 'it = 3, not in [1, 2]'],
    'below' => [fn() => throw OutOfRange::below('it', -1.5, 0.0, 'g'), 'it = -1.5, not in [0, -] g'],
    'not finite' => [fn() => throw OutOfRange::notFinite('it'), 'it = -, not in [-, -]'],
    'not reachable' => [fn() => throw NotReachable::target('this'), 'this'],
    'no convergence' => [fn() => throw NoConvergence::after(60, 'this'), 'this after 60'],
    'unknown' => [fn() => throw Unknown::name('fat', 'moonlight'), 'fat moonlight'],
    'missing' => [fn() => throw Missing::from('the recipe', 'liquid'), 'the recipe without liquid'],
    'not a number' => [fn() => throw NotANumber::text(str_repeat('x', 50)), str_repeat('x', 40)],

    'a mass below nothing' => [fn() => Mass::ofGrams(-1000.0), 'mass = -1, not in [0, -] kg'],
    'no mass' => [fn() => Mass::ofGrams(NAN), 'mass = -, not in [-, -]'],
    'a volume below nothing' => [fn() => Volume::ofLitres(-1000.0), 'volume = -1, not in [0, -] m3'],
    'no volume' => [fn() => Volume::ofLitres(INF), 'volume = -, not in [-, -]'],
    'a length below nothing' => [fn() => Length::ofMetres(-2.0), 'length = -2, not in [0, -] m'],
    'no length' => [fn() => Length::ofMetres(-INF), 'length = -, not in [-, -]'],
    'a duration below nothing' => [fn() => Duration::ofSeconds(-3.0), 'duration = -3, not in [0, -] s'],
    'no duration' => [fn() => Duration::ofSeconds(NAN), 'duration = -, not in [-, -]'],
    'colder than cold' => [fn() => Temperature::ofKelvin(-1.0), 'temperature = -1, not in [0, -] K'],
    'no temperature' => [fn() => Temperature::ofCelsius(NAN), 'temperature = -, not in [-, -]'],
    'a density of nothing' => [fn() => Density::ofGramsPerMillilitre(0.0), 'density = 0, not in [0.001, -] kg/m3'],
    'no density' => [fn() => Density::ofGramsPerMillilitre(NAN), 'density = -, not in [-, -]'],
    'a power below nothing' => [fn() => Power::ofWatts(-5.0), 'power = -5, not in [0, -] W'],
    'no power' => [fn() => Power::ofKilowatts(INF), 'power = -, not in [-, -]'],
    'a viscosity below nothing' => [fn() => Viscosity::ofPascalSeconds(-0.5), 'viscosity = -0.5, not in [0, -] Pa s'],
    'no viscosity' => [fn() => Viscosity::ofPascalSeconds(NAN), 'viscosity = -, not in [-, -]'],
    'a half by nothing' => [fn() => KitchenNumber::parse('1/0'), '1/0'],

    'a shade beyond burnt' => [fn() => Shade::of(4.1), 'roux-shade = 4.1, not in [0, 4]'],
    'a shade below raw' => [fn() => Shade::of(-0.1), 'roux-shade = -0.1, not in [0, 4]'],
    'too much fat' => [
        fn() => Roux::withRatio(Larder::house()->thickener('plain-flour'), Mass::ofGrams(1.0), Larder::house()->fat('butter'), 4.1),
        'fat-to-flour = 4.1, not in [0, 4]',
    ],
    'less than no fat' => [
        fn() => Roux::withRatio(Larder::house()->thickener('plain-flour'), Mass::ofGrams(1.0), Larder::house()->fat('butter'), -0.1),
        'fat-to-flour = -0.1, not in [0, 4]',
    ],
    'a cold oven' => [
        fn() => OvenRoux::inPan(
            Roux::withRatio(Larder::house()->thickener('plain-flour'), Mass::ofGrams(1.0), Larder::house()->fat('butter'), 1.0),
            Length::ofCentimetres(20.0),
            Mass::ofKilograms(1.0),
            Temperature::ofCelsius(79.0),
        ),
        'oven = 79, not in [80, 280] °C',
    ],
    'a thickness beyond paste' => [fn() => EquivalentFlour::ofGramsPerLitre(200.5), 'thickness = 200.5, not in [0, 200] g flour per litre'],
    'a narrow pan' => [
        fn() => Pan::of(Length::ofMillimetres(49.0), Length::ofMillimetres(100.0)),
        'pan-diameter = 49, not in [50, 1200] mm',
    ],
    'a wide pan' => [
        fn() => Pan::of(Length::ofMillimetres(1201.0), Length::ofMillimetres(100.0)),
        'pan-diameter = 1201, not in [50, 1200] mm',
    ],
    'a tall pan' => [
        fn() => Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(1001.0)),
        'pan-height = 1001, not in [50, 1000] mm',
    ],
    'a candle' => [fn() => Hob::of(HobKind::Gas, Power::ofWatts(99.0)), 'hob-power = 99, not in [100, 50000] W'],
    'a furnace' => [fn() => Hob::of(HobKind::Gas, Power::ofWatts(50001.0)), 'hob-power = 50001, not in [100, 50000] W'],
    'too high up' => [fn() => BoilingPoint::at(Length::ofMetres(5501.0)), 'altitude = 5501, not in [0, 5500] m'],
    'a thimble' => [fn() => Container::round(Length::ofMillimetres(4.0), Length::ofMillimetres(30.0)), 'diameter = 4, not in [5, 1500] mm'],
    'a film' => [
        fn() => Container::tray(Length::ofMillimetres(530.0), Length::ofMillimetres(325.0), Length::ofMillimetres(4.0)),
        'depth = 4, not in [5, 1500] mm',
    ],
    'a bath' => [
        fn() => Container::tray(Length::ofMillimetres(1501.0), Length::ofMillimetres(325.0), Length::ofMillimetres(40.0)),
        'length = 1501, not in [5, 1500] mm',
    ],
    'a wide bath' => [
        fn() => Container::tray(Length::ofMillimetres(530.0), Length::ofMillimetres(1501.0), Length::ofMillimetres(40.0)),
        'width = 1501, not in [5, 1500] mm',
    ],
    'held lukewarm' => [
        fn() => Holding::in(Samples::pan(20.0), Temperature::ofCelsius(39.0)),
        'holding-temperature = 39, not in [40, 95] °C',
    ],
    'held at the boil' => [
        fn() => Holding::in(Samples::pan(20.0), Temperature::ofCelsius(96.0)),
        'holding-temperature = 96, not in [40, 95] °C',
    ],
    'no salt at all' => [
        fn() => Desalting::to(0.009, Samples::whiteSauce(60.0), Temperature::ofCelsius(60.0), new TimeToBoil(Samples::pan(24.0), 2.0)),
        'salt = 0.009, not in [0.01, 5] %',
    ],
    'brine' => [
        fn() => Desalting::to(5.1, Samples::whiteSauce(60.0), Temperature::ofCelsius(60.0), new TimeToBoil(Samples::pan(24.0), 2.0)),
        'salt = 5.1, not in [0.01, 5] %',
    ],
    'more lumps than flour' => [fn() => Straining::of(Sauce::nothing(), Mass::ofGrams(0.0), 1.01), 'flour-in-lumps = 1.01, not in [0, 1]'],
    'a forecast below nothing' => [fn() => Band::around(-0.5, 0.1), 'forecast = -0.5, not in [0, -]'],
    'a forecast of anything' => [fn() => Band::around(1.0, 2.01), 'spread-of-a-forecast = 2.01, not in [0, 2]'],
    'a skewed forecast below nothing' => [fn() => Band::skewed(-0.5, 0.5, 2.0), 'forecast = -0.5, not in [0, -]'],
    'stirring both ways' => [fn() => Action::stir(Duration::ofSeconds(0.0), 1.1), 'stirring = 1.1, not in [0, 1]'],
    'a hot oven' => [fn() => Heating::oven(Temperature::ofCelsius(281.0)), 'oven = 281, not in [80, 280] °C'],
    'a pot for two days' => [
        fn() => Simulation::in(HeatedPan::of(Samples::pan(24.0)))->run([], Duration::ofMinutes(1441.0)),
        'simulation-end = 1441, not in [0, 1440] min',
    ],
    'done after the end' => [
        fn() => Simulation::in(HeatedPan::of(Samples::pan(24.0)))->run(
            [Action::skim(Duration::ofMinutes(11.0))],
            Duration::ofMinutes(10.0),
        ),
        'time-of-an-action = 11, not in [0, 10] min',
    ],
    'a cup' => [fn() => Question::of(Base::Veloute, Volume::ofLitres(0.09)), 'yield = 0.09, not in [0.1, 200] l'],
    'a brick' => [
        fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), thickness: EquivalentFlour::ofGramsPerLitre(161.0)),
        'thickness = 161, not in [15, 160] g flour per litre',
    ],
    'all fat' => [
        fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), how: new How(new RouxWish(fatToFlour: 3.1))),
        'fat-to-flour = 3.1, not in [0.5, 3] to 1',
    ],
    'no simmer' => [
        fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), how: new How(simmer: new SimmerWish(Duration::ofMinutes(0.5)))),
        'simmer = 0.5, not in [1, 480] min',
    ],
    'a sip of stock' => [fn() => Given::liquid(Volume::ofLitres(0.04)), 'liquid = 0.04, not in [0.05, 600] l'],
    'a crumb' => [fn() => Given::readyRoux(Mass::ofGrams(0.9)), 'ready-roux = 0.9, not in [1, 150000] g'],
    'a lick of fat' => [fn() => Given::fat(Mass::ofGrams(0.9)), 'fat = 0.9, not in [1, 150000] g'],
    'an army' => [fn() => Given::portions(5001, Volume::ofMillilitres(50.0)), 'covers = 5001, not in [1, 5000]'],
    'reduced to nothing' => [fn() => ReduceTo::share(0.09), 'what-a-reduction-leaves = 9, not in [10, 99] %'],
]);

it('takes what lies on the limit', function (Closure $ask): void {
    expect($ask())->not->toBeNull();
})->with([
    [fn() => Mass::ofGrams(0.0)],
    [fn() => Volume::ofLitres(0.0)],
    [fn() => Length::ofMetres(0.0)],
    [fn() => Duration::ofSeconds(0.0)],
    [fn() => Temperature::ofKelvin(0.0)],
    [fn() => Power::ofWatts(0.0)],
    [fn() => Viscosity::ofPascalSeconds(0.0)],
    [fn() => Shade::of(0.0)],
    [fn() => Shade::of(4.0)],
    [fn() => EquivalentFlour::ofGramsPerLitre(0.0)],
    [fn() => EquivalentFlour::ofGramsPerLitre(200.0)],
    [fn() => Pan::of(Length::ofMillimetres(50.0), Length::ofMillimetres(1000.0))],
    [fn() => Pan::of(Length::ofMillimetres(1200.0), Length::ofMillimetres(50.0))],
    [fn() => Hob::of(HobKind::Gas, Power::ofWatts(100.0))],
    [fn() => Hob::of(HobKind::Gas, Power::ofKilowatts(50.0))],
    [fn() => BoilingPoint::at(Length::ofMetres(5500.0))],
    [fn() => Container::round(Length::ofMillimetres(5.0), Length::ofMillimetres(1500.0))],
    [fn() => Holding::in(Samples::pan(20.0), Temperature::ofCelsius(40.0))],
    [fn() => Holding::in(Samples::pan(20.0), Temperature::ofCelsius(95.0))],
    [fn() => Desalting::to(0.01, Samples::whiteSauce(60.0), Temperature::ofCelsius(60.0), new TimeToBoil(Samples::pan(24.0), 2.0))],
    [fn() => Desalting::to(5.0, Samples::whiteSauce(60.0), Temperature::ofCelsius(60.0), new TimeToBoil(Samples::pan(24.0), 2.0))],
    [fn() => Straining::of(Samples::whiteSauce(60.0), Mass::ofGrams(0.0), 1.0)],
    [fn() => Band::around(0.0, 0.0)],
    [fn() => Band::around(1.0, 2.0)],
    [fn() => Action::stir(Duration::ofSeconds(0.0), 0.0)],
    [fn() => Action::stir(Duration::ofSeconds(0.0), 1.0)],
    [fn() => Heating::oven(Temperature::ofCelsius(80.0))],
    [fn() => Heating::oven(Temperature::ofCelsius(280.0))],
    [fn() => Simulation::in(HeatedPan::of(Samples::pan(24.0)))->run([Action::skim(Duration::ofMinutes(1.0))], Duration::ofMinutes(1.0))],
    [fn() => Question::of(Base::Veloute, Volume::ofLitres(0.1))],
    [fn() => Question::of(Base::Veloute, Volume::ofLitres(200.0))],
    [fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), thickness: EquivalentFlour::ofGramsPerLitre(15.0))],
    [
        fn() => Question::of(
            Base::Veloute,
            Volume::ofLitres(1.0),
            how: new How(new RouxWish(fatToFlour: 0.5), new SimmerWish(Duration::ofMinutes(480.0))),
        ),
    ],
    [fn() => Given::liquid(Volume::ofLitres(0.05))],
    [fn() => Given::readyRoux(Mass::ofGrams(1.0))],
    [fn() => Given::portions(5000, Volume::ofMillilitres(5.0))],
    [fn() => ReduceTo::share(0.1)],
]);
