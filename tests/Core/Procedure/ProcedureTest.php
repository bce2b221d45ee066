<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\HouseProcedures;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Family\Catalogue;
use Lento\Larder\Fat;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\InThePan;
use Lento\Procedure\Measure;
use Lento\Procedure\Place;
use Lento\Procedure\Procedure;
use Lento\Procedure\Vessel;
use Lento\Procedure\Working;
use Lento\Quantity\Volume;
use Tests\Core\Room;
use Tests\Core\Samples;

covers(...Room::of('Procedure'));

function working(): Working
{
    $pan = Pan::suiting(Volume::ofLitres(2.0));

    return new Working(new Place(
        $pan,
        Larder::house(),
        static fn(SimmerLevel $level): Simmer => new Simmer($pan, $level),
        static fn(Volume $room): Pan => Pan::wide(28.0),
    ));
}

function aLitre(): Volume
{
    return Volume::ofLitres(1.0);
}

/** @return array<string, array{Procedure}> */
function houseProcedures(): array
{
    $all = [];
    foreach (Base::cases() as $base) {
        $all[$base->value] = [HouseProcedures::of($base)];
    }
    foreach (Catalogue::house()->derivatives() as $id => $derivative) {
        $all[$id] = [$derivative->procedure];
    }

    return $all;
}

function inOrder(Procedure $procedure): string
{
    return implode(' > ', array_map(
        static fn(Act $act): string => $act->kind->value . ($act->words === '' ? '' : ':' . $act->words),
        $procedure->acts,
    ));
}

// The order of the work as the trade has it, written out by hand.
it('does each base in its order', function (Base $base, string $order): void {
    expect(inOrder(HouseProcedures::of($base)))->toBe($order);
})->with([
    [Base::Bechamel, 'infuse > melt > colour > let-down > pour > boil > simmer:floor > season > strain'],
    [Base::Veloute, 'sweat > melt > colour > let-down > pour > boil > skim > stir-in:trimmings > simmer > season > strain:cloth'],
    [
        Base::Espagnole,
        'brown > brown:paste > deglaze:stock > melt > colour > let-down > warm > pour > boil > skim > stir-in:vegetables > reduce > '
            . 'take-out:sachet > strain:unpressed',
    ],
    [Base::DemiGlace, 'warm:together > boil > skim > reduce > strain:cloth'],
    [
        Base::Tomato,
        'melt > render > sweat > colour > let-down > pour > boil > skim > stir-in:sachet > simmer > take-out:sachet > rub-through > season',
    ],
    [
        Base::PanGravy,
        'melt:drippings > colour:scraping > let-down > deglaze:tin > pour > boil > stir-in:juices > simmer > strain > season:juices',
    ],
    [
        Base::OnionGravy,
        'melt > brown-deep > deglaze:twice > colour:onions > pour > boil > skim > stir-in:sachet > simmer > take-out:sachet > season > '
            . 'stir-in:tasted',
    ],
    [
        Base::GibletGravy,
        'brown:giblets > simmer:giblets > strain:giblets > melt > colour > let-down > deglaze:roux > pour > boil > skim > simmer > '
            . 'stir-in:liver > season > strain > stir-in:back',
    ],
    [Base::MilkGravy, 'melt:pan-fat > colour > let-down > pour > boil > simmer:floor > season'],
    [
        Base::ChilliGravy,
        'prepare:toast > sweat > melt > colour > let-down > pour > boil > skim > stir-in:spiced-onion > simmer > season > stir-in:temper',
    ],
    [
        Base::WineSauce,
        'reduce-apart > melt > sweat > colour > let-down > pour:wine > boil > skim > reduce > strain > stir-in:simmer-again > whisk-in > '
            . 'stir-in:last > season',
    ],
]);

