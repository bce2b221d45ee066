<?php

declare(strict_types=1);

use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Finish\Finishing;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\CookingTime;
use Lento\Procedure\Cut;
use Lento\Procedure\DoneIn;
use Lento\Procedure\Dose;
use Lento\Procedure\Dosed;
use Lento\Procedure\Fate;
use Lento\Procedure\InThePan;
use Lento\Procedure\Measure;
use Lento\Procedure\Procedure;
use Lento\Procedure\Tools;
use Lento\Procedure\Vessel;
use Lento\Procedure\Where;
use Lento\Procedure\Worked;
use Lento\Quantity\Mass;
use Lento\Quantity\Power;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Procedure'));

function larderHas(string $id): Ingredient
{
    return Larder::house()->ingredient($id);
}

it('makes of pieces a purée of what is left of them: all their solids, salt and fat in less weight', function (): void {
    $onion = larderHas('onion');
    $cut = Cut::of($onion, Mass::ofGrams(200.0), 0.4, false);
    [$raw, $puree] = [Samples::whiteSauce(60.0), $cut->asPuree()];
    expect($cut->grams())->toEqualWithDelta(120.0, 1e-9)
        ->and($cut->raw)->toBe(200.0)
        ->and($puree->grams())->toEqualWithDelta(120.0, 1e-9)
        ->and($puree->waterGrams)->toEqualWithDelta(120.0 - 200.0 * ($onion->solids + $onion->fat), 1e-9)
        ->and($puree->fatGrams)->toEqualWithDelta(200.0 * $onion->fat, 1e-9)
        ->and($puree->saltGrams)->toEqualWithDelta(200.0 * $onion->salt, 1e-9)
        ->and($cut->asPieces()->grams())->toEqualWithDelta(120.0, 1e-9)
        ->and($raw->plus($puree)->grams())->toEqualWithDelta($raw->grams() + 120.0, 1e-9);
});

it('thickens with a purée as the larder has it of tomato', function (): void {
    $onion = larderHas('onion');
    $cut = Cut::of($onion, Mass::ofGrams(100.0), 0.25, true);
    // 0.4 g of flour for a gram of solids, whatever water has gone.
    $flour = 0.4 * 100.0 * $onion->solids;
    $plain = Samples::whiteSauce(60.0);
    $with = $plain->plus($cut->asPuree());
    expect($cut->goesBack)->toBeTrue()
        ->and($with->parts()['other_thickening'] - $plain->parts()['other_thickening'])->toEqualWithDelta($flour, 1e-9);
});

it('is done once, or in as many goes as it takes, and never in none', function (): void {
    $pan = Pan::wide(24.0);
    expect(DoneIn::once($pan)->batches)->toBe(1)
        ->and(DoneIn::once($pan)->pan)->toBe($pan)
        ->and(DoneIn::batches($pan, 3)->batches)->toBe(3)
        ->and(DoneIn::batches($pan, 0)->batches)->toBe(1);
});

it('holds an amount within reason, from nothing to all of it', function (float $perLitre, bool $well): void {
    $dose = Dose::grams('butter', 20.0);
    $well
        ? expect($dose->of($perLitre)->perLitre)->toBe($perLitre)->and($dose->of($perLitre)->usual)->toBe(20.0)
        : expect(fn() => $dose->of($perLitre))->toThrow(OutOfRange::class, 'amount-per-litre');
})->with([[0.0, true], [0.001, true], [1000.0, true], [1000.1, false], [-0.001, false], [INF, false], [NAN, false]]);

it('is told of in the range and the measure of its dose', function (): void {
    try {
        Dose::pieces('egg-yolk', 3.0)->of(-2.0);
    } catch (OutOfRange $refusal) {
        expect([$refusal->value, $refusal->least, $refusal->most, $refusal->unit, $refusal->of])
            ->toBe([-2.0, 0.0, 1000.0, 'pieces/l', 'egg-yolk']);
    }
    $kept = Dose::kept('butter', Measure::Grams, [30.0, 40.0], Fate::Joins, false);
    expect([$kept->perLitre, $kept->usual, $kept->optional])->toBe([30.0, 40.0, false])
        ->and(Dose::kept('butter', Measure::Grams, [0.0, 40.0], Fate::Joins, false)->optional)->toBeTrue()
        ->and(fn() => Dose::kept('butter', Measure::Grams, [1001.0, 40.0], Fate::Joins, false))->toThrow(OutOfRange::class);
});

