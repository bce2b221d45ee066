<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\ButterWay;
use Lento\Compose\Choice\CookOut;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\FlourWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\Pepper;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\Stirring;
use Lento\Compose\Choice\StrainWay;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\Given;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Compose\Sheet;
use Lento\Compose\SimmerWish;
use Lento\Compose\Warning;
use Lento\Compose\WarningCode;
use Lento\Exception\LentoException;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Heat\HobHeat;
use Lento\Larder\Allergen;
use Lento\Larder\Larder;
use Lento\Plan\Amount;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\When;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;
use Tests\Core\Compose\Questions;
use Tests\Core\Room;

covers(...Room::of('Compose'));

/** @param mixed ...$more as Questions::of() has them */
function made(Base $base, float $litres = 2.0, mixed ...$more): Sheet
{
    return (new Composer())->answer(Questions::of($base, Volume::ofLitres($litres), $more));
}

/** @return list<StepKind> */
function stepsOf(Sheet $sheet): array
{
    return array_map(fn(Step $step): StepKind => $step->kind, $sheet->steps());
}

function gramsOf(Sheet $sheet, string $ingredient, ?When $when = null): float
{
    return array_sum(
        array_map(
            fn(Amount $a): float => $a->ingredient === $ingredient && ($when === null || $a->when === $when) ? $a->mass->inGrams() : 0.0,
            $sheet->amounts(),
        ),
    );
}

function warned(Sheet $sheet, WarningCode $code): ?Warning
{
    return array_values(array_filter($sheet->warnings, fn(Warning $warning): bool => $warning->code === $code))[0] ?? null;
}

it('ships every base with amounts that its larder knows', function (Base $base): void {
    $formula = Formula::house($base);
    expect($formula->base)->toBe($base)->and($formula->share())->toBeGreaterThan(0.0)->toBeLessThanOrEqual(1.0);
    foreach ($formula->liquids as $liquid) {
        expect(Larder::house()->ingredient($liquid)->id)->toBe($liquid);
    }
    foreach ($formula->parts() as $part) {
        expect($part->usual)->toBeGreaterThan(0.0)->and($part->optional)->toBe($part->perLitre === 0.0);
    }
    expect(made($base)->amounts())->not->toBe([]);
})->with(Base::cases());

it('allows the tomato base the flour that its acid takes', function (): void {
    $sheet = made(Base::Tomato, pan: Pan::of(Length::ofMillimetres(280.0), Length::ofMillimetres(160.0)));
    $warning = warned($sheet, WarningCode::AcidThins);
    // By hand: pH 4.5 wears starch at 0.03/60 · 10^-0.5 · arr(110e3, 93, 95) = 1.3e-4 a minute; an hour takes e^-0.0081, under one per
    // cent.
    $worn = 0.03 / 60.0 * 10.0 ** (4.0 - $sheet->end->pH()) * exp(-110e3 / 8.314 * (1.0 / (93.0 + 273.15) - 1.0 / (95.0 + 273.15)));
    expect($sheet->end->starch->acidLeft)->toEqualWithDelta(exp(-60.0 * $worn), 2e-3)
        ->and($sheet->end->pH())->toBeLessThan(4.7)
        ->and($warning === null)->toBe(1.0 - $sheet->end->starch->acidLeft <= 0.005);
    // Three parts of purée to two of stock.
    expect(gramsOf($sheet, 'tomato-puree') / 1.05 / (gramsOf($sheet, 'chicken-stock') / 1.005))->toEqualWithDelta(1.5, 1e-9)
        ->and($sheet->stock()->inLitres())->toEqualWithDelta(0.4 * $sheet->liquid->inLitres(), 1e-12);
});

it('warns of acid that thins in a long, sour simmer, with the flour it takes', function (): void {
    $warning = warned(made(Base::Tomato, simmerTime: Duration::ofMinutes(240.0)), WarningCode::AcidThins);
    expect($warning)->not->toBeNull()
        ->and($warning?->numbers['lost_percent'])->toBeGreaterThan(2.0)->toBeLessThan(15.0)
        ->and($warning?->numbers['flour_g'])->toBeGreaterThan(0.2);
});

