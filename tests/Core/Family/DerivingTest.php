<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Exception\NotReachable;
use Lento\Family\Catalogue;
use Lento\Family\CorrectionKind;
use Lento\Family\Derivative;
use Lento\Family\Derived;
use Lento\Family\Deriving;
use Lento\Family\HouseDerivatives;
use Lento\Family\PanShelf;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Stem;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Larder\Allergen;
use Lento\Larder\Larder;
use Lento\Learning\KitchenFactors;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pot\Pan;
use Lento\Procedure\Act;
use Lento\Procedure\ActKind;
use Lento\Procedure\Dose;
use Lento\Procedure\Fate;
use Lento\Procedure\Procedure;
use Lento\Procedure\Worked;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Risk\Risk;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Family\FamilyPots;
use Tests\Core\Room;

covers(...Room::of('Family'));

/** A base of the house as others are made of it, by the litre. */
function stemOf(string $base, string $liquid = '', float $litres = 2.0): Stem
{
    $liquid = $liquid === '' ? Catalogue::house()->liquids($base)[0] : $liquid;

    return ServiceFlow::of(
        Service::of([new Wish($base, $liquid, Volume::ofLitres($litres))]),
        Catalogue::house(),
        Workplace::house(),
    )->node("$base@$liquid")->stem;
}

function derivedOf(Derivative $derivative, Stem $stem, bool $corrects = true, ?Pan $pan = null): Derived
{
    return Deriving::of($derivative, $stem, Workplace::house(), $corrects, $pan);
}

dataset('the house’s derivatives', array_keys(HouseDerivatives::all()));

it('lands in its class, keeps every limit and loses nothing, from a bowl to a cauldron', function (string $sauce): void {
    foreach ([0.1, 2.0, 60.0] as $litres) {
        $derived = FamilyPots::derived($sauce, $litres);
        expect($derived->isInItsClass())->toBeTrue("$litres l: " . $derived->thickness()->gramsPerLitre)
            ->and($derived->volume()->inLitres())->toEqualWithDelta($litres, 0.003 * $litres)
            ->and($derived->books->error())->toBeLessThan(1e-12)
            ->and($derived->seasonedPercent())->toBeGreaterThan(0.6)->toBeLessThan(1.3)
            ->and($derived->curdling())->toBe(Risk::Low)
            ->and($derived->time()->inMinutes())->toBeGreaterThan(2.0)->toBeLessThan(400.0);
        foreach ($derived->acts as $done) {
            foreach ($done->finishings as $finishing) {
                expect($finishing->tooHot)->toBeFalse()->and($finishing->tooCold)->toBeFalse();
            }
        }
    }
})->with('the house’s derivatives');

it('reckons a cream sauce as by hand', function (): void {
    $stem = stemOf('bechamel')->taken(Volume::ofLitres(1.0));
    $larder = Larder::house();
    $derived = derivedOf(Catalogue::house()->derivative('cream'), $stem);
    // 150 ml of cream at 0.982 g/ml and 5 ml of lemon at 1.03, less 2 % that stays on the pan.
    $hand = $stem->sauce
        ->with($larder->ingredient('double-cream'), Mass::ofGrams(147.3))
        ->with($larder->ingredient('lemon-juice'), Mass::ofGrams(5.15));
    expect($derived->sauce->grams())
        ->toEqualWithDelta(0.98 * $hand->grams(), 1e-6)
        ->and($derived->thickness()->gramsPerLitre)
        ->toEqualWithDelta(EquivalentFlour::of($hand)->gramsPerLitre, 1e-6)
        ->and($derived->sauce->pH())
        ->toEqualWithDelta($hand->pH(), 1e-9)
        ->and($derived->books->added->inGrams())
        ->toEqualWithDelta(152.45, 1e-6)
        ->and($derived->books->clung->inGrams())
        ->toEqualWithDelta(0.02 * $hand->grams(), 1e-6)
        ->and($derived->books->steam->inGrams())
        ->toBe(0.0);
});

