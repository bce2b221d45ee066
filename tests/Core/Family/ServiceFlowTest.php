<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Formula;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Family\BoughtAs;
use Lento\Family\Branch;
use Lento\Family\Catalogue;
use Lento\Family\FlowNode;
use Lento\Family\OnHand;
use Lento\Family\PanShelf;
use Lento\Family\Scaling;
use Lento\Family\Service;
use Lento\Family\ServiceFlow;
use Lento\Family\Shopping;
use Lento\Family\ShoppingLine;
use Lento\Family\Suits;
use Lento\Family\Wish;
use Lento\Family\Workplace;
use Lento\Larder\Allergen;
use Lento\Larder\Larder;
use Lento\Learning\KitchenFactors;
use Lento\Pot\Pan;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Family\Draws;
use Tests\Core\Room;

covers(...Room::of('Family'));

function wished(string $sauce, float $litres, ?ThicknessClass $class = null, ?string $liquid = null): Wish
{
    return new Wish($sauce, $liquid ?? Catalogue::house()->liquids($sauce)[0], Volume::ofLitres($litres), $class);
}

/**
 * @param list<Wish> $wishes
 * @param list<OnHand> $onHand
 */
function flowOf(array $wishes, float $spare = 0.0, array $onHand = [], ?Workplace $workplace = null): ServiceFlow
{
    return ServiceFlow::of(Service::of($wishes, $spare, $onHand), Catalogue::house(), $workplace ?? Workplace::house());
}

/** Supper on the ferry: gratin béchamel, tomato-and-butter sauce, mushroom and shallot, onion gravy. */
function supper(): ServiceFlow
{
    return flowOf(
        [
            wished('bechamel', 3.96, ThicknessClass::Gratin),
            wished('aurore', 2.4, liquid: 'fish-stock'),
            wished('mushroom-shallot', 1.6),
            wished('onion-gravy', 2.88),
        ],
        0.05,
    );
}

/**
 * What is there of each sauce is served, ladled off or over; what each pot took went out of another; and no pot loses anything but steam,
 * strainer and cling.
 */
function balances(ServiceFlow $flow): void
{
    foreach ($flow->nodes as $key => $node) {
        $gone = $node->served->inLitres()
        + $node->over()->inLitres()
        + array_sum(array_map(fn(Branch $branch): float => $branch->taken->inLitres(), $node->branches));
        expect($gone)
            ->toEqualWithDelta($node->volume()->inLitres(), 1e-6 + 1e-9 * $gone, "$key: what leaves it")
            ->and($node->stem->volume()->inLitres())
            ->toEqualWithDelta($node->volume()->inLitres(), 1e-5, "$key: what there is");
        if ($node->derived !== null) {
            $parent = $flow->parentOf($node);
            $ladled = array_sum(
                array_map(fn(Branch $branch): float => $branch->to === $key ? $branch->taken->inLitres() : 0.0, $parent->branches ?? []),
            );
            expect($node->derived->books->error())
                ->toBeLessThan(1e-12, "$key: its books")
                ->and($node->derived->taken->volume()->inLitres())
                ->toEqualWithDelta($ladled, 1e-6)
                ->and($node->derived->books->taken->inGrams())
                ->toEqualWithDelta(
                    $parent === null
                        ? 0.0
                        : ($ladled / $parent->volume()->inLitres()) * ($parent->stem->sauce->grams() + $parent->stem->pieces->grams()),
                    1e-3,
                )
                ->and($node->derived->books->out->inGrams())
                ->toEqualWithDelta($node->derived->sauce->grams() + $node->derived->pieces->grams(), 1e-9);
        }
        if ($node->sheet !== null) {
            expect($node->sheet->served->millilitres() + $node->sheet->pieces->inMillilitres())->toEqualWithDelta(
                1000.0 * $node->made->inLitres(),
                0.01,
            );
        }
    }
}