it('boils a demi-glace down by half from equal parts of espagnole and stock', function (): void {
    $sheet = made(Base::DemiGlace);
    // Its flour is that of the espagnole in half the volume; its gelatin adds a little.
    expect($sheet->thickness->gramsPerLitre)->toBeGreaterThan(44.0)->toBeLessThan(50.0)
        ->and($sheet->roux->mass()->inGrams())->toBe(0.0)
        ->and(gramsOf($sheet, 'plain-flour'))->toBe(0.0)
        ->and($sheet->stair->pours)->toBe([])
        ->and(stepsOf($sheet))->toContain(StepKind::Combine)->not->toContain(StepKind::Flour, StepKind::Pour)
        ->and($sheet->served->millilitres())->toEqualWithDelta(2000.0, 0.2)
        ->and(1.0 - $sheet->read->millilitres() / $sheet->start->millilitres())
        ->toEqualWithDelta(0.5, 1e-4)
        ->and($sheet->allergens())
        ->toContain(Allergen::Gluten, Allergen::Celery);
    $volumes = array_map(
        fn(Amount $a): float => $a->volume?->inMillilitres() ?? 0.0,
        array_values(array_filter($sheet->amounts(), fn(Amount $a): bool => $a->when === When::Pour)),
    );
    expect($volumes[0])->toEqualWithDelta($volumes[1], 1e-6 * $volumes[0]);
});

it('boils a demi-glace down by half, or for an hour, where that is asked for', function (): void {
    $pan = Pan::of(Length::ofMillimetres(280.0), Length::ofMillimetres(180.0));
    $half = made(Base::DemiGlace, reduceBy: 0.5, pan: $pan);
    $hour = made(Base::DemiGlace, simmerTime: Duration::ofMinutes(60.0), pan: $pan);
    expect($half->end->millilitres() / $half->start->millilitres())->toEqualWithDelta(0.5, 0.01)
        // From an espagnole that pours (43 g/l), twice as strong but for the stock’s own water: thicker than pouring, thinner than it is
        // wanted to coat.
        ->and($half->thickness->gramsPerLitre)->toBeGreaterThan(43.0)->toBeLessThan(58.0)
        ->and($half->served->millilitres())->toEqualWithDelta(2000.0, 1.0)
        ->and($hour->question->simmerTime->inMinutes())->toEqualWithDelta(60.0, 1e-9)
        ->and($hour->served->millilitres())->toEqualWithDelta(2000.0, 1.0);
});

it('boils a demi-glace down to its thickness with its finish in it', function (FinishWay $finish, float $wanted): void {
    foreach ([0.3, 2.0, 20.0] as $litres) {
        $sheet = (new Composer())->answer(Question::of(
            Base::DemiGlace,
            Volume::ofLitres($litres),
            thickness: EquivalentFlour::ofGramsPerLitre($wanted),
            how: new How(method: Method::of($finish)),
        ));
        expect(EquivalentFlour::of($sheet->served)->gramsPerLitre)->toEqualWithDelta($wanted, 1e-3 * $wanted)
            ->and($sheet->served->millilitres())->toEqualWithDelta(1000.0 * $litres, $litres);
    }
})->with([
    [FinishWay::Liaison, 43.0],
    [FinishWay::Liaison, 58.0],
    [FinishWay::Cream, 43.0],
    [FinishWay::Butter, 43.0],
    [FinishWay::BySauce, 58.0],
]);

it('boils down by the share that is asked for, to a part in ten thousand', function (float $share): void {
    $sheet = made(Base::Veloute, reduceBy: $share);
    // As the stick reads it: salt goes in when it is down.
    expect($sheet->read->millilitres() / $sheet->start->millilitres())->toEqualWithDelta(1.0 - $share, 1e-4)
        ->and($sheet->read->saltGrams)->toBeLessThan($sheet->end->saltGrams);
})->with([0.05, 0.3, 0.5, 0.9]);