it('moves the thickness as the trade says: cheese up, cream down, a reduction up', function (string $sauce, int $way): void {
    $stem = stemOf(Catalogue::house()->root($sauce)->value, Catalogue::house()->liquids($sauce)[0]);
    $then = EquivalentFlour::of(derivedOf(Catalogue::house()->derivative($sauce), $stem, false)->uncorrected)->gramsPerLitre;
    expect(($then - $stem->thickness()->gramsPerLitre) * $way)->toBeGreaterThan(0.5);
})->with([
    ['mornay', 1],
    ['sharp-cheese', 1],
    ['supreme', 1],
    ['allemande', 1],
    ['normande', 1],
    ['cream', -1],
    ['white-wine', -1],
    ['red-wine-shallot', -1],
]);

it('boils wine down by the share it says, in its pan, with most of its spirit gone', function (): void {
    $stem = stemOf('veloute', 'fish-stock');
    $derived = derivedOf(Catalogue::house()->derivative('white-wine'), $stem);
    $wine = $derived->acts[0];
    $alcohol = 2.0 * 248.0 * 0.105;
    expect($wine->act->kind)->toBe(ActKind::ReduceApart)
        ->and($wine->after->volume()->inMillilitres())->toEqualWithDelta(250.0, 12.0)
        ->and($wine->time->inMinutes())->toBeGreaterThan(3.0)->toBeLessThan(30.0)
        ->and($derived->sauce->alcoholGrams)->toBeGreaterThan(0.0)->toBeLessThan(0.15 * $alcohol)
        ->and($derived->alcoholPercent())->toBeLessThan(0.3);
});

it('leaves more spirit the less is boiled off', function (): void {
    $stem = stemOf('veloute', 'fish-stock');
    $left = [];
    foreach ([0.2, 0.5, 2.0 / 3.0, 0.75] as $share) {
        $left[] = derivedOf(
            new Derivative(
                'x',
                'veloute',
                [],
                Procedure::of(Act::of(ActKind::ReduceApart, Dose::millilitres('white-wine', 200.0))->downBy($share)),
                ThicknessClass::Coating,
            ),
            $stem,
            false,
        )->sauce->alcoholGrams;
    }
    expect($left)->toBe(array_values(array_filter($left)))->and($left)->toEqual(collect_sorted($left));
});

/**
 * @param list<float> $numbers
 *
 * @return list<float> falling
 */
function collect_sorted(array $numbers): array
{
    rsort($numbers);

    return $numbers;
}

it('boils a base down by a quarter', function (): void {
    $stem = stemOf('veloute', 'chicken-stock');
    $supreme = derivedOf(Catalogue::house()->derivative('supreme'), $stem);
    expect($supreme->acts[0]->act->kind)->toBe(ActKind::Reduce)
        ->and($supreme->acts[0]->after->volume()->inLitres())->toEqualWithDelta(1.5, 0.01)
        ->and($supreme->books->steam->inGrams())->toEqualWithDelta(500.0 * 0.985, 8.0);
});

it('strains vegetables out with the sauce they hold, and leaves the others in', function (): void {
    $stem = stemOf('veloute', 'chicken-stock')->taken(Volume::ofLitres(1.0));
    $curry = derivedOf(Catalogue::house()->derivative('curry'), $stem);
    // 100 g raw: 75 g are left of them, holding 35 g of sauce.
    expect($curry->books->strained->inGrams())->toEqualWithDelta(110.0, 1e-6)->and($curry->pieces->grams())->toBe(0.0);
    $mushroom = derivedOf(Catalogue::house()->derivative('mushroom'), stemOf('veloute')->taken(Volume::ofLitres(1.0)));
    expect($mushroom->pieces->grams())->toEqualWithDelta(0.98 * 250.0 * 0.5, 1e-6)->and($mushroom->books->strained->inGrams())->toBe(0.0);
});

