<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Choice\CookOut;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\Stirring;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\MassBalance;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Compose\RouxOnHob;
use Lento\Compose\RouxWish;
use Lento\Compose\Sheet;
use Lento\Compose\SimmerWish;
use Lento\Compose\Warning;
use Lento\Compose\WarningCode;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Heat\HobHeat;
use Lento\Larder\Allergen;
use Lento\Plan\Amount;
use Lento\Plan\StepKind;
use Lento\Plan\TendingKind;
use Lento\Plan\When;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Roux\Stage;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Room;

covers(...Room::of('Compose'));

function pan24(): Pan
{
    return Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0));
}

function answered(Question $question): Sheet
{
    return (new Composer())->answer($question);
}

/** @return list<WarningCode> */
function codes(Sheet $sheet): array
{
    return array_map(fn(Warning $warning): WarningCode => $warning->code, $sheet->warnings);
}

it('works out two litres of coating chicken velouté', function (): void {
    $sheet = answered(Question::of(Base::Veloute, Volume::ofLitres(2.0), in: new InKitchen(pan24())));
    // By hand: T7 says 68 g/l of blond flour for EF 60 in white stock, about 66 for 58; of 2.04 l in the pot 135 g, and a little more
    // because a bare simmer leaves 4 % of the starch unswollen and the long simmer takes another 3 %: 140 g.
    expect($sheet->roux->flour->inGrams())
        ->toEqualWithDelta(140.0, 2.0)
        ->and($sheet->roux->fat->inGrams())
        ->toEqualWithDelta($sheet->roux->flour->inGrams(), 1e-9)
        ->and($sheet->thickness->thicknessClass())
        ->toBe(ThicknessClass::Coating)
        // 4.5 g/min from 452 cm2 at a bare simmer, for 30 min: 135 g, a little less because the sauce is thick; 20 g on the way up, 9 g
        // while it is skimmed, 3 g while it is poured and seasoned.
        ->and($sheet->evaporated->inMillilitres())
        ->toEqualWithDelta(164.0, 4.0)
        ->and($sheet->liquid->inMillilitres())
        ->toEqualWithDelta(1959.0, 15.0)
        // Of 2 l and what clings, before the salt, which takes 8 ml, and while it still has the 2 ml that it loses being seasoned.
        ->and($sheet->endDepth()->inMillimetres())
        ->toEqualWithDelta(((2040.8 - 8.7 + 2.0) / 452.39) * 10.0, 0.05)
        ->and($sheet->allergens())
        ->toBe([Allergen::Celery, Allergen::Gluten, Allergen::Milk])
        ->and(codes($sheet))
        ->toBe([]);
});

it('hits both the thickness and the yield, for every base, class and size', function (Base $base, float $litres): void {
    foreach (ThicknessClass::askable() as $class) {
        $question = Question::of($base, Volume::ofLitres($litres), thickness: $class->target());
        if ($base === Base::Tomato && $litres <= 1.0 && $class === ThicknessClass::Soup) {
            // Tomato alone, boiled for an hour in so small a pan, is thicker than a soup.
            expect(fn() => answered($question))->toThrow(NotReachable::class, MassBalance::WITHOUT_FLOUR);
            continue;
        }
        $sheet = answered($question);
        $served = $sheet->served->millilitres() + $sheet->pieces->inMillilitres();
        expect($sheet->thickness->gramsPerLitre)
            ->toEqualWithDelta($class->target()->gramsPerLitre, 1e-4 * $class->target()->gramsPerLitre)
            ->and($served)
            ->toEqualWithDelta(1000.0 * $litres, 1e-4 * 1000.0 * $litres)
            ->and($sheet->liquid->inMillilitres())
            ->toBeGreaterThan(0.0);
        $grams = [$sheet->roux->flour->inGrams(), $sheet->freeFat()->inGrams()];
        $numbers = [...$grams, $sheet->evaporated->inMillilitres(), $sheet->fillPercent()];
        foreach ($numbers as $number) {
            expect(is_finite($number) && $number >= 0.0)->toBeTrue();
        }
    }
})
    ->with(Base::withRoux())
    ->with([0.1, 1.0, 7.5, 200.0]);

it('keeps the mass: what goes in is what comes out and what steams off', function (Base $base): void {
    $sheet = answered(Question::of($base, Volume::ofLitres(3.0)));
    $steam = $sheet->start->waterGrams + $sheet->start->alcoholGrams - $sheet->end->waterGrams - $sheet->end->alcoholGrams;
    $salt = $sheet->end->saltGrams - $sheet->start->saltGrams;
    expect($sheet->start->grams() + $salt - $steam)->toEqualWithDelta($sheet->end->grams(), 1e-6 * $sheet->end->grams());
})->with(Base::withRoux());