it('works out a demi-glace from the stock on hand and from the pan, and has no roux to start from', function (): void {
    $ask = fn(Given $given): Sheet => (new Composer())->answer(
        Question::of(Base::DemiGlace, $given, in: new InKitchen(Pan::of(Length::ofMillimetres(280.0), Length::ofMillimetres(180.0)))),
    );
    expect($ask(Given::liquid(Volume::ofLitres(3.0)))->stock()->inLitres())
        ->toEqualWithDelta(3.0, 1e-4)
        ->and($ask(Given::pan())->fillPercent())
        ->toEqualWithDelta(85.0, 1e-2)
        ->and(fn() => $ask(Given::fat(Mass::ofGrams(100.0))))
        ->toThrow(NotReachable::class)
        ->and(fn() => $ask(Given::readyRoux(Mass::ofGrams(100.0))))
        ->toThrow(NotReachable::class)
        ->and(fn() => made(Base::DemiGlace, thickness: EquivalentFlour::ofGramsPerLitre(15.0)))
        ->toThrow(NotReachable::class);
});

it('reduces by the share asked for, and tells the minutes', function (): void {
    $sheet = made(Base::Veloute, reduceBy: 0.5);
    expect($sheet->read->millilitres() / $sheet->start->millilitres())->toEqualWithDelta(0.5, 1e-4)
        ->and($sheet->question->simmerTime->inMinutes())->toBeGreaterThan(30.0)
        ->and($sheet->question->simmerLevel)->toBe(Lento\Pot\SimmerLevel::Brisk)
        ->and(fn() => made(Base::Veloute, reduceBy: 0.95))->toThrow(OutOfRange::class)
        ->and(fn() => made(Base::Veloute, reduceBy: NAN))->toThrow(OutOfRange::class);
});

it('warns of salt past the target when a salty stock is reduced', function (): void {
    $paste = Larder::house()->with(Larder::house()->ingredient('chicken-stock')->similar('chicken-stock', salt: 0.011));
    $sheet = made(Base::Veloute, reduceBy: 0.5, larder: $paste);
    $warning = warned($sheet, WarningCode::SaltPastTarget);
    // By hand: 1.1 % in nearly all that goes in, and half of it leaves as unsalted steam: a little under twice, for the roux has none.
    expect($warning?->numbers['salt_percent'])->toBeGreaterThan(1.9)->toBeLessThan(2.2)
        ->and($warning?->numbers['target_percent'])->toEqualWithDelta(0.75, 1e-12)
        ->and(gramsOf($sheet, 'salt'))->toBe(0.0);
});

it('finishes off the boil, and meets the thickness with the cream in it', function (): void {
    $sheet = made(Base::WineSauce);
    expect(array_map(fn($finishing): string => $finishing->what->id, $sheet->finishes))
        ->toBe(['double-cream', 'butter', 'lemon-juice'])
        ->and($sheet->thickness->gramsPerLitre)
        ->toEqualWithDelta(43.0, 1e-3)
        ->and(EquivalentFlour::of($sheet->served)->gramsPerLitre)
        ->toEqualWithDelta(43.0, 1e-2)
        ->and(EquivalentFlour::of($sheet->end)->gramsPerLitre)
        ->toBeGreaterThan(45.0)
        ->and($sheet->served->saltPercent())
        ->toEqualWithDelta(0.75, 3e-3)
        ->and(warned($sheet, WarningCode::FinishLimit)?->words)
        ->toBe(['ingredient' => 'butter'])
        ->and(warned(made(Base::ChilliGravy), WarningCode::FinishLimit)?->numbers['at_most_c'])
        ->toBe(80.0)
        ->and(
            array_sum(
                array_map(
                    fn(Step $step): float => $step->kind === StepKind::Enrich ? $step->pace->time->inMinutes() : 0.0,
                    $sheet->steps(),
                ),
            ),
        )
        // Two minutes by custom, and two a kilogram of the butter.
        ->toEqualWithDelta(2.16, 1e-9);
});