it('strains out what its strainer keeps', function (): void {
    $stem = stemOf('veloute')->taken(Volume::ofLitres(1.0));
    $left = derivedOf(
        new Derivative(
            'x',
            'veloute',
            [],
            Procedure::of(Act::of(ActKind::Sweat, Dose::grams('onion', 100.0, Fate::StaysIn)), Act::of(ActKind::Strain)),
            ThicknessClass::Coating,
        ),
        $stem,
    );
    expect($left->books->strained->inGrams())
        ->toEqualWithDelta(75.0 + 35.0, 1e-6)
        ->and($left->books->error())
        ->toBeLessThan(1e-12);
});

it('thickens with a purée of what was sweated', function (): void {
    $stem = stemOf('bechamel')->taken(Volume::ofLitres(1.0));
    $soubise = EquivalentFlour::of(derivedOf(Catalogue::house()->derivative('soubise'), $stem, false)->uncorrected)->gramsPerLitre;
    $pieces = new Derivative(
        'x',
        'bechamel',
        [],
        Procedure::of(
            Act::of(ActKind::Sweat, Dose::grams('butter', 50.0), Dose::grams('onion', 450.0, Fate::StaysIn)),
            Act::of(ActKind::Simmer)->for(10.0),
        ),
        ThicknessClass::Coating,
    );
    $chunky = derivedOf($pieces, $stem, false);
    expect($soubise)->toBeGreaterThan(40.0)->and($chunky->volume()->inLitres())->toBeGreaterThan(1.3)
        ->and(EquivalentFlour::of($chunky->uncorrected)->gramsPerLitre)->toBeGreaterThan($soubise - 15.0);
});

it('keeps every gram of a purée: what is lost is water', function (): void {
    $stem = stemOf('bechamel')->taken(Volume::ofLitres(1.0));
    $onion = Larder::house()->ingredient('onion');
    $plain = new Derivative(
        'x',
        'bechamel',
        [],
        Procedure::of(Act::of(ActKind::Sweat, Dose::grams('onion', 400.0))),
        ThicknessClass::Coating,
    );
    $sauce = derivedOf($plain, $stem, false)->uncorrected;
    expect($sauce->solidsGrams - $stem->sauce->solidsGrams)->toEqualWithDelta(400.0 * $onion->solids, 1e-6)
        ->and($sauce->fatGrams - $stem->sauce->fatGrams)->toEqualWithDelta(400.0 * $onion->fat, 1e-6)
        ->and($sauce->waterGrams - $stem->sauce->waterGrams)->toEqualWithDelta(300.0 - 400.0 * ($onion->solids + $onion->fat), 1e-6);
});

function planned(Derived $derived): Plan
{
    return $derived->plan(Base::Veloute, Workplace::house());
}

it('leaves a cook free hands while it boils down or simmers, and stays with the rest', function (): void {
    foreach (planned(FamilyPots::derived('pepper', 2.0))->steps as $step) {
        expect($step->pace->handsOn)
            ->toBe(!in_array($step->kind, [StepKind::ReduceApart, StepKind::Reduce, StepKind::Simmer], true))
            ->and($step->pace->timed)
            ->toBe(in_array($step->kind, [StepKind::ReduceApart, StepKind::Reduce, StepKind::Simmer, StepKind::BrownVegetables], true));
    }
});

it('counts the salt of what is cut into it', function (): void {
    $caper = derivedOf(Catalogue::house()->derivative('caper'), stemOf('bechamel')->taken(Volume::ofLitres(1.0)));
    $grams = $caper->sauce->grams() + $caper->pieces->grams();
    expect($caper->pieces->saltGrams)
        ->toEqualWithDelta(0.98 * 60.0 * 0.06, 1e-6)
        ->and($caper->saltPercent())
        ->toEqualWithDelta((100.0 * ($caper->sauce->saltGrams + $caper->pieces->saltGrams)) / $grams, 1e-9);
});

