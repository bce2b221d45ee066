<?php

declare(strict_types=1);

use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Cut;
use Lento\Procedure\Dose;
use Lento\Procedure\Extra;
use Lento\Procedure\Fate;
use Lento\Procedure\HandTime;
use Lento\Procedure\InThePan;
use Lento\Procedure\Measure;
use Lento\Procedure\Place;
use Lento\Procedure\Procedure;
use Lento\Procedure\Vessel;
use Lento\Procedure\Where;
use Lento\Procedure\Worked;
use Lento\Procedure\Working;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Procedure'));

/** An act done with so many litres of a white sauce in a 20 cm pan, the second pan 28 cm wide. */
function done(Act $act, float $litres = 1.0, float $sauce = 1.0): Worked
{
    $pan = Pan::wide(20.0);
    $place = new Place(
        $pan,
        Larder::house(),
        static fn(SimmerLevel $level): Simmer => new Simmer($pan, $level),
        static fn(Volume $room): Pan => Pan::wide(28.0),
    );
    $white = Samples::whiteSauce(60.0);
    $in = $sauce > 0.0 ? InThePan::empty()->ladledInto(
        $white->times(1000.0 * $sauce / $white->millilitres()),
        Sauce::nothing(),
    ) : InThePan::empty();

    return (new Working($place))->apply($act, $in, Volume::ofLitres($litres));
}

/** @return array{float|null, float|null, float|null, string} */
function refusedPlace(Closure $asked): array
{
    try {
        $asked();
    } catch (OutOfRange $refusal) {
        return [$refusal->value, $refusal->least, $refusal->most, $refusal->unit];
    }

    return [0.0, 0.0, 0.0, 'nothing was refused'];
}

it('names the places that there are', function (): void {
    $three = Procedure::of(Act::of(ActKind::Pour), Act::of(ActKind::Boil), Act::of(ActKind::Simmer));
    $rest = Act::of(ActKind::Rest);
    expect(refusedPlace(fn() => $three->adding($rest, 4)))->toBe([4.0, 0.0, 3.0, ''])
        ->and(refusedPlace(fn() => $three->adding($rest, -1)))->toBe([-1.0, 0.0, 3.0, ''])
        ->and(refusedPlace(fn() => $three->without(3)))->toBe([3.0, 0.0, 2.0, ''])
        ->and(refusedPlace(fn() => Dose::kept('butter', Measure::Grams, [1001.0, 40.0], Fate::Joins, false)))
        ->toBe([1001.0, 0.0, 1000.0, 'g/l']);
});

it('takes other amounts of what goes in, and leaves all else', function (): void {
    $fries = Act::of(ActKind::Sweat, Dose::grams('onion', 100.0, Fate::StaysIn), Dose::grams('butter', 10.0));
    $changed = Procedure::of(
        $fries,
        Act::of(ActKind::StirIn, Dose::grams('sugar', 2.0)),
    )->having(['onion' => 250.0, 'sugar' => 0.0], 'part');
    $perLitre = array_map(static fn(Dose $dose): float => $dose->perLitre, $changed->doses());
    expect($perLitre)->toBe([250.0, 10.0, 0.0]);
});

it('may boil again unless something finishes it, or has a limit', function (Act $act, bool $may): void {
    expect(Procedure::of(Act::of(ActKind::Boil), $act)->mayBoil())->toBe($may);
})->with([
    [Act::of(ActKind::StirIn, Dose::grams('sugar', 1.0)), true],
    [Act::of(ActKind::WhiskIn, Dose::grams('butter', 20.0)), false],
    [Act::of(ActKind::StirIn, Dose::grams('soured-cream', 20.0))->between(63.0, 75.0), false],
]);

it('boils, fries, finishes and clears by just these acts', function (): void {
    $that = static fn(string $does): array => array_values(array_filter(
        array_map(static fn(ActKind $kind): string => $kind->{$does}() ? $kind->value : '', ActKind::cases()),
    ));
    expect($that('boils'))->toEqualCanonicalizing(['boil', 'simmer', 'reduce', 'skim'])
        ->and($that('fries'))->toEqualCanonicalizing(['sweat', 'brown', 'brown-deep', 'render'])
        ->and($that('finishes'))->toEqualCanonicalizing(['bind', 'melt-in', 'whisk-in'])
        ->and($that('clears'))->toEqualCanonicalizing(['strain', 'blend', 'rub-through']);
});