it('mounts, creams or binds any sauce with a liaison, and says what egg bears', function (FinishWay $finish, array $names): void {
    $sheet = made(Base::Veloute, method: Method::of($finish));
    expect(array_map(fn($finishing): string => $finishing->what->id, $sheet->finishes))->toBe($names)
        ->and($sheet->thickness->gramsPerLitre)->toEqualWithDelta(58.0, 1e-2);
})->with([
    [FinishWay::BySauce, []],
    [FinishWay::Butter, ['butter']],
    [FinishWay::Cream, ['double-cream']],
    [FinishWay::Liaison, ['egg-yolk', 'double-cream']],
]);

it('keeps back, leaves in or blends the vegetables, and yields the same', function (StrainWay $strain): void {
    $sheet = made(Base::OnionGravy, method: Method::of($strain));
    expect($sheet->served->millilitres() + $sheet->pieces->inMillilitres())->toEqualWithDelta(2000.0, 0.3)
        ->and($sheet->strained->inGrams())->toEqualWithDelta($strain === StrainWay::Strained ? 600.0 : 0.0, 1e-9)
        ->and($sheet->pieces->inMillilitres() > 0.0)->toBe($strain === StrainWay::LeftIn)
        ->and(in_array(StepKind::Strain, stepsOf($sheet), true))->toBe($strain === StrainWay::Strained)
        ->and(in_array(StepKind::Blend, stepsOf($sheet), true))->toBe($strain === StrainWay::Blended);
})->with(StrainWay::cases());

it('cuts the giblets back into the strained gravy', function (): void {
    $sheet = made(Base::GibletGravy, 1.0);
    // By hand: 150 g lose three tenths, 30 g of liver nothing; 135 g at about 1.05 g/ml.
    expect($sheet->pieces->inMillilitres())->toEqualWithDelta(128.0, 4.0)->and($sheet->strained->inGrams())->toEqualWithDelta(80.0, 1e-9);
});

it('changes a part of the formula per question or for good, and knows no others', function (): void {
    $formula = Formula::house(Base::Espagnole)->salted(0.005)->having(['onion' => 100.0, 'red-wine' => 60.0, 'carrot' => 0.0]);
    $sheet = made(Base::Espagnole, formula: $formula);
    expect(gramsOf($sheet, 'onion'))
        ->toEqualWithDelta(200.0, 1e-9)
        ->and(gramsOf($sheet, 'carrot'))
        ->toBe(0.0)
        ->and(gramsOf($sheet, 'red-wine'))
        ->toEqualWithDelta(2.0 * 60.0 * 0.992, 1e-9)
        ->and(stepsOf($sheet))
        ->toContain(StepKind::ReduceApart)
        ->and($sheet->served->saltPercent())
        ->toEqualWithDelta(0.5, 1e-3)
        ->and($sheet->start->alcoholGrams)
        ->toBeGreaterThan(0.0)
        ->and(gramsOf(made(Base::Espagnole), 'red-wine'))
        ->toBe(0.0)
        ->and(fn() => $formula->having(['gold' => 1.0]))
        ->toThrow(Unknown::class)
        ->and(fn() => $formula->having(['onion' => 1001.0]))
        ->toThrow(OutOfRange::class)
        ->and(fn() => $formula->having(['onion' => -1.0]))
        ->toThrow(OutOfRange::class)
        ->and(fn() => $formula->salted(0.031))
        ->toThrow(OutOfRange::class)
        ->and(fn() => made(Base::ChilliGravy, formula: Formula::house(Base::ChilliGravy)->having(['soured-cream' => 900.0])))
        ->toThrow(NotReachable::class);
});