it('says how hot each may be, the stricter of law and kitchen', function (): void {
    $mornay = derivedOf(Catalogue::house()->derivative('mornay'), stemOf('bechamel'));
    $allemande = derivedOf(Catalogue::house()->derivative('allemande'), stemOf('veloute'));
    $yolks = array_values(array_filter($allemande->acts, fn(Worked $done): bool => $done->act->kind === ActKind::Bind))[0];
    expect($mornay->keepBelow()?->inCelsius())->toEqualWithDelta(75.0, 1e-9)
        ->and($yolks->atMost()?->inCelsius())->toEqualWithDelta(82.0, 1e-9)
        ->and($yolks->atLeast()?->inCelsius())->toEqualWithDelta(75.0, 1e-9)
        ->and(derivedOf(Catalogue::house()->derivative('cream'), stemOf('bechamel'))->keepBelow())->toBeNull();
});

it('tells the butter it still carries, and the fat that floats where there is too much', function (): void {
    $stem = stemOf('veloute')->taken(Volume::ofLitres(1.0));
    $mounted = fn(float $grams): Derived => derivedOf(
        new Derivative(
            'x',
            'veloute',
            [],
            Procedure::of(Act::of(ActKind::WhiskIn, Dose::grams('butter', $grams))),
            ThicknessClass::Coating,
        ),
        $stem,
        false,
    );
    expect($mounted(50.0)->carriesMoreButter()->inGrams())
        ->toBeGreaterThan(60.0)
        ->and($mounted(120.0)->carriesMoreButter()->inGrams())
        ->toBeLessThan($mounted(50.0)->carriesMoreButter()->inGrams())
        ->and($mounted(400.0)->carriesMoreButter()->inGrams())
        ->toBe(0.0)
        ->and($mounted(400.0)->sauce->freeFat()->inGrams())
        ->toBeGreaterThan(100.0)
        ->and($mounted(50.0)->sauce->freeFat()->inGrams())
        ->toBeLessThan(20.0);
});

it('warns of curdling where milk meets much acid', function (): void {
    $sour = new Derivative(
        'x',
        'bechamel',
        [],
        Procedure::of(Act::of(ActKind::StirIn, Dose::millilitres('lemon-juice', 90.0))),
        ThicknessClass::Coating,
    );
    expect(derivedOf($sour, stemOf('bechamel'), false)->curdling())->not->toBe(Risk::Low);
});

it('adds salt to the base’s share where what went in has thinned it', function (): void {
    $derived = derivedOf(Catalogue::house()->derivative('cream'), stemOf('bechamel'));
    $salt = $derived->saltToAdd()->inGrams();
    // What is promised is what is served: with that salt in it.
    expect($derived->seasonedPercent())->toBeGreaterThan($derived->saltPercent())
        ->and($derived->plan(Base::Bechamel, Workplace::house())->promise?->saltPercent)->toBe($derived->seasonedPercent());
    expect($salt)->toBeGreaterThan(0.5)
        ->and(100.0 * ($derived->sauce->saltGrams + $salt) / ($derived->sauce->grams() + $salt))->toEqualWithDelta(0.75, 1e-6)
        ->and(derivedOf(Catalogue::house()->derivative('caper'), stemOf('bechamel'))->saltToAdd()->inGrams())->toBe(0.0);
});

it('carries every allergen down to the end, the correction’s as well', function (): void {
    $allemande = derivedOf(Catalogue::house()->derivative('allemande'), stemOf('veloute', 'chicken-stock'));
    $poulette = derivedOf(Catalogue::house()->derivative('poulette'), $allemande->stem());
    expect($poulette->allergens())->toBe([Allergen::Celery, Allergen::Gluten, Allergen::Egg, Allergen::Milk]);
    $thin = new Derivative('x', 'veloute', [], Procedure::of(Act::of(ActKind::Simmer)->for(1.0)), ThicknessClass::Binding);
    $bound = derivedOf($thin, stemOf('veloute', 'fish-stock'));
    expect($bound->correction?->allergens($bound->taken))->toBe([Allergen::Gluten, Allergen::Milk]);
});

