<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Compose\SimmerWish;
use Lento\Course\Reading;
use Lento\Heat\HobHeat;
use Lento\Learning\Circumstances;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Learning\Lesson;
use Lento\Learning\Notebook;
use Lento\Learning\Observation;
use Lento\Plan\StepKind;
use Lento\Pot\Pan;
use Lento\Pot\Simmer;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Roux\Shade;
use Tests\Core\Course\Taps;
use Tests\Core\Room;
use Tests\Core\Stove\StovePots;

covers(...Room::of('Learning'));

function lesson(
    ?float $steam = null,
    ?float $flour = null,
    float $millimetres = 240.0,
    SimmerLevel $level = SimmerLevel::Brisk,
    ?float $browning = null,
    HobHeat $heat = HobHeat::Medium,
    string $ring = '',
): Lesson {
    $seen = static fn(?float $ratio, float $error): ?Observation => $ratio === null ? null : new Observation($ratio, $error);

    return new Lesson(
        new Circumstances(Length::ofMillimetres($millimetres), $level, $heat, $ring),
        $seen($steam, 0.12),
        $seen($browning, 0.3),
        $seen($flour, 0.08),
    );
}

/** @param list<Lesson> $lessons */
function steamOf(array $lessons, float $millimetres = 240.0, SimmerLevel $level = SimmerLevel::Brisk): Factor
{
    return (new Notebook($lessons))->factors(Length::ofMillimetres($millimetres), $level, HobHeat::Medium)->evaporation;
}

it('finds again what came in between two beliefs', function (float $ratio, float $error): void {
    $before = Factor::unknown(0.3);
    $between = Observation::between($before, $before->after($ratio, $error));
    expect($between?->ratio)->toEqualWithDelta($ratio, 1e-9)->and($between?->error)->toEqualWithDelta($error, 1e-9)
        ->and(Observation::between($before, $before))->toBeNull();
})->with([[1.2, 0.1], [0.8, 0.3], [1.0, 0.05]]);

it('counts steam by pan and level, browning by heat, flour by every pot', function (): void {
    $lessons = [
        lesson(1.2, 0.9),
        lesson(1.5, 0.9, 300.0),
        lesson(0.7, 0.9, 240.0, SimmerLevel::Bare),
        lesson(browning: 1.5),
        lesson(browning: 0.6, heat: HobHeat::Low),
    ];
    $notebook = new Notebook($lessons);
    $here = $notebook->factors(Length::ofMillimetres(242.0), SimmerLevel::Brisk, HobHeat::Medium);
    expect($here->evaporation->observations)->toBe(1)->and($here->evaporation->value)->toBeGreaterThan(1.1)
        ->and($here->browning->observations)->toBe(1)->and($here->browning->value)->toBeGreaterThan(1.1)
        ->and($here->flourStrength->observations)->toBe(3)->and($here->flourStrength->value)->toBeLessThan(0.95)
        ->and(steamOf($lessons, 300.0)->value)->toBeGreaterThan(steamOf($lessons)->value)
        ->and(steamOf($lessons, 240.0, SimmerLevel::Bare)->value)->toBeLessThan(1.0)
        ->and(steamOf($lessons, 400.0))->toEqual(KitchenFactors::house()->evaporation);
});

it('counts browning by the ring as well: a strong one says nothing of a weak one', function (): void {
    $notebook = new Notebook([
        lesson(browning: 1.6, ring: 'ring-1'),
        lesson(browning: 1.6, ring: 'ring-1'),
        lesson(browning: 0.6, ring: 'ring-2'),
        lesson(browning: 0.9),
    ]);
    $on = static fn(string $ring): Factor => $notebook->factors(Length::ofMillimetres(240.0), SimmerLevel::Brisk, HobHeat::Medium, $ring)
        ->browning;
    expect($on('ring-1')->observations)
        ->toBe(2)
        ->and($on('ring-1')->value)
        ->toBeGreaterThan(1.2)
        ->and($on('ring-2')->observations)
        ->toBe(1)
        ->and($on('ring-2')->value)
        ->toBeLessThan(0.9)
        ->and($on('')->observations)
        ->toBe(1)
        ->and($on('ring-9'))
        ->toEqual(KitchenFactors::house()->browning);
});