it('gives aromatics the way the cook wants them', function (AromaticsWay $way, array $has, array $not): void {
    $sheet = made(Base::Espagnole, method: Method::of($way));
    expect(stepsOf($sheet))->toContain(...$has)->not->toContain(...$not)
        ->and(gramsOf($sheet, 'onion') > 0.0)->toBe($way !== AromaticsWay::None);
})->with([
    [AromaticsWay::Sweated, [StepKind::Sweat, StepKind::TakeOut], [StepKind::Infuse]],
    [AromaticsWay::Apart, [StepKind::Sweat, StepKind::TakeOut], [StepKind::Infuse]],
    [AromaticsWay::Infused, [StepKind::Infuse], [StepKind::Sweat, StepKind::TakeOut]],
    [AromaticsWay::Sachet, [StepKind::Reduce, StepKind::TakeOut], [StepKind::Sweat, StepKind::Infuse]],
    [AromaticsWay::None, [StepKind::Reduce], [StepKind::Sweat, StepKind::Infuse, StepKind::TakeOut]],
]);

it('brings what a formula leaves out when it is asked for by name', function (): void {
    $formula = Formula::house(Base::Veloute);
    expect(gramsOf(made(Base::Veloute), 'onion'))
        ->toBe(0.0)
        ->and(gramsOf(made(Base::Veloute, method: Method::of(AromaticsWay::Sweated)), 'onion'))
        ->toEqualWithDelta(80.0, 1e-9)
        ->and(
            gramsOf(
                made(
                    Base::Veloute,
                    method: Method::of(AromaticsWay::Sweated),
                    formula: $formula->having(['onion' => 0.0]),
                ),
                'onion',
            ),
        )
        ->toBe(0.0);
});

it('peppers and salts as the cook does', function (): void {
    $ask = fn(Method $method): Sheet => made(Base::Veloute, method: $method);
    $order = array_map(fn(StepKind $kind): string => $kind->value, stepsOf($ask(Method::of(SaltTime::InTheMiddle))));
    expect(gramsOf($ask(Method::of(Pepper::Black)), 'black-pepper'))->toBeGreaterThan(0.0)
        ->and(gramsOf($ask(Method::of(Pepper::Black)), 'white-pepper'))->toBe(0.0)
        ->and(gramsOf($ask(Method::of(Pepper::None)), 'white-pepper'))->toBe(0.0)
        ->and(array_search('season', $order, true))->toBeLessThan((int) array_search('simmer', $order, true));
});

it('takes milk infused, cold or warmed', function (): void {
    $ask = fn(MilkWay $milk): Sheet => made(Base::Bechamel, method: Method::of($milk));
    expect(stepsOf($ask(MilkWay::Infused)))->toContain(StepKind::Infuse)
        ->and(stepsOf($ask(MilkWay::Cold)))->not->toContain(StepKind::Infuse)
        ->and(gramsOf($ask(MilkWay::Cold), 'onion', When::Simmer))->toEqualWithDelta(80.0, 1e-9)
        ->and($ask(MilkWay::Cold)->stair->liquid->inCelsius())->toEqualWithDelta(8.0, 1e-9)
        ->and($ask(MilkWay::Warmed)->question->school)->toBe(School::WarmPours)
        ->and($ask(MilkWay::Warmed)->stair->liquid->inCelsius())->toEqualWithDelta(50.0, 1e-9);
});

it('browns the butter first where it can be browned', function (): void {
    $browned = made(Base::Veloute, method: Method::of(ButterWay::Browned));
    $weighs = static fn(Sheet $sheet): float => $sheet->cookedRoux->inGrams() / $sheet->roux->flour->inGrams();
    expect(stepsOf($browned))->toContain(StepKind::BrownButter)->not->toContain(StepKind::Melt)
        ->and($browned->thickness->gramsPerLitre)->toEqualWithDelta(58.0, 1e-3)
        // The butter's water has steamed off before the flour goes in: what is left is the flour's own.
        ->and($weighs(made(Base::Veloute, colour: Colour::White, method: Method::of(ButterWay::Browned))))
        ->toBeLessThan(1.0 + 1.0 - Larder::house()->fat('butter')->water)
        ->and(stepsOf(made(Base::Veloute, fat: 'vegetable-oil', method: Method::of(ButterWay::Browned))))
        ->toContain(StepKind::Melt)
        ->not->toContain(StepKind::BrownButter);
});