it('boils down what is in the pan by the share it says, and nothing in an empty one', function (): void {
    $down = Act::of(ActKind::Reduce)->downBy(0.25)->for(7.0);
    $done = done($down);
    expect($done->after->volume()->inLitres())->toEqualWithDelta(0.75, 1e-3)
        ->and($done->time->inMinutes())->toBeGreaterThan(5.0)
        ->and($done->after->steam)->toBeGreaterThan(200.0)
        ->and(done($down, sauce: 0.0)->time->inMinutes())->toBe(7.0)
        ->and(done($down, sauce: 0.0)->after->steam)->toBe(0.0);
});

it('simmers in the sauce’s own pan alone', function (): void {
    $simmer = Act::of(ActKind::Simmer)->for(10.0);
    expect(done($simmer)->after->steam)->toBeGreaterThan(1.0)
        ->and(done($simmer)->time->inMinutes())->toBe(10.0)
        ->and(done($simmer->in(Vessel::StockPot))->after->steam)->toBe(0.0);
});

it('fries apart in as many goes as lie flat, paste among its vegetables', function (): void {
    // 28 cm wide and 25 mm deep is a litre and a half: onions are 0.66 g/ml.
    expect(done(Act::of(ActKind::Brown, Dose::grams('onion', 900.0, Fate::StaysIn))->in(Vessel::SecondPan))->in->batches)->toBe(1)
        ->and(done(Act::of(ActKind::Brown, Dose::grams('onion', 999.0, Fate::StaysIn))->in(Vessel::SecondPan), 2.0)->in->batches)->toBe(2)
        ->and(done(Act::of(ActKind::Brown, Dose::grams('tomato-paste', 300.0))->in(Vessel::SecondPan))->in->batches)->toBe(1)
        ->and(done(Act::of(ActKind::Brown, Dose::grams('tomato-paste', 400.0))->in(Vessel::SecondPan))->in->batches)->toBe(2);
});

it('reduces apart in its pan, with what lies beside the wine', function (): void {
    $wine = Dose::millilitres('white-wine', 200.0);
    $act = Act::of(ActKind::ReduceApart, $wine, Dose::grams('shallot', 40.0, Fate::StaysIn))->downBy(0.5);
    [$here, $apart] = [done($act->in(Vessel::Pan), sauce: 0.0), done($act, sauce: 0.0)];
    expect($here->in->pan->diameter->inCentimetres())->toEqualWithDelta(20.0, 1e-9)
        ->and($apart->in->pan->diameter->inCentimetres())->toEqualWithDelta(28.0, 1e-9)
        ->and($here->after->pieces()->grams())->toEqualWithDelta(30.0, 0.5)
        ->and($apart->time->inMinutes())->toBeLessThan($here->time->inMinutes())
        ->and(done(Act::of(ActKind::Deglaze)->for(3.0), sauce: 0.0)->time->inMinutes())->toBe(3.0);
});

it('keeps to the limit that a cook is told, as it goes in', function (): void {
    $butter = Act::of(ActKind::WhiskIn, Dose::grams('butter', 30.0));
    $at = static fn(Act $act): float => done($act)->atMost()?->inCelsius() ?? 100.0;
    expect($at($butter->between(60.0, 70.0)))->toEqualWithDelta(70.0, 1e-9)
        ->and($at($butter->between(60.0, 95.0)))->toBeLessThanOrEqual(90.0)
        ->and($at($butter))->toEqual($at($butter->between(60.0, 95.0)));
});

it('cooks away the water of vegetables, and of nothing else', function (): void {
    $with = static fn(string $what, Fate $fate, float $off): InThePan
        => InThePan::empty()->with(Larder::house()->ingredient($what), Mass::ofGrams(100.0), $fate, $off);
    expect($with('onion', Fate::StaysIn, 0.4)->steam)->toEqualWithDelta(40.0, 1e-9)
        ->and($with('double-cream', Fate::Joins, 0.4)->steam)->toBe(0.0)
        ->and($with('double-cream', Fate::Joins, 0.4)->sauce->grams())->toEqualWithDelta(100.0, 0.5)
        ->and(InThePan::empty()->with(Larder::house()->ingredient('onion'), Mass::ofGrams(100.0), Fate::StaysIn)->steam)->toBe(0.0)
        ->and($with('onion', Fate::Joins, 0.4)->pieces()->grams())->toBe(0.0)
        ->and($with('onion', Fate::Joins, 0.4)->sauce->grams())->toEqualWithDelta(60.0, 0.5)
        // What was cooked down before it joins thickens as a purée does.
        ->and(EquivalentFlour::of($with('onion', Fate::Joins, 0.4)->sauce)->gramsPerLitre)
        ->toBeGreaterThan(EquivalentFlour::of($with('onion', Fate::Joins, 0.0)->sauce)->gramsPerLitre + 1.0);
});

