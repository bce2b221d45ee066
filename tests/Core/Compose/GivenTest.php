<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\Given;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Compose\Sheet;
use Lento\Compose\SimmerWish;
use Lento\Exception\LentoException;
use Lento\Exception\Missing;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Larder\Allergen;
use Lento\Learning\KitchenFactors;
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
use Lento\Quantity\Volume;
use Lento\Thickness\EquivalentFlour;
use Tests\Core\Room;

covers(...Room::of('Compose'));

function panOf(float $diameter, float $height): Pan
{
    return Pan::of(Length::ofMillimetres($diameter), Length::ofMillimetres($height));
}

/** What the sheet uses of the thing that was given. */
function used(Sheet $sheet, string $what): float
{
    return match ($what) {
        'yield', 'portions' => $sheet->question->yield->inMillilitres(),
        'liquid' => $sheet->stock()->inMillilitres(),
        'fat' => $sheet->roux->fat->inGrams(),
        'ready-roux' => $sheet->cookedRoux->inGrams(),
        default => $sheet->fillPercent(),
    };
}

it('uses up just what is given, and still meets the thickness', function (Base $base, Given $given, float $amount): void {
    $sheet = (new Composer())->answer(Question::of($base, $given, in: new InKitchen(panOf(280.0, 180.0))));
    expect(used($sheet, $given->kind->value))->toEqualWithDelta($amount, 3e-6 * $amount)
        ->and($sheet->thickness->gramsPerLitre)->toEqualWithDelta(Formula::house($base)->thickness->gramsPerLitre, 5e-4);
})->with(Base::withRoux())->with([
    'two litres' => [Given::yield(Volume::ofLitres(2.0)), 2000.0],
    '72 covers of 55 ml' => [Given::portions(72, Volume::ofMillilitres(55.0)), 3960.0],
    '3 l on hand' => [Given::liquid(Volume::ofLitres(3.0)), 3000.0],
    '90 g of dripping' => [Given::fat(Mass::ofGrams(90.0)), 90.0],
    '200 g of roux in the fridge' => [Given::readyRoux(Mass::ofGrams(200.0)), 200.0],
    'this pan filled' => [Given::pan(), 100.0 * Pan::FULL],
]);

/** Of a dataset, whose closures PHPStan cannot see into. */
function givenBy(Closure $given, float $amount): Given
{
    $made = $given($amount);

    return $made instanceof Given ? $made : throw new UnexpectedValueException('not given');
}

it('comes back to the same sheet from whichever end it is asked', function (Base $base): void {
    $pan = panOf(280.0, 180.0);
    $asked = (new Composer())->answer(Question::of($base, Volume::ofLitres(2.5), in: new InKitchen($pan)));
    // A roux off the bench comes to the boil a little later than one off the flame.
    foreach ([Given::liquid($asked->stock()), Given::fat($asked->roux->fat), Given::readyRoux($asked->cookedRoux)] as $given) {
        $back = (new Composer())->answer(Question::of($base, $given, in: new InKitchen($pan)));
        expect($back->question->yield->inLitres())->toEqualWithDelta(2.5, 4e-3)
            ->and($back->roux->flour->inGrams())->toEqualWithDelta($asked->roux->flour->inGrams(), 2e-3 * $asked->roux->flour->inGrams());
    }
})->with(Base::withRoux());

it('makes more of more', function (Closure $given, float $less, float $more): void {
    $litres = fn(float $amount): float => (new Composer())
        ->answer(Question::of(Base::Veloute, givenBy($given, $amount), in: new InKitchen(panOf(280.0, 180.0))))
        ->question->yield->inLitres();
    expect($litres($more))->toBeGreaterThan($litres($less));
})->with([
    'liquid' => [fn(float $l) => Given::liquid(Volume::ofLitres($l)), 1.5, 2.5],
    'fat' => [fn(float $g) => Given::fat(Mass::ofGrams($g)), 80.0, 160.0],
    'roux' => [fn(float $g) => Given::readyRoux(Mass::ofGrams($g)), 150.0, 300.0],
]);

it('has neither fat to melt nor flour to weigh where the roux is there already', function (Base $base): void {
    $sheet = (new Composer())->answer(Question::of($base, Given::readyRoux(Mass::ofGrams(200.0))));
    $kinds = array_map(fn(Step $step): StepKind => $step->kind, $sheet->steps());
    $names = array_map(
        fn(Amount $amount): string => in_array($amount->when, [When::Finish, When::Apart], true) ? 'beside' : $amount->ingredient,
        $sheet->amounts(),
    );
    expect(array_intersect($names, ['plain-flour', 'butter', 'clarified-butter']))
        ->toBe([])
        ->and($names)
        ->toContain('ready-roux')
        ->and($sheet->amounts()[(int) array_search('ready-roux', $names, true)]->allergens)
        ->toContain(Allergen::Gluten)
        ->and(
            in_array(StepKind::Melt, $kinds, true) || in_array(StepKind::Colour, $kinds, true) || in_array(StepKind::LetDown, $kinds, true),
        )
        ->toBeFalse()
        ->and($kinds)
        ->toContain(StepKind::Pour)
        ->and($sheet->stair->roux->inCelsius())
        ->toBeLessThan(26.0);
})->with(Base::withRoux());