it('keeps what it is while its amount, its name or its need changes', function (): void {
    $tied = Dose::tied('bay-leaf', 2.0);
    $all = Dose::inAll('white-wine', Measure::Millilitres, 50.0, Fate::Joins);
    expect($tied->of(3.0)->tied)->toBeTrue()
        ->and($tied->named('thyme-sprig')->tied)->toBeTrue()
        ->and($tied->optional()->optional)->toBeTrue()
        ->and($tied->optional()->tied)->toBeTrue()
        ->and($tied->optional()->usual)->toBe(2.0)
        ->and($tied->of(3.0)->optional)->toBeFalse()
        ->and(Dose::grams('butter', 5.0)->tied)->toBeFalse()
        ->and($all->of(60.0)->inAll)->toBeTrue()
        ->and($all->amount(Volume::ofLitres(9.0)))->toBe(50.0)
        ->and($all->named('red-wine')->inAll)->toBeTrue()
        ->and($all->optional()->inAll)->toBeTrue()
        // By weight a spice grows with the pot; only what is counted and flavours grows less.
        ->and(Dose::pieces('egg-yolk', 2.0)->amount(Volume::ofLitres(40.0)))->toBe(80.0)
        ->and(Dose::tied('clove', 1.0)->amount(Volume::ofLitres(4.9)))->toEqualWithDelta(4.9, 1e-9)
        ->and(Dose::isWholeSpice('clove'))->toBeTrue()
        ->and(Dose::isWholeSpice('egg-yolk'))->toBeFalse()
        ->and(Dose::comesInHalves('bay-leaf'))->toBeTrue()
        ->and(Dose::comesInHalves('peppercorn'))->toBeFalse()
        ->and(Dose::spices())->toContain('saffron', 'clove')
        ->and(Dose::piece('clove')->inGrams())->toBe(0.1);
});

it('changes one thing of an act, and keeps all else', function (): void {
    $act = Act::of(ActKind::Brown, Dose::grams('onion', 40.0, Fate::StaysIn))
        ->in(Vessel::SecondPan)->for(7.0)->downBy(0.3)->at(SimmerLevel::Brisk)->until(90.0)->between(60.0, 80.0)->saying('x');
    expect($act->vessel)->toBe(Vessel::SecondPan)
        ->and($act->least->inMinutes())->toBe(7.0)
        ->and($act->share)->toBe(0.3)
        ->and($act->level)->toBe(SimmerLevel::Brisk)
        ->and($act->to?->inCelsius())->toEqualWithDelta(90.0, 1e-9)
        ->and($act->atLeast?->inCelsius())->toEqualWithDelta(60.0, 1e-9)
        ->and($act->atMost?->inCelsius())->toEqualWithDelta(80.0, 1e-9)
        ->and($act->words)->toBe('x')
        ->and($act->with([])->doses)->toBe([])
        ->and($act->with([])->words)->toBe('x')
        ->and($act->in(Vessel::Pan)->share)->toBe(0.3)
        ->and(Act::of(ActKind::Prepare)->vessel)->toBe(Vessel::Bench)
        ->and(Act::of(ActKind::Bake)->vessel)->toBe(Vessel::Oven)
        ->and(Act::of(ActKind::ReduceApart)->level)->toBe(SimmerLevel::Boil)
        ->and(Act::of(ActKind::Reduce)->level)->toBe(SimmerLevel::Brisk)
        ->and(Act::of(ActKind::Simmer)->level)->toBe(SimmerLevel::Bare)
        ->and(Act::of(ActKind::Infuse)->least->inMinutes())->toBe(20.0)
        ->and(Act::of(ActKind::Simmer)->least->seconds)->toBe(0.0)
        ->and(Act::of(ActKind::Simmer)->share)->toBe(0.0);
});