it('works the supper out from its covers to its pots', function (): void {
    $flow = supper();
    balances($flow);
    expect(array_keys($flow->nodes))
        ->toBe([
            'bechamel@whole-milk',
            'bechamel@whole-milk!gratin',
            'veloute@fish-stock',
            'aurore@fish-stock',
            'espagnole@brown-stock',
            'demi-glace@brown-stock',
            'mushroom-shallot@brown-stock',
            'onion-gravy@brown-stock',
            'onion-gravy@brown-stock!pouring',
        ])
        ->and(array_map(fn(FlowNode $node): string => $node->planned->key, $flow->pots()))
        ->toBe([
            'bechamel@whole-milk',
            'veloute@fish-stock',
            'aurore@fish-stock',
            'espagnole@brown-stock',
            'demi-glace@brown-stock',
            'mushroom-shallot@brown-stock',
            'onion-gravy@brown-stock',
        ]);
    foreach (
        [
            'bechamel@whole-milk!gratin' => 3.96,
            'aurore@fish-stock' => 2.4,
            'mushroom-shallot@brown-stock' => 1.6,
            'onion-gravy@brown-stock!pouring' => 2.88,
        ] as $key => $litres
    ) {
        $node = $flow->node($key);
        expect($node->served->inLitres())->toEqualWithDelta(1.05 * $litres, 0.003 * $litres)
            ->and($node->thickness()->thicknessClass())->toBe($node->planned->derivative?->class);
    }
    // Tomato and butter stretch a velouté, half a demi-glace is stock.
    expect($flow->node('veloute@fish-stock')->made->inLitres())
        ->toBeGreaterThan(2.0)
        ->toBeLessThan(2.4)
        ->and($flow->node('espagnole@brown-stock')->made->inLitres())
        ->toBeGreaterThan($flow->node('demi-glace@brown-stock')->made->inLitres())
        ->and($flow->node('aurore@fish-stock')->allergens())
        ->toBe([Allergen::Celery, Allergen::Gluten, Allergen::Fish, Allergen::Milk]);
});

it('makes a base as thick as was asked where it is served as it is', function (): void {
    foreach (ThicknessClass::askable() as $class) {
        $node = flowOf([wished('bechamel', 2.0, $class)])->node('bechamel@whole-milk');
        $target = $class === ThicknessClass::Coating ? Formula::house(Base::Bechamel)->thickness : $class->target();
        expect($node->thickness()->gramsPerLitre)->toEqualWithDelta($target->gramsPerLitre, 0.02 * $target->gramsPerLitre);
    }
});

it('makes one base thick enough for all of its sauces where it can', function (): void {
    $flow = flowOf([wished('mornay', 2.0), wished('sharp-cheese', 1.0)]);
    $base = $flow->node('bechamel@whole-milk');
    expect($base->thickness?->servesAll())->toBeTrue()
        ->and($base->thickness()->gramsPerLitre)->toBeGreaterThan(60.0)
        ->and($flow->node('mornay@whole-milk')->derived?->correction)->toBeNull()
        ->and($flow->node('sharp-cheese@whole-milk')->derived?->correction)->toBeNull();
    foreach ($base->thickness->suits ?? [] as $suits) {
        expect($base->thickness()->gramsPerLitre)->toBeGreaterThan($suits->from->gramsPerLitre)->toBeLessThan($suits->to->gramsPerLitre);
    }
});

it('serves the most litres from one base and corrects the others, and says which', function (): void {
    $flow = flowOf([wished('parsley', 3.0, ThicknessClass::Pouring), wished('mornay', 1.0)]);
    $base = $flow->node('bechamel@whole-milk');
    $suited = array_column(array_map(fn(Suits $one): array => [$one->key, $one->suited], $base->thickness->suits ?? []), 1, 0);
    expect($suited)->toBe(['parsley@whole-milk!pouring' => true, 'mornay@whole-milk' => false])
        ->and($base->thickness?->servesAll())->toBeFalse()
        ->and($flow->node('parsley@whole-milk!pouring')->derived?->correction)->toBeNull()
        ->and($flow->node('mornay@whole-milk')->derived?->correction)->not->toBeNull()
        ->and($flow->node('mornay@whole-milk')->derived?->isInItsClass())->toBeTrue();
    balances($flow);
    $other = flowOf([wished('parsley', 1.0, ThicknessClass::Pouring), wished('mornay', 3.0)]);
    expect($other->node('mornay@whole-milk')->derived?->correction)
        ->toBeNull()
        ->and($other->node('parsley@whole-milk!pouring')->derived?->correction)
        ->not->toBeNull();
});

it('makes a sauce in one pot for itself and for what is made of it', function (): void {
    $flow = flowOf([wished('allemande', 1.0), wished('poulette', 1.5), wished('ivory', 0.8)]);
    balances($flow);
    $allemande = $flow->node('allemande@chicken-stock');
    expect($allemande->served->inLitres())->toEqualWithDelta(1.0, 0.003)
        ->and($allemande->branches)->toHaveCount(1)
        ->and($allemande->made->inLitres())->toBeGreaterThan(2.0)
        ->and($flow->node('poulette@chicken-stock')->served->inLitres())->toEqualWithDelta(1.5, 0.005)
        ->and($flow->node('supreme@chicken-stock')->served->inLitres())->toBe(0.0)
        ->and($flow->bases())->toHaveCount(1);
});

