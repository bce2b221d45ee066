<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\ButterWay;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\StrainWay;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Exception\NotReachable;
use Lento\Family\Catalogue;
use Lento\Family\HouseDerivatives;
use Lento\Family\Workplace;
use Lento\Larder\Larder;
use Lento\Plan\Plan;
use Lento\Plan\StepKind;
use Lento\Pour\School;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Simulation\Happening;
use Lento\Simulation\Mishap;
use Lento\Simulation\Rehearsal;
use Lento\Simulation\Rehearsed;
use Lento\Thickness\EquivalentFlour;
use Tests\Core\Family\FamilyPots;
use Tests\Core\Room;

covers(...Room::of('Simulation'));

function rehearsed(Plan $plan): Rehearsed
{
    return Rehearsal::of($plan, Larder::house()) ?? throw new RuntimeException('nothing to rehearse');
}

/** @return list<string> */
function mishapsOf(Rehearsed $pot): array
{
    return array_map(static fn(Happening $one): string => $one->trouble->value . ' ' . $one->about, $pot->troubles);
}

it('cooks each base from its first step, passes no limit, and lands where its sheet says', function (Base $base, float $litres): void {
    $sheet = (new Composer())->answer(Question::of($base, Volume::ofLitres($litres)));
    $pot = rehearsed($sheet->plan());
    $grams = EquivalentFlour::of($sheet->served)->gramsPerLitre;
    expect(mishapsOf($pot))->toBe([])
        ->and($pot->error())->toBeLessThan(1e-9)
        ->and(EquivalentFlour::of($pot->end->sauce)->gramsPerLitre)->toEqualWithDelta($grams, 0.03 * $grams)
        ->and($pot->end->sauce->millilitres())->toEqualWithDelta($sheet->served->millilitres(), 0.015 * 1000.0 * $litres);
})->with(Base::cases())->with([0.2, 2.0, 10.0, 40.0, 120.0]);

it('cooks each derivative from its ladle, passes no limit, and lands in its class', function (string $sauce, float $litres): void {
    $derived = FamilyPots::derived($sauce, $litres);
    $pot = rehearsed($derived->plan(Catalogue::house()->root($sauce), Workplace::house()));
    $grams = $derived->thickness()->gramsPerLitre;
    expect(mishapsOf($pot))->toBe([])->and($pot->error())->toBeLessThan(1e-9);
    // What thins it is not in the acts' own books.
    if ($derived->correction === null) {
        expect(EquivalentFlour::of($pot->end->sauce)->gramsPerLitre)->toEqualWithDelta($grams, 0.05 * $grams);
    }
})->with(array_keys(HouseDerivatives::all()))->with([0.2, 10.0, 120.0]);

it('cooks every base by every choice, at any size', function (Base $base, Method $method): void {
    $ways = [[School::ColdOnHot, 0.2], [School::HotOnHot, 2.0], [School::HotOnCold, 10.0], [School::ColdOnHot, 40.0]];
    // What little an oven bakes browns on faster than its sheet looks at it.
    $within = $method->place === RouxPlace::Oven ? 0.12 : 0.07;
    foreach ($ways as [$school, $litres]) {
        $question = Question::of($base, Volume::ofLitres($litres), how: new How(school: $school, method: $method));
        try {
            $sheet = (new Composer())->answer($question);
        } catch (NotReachable) {
            // A glass of purée bound with yolk is thick without any flour.
            expect($base)->toBe(Base::Tomato)->and($litres)->toBeLessThan(1.0);
            continue;
        }
        $pot = rehearsed($sheet->plan());
        $limits = array_filter($pot->troubles, static fn(Happening $one): bool => $one->trouble === Mishap::TooHotFor);
        $grams = EquivalentFlour::of($sheet->served)->gramsPerLitre;
        expect($limits)->toBe([])
            ->and($pot->error())->toBeLessThan(1e-9)
            ->and(EquivalentFlour::of($pot->end->sauce)->gramsPerLitre)->toEqualWithDelta($grams, $within * $grams);
    }
})->with(Base::cases())->with([
    'infused, blended' => [Method::of(AromaticsWay::Infused, StrainWay::Blended, MilkWay::Cold)],
    'sachet, left in, bound' => [Method::of(AromaticsWay::Sachet, StrainWay::LeftIn, FinishWay::Liaison, MilkWay::Warmed)],
    'sweated, strained, mounted' => [Method::of(AromaticsWay::Sweated, StrainWay::Strained, FinishWay::Butter, SaltTime::InTheMiddle)],
    'apart, oven, creamed' => [Method::of(AromaticsWay::Apart, RouxPlace::Oven, FinishWay::Cream, ButterWay::Browned)],
]);

it('foretells its own yield: a fifth of a per cent off at the median, nine in ten within one and a half', function (): void {
    $off = [];
    foreach (Base::cases() as $base) {
        foreach ([[School::ColdOnHot, 0.4], [School::HotOnHot, 3.0], [School::HotOnCold, 15.0]] as [$school, $litres]) {
            foreach ([Method::of(FinishWay::Butter), Method::of(AromaticsWay::Sachet, MilkWay::Warmed)] as $method) {
                $question = Question::of($base, Volume::ofLitres($litres), how: new How(school: $school, method: $method));
                $sheet = (new Composer())->answer($question);
                $off[] = rehearsed($sheet->plan())->end->sauce->millilitres() / $sheet->served->millilitres() - 1.0;
            }
        }
    }
    sort($off);
    expect(abs($off[intdiv(count($off), 2)]))->toBeLessThan(0.002)
        ->and(count(array_filter($off, static fn(float $one): bool => abs($one) < 0.015)) / count($off))->toBeGreaterThan(0.9);
});

it('goes on from any state of a running pot', function (): void {
    $plan = (new Composer())->answer(Question::of(Base::Veloute, Volume::ofLitres(2.0)))->plan();
    $cooking = $plan->cooking ?? throw new RuntimeException('nothing');
    $at = $plan->at($plan->first(StepKind::Simmer)->id ?? '') ?? 0;
    $pot = Rehearsal::from($plan, $at, $cooking->sauces->start->boiledThrough(0.95), Temperature::ofCelsius(98.0), Larder::house());
    expect($pot?->troubles)->toBe([])
        ->and(EquivalentFlour::of($pot->end->sauce ?? $cooking->sauces->start)->gramsPerLitre)->toEqualWithDelta(58.0, 3.0)
        ->and(array_keys($pot->times ?? []))->toContain('simmer', 'strain')->not->toContain('melt', 'pour')
        ->and(Rehearsal::from(Plan::free(), 0, $cooking->sauces->start, Temperature::ofCelsius(20.0), Larder::house()))->toBeNull();
});

it('calls a limit that is passed', function (): void {
    $derived = FamilyPots::derived('allemande', 1.0);
    $plan = $derived->plan(Base::Veloute, Workplace::house());
    $at = $plan->at($plan->first(StepKind::Test)->id ?? '') ?? 0;
    $hot = Rehearsal::from($plan, $at, $derived->sauce, Temperature::ofCelsius(95.0), Larder::house());
    expect($hot === null ? [] : mishapsOf($hot))->toBe(['too-hot-for ']);
});