it('does a derivative in its order', function (string $sauce, string $order): void {
    expect(inOrder(Catalogue::house()->derivative($sauce)->procedure))->toBe($order);
})->with([
    ['mornay', 'melt-in > whisk-in'],
    ['soubise', 'sweat:stew > simmer > rub-through'],
    ['sharp-cheese', 'prepare:slake-mustard > melt-in > stir-in:slaked'],
    ['supreme', 'reduce > stir-in:simmer-again > whisk-in > stir-in:last'],
    ['allemande', 'bind > stir-in:last'],
    ['hungarian', 'sweat > stir-in:paprika > reduce-apart:wine > simmer'],
    ['curry', 'sweat > stir-in:bloom > simmer > strain > stir-in:simmer-again'],
    ['tarragon', 'prepare:stalks > stir-in:stalks > simmer:stalks > strain > stir-in:last'],
    ['green-herb', 'reduce-apart:vinegar > strain > stir-in:last'],
    ['hunters', 'brown > reduce-apart:wine > stir-in:whisked > simmer > whisk-in > stir-in:last'],
    ['pepper', 'brown > reduce-apart:vinegar > simmer > stir-in:crushed > simmer:pepper > strain'],
    ['stroganov', 'brown > sweat > stir-in:paprika > simmer > stir-in:temper > stir-in:mustard'],
]);

it('gives everything that fries its fat', function (Procedure $procedure): void {
    $melted = false;
    foreach ($procedure->acts as $at => $act) {
        $melted = $melted || $act->kind === ActKind::Melt;
        $fat = array_filter($act->doses, static fn(Dose $dose): bool => $dose->isItsFat() || $dose->kind(Larder::house()) instanceof Fat);
        // What joins a pan that has fried already, or gives fat of its own, needs none.
        $before = $procedure->acts[$at - 1] ?? null;
        $needs = $act->kind->fries() && !$melted && $act->words !== 'paste' && $act->kind !== ActKind::Render
            && array_filter($act->doses, static fn(Dose $dose): bool => !$dose->optional) !== [];
        expect(!$needs || $fat !== [] || $before?->kind->fries() === true)->toBeTrue();
    }
})->with(houseProcedures());

it('takes out what it ties, and never boils what has a limit', function (Procedure $procedure): void {
    [$tied, $limited] = [false, false];
    foreach ($procedure->acts as $act) {
        $goesIn = $act->kind === ActKind::StirIn && array_filter($act->doses, static fn(Dose $dose): bool => $dose->tied) !== [];
        $tied = $goesIn || ($tied && !in_array($act->kind, [ActKind::TakeOut, ActKind::Strain], true));
        expect($limited && $act->kind->boils())->toBeFalse();
        $limited = $limited || $act->atMost !== null;
    }
    expect($tied)->toBeFalse();
})->with(houseProcedures());

it('keeps vegetables, paste and wine out of a pan in which a roux browns', function (Base $base): void {
    $procedure = HouseProcedures::of($base);
    $browns = in_array($base, [Base::Veloute, Base::Espagnole, Base::GibletGravy, Base::PanGravy, Base::ChilliGravy], true);
    $roux = $procedure->first(ActKind::Colour) ?? 0;
    expect($procedure->acts)->not->toBe([]);
    foreach (array_slice($procedure->acts, 0, $roux) as $act) {
        expect($browns && $act->vessel === Vessel::Pan && ($act->kind->fries() || $act->kind === ActKind::Deglaze))->toBeFalse();
    }
})->with(Base::cases());

it('is changed act by act, and refuses a place it does not have', function (): void {
    $procedure = HouseProcedures::of(Base::MilkGravy);
    $rest = Act::of(ActKind::Rest);
    expect(inOrder($procedure->adding($rest, 0)->moving(0, 7)))->toBe(inOrder($procedure) . ' > rest')
        ->and(inOrder($procedure->adding($rest, 3)->without(3)))->toBe(inOrder($procedure))
        ->and(inOrder($procedure->replacing(0, $rest)))->toStartWith('rest > colour')
        ->and($procedure->last(ActKind::Melt, ActKind::Colour))->toBe(1)
        ->and($procedure->first(ActKind::Bind))->toBeNull()
        ->and(fn() => $procedure->without(7))->toThrow(OutOfRange::class, 'place-in-the-procedure = 7, not in [0, 6]')
        ->and(fn() => $procedure->adding($rest, 9))->toThrow(OutOfRange::class)
        ->and(fn() => $procedure->moving(0, -1))->toThrow(OutOfRange::class)
        ->and(fn() => Procedure::of(...array_fill(0, 61, $rest)))->toThrow(OutOfRange::class, 'number-of-acts')
        ->and(fn() => $procedure->having(['saffron' => 1.0], 'part'))->toThrow(Unknown::class, 'saffron');
});