it('keeps bases of different stocks apart', function (): void {
    $flow = flowOf([
        wished('aurore', 1.0, liquid: 'fish-stock'),
        wished('aurore', 1.0, liquid: 'chicken-stock'),
        wished('aurore', 0.5, liquid: 'fish-stock'),
    ]);
    expect($flow->bases())
        ->toHaveCount(2)
        ->and($flow->node('aurore@fish-stock')->served->inLitres())
        ->toEqualWithDelta(1.5, 0.005)
        ->and($flow->wished)
        ->toBe(['aurore@fish-stock', 'aurore@chicken-stock', 'aurore@fish-stock']);
});

it('uses what is in the cold first, and makes only the rest', function (): void {
    $milk = Catalogue::house()->liquids('bechamel')[0];
    $whole = flowOf([wished('cream', 2.0), wished('mornay', 1.0)]);
    $some = flowOf(
        [wished('cream', 2.0), wished('mornay', 1.0)],
        onHand: [new OnHand('bechamel', $milk, Volume::ofLitres(1.0)), new OnHand('aurore', 'fish-stock', Volume::ofLitres(5.0))],
    );
    balances($some);
    expect($some->node('bechamel@whole-milk')->onHand->inLitres())
        ->toEqualWithDelta(1.0, 1e-9)
        ->and($some->node('bechamel@whole-milk')->made->inLitres())
        ->toEqualWithDelta($whole->node('bechamel@whole-milk')->made->inLitres() - 1.0, 0.005)
        ->and($some->nodes)
        ->toHaveCount(3);
    $all = flowOf([wished('cream', 2.0)], onHand: [new OnHand('bechamel', $milk, Volume::ofLitres(9.0))]);
    balances($all);
    expect($all->node('bechamel@whole-milk')->sheet)->toBeNull()
        ->and($all->node('bechamel@whole-milk')->onHand->inLitres())->toBeLessThan(2.0)
        ->and($all->node('cream@whole-milk')->served->inLitres())->toEqualWithDelta(2.0, 0.005);
    $done = flowOf([wished('cream', 2.0)], onHand: [new OnHand('cream', $milk, Volume::ofLitres(2.0))]);
    expect($done->node('cream@whole-milk')->derived)
        ->toBeNull()
        ->and($done->pots())
        ->toBe([])
        ->and($done->node('bechamel@whole-milk')->sheet)
        ->toBeNull();
    balances($done);
});

it('makes no base smaller than a pot can be, and says what is over', function (): void {
    $flow = flowOf([wished('cream', 0.05)]);
    $base = $flow->node('bechamel@whole-milk');
    expect($base->made->inLitres())
        ->toEqualWithDelta(0.1, 1e-3)
        ->and($base->over()->inLitres())
        ->toBeGreaterThan(0.04)
        ->and($flow->node('cream@whole-milk')->served->inLitres())
        ->toEqualWithDelta(0.05, 1e-3);
    balances($flow);
});

it('balances for any service, litre by litre and gram by gram', function (int $seed): void {
    $samples = new Draws($seed);
    $sauces = [...array_keys(Catalogue::house()->derivatives()), 'bechamel', 'veloute', 'demi-glace', 'onion-gravy', 'tomato'];
    $wishes = [];
    for ($i = 0; $i < 5; $i++) {
        $sauce = $sauces[$samples->whole(0, count($sauces) - 1)];
        $liquids = Catalogue::house()->liquids($sauce);
        $wishes[] = wished(
            $sauce,
            $samples->between(0.2, 12.0),
            $samples->whole(0, 3) === 0 ? ThicknessClass::askable()[$samples->whole(1, 3)] : null,
            $liquids[$samples->whole(0, count($liquids) - 1)],
        );
    }
    $flow = flowOf($wishes, $samples->between(0.0, 0.3));
    balances($flow);
    foreach ($flow->wished as $i => $key) {
        $asked = array_sum(
            array_map(
                fn(Wish $wish, string $of): float => $of === $key ? $flow->service->wanted($wish)->inLitres() : 0.0,
                $wishes,
                $flow->wished,
            ),
        );
        expect($flow->node($key)->served->inLitres())->toEqualWithDelta($asked, 0.004 * $asked);
    }
})->with(range(1, 25));