it('takes more flour for a darker roux and for a thicker sauce', function (): void {
    $flour = fn(Colour $colour, ThicknessClass $class): float => answered(
        Question::of(
            Base::Veloute,
            Volume::ofLitres(2.0),
            thickness: $class->target(),
            how: new How(new RouxWish($colour)),
            in: new InKitchen(pan24()),
        ),
    )->roux->flour->inGrams();
    $last = 0.0;
    foreach (Colour::cases() as $colour) {
        expect($flour($colour, ThicknessClass::Coating))->toBeGreaterThan($last);
        $last = $flour($colour, ThicknessClass::Coating);
    }
    expect($flour(Colour::Blond, ThicknessClass::Gratin))->toBeGreaterThan($flour(Colour::Blond, ThicknessClass::Coating));
});

it('takes more stock for a longer or harder simmer', function (): void {
    $stock = fn(float $minutes, SimmerLevel $level): float => answered(
        Question::of(
            Base::Veloute,
            Volume::ofLitres(2.0),
            how: new How(simmer: new SimmerWish(Duration::ofMinutes($minutes), $level)),
            in: new InKitchen(pan24()),
        ),
    )->liquid->inMillilitres();
    expect($stock(60.0, SimmerLevel::Bare))
        ->toBeGreaterThan($stock(30.0, SimmerLevel::Bare))
        ->and($stock(30.0, SimmerLevel::Brisk))
        ->toBeGreaterThan($stock(60.0, SimmerLevel::Bare));
});

it('starts an espagnole with about half as much stock again', function (): void {
    $sheet = answered(Question::of(Base::Espagnole, Volume::ofLitres(2.0), in: new InKitchen(pan24())));
    expect($sheet->liquid->inLitres())
        ->toBeGreaterThan(2.6)
        ->toBeLessThan(3.2)
        ->and(array_column($sheet->amounts(), 'ingredient'))
        ->toContain('tomato-paste', 'onion', 'carrot', 'celery', 'bay-leaf')
        ->not->toContain('salt')
        ->and(array_map(fn($step): StepKind => $step->kind, $sheet->steps()))
        ->toContain(StepKind::BrownVegetables, StepKind::ReduceApart, StepKind::Warm, StepKind::Skim, StepKind::TakeOut);
});

it('salts to the house’s share, and not at all when the broth has brought it', function (): void {
    expect(answered(Question::of(Base::Bechamel, Volume::ofLitres(1.0)))->end->saltPercent())->toEqualWithDelta(0.75, 1e-6);
    $packed = answered(
        Question::of(
            Base::Veloute,
            Volume::ofLitres(1.0),
            'packed-broth',
            how: new How(simmer: new SimmerWish(Duration::ofMinutes(240.0), SimmerLevel::Simmer)),
        ),
    );
    expect(array_column($packed->amounts(), 'ingredient'))
        ->not->toContain('salt')
        ->and(codes($packed))
        ->toContain(WarningCode::SaltPastTarget);
});

it('lists amounts in the order they are used', function (): void {
    $whens = array_map(
        fn(Amount $amount): int => (int) array_search($amount->when, When::cases(), true),
        answered(Question::of(Base::Espagnole, Volume::ofLitres(1.0)))->amounts(),
    );
    $sorted = $whens;
    sort($sorted);
    expect($whens)->toBe($sorted);
});

it('warns of a pan that is too full, with the most that fits', function (): void {
    $small = Pan::of(Length::ofMillimetres(160.0), Length::ofMillimetres(110.0));
    $sheet = answered(Question::of(Base::Veloute, Volume::ofLitres(2.0), in: new InKitchen($small)));
    expect(codes($sheet))
        ->toBe([WarningCode::PanTooFull])
        ->and($sheet->warnings[0]->numbers['fill_percent'])
        ->toEqualWithDelta(95.0, 3.0);
    $fits = answered(Question::of(Base::Veloute, Volume::ofLitres($sheet->warnings[0]->numbers['fits_l']), in: new InKitchen($small)));
    expect($fits->fillPercent())
        ->toEqualWithDelta(85.0, 0.3)
        ->and(codes(answered(Question::of(Base::Veloute, Volume::ofLitres(200.0), in: new InKitchen($small)))))
        ->toContain(WarningCode::PanOverflows);
});