it('cooks a white roux briefly or long, and stirs in the flour at once or by and by', function (): void {
    $ask = fn(CookOut $out, FlourWay $flour = FlourWay::AllAtOnce): Sheet => made(
        Base::Bechamel,
        heat: HobHeat::Low,
        method: Method::of($flour, $out),
    );
    expect($ask(CookOut::Brief)->rouxForecast?->time->inMinutes())
        ->toEqualWithDelta(0.75, 0.02)
        ->and($ask(CookOut::Long)->rouxForecast?->time->inMinutes())
        ->toEqualWithDelta(7.0, 0.02)
        ->and($ask(CookOut::Long)->shade->value)
        ->toBeGreaterThan($ask(CookOut::Brief)->shade->value)
        ->and($ask(CookOut::Brief)->shade->value)
        ->toBeLessThan($ask(CookOut::Usual)->shade->value);
    $flour = fn(Sheet $sheet): float => array_sum(
        array_map(fn(Step $step): float => $step->kind === StepKind::Flour ? $step->pace->time->inMinutes() : 0.0, $sheet->steps()),
    );
    expect($flour($ask(CookOut::Usual)))->toBe(1.0)->and($flour($ask(CookOut::Usual, FlourWay::Gradually)))->toBe(3.0);
});

it('advises the oven for much brown roux, and bakes it there', function (): void {
    $pan = Pan::of(Length::ofMillimetres(360.0), Length::ofMillimetres(240.0));
    $hob = (new Composer())->answer(Question::of(Base::Espagnole, Given::readyRoux(Mass::ofGrams(1200.0)), in: new InKitchen($pan)));
    expect(warned($hob, WarningCode::RouxDeep))->toBeNull();
    $hob = made(Base::Espagnole, $hob->question->yield->inLitres(), pan: $pan);
    $warning = warned($hob, WarningCode::RouxDeep);
    // Weighed out; cooked it is 1.2 kg, for its water has gone.
    expect($warning?->numbers['roux_g'])->toEqualWithDelta(1278.6, 1.0)->and($warning?->numbers['oven_c'])->toEqualWithDelta(175.0, 1e-9);
    $baked = made(Base::Espagnole, $hob->question->yield->inLitres(), pan: $pan, method: Method::of(RouxPlace::Oven));
    $minutes = $baked->rouxForecast?->time->inMinutes() ?? 0.0;
    expect(warned($baked, WarningCode::RouxDeep))->toBeNull()
        ->and(stepsOf($baked))->toContain(StepKind::Bake)->not->toContain(StepKind::Colour)
        ->and($minutes)->toEqualWithDelta($warning?->numbers['oven_minutes'] ?? 0.0, 1.0)
        ->and($minutes)->toBeGreaterThan($hob->rouxForecast?->time->inMinutes() ?? INF)
        ->and(warned(made(Base::Veloute, 20.0), WarningCode::RouxDeep))->toBeNull();
});