it('is set right by the way that suits: thinned, boiled down first, or kneaded', function (
    ThicknessClass $class,
    CorrectionKind $kind,
): void {
    $stem = stemOf('veloute');
    $derived = derivedOf(
        new Derivative('x', 'veloute', [], Procedure::of(Act::of(ActKind::StirIn, Dose::millilitres('double-cream', 20.0))), $class),
        $stem,
        pan: Pan::wide(32.0),
    );
    $correction = $derived->correction;
    expect($correction?->kind)
        ->toBe($kind)
        ->and($derived->thickness()->gramsPerLitre)
        ->toEqualWithDelta($class->target()->gramsPerLitre, 0.05)
        ->and($derived->books->error())
        ->toBeLessThan(1e-12);
})->with([
    [ThicknessClass::Soup, CorrectionKind::Thin],
    [ThicknessClass::Gratin, CorrectionKind::ReduceFirst],
    [ThicknessClass::Binding, CorrectionKind::BeurreManie],
]);

it('says how far a reduction goes on the dip-stick, and how much liquid thins', function (): void {
    $stem = stemOf('veloute');
    $reduced = derivedOf(
        new Derivative('x', 'veloute', [], Procedure::of(Act::of(ActKind::Simmer)->for(1.0)), ThicknessClass::Gratin),
        $stem,
        pan: Pan::wide(32.0),
    );
    $thinned = derivedOf(
        new Derivative('x', 'veloute', [], Procedure::of(Act::of(ActKind::Simmer)->for(1.0)), ThicknessClass::Soup),
        $stem,
        pan: Pan::wide(32.0),
    );
    $down = $reduced->correction?->downTo;
    expect($down?->inLitres())
        ->toBeGreaterThan(1.3)
        ->toBeLessThan(2.0)
        ->and($reduced->correction?->depth?->inMillimetres())
        ->toEqualWithDelta($down === null ? 0.0 : $reduced->pan->depth($down)->inMillimetres(), 1e-9)
        ->and($reduced->correction?->time->inMinutes())
        ->toBeGreaterThan(5.0)
        ->and($thinned->correction?->liquid($thinned->taken)->inLitres())
        ->toBeGreaterThan(0.3);
});

it('needs no correction and no cling where a base is served as it is', function (): void {
    $stem = stemOf('bechamel');
    $served = derivedOf(Derivative::asItIs(Lento\Compose\Base::Bechamel, ThicknessClass::Coating), $stem);
    expect($served->volume()->inLitres())
        ->toEqualWithDelta($stem->volume()->inLitres(), 1e-12)
        ->and($served->correction)
        ->toBeNull()
        ->and($served->books->clung->inGrams())
        ->toBe(0.0);
});

it('takes as much of its parent as the volume wanted needs', function (string $sauce): void {
    $catalogue = Catalogue::house();
    $stem = stemOf($catalogue->root($sauce)->value, $catalogue->liquids($sauce)[0]);
    $last = 0.0;
    foreach ([0.2, 1.0, 7.0, 40.0] as $litres) {
        $derived = Deriving::yielding($catalogue->derivative($sauce), $stem, Volume::ofLitres($litres), Workplace::house());
        expect($derived->volume()->inLitres())
            ->toEqualWithDelta($litres, 2e-4 * $litres)
            ->and($derived->taken->volume()->inLitres())
            ->toBeGreaterThan($last);
        $last = $derived->taken->volume()->inLitres();
    }
})->with(['cream', 'supreme', 'white-wine', 'pepper', 'normande']);

it('picks the smallest pan that holds a pot with room to spare', function (): void {
    $pan = fn(float $mm): Pan => Pan::of(Length::ofMillimetres($mm), Length::ofMillimetres(0.6 * $mm));
    $shelf = PanShelf::of([$pan(300.0), $pan(160.0), $pan(240.0)]);
    expect($shelf->for(Volume::ofLitres(1.2))->diameter->inMillimetres())
        ->toEqualWithDelta(160.0, 1e-9)
        ->and($shelf->for(Volume::ofLitres(1.7))->diameter->inMillimetres())
        ->toEqualWithDelta(240.0, 1e-9)
        ->and($shelf->for(Volume::ofLitres(60.0))->brim()->inLitres())
        ->toBeGreaterThan(60.0);
    $derived = Deriving::of(
        Catalogue::house()->derivative('cream'),
        stemOf('bechamel'),
        new Workplace(Larder::house(), $shelf, KitchenFactors::house()),
    );
    expect($derived->pan->diameter->inMillimetres())->toEqualWithDelta(240.0, 1e-9);
});