it('warns of fat that floats, of a dry or parting roux, of smoke and of raw flour', function (): void {
    $codes = fn(Question $question): array => codes(answered($question));
    $hasty = new How(
        simmer: new SimmerWish(Duration::ofMinutes(1.0)),
        school: School::RouxIntoBoiling,
        method: Method::of(CookOut::Brief),
    );
    expect($codes(Question::of(Base::Veloute, Volume::ofLitres(2.0), how: new How(new RouxWish(fatToFlour: 2.0)))))
        ->toContain(WarningCode::RouxSeparates, WarningCode::FatFloats)
        ->and($codes(Question::of(Base::Veloute, Volume::ofLitres(2.0), how: new How(new RouxWish(fatToFlour: 0.7)))))
        ->toContain(WarningCode::RouxDry)
        ->and($codes(Question::of(Base::Veloute, Volume::ofLitres(2.0), how: new How(new RouxWish(Colour::Brown)))))
        // A note, and no alarm: it stops at light brown.
        ->toContain(WarningCode::BrownInButter)->not->toContain(WarningCode::FatSmokes)
        ->and($codes(Question::of(Base::Veloute, Volume::ofLitres(2.0), how: new How(new RouxWish(Colour::Brown, 'clarified-butter')))))
        ->not->toContain(WarningCode::FatSmokes, WarningCode::BrownInButter)
        ->and($codes(Question::of(Base::Bechamel, Volume::ofLitres(2.0), how: new How(simmer: new SimmerWish(Duration::ofMinutes(8.0))))))
        ->not->toContain(WarningCode::RawFlour)
        ->and($codes(Question::of(Base::Bechamel, Volume::ofLitres(0.5), how: $hasty)))
        ->toContain(WarningCode::RawFlour);
});

it('answers by colour alone where the pan never browns so much roux', function (): void {
    $sheet = answered(
        Question::of(
            Base::Veloute,
            Volume::ofLitres(200.0),
            thickness: EquivalentFlour::ofGramsPerLitre(125.0),
            how: new How(new RouxWish(Colour::Dark)),
            in: new InKitchen(Pan::of(Length::ofMillimetres(160.0), Length::ofMillimetres(110.0))),
        ),
    );
    expect($sheet->rouxForecast)->toBeNull()->and(codes($sheet))->toContain(WarningCode::ColourNotReached);
});

it('refuses what lies outside the model', function (callable $ask): void {
    expect($ask)->toThrow(OutOfRange::class);
})->with([
    'no sauce' => [fn() => Question::of(Base::Veloute, Volume::ofLitres(0.0))],
    'a lake' => [fn() => Question::of(Base::Veloute, Volume::ofLitres(1e6))],
    'dry roux' => [fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), how: new How(new RouxWish(fatToFlour: 0.1)))],
    'no simmer' => [
        fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), how: new How(simmer: new SimmerWish(Duration::ofMinutes(0.5)))),
    ],
    'a brick' => [fn() => Question::of(Base::Veloute, Volume::ofLitres(1.0), thickness: EquivalentFlour::ofGramsPerLitre(190.0))],
    'too shallow' => [fn() => answered(Question::of(Base::Veloute, Volume::ofLitres(0.2), in: new InKitchen(pan24())))],
]);

it('refuses a white roux by the clock that is white no longer, with the longest that is', function (float $litres): void {
    $asked = static fn(HobHeat $heat): Question => Question::of(
        Base::Bechamel,
        Volume::ofLitres($litres),
        how: new How(new RouxWish(Colour::White, heat: $heat), method: Method::of(CookOut::Long)),
    );
    expect(answered($asked(HobHeat::Low))->shade->stage())->toBe(Stage::White);
    try {
        answered($asked(HobHeat::High));
        $longest = null;
    } catch (OutOfRange $refused) {
        expect($refused->quantity)->toBe('white-cook-out');
        $longest = $refused->most;
    }
    // The longest stays white, a minute more does not.
    $sheet = answered(Question::of(Base::Bechamel, Volume::ofLitres($litres), how: new How(new RouxWish(heat: HobHeat::High))));
    $hob = RouxOnHob::of($sheet->question, $sheet->roux)->hob;
    expect($longest)->not->toBeNull()
        ->and($hob->after(Duration::ofMinutes($longest ?? 0.0))->shade->stage())->toBe(Stage::White)
        ->and($hob->after(Duration::ofMinutes(($longest ?? 0.0) + 1.0))->shade->stage())->not->toBe(Stage::White);
})->with([0.5, 1.0, 2.0, 10.0, 12.0]);

it('says so when the larder lacks the liquid', fn() => answered(Question::of(Base::Veloute, Volume::ofLitres(1.0), 'dew')))->throws(
    Unknown::class,
);

it('knows its bases by any spelling', fn(string $name, Base $base) => expect(Base::named($name))->toBe($base))->with([
    ['velouté', Base::Veloute],
    ['Bechamel', Base::Bechamel],
    [' ESPAGNOLE ', Base::Espagnole],
]);

