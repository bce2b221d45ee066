<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Course\Event;
use Lento\Course\Outcome;
use Lento\Course\Reading;
use Lento\Plan\StepKind;
use Lento\Pot\Pan;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Rescue\LateThickening;
use Lento\Rescue\Means;
use Lento\Stove\MoveKind;
use Lento\Stove\NextMove;
use Lento\Stove\NextTime;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\SpoonWord;
use Tests\Core\Course\Taps;
use Tests\Core\Room;
use Tests\Core\Stove\StovePots;

covers(...Room::of('Stove'));

/** @param list<Event> $more */
function tested(StovePots $pot, array $more = []): NextMove
{
    return $pot->watch([...$pot->until(StepKind::Test), ...$more], $pot->begins(StepKind::Test) + 1.0)->move
        ?? throw new RuntimeException('no move');
}

function testRead(StovePots $pot, Reading $reading): Event
{
    return Taps::read(StepKind::Test->value, $reading, StovePots::at($pot->begins(StepKind::Test) + 0.5), 'r');
}

function velouteWith(LateThickening $late): StovePots
{
    return StovePots::of(
        question: Question::of(
            Base::Veloute,
            Volume::ofLitres(2.0),
            how: new How(method: Method::of($late)),
            in: new InKitchen(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0))),
        ),
    );
}

it('leaves a sauce alone that is as it was meant to be', function (): void {
    $pot = StovePots::of();
    expect(tested($pot)->kind)->toBe(MoveKind::Right)
        ->and(tested($pot)->isDone())->toBeTrue()
        ->and(tested($pot, [testRead($pot, Reading::spoon(SpoonWord::Coats))])->kind)->toBe(MoveKind::Right)
        ->and($pot->watch($pot->until(StepKind::Simmer), $pot->begins(StepKind::Simmer) + 5.0)->move?->kind)->toBe(MoveKind::GoOn);
});

it('thins by as much liquid as brings it to its target, and is right after it', function (): void {
    $pot = StovePots::of();
    $thick = testRead($pot, Reading::spoon(SpoonWord::Masks));
    $move = tested($pot, [$thick]);
    expect($move->kind)->toBe(MoveKind::Thin)->and($move->adds())->toBeTrue()->and($move->liquid?->inMillilitres())->toBeGreaterThan(50.0);
    $done = Taps::toppedUp(
        StepKind::Test->value,
        $move->liquid ?? Volume::ofMillilitres(1.0),
        StovePots::at($pot->begins(StepKind::Test) + 0.8),
        'a',
    );
    expect(tested($pot, [$thick, $done])->kind)
        ->toBe(MoveKind::Right)
        ->and(tested($pot, [$thick, $done])->then->gramsPerLitre)
        ->toEqualWithDelta(EquivalentFlour::of($pot->sheet->end)->gramsPerLitre, 1.0);
});

it('thickens by the means of the school, and is right after it', function (LateThickening $late, Means $means): void {
    $pot = velouteWith($late);
    $thin = testRead($pot, Reading::spoon(SpoonWord::RunsOff));
    $move = tested($pot, [$thin]);
    expect($move->kind)
        ->toBe(MoveKind::Thicken)
        ->and($move->means)
        ->toBe($means)
        ->and($move->time->inMinutes())
        ->toBeGreaterThanOrEqual(4.0)
        ->and($move->butter?->inGrams())
        ->toEqualWithDelta($means->butter() * ($move->thickener?->inGrams() ?? 0.0), 1e-6)
        ->and($move->water?->inGrams())
        ->toEqualWithDelta($means->water() * ($move->thickener?->inGrams() ?? 0.0), 1e-6);
    $done = Taps::thickened(
        StepKind::Test->value,
        $means,
        $move->thickener ?? Mass::ofGrams(1.0),
        StovePots::at($pot->begins(StepKind::Test) + 0.8),
        'a',
    );
    expect(tested($pot, [$thin, $done])->then->gramsPerLitre)->toEqualWithDelta(EquivalentFlour::of($pot->sheet->end)->gramsPerLitre, 1.5);
})->with([
    [LateThickening::WhiteRoux, Means::WhiteRoux],
    [LateThickening::BeurreManie, Means::BeurreManie],
    [LateThickening::Slurry, Means::Slurry],
    // It would cost too much of the sauce to reduce one that runs off.
    [LateThickening::Reduce, Means::BeurreManie],
]);