it('keeps the strictest of its limits', function (): void {
    $catalogue = Catalogue::house();
    expect($catalogue->derivative('stroganov')->procedure->limit()?->inCelsius())->toEqualWithDelta(80.0, 1e-9)
        ->and($catalogue->derivative('cream')->procedure->limit())->toBeNull()
        ->and($catalogue->derivative('cream')->mayBoil())->toBeTrue()
        ->and($catalogue->derivative('mornay')->mayBoil())->toBeFalse();
});

it('drives off what its act says, and loses no gram', function (ActKind $kind, float $left): void {
    $done = working()->apply(Act::of($kind, Dose::grams('onion', 200.0, Fate::StaysIn)), InThePan::empty(), aLitre());
    expect($done->after->pieces()->grams())->toEqualWithDelta(200.0 * $left, 1e-9)
        ->and($done->after->added)->toEqualWithDelta(200.0, 1e-9)
        ->and($done->after->steam)->toEqualWithDelta(200.0 * (1.0 - $left), 1e-9);
})->with([[ActKind::Sweat, 0.75], [ActKind::Brown, 0.6], [ActKind::BrownDeep, 0.35]]);

it('drives half out of mushrooms', function (): void {
    $done = working()->apply(Act::of(ActKind::Brown, Dose::grams('mushroom', 100.0, Fate::StaysIn)), InThePan::empty(), aLitre());
    expect($done->after->pieces()->grams())->toEqualWithDelta(50.0, 1e-9)->and($done->time->inMinutes())->toBe(8.0);
});

it('strains pieces out with what clings to them, and puts back what goes back', function (): void {
    $pan = InThePan::empty()->ladledInto(Samples::whiteSauce(60.0), Samples::whiteSauce(60.0)->times(0.0));
    $before = $pan->sauce->grams();
    $with = working()->apply(
        Act::of(ActKind::Brown, Dose::grams('onion', 100.0, Fate::StaysIn), Dose::grams('giblets', 50.0, Fate::PutBack)),
        $pan,
        aLitre(),
    )->after;
    $strained = working()->apply(Act::of(ActKind::Strain), $with, aLitre());
    expect($with->rawInStrainer())->toBe(100.0)
        ->and($strained->after->sauce->grams())->toEqualWithDelta($before - 35.0, 1e-9)
        ->and($strained->after->pieces()->grams())->toEqualWithDelta(35.0, 1e-9)
        ->and($strained->after->strained)->toEqualWithDelta(95.0, 1e-9)
        ->and($strained->time->inMinutes())->toEqualWithDelta(2.0 + 0.6 * $strained->after->volume()->inLitres(), 1e-9);
});

it('makes sauce of what is rubbed through, and thickens with it', function (): void {
    $pan = InThePan::empty()->ladledInto(Samples::whiteSauce(45.0), Samples::whiteSauce(45.0)->times(0.0));
    $with = working()->apply(Act::of(ActKind::Sweat, Dose::grams('onion', 300.0, Fate::StaysIn)), $pan, aLitre())->after;
    $through = working()->apply(Act::of(ActKind::RubThrough), $with, aLitre())->after;
    expect($through->pieces()->grams())->toBe(0.0)
        ->and($through->sauce->grams())->toEqualWithDelta($with->sauce->grams() + $with->pieces()->grams(), 0.5)
        ->and($through->added - $through->steam)->toEqualWithDelta($through->sauce->grams() - $pan->sauce->grams(), 1e-9);
});

it('boils wine down by the share it says, with most of its spirit gone', function (float $share): void {
    $act = Act::of(ActKind::ReduceApart, Dose::millilitres('white-wine', 200.0))->downBy($share);
    $done = working()->apply($act, InThePan::empty(), aLitre());
    $wine = Larder::house()->ingredient('white-wine')->density->massOf(Volume::ofMillilitres(200.0))->inGrams();
    expect($done->after->sauce->grams())->toEqualWithDelta((1.0 - $share) * $wine, 0.02 * $wine)
        ->and($done->after->sauce->alcoholGrams)->toEqualWithDelta(0.105 * $wine * (1.0 - $share) ** 4, 0.02)
        ->and($done->after->added - $done->after->steam)->toEqualWithDelta($done->after->sauce->grams(), 1e-9);
})->with([0.25, 0.5, 2.0 / 3.0, 0.75]);