it('holds sixty-four sauces over eight bases', function (): void {
    $wishes = array_map(fn(string $sauce): Wish => wished($sauce, 1.3), array_keys(Catalogue::house()->derivatives()));
    foreach (
        [
            'aurore' => 'fish-stock',
            'mushroom' => 'fish-stock',
            'green-herb' => 'fish-stock',
            'bechamel' => 'whole-milk',
            'tomato' => 'chicken-stock',
            'onion-gravy' => 'brown-stock',
            'mustard-tarragon' => 'fish-stock',
        ] as $sauce => $liquid
    ) {
        $wishes[] = wished($sauce, 1.5, liquid: $liquid);
    }
    $flow = flowOf($wishes);
    balances($flow);
    expect($flow->bases())->toHaveCount(8)->and(count($flow->served()))->toBe(64);
    foreach ($flow->served() as $node) {
        expect($node->thickness()->thicknessClass())->toBe($node->planned->derivative?->class);
    }
});

it('refuses a sauce nobody knows and a spare out of all reason', function (): void {
    expect(fn() => flowOf([new Wish('custard', 'whole-milk', Volume::ofLitres(1.0))]))->toThrow(Unknown::class)
        ->and(fn() => Service::of([], 1.2))->toThrow(OutOfRange::class, 'spare = 120, not in [0, 100] %')
        ->and(fn() => Service::of([], NAN))->toThrow(OutOfRange::class)
        ->and(fn() => supper()->node('custard'))->toThrow(Unknown::class)
        ->and(flowOf([])->nodes)->toBe([]);
});

it('asks for a base in the kitchen’s own pans and way', function (): void {
    $shelf = PanShelf::of([
        Pan::of(Length::ofMillimetres(280.0), Length::ofMillimetres(160.0)),
        Pan::of(Length::ofMillimetres(160.0), Length::ofMillimetres(90.0)),
    ]);
    $formulas = ['bechamel' => Formula::house(Base::Bechamel)->thick(ThicknessClass::Gratin->target())];
    $workplace = new Workplace(Larder::house(), $shelf, KitchenFactors::house(), formulas: $formulas);
    $flow = flowOf([wished('bechamel', 3.0)], workplace: $workplace);
    expect($flow->node('bechamel@whole-milk')->sheet?->question->pan->diameter->inMillimetres())->toEqualWithDelta(280.0, 1e-9)
        ->and($flow->node('bechamel@whole-milk')->thickness()->thicknessClass())->toBe(ThicknessClass::Gratin)
        ->and(array_key_last($flow->nodes))->toBe('bechamel@whole-milk!gratin')
        ->and($workplace->panFor(Base::Bechamel, Volume::ofLitres(0.15))->diameter->inMillimetres())->toBeLessThan(150.0);
});

it('buys everything once, in the packs it comes in', function (): void {
    $flow = supper();
    $shopping = Shopping::for($flow, Larder::house());
    $lines = array_column(array_map(fn(ShoppingLine $line): array => [$line->ingredient, $line], $shopping->lines), 1, 0);
    $butter = $lines['butter'];
    $sum = 0.0;
    foreach (['bechamel@whole-milk', 'veloute@fish-stock'] as $key) {
        $sum += $flow->node($key)->sheet?->roux->fat->inGrams() ?? 0.0;
    }
    foreach ($flow->nodes as $node) {
        foreach ($node->derived->acts ?? [] as $done) {
            foreach ($done->doses as $dosed) {
                $sum += $dosed->dose->ingredient === 'butter' ? $dosed->mass->inGrams() : 0.0;
            }
        }
    }
    expect($lines)->toHaveCount(count($shopping->lines))
        ->and($butter->mass->inGrams())->toEqualWithDelta($sum, 1e-6)
        ->and(array_keys($butter->for))->toContain('bechamel@whole-milk', 'veloute@fish-stock', 'aurore@fish-stock')
        ->and($butter->packs())->toBe((int) ceil($sum / 250.0))
        ->and($lines['lemon-juice']->packs())->toBe(1)
        ->and($lines['thyme-sprig']->pieces)->toBeGreaterThan(2.0)
        ->and($lines['brown-stock']->packs())->toBe(0)
        ->and($lines)->not->toHaveKey('espagnole')
        ->and($lines['fish-stock']->allergens)->toBe([Allergen::Fish, Allergen::Celery]);
});