it('closes its books through strainer and sieve, with what goes back and what came with the base', function (): void {
    $onion = Larder::house()->ingredient('onion');
    $came = Cut::of($onion, Mass::ofGrams(50.0), 0.0, false)->asPieces();
    $white = Samples::whiteSauce(60.0);
    $pan = InThePan::empty()
        ->ladledInto($white, $came)
        ->with($onion, Mass::ofGrams(100.0), Fate::StaysIn, 0.25)
        ->with($onion, Mass::ofGrams(60.0), Fate::PutBack, 0.25);
    $all = static fn(InThePan $now): float => $now->sauce->grams() + $now->pieces()->grams();
    $booked = static fn(InThePan $now): float => $white->grams() + $came->grams() + $now->added - $now->steam - $now->strained;
    expect($all($pan))->toEqualWithDelta($booked($pan), 1e-9)
        ->and($all($pan->strained()))->toEqualWithDelta($booked($pan->strained()), 1e-9)
        ->and($pan->strained()->pieces()->grams())->toEqualWithDelta(45.0, 1e-9)
        ->and($all($pan->pureed()))->toEqualWithDelta($booked($pan->pureed()), 1e-9)
        ->and($pan->pureed()->pieces()->grams())->toEqualWithDelta(45.0, 1e-9)
        ->and($pan->lifted()->pieces()->grams())->toEqualWithDelta(45.0, 1e-9)
        ->and($pan->ladledInto($white, Sauce::nothing())->pieces()->grams())->toEqualWithDelta($pan->pieces()->grams(), 1e-9);
    // The last half gram of sauce clings like any other.
    $little = InThePan::empty()->ladledInto($white->times(0.5 / $white->grams()), Sauce::nothing())
        ->with($onion, Mass::ofGrams(1.0), Fate::StaysIn);
    expect($little->strained()->sauce->grams())->toEqualWithDelta(0.15, 1e-9);
});

it('puts what is added among what fries, or gives it fat and a pan of its own', function (): void {
    $leek = Extra::of('leek', Measure::Grams, 50.0, Where::WithVegetables, Larder::house());
    $sweats = Procedure::of(Act::of(ActKind::Sweat, Dose::grams('onion', 100.0, Fate::StaysIn)), Act::of(ActKind::Simmer));
    $plain = Procedure::of(Act::of(ActKind::Pour), Act::of(ActKind::Boil), Act::of(ActKind::Simmer));
    $named = static fn(Act $act): array => array_map(
        static fn(Dose $dose): string => $dose->ingredient . ' ' . $dose->perLitre,
        $act->doses,
    );
    $apart = $leek->into($plain, 'butter');
    expect($named($leek->into($sweats, 'butter')->acts[0]))->toBe(['onion 100', 'leek 50'])
        ->and($named($apart->acts[0]))->toBe(['leek 50', 'butter 3'])
        ->and($apart->acts[0]->vessel)->toBe(Vessel::SecondPan)
        ->and($apart->acts[3]->words)->toBe('vegetables')
        // In a derivative, and where nothing simmers, it is cooked in the sauce's own pan before the rest.
        ->and($leek->into($plain, 'butter', ladled: 1)->acts[0]->vessel)->toBe(Vessel::Pan)
        ->and($leek->into($plain, 'butter', ladled: 1)->acts)->toHaveCount(4)
        ->and($leek->into(Procedure::of(Act::of(ActKind::Pour)), 'butter')->acts[0]->vessel)->toBe(Vessel::Pan);
});

it('finishes with a spice, too', function (): void {
    $spice = Extra::of('thyme-sprig', Measure::Grams, 1.0, Where::OffHeat, Larder::house());
    $with = $spice->into(Procedure::of(Act::of(ActKind::Pour), Act::of(ActKind::Boil)), 'butter');
    expect($with->acts[2]->kind)->toBe(ActKind::StirIn)->and($with->acts[2]->atMost)->toBeNull();
});

it('melts fat by the kilogram, however it goes in', function (): void {
    $fat = done(Act::of(ActKind::StirIn, Dose::grams('butter', 500.0))->between(60.0, 80.0), 2.0);
    expect($fat->time->inMinutes())->toEqualWithDelta(3.0, 1e-9)
        ->and(HandTime::ladling(Volume::ofLitres(10.0))->inMinutes())->toEqualWithDelta(3.0, 1e-9);
});