it('binds by one act, between its limits, one minute or another for each thing that is stirred in', function (): void {
    $pan = InThePan::empty()->ladledInto(Samples::whiteSauce(60.0), Samples::whiteSauce(60.0)->times(0.0));
    $bind = Act::of(ActKind::Bind, Dose::pieces('egg-yolk', 3.0), Dose::millilitres('double-cream', 120.0))->between(75.0, 82.0);
    $done = working()->apply($bind, $pan, aLitre());
    $stirred = working()->apply(Act::of(ActKind::StirIn, Dose::grams('sugar', 1.0), Dose::grams('salt', 1.0)), $pan, aLitre());
    expect($done->hasYolk())->toBeTrue()
        ->and($stirred->hasYolk())->toBeFalse()
        ->and($done->time->inMinutes())->toEqualWithDelta(3.07, 0.01)
        ->and($stirred->time->inMinutes())->toEqualWithDelta(2.0, 0.02)
        ->and($done->atMost()?->inCelsius())->toEqualWithDelta(82.0, 1e-9)
        ->and($done->atLeast()?->inCelsius())->toEqualWithDelta(75.0, 1e-9)
        ->and($stirred->atMost())->toBeNull();
});

it('grows whole spices with the power three quarters from five litres on', function (): void {
    $bay = Dose::tied('bay-leaf', 1.0);
    expect($bay->amount(Volume::ofLitres(5.0)))->toEqualWithDelta(5.0, 1e-9)
        ->and($bay->amount(Volume::ofLitres(40.0)))->toEqualWithDelta(5.0 * 8.0 ** 0.75, 1e-9)
        ->and(Dose::grams('onion', 10.0, Fate::StaysIn)->amount(Volume::ofLitres(40.0)))->toBe(400.0);
});

it('weighs a dose by its own measure', function (): void {
    $larder = Larder::house();
    $two = Volume::ofLitres(2.0);
    expect(Dose::pieces('egg-yolk', 3.0)->mass($two, $larder)->inGrams())->toEqualWithDelta(108.0, 1e-9)
        ->and(Dose::millilitres('double-cream', 150.0)->mass($two, $larder)->inGrams())->toEqualWithDelta(294.6, 1e-9)
        ->and(Dose::grams('hard-cheese', 50.0)->mass($two, $larder)->inGrams())->toEqualWithDelta(100.0, 1e-9)
        ->and(Dose::grams('juniper', 0.2, Fate::Flavours)->kind($larder))->toBeNull()
        ->and(Dose::grams('black-pepper', 0.2, Fate::Flavours)->kind($larder)?->id)->toBe('pepper')
        ->and(Dose::counted('onion', Measure::Pieces, 1.0)->mass($two, $larder)->inGrams())->toBe(2.0)
        ->and(Dose::grams('butter', 1.0)->named('lard')->ingredient)->toBe('lard')
        ->and(Dose::grams('butter', 1.0)->optional()->perLitre)->toBe(0.0)
        ->and(fn() => Dose::grams('plain-flour', 1.0)->kind($larder))->toThrow(Unknown::class)
        ->and(fn() => Dose::grams('butter', 1.0)->of(1001.0))->toThrow(OutOfRange::class, 'butter');
});

it('has an act that is idle once all it needs is left out, but goes on deglazing', function (): void {
    $onion = Dose::grams('onion', 40.0, Fate::StaysIn)->optional();
    expect(Act::of(ActKind::Sweat, $onion)->isIdle())->toBeTrue()
        ->and(Act::of(ActKind::Deglaze, $onion)->isIdle())->toBeFalse()
        ->and(Act::of(ActKind::StirIn, $onion)->saying('vegetables')->isIdle())->toBeFalse()
        ->and(Act::of(ActKind::StirIn, $onion)->isIdle())->toBeTrue()
        ->and(Act::of(ActKind::Skim)->isIdle())->toBeFalse()
        ->and(Procedure::of(Act::of(ActKind::Sweat, $onion), Act::of(ActKind::Boil))->tidied()->acts)->toHaveCount(1);
});