it('shrinks its band pot by pot', function (): void {
    $course = (new Notebook([]))->course(Factor::unknown(0.3), array_fill(0, 6, new Observation(1.15, 0.12)));
    $widths = array_map(static fn(Factor $factor): float => $factor->deviation, $course);
    $sorted = $widths;
    rsort($sorted);
    expect($widths)->toBe($sorted)->and($course)->toHaveCount(7)->and($course[6]->value)->toEqualWithDelta(1.15, 0.02);
});

it('is not spoilt by one wild pot, wherever it comes', function (float $wild): void {
    $right = array_fill(0, 5, lesson(1.1));
    foreach ([0, 2, 5] as $at) {
        $lessons = $right;
        array_splice($lessons, $at, 0, [lesson($wild)]);
        expect(steamOf($lessons)->value)->toEqualWithDelta(steamOf($right)->value, 0.10 * steamOf($right)->value);
    }
})->with([0.1, 0.2, 5.0, 15.0]);

it('learns a kitchen that is a fifth off to within a tenth in five pots', function (float $true, float $flour, int $seed): void {
    // A kitchen that steams and thickens otherwise than the house believes; its cooks misread the stick by a millimetre or two.
    mt_srand($seed);
    $lessons = [];
    for ($pot = 0; $pot < 5; $pot++) {
        $known = (new Notebook($lessons))->factors(Length::ofMillimetres(240.0), SimmerLevel::Brisk, HobHeat::Medium);
        $question = Question::of(
            Base::Veloute,
            Volume::ofLitres(2.0),
            how: new How(simmer: new SimmerWish(level: SimmerLevel::Brisk)),
            in: new InKitchen(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0)), kitchen: $known),
        );
        $cooked = StovePots::of(question: $question);
        $real = (new Simmer($question->pan, SimmerLevel::Brisk, evaporation: $true))->for($cooked->sheet->start, $question->simmerTime);
        $millimetres = $question->pan->depth($real->volume())->inMillimetres() + mt_rand(-15, 15) / 10.0;
        $weaker = $real->strengthened($flour / $known->flourStrength->value);
        $spread = 2.0
        * Lento\Thickness\LineSpread::radius(
            Lento\Thickness\Flow::of($weaker, Lento\Quantity\Temperature::ofCelsius(60.0)),
        )->inMillimetres();
        $at = $cooked->begins(StepKind::Test) + 0.1;
        $watch = $cooked->watch([
            ...$cooked->until(StepKind::Test),
            Taps::read(StepKind::Test->value, Reading::depth(Length::ofMillimetres($millimetres)), StovePots::at($at), 'd'),
            Taps::read(StepKind::Test->value, Reading::spread(Length::ofMillimetres($spread)), StovePots::at($at + 0.2), 's'),
        ], $at + 0.5);
        $lessons[] = Lesson::between($known, $watch->kitchen(), $question->pan->diameter, SimmerLevel::Brisk, HobHeat::Medium);
    }
    $learnt = (new Notebook($lessons))->factors(Length::ofMillimetres(240.0), SimmerLevel::Brisk, HobHeat::Medium);
    expect($learnt->evaporation->value)->toEqualWithDelta($true, 0.10 * $true)
        ->and($learnt->flourStrength->value)->toEqualWithDelta($flour, 0.10 * $flour)
        ->and($learnt->evaporation->observations)->toBe(5);
})->with([[0.8, 0.8, 1], [1.2, 0.8, 2], [1.2, 1.2, 3], [0.8, 1.2, 4]]);