it('thickens what would take longer than three quarters of an hour to boil down', function (): void {
    $gratin = new Derivative('x', 'veloute', [], Procedure::of(Act::of(ActKind::Simmer)->for(1.0)), ThicknessClass::Gratin);
    $narrow = derivedOf($gratin, stemOf('veloute'), pan: Pan::wide(18.0));
    expect($narrow->correction?->kind)->toBe(CorrectionKind::BeurreManie)
        ->and(derivedOf($gratin, stemOf('veloute'), pan: Pan::wide(32.0))->correction?->time->inMinutes())->toBeLessThan(45.0);
});

it('lays its acts out as steps, the ladle after what is cooked before it', function (): void {
    $kinds = fn(string $sauce): array => array_map(
        fn(Step $step): string => $step->kind->value,
        planned(FamilyPots::derived($sauce, 2.0))->steps,
    );
    expect($kinds('hungarian'))
        ->toBe(['set-out', 'sweat', 'stir-in', 'reduce-apart', 'ladle', 'simmer', 'test', 'correct', 'season', 'keep', 'finish'])
        ->and($kinds('supreme'))
        ->toBe(['set-out', 'ladle', 'reduce', 'stir-in', 'enrich', 'stir-in', 'test', 'correct', 'season', 'keep', 'finish'])
        ->and($kinds('pepper'))
        ->toBe([
            'set-out',
            'brown-vegetables',
            'reduce-apart',
            'ladle',
            'simmer',
            'stir-in',
            'simmer',
            'strain',
            'test',
            'correct',
            'season',
            'keep',
            'finish',
        ]);
    $stem = stemOf('veloute');
    $gratin = planned(
        derivedOf(
            new Derivative(
                'x',
                'veloute',
                [],
                Procedure::of(Act::of(ActKind::StirIn, Dose::millilitres('double-cream', 20.0))),
                ThicknessClass::Gratin,
            ),
            $stem,
            pan: Pan::wide(32.0),
        ),
    )->steps;
    $soup = planned(
        derivedOf(new Derivative('x', 'veloute', [], Procedure::of(Act::of(ActKind::Simmer)->for(8.0)), ThicknessClass::Soup), $stem),
    )->steps;
    expect(array_map(fn(Step $step): StepKind => $step->kind, $gratin))
        ->toBe([
            StepKind::SetOut,
            StepKind::Ladle,
            StepKind::Reduce,
            StepKind::StirIn,
            StepKind::Test,
            StepKind::Season,
            StepKind::Keep,
            StepKind::Finish,
        ])
        ->and(array_map(fn(Step $step): StepKind => $step->kind, $soup))
        ->toContain(StepKind::Correct)
        ->and($gratin[3]->additions)
        ->toHaveCount(1)
        ->and($soup[2]->pace->tendings)
        ->toHaveCount(1);
});

it('never gives up on a sauce that is thin enough', function (): void {
    $water = new Derivative(
        'x',
        'veloute',
        [],
        Procedure::of(
            Act::of(ActKind::StirIn, Dose::millilitres('water', 1000.0)),
            Act::of(ActKind::StirIn, Dose::millilitres('water', 1000.0)),
        ),
        ThicknessClass::Binding,
    );
    expect(derivedOf($water, stemOf('veloute'))->correction?->kind)->toBe(CorrectionKind::BeurreManie);
    expect(
        fn() => derivedOf(
            new Derivative('x', 'veloute', [], Procedure::of(Act::of(ActKind::Reduce)->downBy(0.999)), ThicknessClass::Binding),
            stemOf('veloute'),
        ),
    )->toThrow(NotReachable::class);
});