it('buys what corrects a sauce as well', function (): void {
    $thin = flowOf([wished('mornay', 3.0), wished('parsley', 1.0, ThicknessClass::Pouring)]);
    $milk = array_values(
        array_filter(Shopping::for($thin, Larder::house())->lines, fn(ShoppingLine $line): bool => $line->ingredient === 'whole-milk'),
    )[0];
    expect($milk->for)->toHaveKey('parsley@whole-milk!pouring');
    $bound = flowOf([wished('cream', 3.0), wished('parsley', 0.5, ThicknessClass::Binding)]);
    $flour = array_values(
        array_filter(Shopping::for($bound, Larder::house())->lines, fn(ShoppingLine $line): bool => $line->ingredient === 'plain-flour'),
    )[0];
    expect($flour->for)
        ->toHaveKey('parsley@whole-milk!binding')
        ->and($flour->for['parsley@whole-milk!binding'])
        ->toBeInstanceOf(Mass::class);
});

it('counts eggs, bunches and bottles', function (): void {
    $lines = array_column(
        array_map(
            fn(ShoppingLine $line): array => [$line->ingredient, $line],
            Shopping::for(flowOf([wished('allemande', 2.0), wished('parsley', 2.0), wished('white-wine', 3.0)]), Larder::house())->lines,
        ),
        1,
        0,
    );
    expect($lines['egg-yolk']->packs())
        ->toBe((int) ceil($lines['egg-yolk']->mass->inGrams() / 18.0))
        ->and($lines['egg-yolk']->pieces)
        ->toEqualWithDelta($lines['egg-yolk']->mass->inGrams() / 18.0, 1e-9)
        ->and($lines['parsley']->packs())
        ->toBe((int) ceil($lines['parsley']->mass->inGrams() / 30.0))
        ->and($lines['white-wine']->packs())
        ->toBe(1)
        ->and($lines['white-wine']->volume?->inMillilitres())
        ->toBeGreaterThan(400.0)
        ->toBeLessThan(750.0);
});

it('is solved again at another size: twice as much is not twice the time', function (): void {
    $flow = supper();
    $scaling = Scaling::by(2.0, $flow, Catalogue::house(), Workplace::house());
    balances($scaling->scaled);
    expect($scaling->pots)->toHaveCount(7);
    foreach ($scaling->pots as $pot) {
        expect($pot->after->makes->inLitres())
            ->toEqualWithDelta(2.0 * $pot->before->makes->inLitres(), 0.06 * $pot->before->makes->inLitres())
            // A pot of espagnole that would be down too soon has a lid half on; twice as much does without, and may be down sooner.
            ->and($pot->after->time->seconds)
            ->toBeGreaterThan(0.75 * $pot->before->time->seconds)
            ->toBeLessThan(1.8 * $pot->before->time->seconds)
            ->and($pot->after->pan->areaSquareCentimetres())
            ->toBeGreaterThan($pot->before->pan->areaSquareCentimetres())
            ->and($pot->after->steamPerLitre())
            ->toBeLessThan(1.01 * $pot->before->steamPerLitre() + 1e-3);
    }
    expect($scaling->pots[0]->after->roux?->seconds)
        ->toBeGreaterThan($scaling->pots[0]->before->roux->seconds ?? 0.0)
        ->and($scaling->pots[0]->after->pours)
        ->toBeGreaterThan(0)
        ->and($scaling->pots[2]->after->roux)
        ->toBeNull();
});

// What a kitchen buys things in, written out a second time.
it('knows the pack of each thing', function (string $pack, float $size, string $things): void {
    foreach (explode(' ', $things) as $thing) {
        $bought = BoughtAs::of($thing);
        expect([$thing, $bought->pack->value, $bought->size])->toBe([$thing, $pack, $size]);
    }
})->with([
    ['packet', 250.0, 'butter rich-butter shellfish-butter lard'],
    ['packet', 500.0, 'clarified-butter'],
    ['packet', 1000.0, 'plain-flour salt sugar'],
    ['packet', 370.0, 'prepared-mustard'],
    ['packet', 100.0, 'capers'],
    ['packet', 340.0, 'gherkin'],
    ['packet', 200.0, 'tomato-paste'],
    ['packet', 50.0, 'dry-mustard paprika curry-powder'],
    ['bottle', 1000.0, 'whole-milk semi-skimmed-milk skimmed-milk packed-broth vegetable-oil'],
    ['bottle', 750.0, 'white-wine red-wine fortified-wine olive-oil'],
    ['bottle', 500.0, 'double-cream whipping-cream vinegar tomato-puree'],
    ['bottle', 200.0, 'soured-cream'],
    ['lemon', 45.0, 'lemon-juice'],
    ['bunch', 30.0, 'parsley tarragon chervil herbs'],
    ['bunch-of-sprigs', 20.0, 'thyme-sprig parsley-stalk'],
    ['egg', 18.0, 'egg-yolk'],
    ['egg', 50.0, 'boiled-egg'],
    ['loose', 0.0, 'onion brown-stock hard-cheese mushroom'],
]);