it('learns a ring that browns a fifth faster or slower to within an eighth in five roux', function (float $true, int $seed): void {
    mt_srand($seed);
    $lessons = [];
    $house = KitchenFactors::house();
    $brown = static fn(KitchenFactors $kitchen): StovePots => StovePots::of(
        question: Question::of(
            Base::Veloute,
            Volume::ofLitres(2.0),
            how: new How(new RouxWish(Colour::Brown, 'clarified-butter')),
            in: new InKitchen(kitchen: $kitchen),
        ),
    );
    // What the colour of this roux is really, minute by minute, on this ring.
    $real = $brown(KitchenFactors::of($house->evaporation, Factor::of($true, 0.001, 99), $house->flourStrength));
    for ($pot = 0; $pot < 5; $pot++) {
        $known = (new Notebook($lessons))->factors(Length::ofMillimetres(240.0), SimmerLevel::Bare, HobHeat::Medium);
        $cooked = $brown($known);
        $minutes = 0.8 * ($cooked->begins(StepKind::Pour) - $cooked->begins(StepKind::Colour));
        $shade = $real->watch($real->until(StepKind::Colour), $real->begins(StepKind::Colour) + $minutes)->roux?->now->shade->value
        + mt_rand(-10, 10) / 100.0;
        $at = $cooked->begins(StepKind::Colour) + $minutes;
        $watch = $cooked->watch(
            [
                ...$cooked->until(StepKind::Colour),
                Taps::read(StepKind::Colour->value, Reading::colour(Shade::of(max(0.0, $shade))), StovePots::at($at), 'c'),
            ],
            $at + 0.1,
        );
        $lessons[] = Lesson::between($known, $watch->kitchen(), Length::ofMillimetres(240.0), SimmerLevel::Bare, HobHeat::Medium);
    }
    $learnt = (new Notebook($lessons))->factors(Length::ofMillimetres(240.0), SimmerLevel::Bare, HobHeat::Medium)->browning;
    expect($learnt->value)->toEqualWithDelta($true, 0.12 * $true)->and($learnt->observations)->toBe(5);
})->with([[0.8, 1], [1.2, 2], [1.2, 3], [0.8, 4]]);

it('knows a pot that taught nothing', function (): void {
    expect(lesson()->teaches())->toBeFalse()->and(lesson(1.1)->teaches())->toBeTrue()->and(lesson(flour: 1.1)->teaches())->toBeTrue();
});

it('believes no pot, and no hundred of them, further than a kitchen can be', function (float $told): void {
    $lessons = array_fill(0, 100, lesson(steam: $told, flour: $told, browning: $told));
    $factors = (new Notebook($lessons))->factors(Length::ofMillimetres(240.0), SimmerLevel::Brisk, HobHeat::Medium);
    foreach ([$factors->evaporation, $factors->flourStrength, $factors->browning] as $factor) {
        expect($factor->value)->toBeGreaterThanOrEqual(Notebook::LEAST)->toBeLessThanOrEqual(Notebook::MOST)
            ->and($factor->value > 1.0)->toBe($told > 1.0);
    }
})->with([18.0, 0.06, 1.2]);

it('learns how long hands take, by the same rule as its other figures', function (): void {
    $slow = static fn(float $ratio): Lesson => lesson()->timing([
        'pour' => new Observation($ratio, 0.3),
        'strain' => new Observation(1.0, 0.3),
    ]);
    $one = (new Notebook([$slow(1.5)]))->shares();
    $six = (new Notebook(array_fill(0, 6, $slow(1.5))))->shares();
    expect($one['pour'])->toBeGreaterThan(1.05)->toBeLessThan(1.3)
        ->and($six['pour'])->toBeGreaterThan($one['pour'])->toBeLessThan(1.5)
        ->and($six['strain'])->toEqualWithDelta(1.0, 1e-9)
        ->and((new Notebook([lesson()]))->shares())->toBe([])
        ->and($slow(1.5)->teaches())->toBeTrue()
        // One cook who went to the door meanwhile.
        ->and((new Notebook([$slow(1.0), $slow(2.9)]))->shares()['pour'])->toBeLessThan(1.4)
        ->and(count((new Notebook([$slow(1.5), $slow(1.5)]))->hands()['pour']))->toBe(3);
});