it('reduces where there is volume to spare: to a depth, in minutes, and is right there', function (): void {
    $pot = StovePots::of(level: Lento\Pot\SimmerLevel::Brisk);
    $more = $pot->sheet->endDepth()->inMillimetres() + 5.0;
    $move = tested($pot, [testRead($pot, Reading::depth(Length::ofMillimetres($more)))]);
    expect($move->kind)
        ->toBe(MoveKind::Reduce)
        ->and($move->depth?->inMillimetres())
        ->toBeLessThan($more)
        ->and($move->time->inMinutes())
        ->toBeGreaterThan(1.0)
        ->toBeLessThan(20.0);
    $later = $pot->watch(
        [...$pot->until(StepKind::Test), testRead($pot, Reading::depth(Length::ofMillimetres($more)))],
        $pot->begins(StepKind::Test) + 0.5 + $move->time->inMinutes(),
    );
    expect($later->move?->kind)
        ->toBe(MoveKind::Right)
        ->and($later->sauce?->reckoning->depth()->inMillimetres())
        ->toEqualWithDelta($move->depth?->inMillimetres() ?? 0.0, 0.6);
});

it('proposes for the next pot what this one has shown', function (): void {
    $pot = StovePots::of(level: Lento\Pot\SimmerLevel::Brisk);
    $next = static fn(float $litres, SpoonWord $spoon): NextTime => NextTime::of(
        $pot->watch($pot->until(StepKind::Finish), $pot->begins(StepKind::Finish)),
        Outcome::of(Volume::ofLitres($litres), $spoon),
    ) ?? throw new RuntimeException();
    $right = $next(2.0, SpoonWord::Coats);
    expect([$right->flourChange, $right->liquidChange])->toBe([0.0, 0.0])
        ->and($next(1.6, SpoonWord::Coats)->liquidChange)->toBeGreaterThan(0.02)
        ->and($next(2.4, SpoonWord::Coats)->liquidChange)->toBeLessThan(-0.02)
        ->and($next(2.0, SpoonWord::Veils)->flourChange)->toBeGreaterThan(0.03)
        ->and($next(2.0, SpoonWord::Masks)->flourChange)->toBeLessThan(-0.03)
        ->and($next(1.6, SpoonWord::Coats)->kitchen->evaporation->value)->toBeGreaterThan(1.1);
});

it('proposes nothing for a pot that never had its liquid', function (): void {
    $pot = StovePots::of();
    expect(NextTime::of($pot->watch([], 5.0), Outcome::of(Volume::ofLitres(1.0), SpoonWord::Coats)))->toBeNull();
});

it('passes on what the pot has shown of its kitchen', function (): void {
    $pot = StovePots::of();
    $plain = $pot->watch($pot->until(StepKind::Test), $pot->begins(StepKind::Test))->kitchen();
    $thin = $pot
        ->watch([...$pot->until(StepKind::Test), testRead($pot, Reading::spoon(SpoonWord::Veils))], $pot->begins(StepKind::Test) + 1.0)
        ->kitchen();
    expect($plain->flourStrength->value)
        ->toBe(1.0)
        ->and($plain->flourStrength->observations)
        ->toBe(0)
        ->and($thin->flourStrength->value)
        ->toBeLessThan(1.0)
        ->and($thin->flourStrength->observations)
        ->toBe(1);
});

it('is at one moment what it was at that moment, however much later it is asked', function (): void {
    $pot = StovePots::of();
    $closed = [
        ...$pot->until(StepKind::Finish),
        Taps::finished(StepKind::Finish->value, StovePots::at($pot->begins(StepKind::Finish) + 2.0), 'z'),
    ];
    $soon = $pot->watch($closed, $pot->begins(StepKind::Finish) + 3.0);
    $late = $pot->watch($closed, $pot->begins(StepKind::Finish) + 3000.0);
    expect($late->now)
        ->toEqual($soon->now)
        ->and($late->sauce?->reckoning->sauce->millilitres())
        ->toBe($soon->sauce?->reckoning->sauce->millilitres());
});

it('never answers with a number that is none', function (float $litres): void {
    $pot = StovePots::of(question: Question::of(Base::Bechamel, Volume::ofLitres($litres)));
    foreach ([StepKind::Colour, StepKind::Boil, StepKind::Simmer, StepKind::Test, StepKind::Finish] as $kind) {
        $watch = $pot->watch($pot->until($kind), $pot->begins($kind) + 1.0);
        expect(is_finite($watch->roux->now->shade->value ?? 0.0))->toBeTrue()
            ->and(is_finite($watch->sauce?->reckoning->sauce->millilitres() ?? 0.0))->toBeTrue()
            ->and(is_finite($watch->sauce->thickness->likely->gramsPerLitre ?? 0.0))->toBeTrue()
            ->and(is_finite($watch->sauce->curve->arrives->high ?? 0.0))->toBeTrue();
    }
})->with([0.1, 1.0, 20.0, 200.0]);
