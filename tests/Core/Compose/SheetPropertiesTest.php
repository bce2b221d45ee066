<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Compose\Sheet;
use Lento\Compose\SimmerWish;
use Lento\Exception\LentoException;
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
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Tests\Core\Room;

covers(...Room::of('Compose'));

/** The same question for the same seed, for ever. */
function drawn(int $seed): Question
{
    // A small generator of its own, so that the draws are the same for ever.
    $state = $seed * 2654435761 % 4294967296;
    $next = function () use (&$state): float {
        $state = ($state * 1664525 + 1013904223) % 4294967296;

        return $state / 4294967296;
    };
    $pick = new class ($next) {
        /** @param Closure(): float $next */
        public function __construct(private readonly Closure $next) {}

        /**
         * @template T
         *
         * @param list<T> $of
         *
         * @return T
         */
        public function __invoke(array $of): mixed
        {
            return $of[(int) floor(($this->next)() * count($of))];
        }
    };
    $base = $pick(Base::withRoux());
    $litres = 0.1 * 2000.0 ** $next();

    return Question::of(
        $base,
        Volume::ofLitres($litres),
        $pick(Formula::house($base)->liquids),
        EquivalentFlour::ofGramsPerLitre(20.0 + 110.0 * $next()),
        new How(
            new RouxWish($pick(Colour::cases()), $pick(Larder::house()->fatNames()), 0.5 + 1.5 * $next()),
            new SimmerWish(Duration::ofMinutes(5.0 + 115.0 * $next()), $pick(SimmerLevel::cases())),
            $pick(School::cases()),
        ),
    );
}

it('answers, or refuses in its own words, any question drawn from the whole range', function (int $seed): void {
    $question = drawn($seed);
    try {
        $sheet = (new Composer())->answer($question);
    } catch (LentoException $refusal) {
        expect($refusal->getMessage())->not->toBe('');

        return;
    }
    $numbers = [
        $sheet->roux->flour->inGrams(),
        $sheet->roux->fat->inGrams(),
        $sheet->liquid->inMillilitres(),
        $sheet->evaporated->inMillilitres(),
        $sheet->startDepth()->inMillimetres(),
        $sheet->endDepth()->inMillimetres(),
        $sheet->freeFat()->inGrams(),
        $sheet->flow->yield,
        ...array_map(fn(Amount $amount): float => $amount->mass->inGrams(), $sheet->amounts()),
        ...array_map(fn(Step $step): float => $step->pace->time->seconds, $sheet->steps()),
        ...array_map(fn($pour): float => $pour->mixed->kelvin, $sheet->stair->pours),
    ];
    foreach ($numbers as $number) {
        expect(is_finite($number) && $number >= 0.0)->toBeTrue();
    }
    expect($sheet->thickness->gramsPerLitre)->toEqualWithDelta($question->thickness->gramsPerLitre, 1e-3)
        ->and($sheet->start->grams())->toBeGreaterThanOrEqual($sheet->end->grams() - $sheet->end->saltGrams)
        ->and($sheet->freeFat()->inGrams())->toBeLessThanOrEqual($sheet->roux->fat->inGrams() + 1e-9);
})->with(range(1, 60))->coversNothing();

it('scales: twice the sauce in a pan of twice the floor takes twice of everything', function (Base $base): void {
    $pan = fn(float $area): Pan => Pan::of(Length::ofMillimetres(240.0 * sqrt($area)), Length::ofMillimetres(140.0));
    // White roux leaves some water in the paste, more of it in a bigger batch; a browned one is dry. What is poured, skimmed and seasoned
    // by hand takes less than twice as long, and steams that little less.
    $ask = fn(float $k): Sheet => (new Composer())->answer(
        Question::of($base, Volume::ofLitres(2.0 * $k), how: new How(new RouxWish(Colour::Brown)), in: new InKitchen($pan($k))),
    );
    [$one, $two] = [$ask(1.0), $ask(2.0)];
    expect($two->roux->flour->inGrams() / $one->roux->flour->inGrams())->toEqualWithDelta(2.0, 2e-3)
        ->and($two->liquid->inMillilitres() / $one->liquid->inMillilitres())->toEqualWithDelta(2.0, 5e-3)
        ->and($two->evaporated->inMillilitres() / $one->evaporated->inMillilitres())->toEqualWithDelta(2.0, 0.05)
        ->and($two->endDepth()->inMillimetres())->toEqualWithDelta($one->endDepth()->inMillimetres(), 0.05);
})->with(Base::withRoux());