it('uses what is not left out', function (): void {
    $act = Act::of(ActKind::StirIn, Dose::grams('butter', 5.0)->optional(), Dose::grams('sugar', 0.5));
    expect(array_map(static fn(Dose $dose): string => $dose->ingredient, $act->used()))->toBe(['sugar'])
        ->and(Act::of(ActKind::Bind)->livesByItsDoses())->toBeTrue()
        ->and(Act::of(ActKind::Infuse)->livesByItsDoses())->toBeTrue()
        ->and(Act::of(ActKind::Boil)->livesByItsDoses())->toBeFalse()
        ->and(Act::of(ActKind::StirIn)->saying('back')->livesByItsDoses())->toBeFalse();
});

it('takes the strictest limit there is', function (): void {
    [$hot, $warm] = [Temperature::ofCelsius(82.0), Temperature::ofCelsius(75.0)];
    expect(Worked::strictest([null, $hot, $warm, null]))->toBe($warm)
        ->and(Worked::strictest([$warm, $hot]))->toBe($warm)
        ->and(Worked::strictest([null]))->toBeNull()
        ->and(Worked::strictest([]))->toBeNull();
});

it('is as hot at most as its act says or as what goes in bears', function (): void {
    $sauce = Samples::whiteSauce(60.0);
    $yolk = Finishing::of($sauce, larderHas('egg-yolk'), Mass::ofGrams(36.0), Temperature::ofCelsius(80.0));
    $cream = Finishing::of($sauce, larderHas('double-cream'), Mass::ofGrams(36.0), Temperature::ofCelsius(75.0));
    $done = static fn(Act $act, Finishing ...$finishings): Worked => new Worked(
        $act,
        Dosed::all($act, Volume::ofLitres(1.0), Larder::house()),
        InThePan::empty(),
        $act->least,
        array_values($finishings),
        DoneIn::once(Pan::wide(24.0)),
    );
    $free = Act::of(ActKind::Bind, Dose::pieces('egg-yolk', 2.0));
    expect($done($free, $cream, $yolk)->atMost())->toBe($yolk->atMost)
        ->and($done($free, $cream, $yolk)->atLeast())->toBe($yolk->atLeast)
        ->and($done($free->between(70.0, 74.0), $yolk)->atMost()?->inCelsius())->toEqualWithDelta(74.0, 1e-9)
        ->and($done($free->between(70.0, 74.0), $yolk)->atLeast()?->inCelsius())->toEqualWithDelta(70.0, 1e-9)
        ->and($done($free)->atLeast())->toBeNull()
        ->and($done($free)->hasYolk())->toBeTrue()
        ->and($done(Act::of(ActKind::StirIn, Dose::millilitres('double-cream', 20.0)), $cream)->hasYolk())->toBeFalse()
        ->and($done(Act::of(ActKind::WhiskIn, Dose::grams('butter', 20.0)))->hasYolk())->toBeFalse();
});

it('boils after what goes in before the strainer', function (Where $where, bool $boils): void {
    expect($where->boilsAfter())->toBe($boils);
})->with([
    [Where::WithVegetables, true],
    [Where::WithFlour, true],
    [Where::WithLiquid, true],
    [Where::InSimmer, true],
    [Where::OffHeat, false],
    [Where::Last, false],
    [Where::AtTable, false],
]);

it('lets nothing boil, or get hotter, after what has a limit', function (): void {
    $cheese = Act::of(ActKind::MeltIn, Dose::grams('hard-cheese', 50.0))->between(null, 75.0);
    $simmer = Act::of(ActKind::Simmer)->for(5.0);
    $apart = Act::of(ActKind::Simmer)->in(Vessel::StockPot);
    expect(Procedure::of($simmer, $cheese)->keepingItsLimits()->acts)->toHaveCount(2)
        ->and(Procedure::of($cheese, $apart)->keepingItsLimits()->acts)->toHaveCount(2)
        ->and(Procedure::of($cheese, Act::of(ActKind::Warm)->until(75.0))->keepingItsLimits()->acts)->toHaveCount(2)
        ->and(fn() => Procedure::of($cheese, $simmer)->keepingItsLimits())->toThrow(NotReachable::class, 'boiling-after-a-limit 75')
        ->and(fn() => Procedure::of($cheese, Act::of(ActKind::Warm)->until(76.0))->keepingItsLimits())->toThrow(NotReachable::class)
        ->and(fn() => Procedure::of($cheese->between(null, 60.0), $cheese, Act::of(ActKind::Warm)->until(70.0))->keepingItsLimits())
        ->toThrow(NotReachable::class, '60');
});