it('gives every school its pours and its steps', function (School $school): void {
    $sheet = answered(Question::of(Base::Veloute, Volume::ofLitres(2.0), how: new How(school: $school), in: new InKitchen(pan24())));
    $kinds = array_map(fn($step): StepKind => $step->kind, $sheet->steps());
    expect($sheet->stair->pours)
        ->not->toBe([])
        ->and($kinds[0])
        ->toBe(StepKind::SetOut)
        ->and(end($kinds))
        ->toBe(StepKind::Finish)
        ->and(array_sum(array_map(fn($pour): float => $sheet->pourVolume($pour)->inMillilitres(), $sheet->stair->pours)))
        ->toBeGreaterThan(0.0);
})->with(School::cases());

it('gives the same answer to the last digit, and again from scratch', function (): void {
    $ask = fn(): Sheet => answered(Question::of(Base::Espagnole, Volume::ofLitres(2.5)));
    expect($ask()->roux->flour->kilograms)
        ->toBe($ask()->roux->flour->kilograms)
        ->and($ask()->liquid->cubicMetres)
        ->toBe($ask()->liquid->cubicMetres);
});

it(
    'asks for its visits by what the pot is: stirred the more often the sooner it catches, skimmed where there is no milk',
    function (): void {
        // min between two visits of a kind at a step; null where it wants none.
        $every = static function (Question $question, StepKind $at, TendingKind $visit): ?float {
            foreach (answered($question)->steps() as $step) {
                foreach ($step->pace->tendings as $tending) {
                    if ($step->kind === $at && $tending->kind === $visit) {
                        return $tending->every->inMinutes();
                    }
                }
            }

            return null;
        };
        $veloute = Question::of(
            Base::Veloute,
            Volume::ofLitres(2.0),
            how: new How(simmer: new SimmerWish(Duration::ofMinutes(30.0))),
            in: new InKitchen(pan24()),
        );
        $milk = Question::of(
            Base::Bechamel,
            Volume::ofLitres(2.0),
            how: new How(simmer: new SimmerWish(Duration::ofMinutes(30.0), SimmerLevel::Brisk)),
            in: new InKitchen(pan24()),
        );
        $short = Question::of(
            Base::Veloute,
            Volume::ofLitres(2.0),
            how: new How(simmer: new SimmerWish(Duration::ofMinutes(8.0))),
            in: new InKitchen(pan24()),
        );
        expect($every($veloute, StepKind::Simmer, TendingKind::Stir))
            ->toBe(5.0)
            ->and($every($veloute, StepKind::Simmer, TendingKind::Skim))
            ->toBe(10.0)
            ->and($every($veloute, StepKind::Simmer, TendingKind::Look))
            ->toEqualWithDelta(20.1, 1e-6)
            ->and($every($veloute, StepKind::Colour, TendingKind::Look))
            ->toBeGreaterThan(1.0)
            ->and($every($milk, StepKind::Simmer, TendingKind::Stir))
            ->toBeLessThan(5.0)
            ->and($every($milk, StepKind::Simmer, TendingKind::Skim))
            ->toBeNull()
            ->and($every($short, StepKind::Simmer, TendingKind::Look))
            ->toBeNull()
            ->and($every($short, StepKind::Simmer, TendingKind::Skim))
            ->toBeNull()
            ->and(
                $every(
                    Question::of(Base::Bechamel, Volume::ofLitres(2.0), how: new How(method: Method::of(Stirring::Constantly))),
                    StepKind::Simmer,
                    TendingKind::Stir,
                ),
            )
            ->toBeNull()
            ->and(
                $every(
                    Question::of(Base::Espagnole, Volume::ofLitres(2.0), how: new How(method: Method::of(RouxPlace::Oven))),
                    StepKind::Bake,
                    TendingKind::Turn,
                ),
            )
            ->toBeGreaterThan(3.0);
    },
);

it('reduces by its own step where it boils down to a level, and ends every pot with its correction and its keeping', function (): void {
    $kinds = static fn(Question $question): array => array_map(static fn($step): StepKind => $step->kind, answered($question)->steps());
    expect($kinds(Question::of(Base::DemiGlace, Volume::ofLitres(1.0))))
        ->toContain(StepKind::Reduce)
        ->not->toContain(StepKind::Simmer)
        ->and($kinds(Question::of(Base::Veloute, Volume::ofLitres(2.0), how: new How(simmer: new SimmerWish(reduceBy: 0.3)))))
        ->toContain(StepKind::Reduce)
        ->not->toContain(StepKind::Simmer);
    foreach (Base::cases() as $base) {
        $all = $kinds(Question::of($base, Volume::ofLitres(2.0)));
        expect(array_search(StepKind::Correct, $all, true))
            ->toBe((int) array_search(StepKind::Test, $all, true) + 1)
            ->and(array_slice($all, -2))
            ->toBe([StepKind::Keep, StepKind::Finish]);
    }
});