it('weighs out all that the pot holds', function (Base $base): void {
    $sheet = (new Composer())->answer(Question::of($base, Volume::ofLitres(2.0), how: new How(new RouxWish(Colour::Brown))));
    $of = fn(string $ingredient): float => array_sum(array_map(
        fn(Amount $amount): float => $amount->ingredient === $ingredient ? $amount->mass->inGrams() : 0.0,
        $sheet->amounts(),
    ));
    $fat = Larder::house()->fat($sheet->question->fat);
    // Flour and fat lose their water to the roux; the rest goes in as weighed. Strained aromatics and pepper are not counted.
    $dry = $sheet->roux->flour->inGrams() * (1.0 - 0.12) + $sheet->roux->fat->inGrams() * ($fat->fat + $fat->solids);
    $apart = array_sum(array_map(
        fn(Amount $amount): float => $amount->when === When::Apart && $amount->ingredient === $sheet->question->fat
            ? $amount->mass->inGrams() : 0.0,
        $sheet->amounts(),
    ));
    // A second pan's fat joins whole, water and all; wine boiled down by its share.
    $dry += $apart * ($fat->fat + $fat->solids + $fat->water);
    $poured = array_sum(
        array_map(fn(Amount $amount): float => $amount->when === When::Pour ? $amount->mass->inGrams() : 0.0, $sheet->amounts()),
    );
    $wet = $poured + $of('salt') + $of('tomato-paste') + $of('sugar') + $of('roast-juices') + match ($base) {
        Base::GibletGravy => 0.5 * $of('white-wine'),
        Base::WineSauce => $of('white-wine') / 3.0,
        // Sweated by a quarter, rubbed through.
        Base::Tomato => 0.75 * ($of('onion') + $of('carrot') + $of('celery') + $of('garlic')),
        default => 0.0,
    };
    $gram = Sauce::nothing()->with(Larder::house()->ingredient('water'), Mass::ofGrams(1.0))->millilitres();
    $steam = $sheet->evaporated->inMillilitres() / $gram;
    expect($dry + $wet - $steam)->toEqualWithDelta($sheet->end->grams(), 0.002 * $sheet->end->grams());
})->with(Base::withRoux());

it('lets a browned roux down before the cold liquid, and leaves a white one as it is', function (): void {
    $kinds = fn(Colour $colour, School $school): array => array_map(
        fn(Step $step): StepKind => $step->kind,
        (new Composer())->answer(
            Question::of(Base::Veloute, Volume::ofLitres(2.0), how: new How(new RouxWish($colour), school: $school)),
        )->steps(),
    );
    expect($kinds(Colour::Brown, School::ColdOnHot))->toContain(StepKind::LetDown)
        ->and($kinds(Colour::White, School::ColdOnHot))->not->toContain(StepKind::LetDown)
        ->and($kinds(Colour::White, School::HotOnCold))->toContain(StepKind::LetDown);
});

it('has as many ticks in the pour step as there are pours', function (School $school): void {
    $sheet = (new Composer())->answer(Question::of(Base::Veloute, Volume::ofLitres(2.0), how: new How(school: $school)));
    expect($sheet->plan()->first(StepKind::Pour)->additions ?? [])->toHaveCount(count($sheet->stair->pours));
})->with(School::cases());