it('lets a stirred pot catch less, and warns of milk sooner than of stock', function (): void {
    $ask = fn(Base $base, Stirring $stirring): Sheet => made(
        $base,
        thickness: EquivalentFlour::ofGramsPerLitre(80.0),
        simmerLevel: Lento\Pot\SimmerLevel::Simmer,
        method: Method::of($stirring),
    );
    $ranks = array_flip(array_column(Lento\Risk\Risk::cases(), 'value'));
    expect($ranks[$ask(Base::Bechamel, Stirring::Constantly)->outlook->scorching->value])
        ->toBeLessThan($ranks[$ask(Base::Bechamel, Stirring::Visits)->outlook->scorching->value])
        ->and(
            array_filter(
                $ask(Base::Bechamel, Stirring::Constantly)->steps(),
                fn(Step $step): bool => $step->kind === StepKind::Simmer && !$step->pace->handsOn,
            ),
        )
        ->toBe([]);
    $milk = made(Base::Bechamel, thickness: EquivalentFlour::ofGramsPerLitre(62.0), simmerLevel: Lento\Pot\SimmerLevel::Simmer);
    expect(warned($milk, WarningCode::MilkCatches) ?? warned($milk, WarningCode::Scorches))->not->toBeNull();
});

it('warns of a pan too shallow to simmer in', function (): void {
    $wide = Pan::of(Length::ofMillimetres(400.0), Length::ofMillimetres(100.0));
    expect(warned(made(Base::Veloute, 2.0, pan: $wide), WarningCode::PanShallow)?->numbers['depth_mm'])
        ->toEqualWithDelta(2.04e6 / (M_PI * 200.0 ** 2), 0.2)
        ->and(warned(made(Base::Veloute, 4.0, pan: $wide), WarningCode::PanShallow))
        ->toBeNull();
});

it('knows bases by their kitchen names', function (string $name, Base $base): void {
    expect(Base::named($name))->toBe($base);
})->with([
    ['Demi glace', Base::DemiGlace],
    ['tomato sauce', Base::Tomato],
    ['Pan gravy', Base::PanGravy],
    ['wine sauce', Base::WineSauce],
    ['chilli_gravy', Base::ChilliGravy],
]);

it('answers or refuses every base in any amount, by any school', function (Base $base): void {
    foreach ([0.1, 2.0, 60.0, 200.0] as $litres) {
        foreach (
            [
                Method::of(AromaticsWay::Apart, StrainWay::Blended, ButterWay::Browned, FinishWay::Liaison),
                Method::of(RouxPlace::Oven, StrainWay::LeftIn, MilkWay::Cold, FinishWay::Cream),
            ] as $method
        ) {
            try {
                $sheet = made($base, $litres, method: $method);
                expect($sheet->served->millilitres() + $sheet->pieces->inMillilitres())->toEqualWithDelta(1000.0 * $litres, 0.5 * $litres);
                foreach ($sheet->amounts() as $amount) {
                    expect(is_finite($amount->mass->inGrams()) && $amount->mass->inGrams() >= 0.0)->toBeTrue();
                }
            } catch (LentoException $refusal) {
                expect($refusal->getMessage())->not->toBe('');
            }
        }
    }
})->with(Base::cases())->coversNothing();

it('gives the flour that acid wears away as the share of the flour it lost', function (): void {
    $sheet = made(Base::Tomato, simmerTime: Duration::ofMinutes(240.0));
    $numbers = warned($sheet, WarningCode::AcidThins)->numbers ?? [];
    expect($numbers['flour_g'])->toEqualWithDelta(gramsOf($sheet, 'plain-flour') * $numbers['lost_percent'] / 100.0, 0.05);
});

it('counts the minutes until the flour is cooked out by the simmer of this kitchen, high up too', function (float $boils): void {
    $hasty = new How(
        simmer: new SimmerWish(Duration::ofMinutes(1.0), SimmerLevel::Brisk),
        school: School::RouxIntoBoiling,
        method: Method::of(CookOut::Brief),
    );
    $in = new InKitchen(boilsAt: Temperature::ofCelsius($boils));
    $sheet = (new Composer())->answer(Question::of(Base::Bechamel, Volume::ofLitres(0.5), how: $hasty, in: $in));
    $more = warned($sheet, WarningCode::RawFlour)->numbers['minutes_more'] ?? NAN;
    expect($sheet->question->simmer()->for($sheet->end, Duration::ofMinutes($more))->starch->rawTaste)->toEqualWithDelta(0.15, 1e-6);
})->with([100.0, 92.0, 85.0]);