it('counts packs up, but not for a crumb too much', function (): void {
    expect(BoughtAs::of('butter')->packs(Mass::ofGrams(250.0), null, null))->toBe(1)
        ->and(BoughtAs::of('butter')->packs(Mass::ofGrams(250.1), null, null))->toBe(2)
        ->and(BoughtAs::of('white-wine')->packs(Mass::ofGrams(900.0), 740.0, null))->toBe(1)
        ->and(BoughtAs::of('lemon-juice')->packs(Mass::ofGrams(95.0), 91.0, null))->toBe(3)
        ->and(BoughtAs::of('thyme-sprig')->packs(Mass::ofGrams(3.0), null, 21.0))->toBe(2)
        ->and(BoughtAs::of('onion')->packs(Mass::ofGrams(3000.0), null, null))->toBe(0);
});

it('adds two lines up: weights, volumes, pieces, allergens, pots', function (): void {
    $line = fn(float $grams, ?float $ml, ?float $pieces, string $for, Allergen ...$allergens): ShoppingLine => new ShoppingLine(
        'x',
        Mass::ofGrams($grams),
        $ml === null ? null : Volume::ofMillilitres($ml),
        $pieces,
        array_values($allergens),
        [$for => Mass::ofGrams($grams)],
    );
    $sum = $line(100.0, 90.0, null, 'a', Allergen::Milk)
        ->plus($line(50.0, 45.0, 3.0, 'b', Allergen::Gluten))
        ->plus($line(10.0, null, 2.0, 'a'));
    expect($sum->mass->inGrams())
        ->toEqualWithDelta(160.0, 1e-9)
        ->and($sum->volume?->inMillilitres())
        ->toEqualWithDelta(135.0, 1e-9)
        ->and($sum->pieces)
        ->toBe(5.0)
        ->and($sum->allergens)
        ->toBe([Allergen::Gluten, Allergen::Milk])
        ->and(array_map(fn(Mass $mass): float => round($mass->inGrams(), 6), $sum->for))
        ->toBe(['a' => 110.0, 'b' => 50.0])
        ->and($line(1.0, null, null, 'a')->plus($line(1.0, null, null, 'a'))->pieces)
        ->toBeNull();
});

it('picks a pan for all that stands in it before the simmer', function (): void {
    $shelf = PanShelf::of(
        array_map(fn(float $mm): Pan => Pan::of(Length::ofMillimetres($mm), Length::ofMillimetres(0.5 * $mm)), [
            200.0,
            220.0,
            240.0,
            260.0,
            280.0,
            300.0,
        ]),
    );
    $workplace = new Workplace(Larder::house(), $shelf, KitchenFactors::house());
    $wide = fn(Base $base): float => round($workplace->panFor($base, Volume::ofLitres(2.0))->diameter->inMillimetres());
    // Brims of 3.1, 4.2, 5.4, 6.9, 8.6 and 10.6 l, four fifths full: 2.4 l of béchamel, 3.1 of espagnole, 3.2 of a wine sauce that loses a
    // quarter, 4.4 of a demi-glace.
    expect($wide(Base::Bechamel))
        ->toBe(200.0)
        ->and($wide(Base::Espagnole))
        ->toBe(220.0)
        ->and($wide(Base::WineSauce))
        ->toBe(220.0)
        ->and($wide(Base::DemiGlace))
        ->toBe(260.0);
});

it('counts the pours and the steam of each pot at both sizes', function (): void {
    $flow = supper();
    foreach (Scaling::by(1.0, $flow, Catalogue::house(), Workplace::house())->pots as $pot) {
        $node = $flow->node($pot->key);
        expect($pot->before->pours)
            ->toBe($node->sheet === null ? 0 : count($node->sheet->stair->pours))
            ->and($pot->before->steam->inMillilitres())
            ->toEqualWithDelta($node->sheet?->evaporated->inMillilitres() ?? ($node->derived?->books->steam->inGrams() ?? -1.0), 1e-6)
            ->and($pot->after->makes->inLitres())
            ->toEqualWithDelta($pot->before->makes->inLitres(), 1e-9);
    }
});