it('leaves foam its room when roux goes into boiling stock', function (): void {
    $fill = fn(School $school): float => (new Composer())
        ->answer(Question::of(Base::Veloute, Given::pan(), how: new How(school: $school), in: new InKitchen(panOf(280.0, 180.0))))
        ->fillPercent();
    expect($fill(School::RouxIntoBoiling))->toEqualWithDelta(80.0, 1e-3)->and($fill(School::HotOnHot))->toEqualWithDelta(85.0, 1e-3);
});

it('refuses what cannot make a sauce', function (Closure $ask, string $with): void {
    expect($ask)->toThrow($with);
})->with([
    'a pan that is not named' => [fn() => Question::of(Base::Veloute, Given::pan()), Missing::class],
    'no covers' => [fn() => Given::portions(0, Volume::ofMillilitres(55.0)), OutOfRange::class],
    'a lake of stock' => [fn() => Given::liquid(Volume::ofLitres(1000.0)), OutOfRange::class],
    'a cup of stock' => [fn() => Given::liquid(Volume::ofMillilitres(20.0)), OutOfRange::class],
    'a crumb of roux' => [fn() => Given::readyRoux(Mass::ofGrams(0.5)), OutOfRange::class],
    'a ton of fat' => [fn() => Given::fat(Mass::ofKilograms(1000.0)), OutOfRange::class],
    'too little fat for a sauce' => [
        fn() => (new Composer())->answer(Question::of(Base::Veloute, Given::fat(Mass::ofGrams(2.0)))),
        OutOfRange::class,
    ],
    'a simmer that takes it all' => [
        fn() => (new Composer())->answer(
            Question::of(
                Base::Veloute,
                Given::liquid(Volume::ofLitres(1.5)),
                how: new How(simmer: new SimmerWish(Duration::ofMinutes(480.0), SimmerLevel::Boil)),
                in: new InKitchen(panOf(280.0, 180.0)),
            ),
        ),
        NotReachable::class,
    ],
]);

it('answers or refuses any amount of anything, and never loops', function (Closure $given): void {
    foreach ([0.07, 0.3, 1.0, 4.0, 20.0, 90.0, 190.0] as $litres) {
        foreach ([20.0, 58.0, 125.0] as $thickness) {
            try {
                $sheet = (new Composer())->answer(
                    Question::of(Base::Espagnole, givenBy($given, $litres), thickness: EquivalentFlour::ofGramsPerLitre($thickness)),
                );
                expect($sheet->question->yield->inLitres())
                    ->toBeGreaterThan(0.0)
                    ->and(is_finite($sheet->liquid->inMillilitres()))
                    ->toBeTrue();
            } catch (LentoException $refusal) {
                expect($refusal)->not->toBeInstanceOf(Lento\Exception\NoConvergence::class);
            }
        }
    }
})->with([
    'liquid' => [fn(float $l) => Given::liquid(Volume::ofLitres($l))],
    'fat' => [fn(float $l) => Given::fat(Mass::ofGrams(60.0 * $l))],
    'roux' => [fn(float $l) => Given::readyRoux(Mass::ofGrams(120.0 * $l))],
])->coversNothing();

it('pours more stock in a kitchen whose pots steam more, and less flour where it is strong', function (): void {
    $usual = (new Composer())->answer(Question::of(Base::Veloute, Volume::ofLitres(2.0)));
    $steamy = KitchenFactors::house()->afterSimmer(Mass::ofGrams(150.0), Mass::ofGrams(100.0));
    $strong = KitchenFactors::house()->afterTest(EquivalentFlour::ofGramsPerLitre(70.0), EquivalentFlour::ofGramsPerLitre(58.0));
    $slow = KitchenFactors::house()->afterRoux(Duration::ofMinutes(14.0), Duration::ofMinutes(7.0));
    $ask = fn(KitchenFactors $kitchen): Sheet => (new Composer())->answer(
        Question::of(Base::Veloute, Volume::ofLitres(2.0), in: new InKitchen(kitchen: $kitchen)),
    );
    expect($ask($steamy)->liquid->inMillilitres())
        ->toBeGreaterThan($usual->liquid->inMillilitres() + 20.0)
        ->and($ask($strong)->roux->flour->inGrams())
        ->toBeLessThan(0.95 * $usual->roux->flour->inGrams())
        ->and($ask($slow)->rouxForecast?->time->inMinutes())
        ->toBeGreaterThan(1.02 * ($usual->rouxForecast?->time->inMinutes() ?? INF));
});