it('fries in the smallest pan that does, of the kitchen’s or of usual ones', function (): void {
    $room = static fn(float $litres): Volume => Volume::ofLitres($litres);
    [$small, $wide] = [Pan::wide(26.0), Pan::wide(34.0)];
    $tools = new Tools([$wide, $small], Power::ofWatts(2000.0));
    expect($tools->secondPan($room(0.5)))->toBe($small)
        ->and($tools->secondPan($room(2.0)))->toBe($wide)
        ->and($tools->secondPan($room(9.0)))->toBe($wide)
        ->and($tools->ring?->watts)->toBe(2000.0)
        ->and((new Tools())->secondPan($room(0.5))->diameter->inCentimetres())->toEqualWithDelta(24.0, 1e-9)
        ->and((new Tools())->secondPan($room(90.0))->diameter->inCentimetres())->toEqualWithDelta(50.0, 1e-9)
        ->and(CookingTime::browns(Pan::wide(24.0), Pan::wide(24.0)->holds(Lento\Quantity\Length::ofMillimetres(25.0))))->toBeTrue()
        ->and(CookingTime::drivenOff(ActKind::Boil))->toBe(0.0)
        ->and(CookingTime::drivenOff(ActKind::Brown, 'giblets'))->toBe(0.3)
        ->and(CookingTime::drivenOff(ActKind::Sweat, 'mushroom'))->toBe(0.5)
        ->and(CookingTime::drivenOff(ActKind::Render, 'fat-bacon'))->toBe(0.25)
        ->and(CookingTime::isMushroom('onion'))->toBeFalse();
});

it('goes by custom where heat needs less, and by heat where it needs more', function (): void {
    $pan = Pan::wide(28.0);
    $fried = static fn(ActKind $kind, string $id, float $grams): array => [
        Act::of($kind, Dose::grams($id, $grams, Fate::StaysIn)),
        [[$id, larderHas($id), Mass::ofGrams($grams)]],
    ];
    $minutes = static function (ActKind $kind, string $id, float $grams) use ($fried, $pan): float {
        [$act, $what] = $fried($kind, $id, $grams);

        return CookingTime::frying($act, $what, Volume::ofMillilitres($grams), $pan)->time->inMinutes();
    };
    expect($minutes(ActKind::Sweat, 'onion', 20.0))->toBe(6.0)
        ->and($minutes(ActKind::Render, 'onion', 20.0))->toBe(6.0)
        ->and($minutes(ActKind::Brown, 'onion', 20.0))->toBe(12.0)
        ->and($minutes(ActKind::Brown, 'mushroom', 20.0))->toBe(8.0)
        ->and($minutes(ActKind::BrownDeep, 'onion', 20.0))->toBe(25.0)
        ->and($minutes(ActKind::Sweat, 'onion', 4000.0))->toBeGreaterThan(40.0);
    $reduced = CookingTime::boilingDown(Act::of(ActKind::ReduceApart), Mass::ofGrams(10.0), 0.5, $pan);
    $longer = CookingTime::boilingDown(Act::of(ActKind::ReduceApart)->for(9.0), Mass::ofGrams(10.0), 0.5, $pan);
    expect($reduced->time->inMinutes())->toBe(4.0)->and($longer->time->inMinutes())->toBe(9.0)->and($reduced->batches)->toBe(1);
});

it('knows what fries, what it fries in and what flavours', function (): void {
    $act = Act::of(
        ActKind::Sweat,
        Dose::grams('onion', 10.0, Fate::StaysIn),
        Dose::grams('butter', 5.0),
        Dose::grams('saffron', 0.1, Fate::Flavours),
        Dose::grams('leek', 0.0, Fate::StaysIn),
    );
    [$onion, $butter, $saffron] = $all = Dosed::all($act, Volume::ofLitres(3.0), Larder::house());
    expect($all)->toHaveCount(3)
        ->and($onion->isFried())->toBeTrue()
        ->and($onion->isVegetable())->toBeTrue()
        ->and($onion->amount)->toBe(30.0)
        ->and($butter->isFried())->toBeFalse()
        ->and($butter->kind)->toBeInstanceOf(Fat::class)
        ->and($saffron->isFried())->toBeFalse()
        ->and($saffron->isVegetable())->toBeFalse();
});
