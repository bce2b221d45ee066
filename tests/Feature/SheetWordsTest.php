<?php

declare(strict_types=1);

use App\Format\AmountWords;
use App\Format\StepWords;
use Lento\Compose\Base;
use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Choice\ButterWay;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\Choice\FlourWay;
use Lento\Compose\Choice\MilkWay;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Choice\SaltTime;
use Lento\Compose\Choice\StrainWay;
use Lento\Compose\Composer;
use Lento\Compose\How;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Family\Catalogue;
use Lento\Family\HouseDerivatives;
use Lento\Family\Workplace;
use Lento\Plan\Amount;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Pour\School;
use Lento\Quantity\Volume;
use Tests\Core\Family\FamilyPots;

// A sheet may not contradict itself: its words come from the acts, so every word can be held against them.

/** @return list<array{Step, string}> each step with all that is said of it */
function saidBy(Plan $plan): array
{
    $words = StepWords::of($plan);

    return array_map(static fn(Step $step): array => [
        $step,
        implode(' | ', array_filter(
            [$words->title($step), $words->cue($step), $words->caution($step), ...array_values($words->senses($step))],
            static fn(string $text): bool => $text !== '',
        )),
    ], $plan->steps);
}

/** @return list<string> */
function contradictionsIn(Plan $plan): array
{
    $found = [];
    $all = implode("\n", array_column(saidBy($plan), 1));
    $fat = $plan->making->fat ?? '';
    $fat = $fat === '' ? 'butter' : $fat;
    foreach (
        [
            'all at once beside gradually' => str_contains($all, 'at once') && preg_match('/gradually|little by little/', $all) === 1
                && str_contains($all, 'All the flour at once'),
            'a fat that is not whole is cut small' => !in_array($fat, ['butter', 'rich-butter', 'margarine'], true)
                && str_contains($all, 'cut small'),
            'a fat without milk foams' => !in_array($fat, ['butter', 'rich-butter', 'margarine'], true)
                && preg_match('/until the foam|foam has fallen/', $all) === 1,
            'an unfilled blank' => preg_match('/(^|\s):[a-z_]+/', $all) === 1,
            'a key instead of words' => preg_match('/\b(steps|family|ingredients|units)\.[a-z-]/', $all) === 1,
            'two spaces, or a space before a full stop' => preg_match('/ {2,}| \.(\s|$)| ,/', $all) === 1,
        ] as $what => $is
    ) {
        if ($is) {
            $found[] = $what;
        }
    }
    $roux = $plan->cooking?->roux;
    foreach (saidBy($plan) as [$step, $said]) {
        $found = [...$found, ...contradictionsAt($step, $said, $roux?->meets->inCelsius() ?? 120.0)];
    }

    return $found;
}

/** @return list<string> */
function contradictionsAt(Step $step, string $said, float $rouxCelsius): array
{
    $found = [];
    $at = $step->conditions->at?->inCelsius();
    $most = $step->conditions->bounds->atMost?->inCelsius();
    if ($step->kind === StepKind::Pour && $at !== null && $at > 30.0 && preg_match('/\b(chilled|cold)\b/i', $said) === 1) {
        $found[] = "cold liquid at {$at} °C";
    }
    if ($step->kind === StepKind::LetDown && $rouxCelsius < 100.0 && preg_match('/hotter than boiling|above boiling/', $said) === 1) {
        $found[] = "hotter than boiling at {$rouxCelsius} °C";
    }
    if ($most !== null && $most < 95.0 && preg_match('/\b(boil it up|bring to the boil|at a simmer|back to a simmer)\b/i', $said) === 1) {
        $found[] = "boils within {$most} °C: $said";
    }
    // What is used at a step is named at it, with its amount.
    $own = in_array($step->kind, [StepKind::SetOut, StepKind::Correct, StepKind::Ladle, StepKind::Pour, StepKind::Combine], true);
    foreach ($own ? [] : $step->amounts as $amount) {
        if (!str_contains($said, AmountWords::parts($amount)[0])) {
            $found[] = "{$step->id}: {$amount->ingredient} is not told: $said";
        }
    }

    return $found;
}

it('says nothing of a base that its acts deny', function (Base $base, Method $method): void {
    foreach ([School::ColdOnHot, School::HotOnCold, School::HotOnHot, School::RouxIntoBoiling] as $school) {
        foreach ($school === School::ColdOnHot ? [0.2, 40.0] : [2.0] as $litres) {
            // A glass of purée bound with yolk is thick without any flour: that is refused.
            if ($base === Base::Tomato && $litres < 1.0 && $method->finish === FinishWay::Liaison) {
                continue;
            }
            $question = Question::of($base, Volume::ofLitres($litres), how: new How(school: $school, method: $method));
            expect(contradictionsIn((new Composer())->answer($question)->plan()))->toBe([]);
        }
    }
})->with(Base::cases())->with([
    'as usual' => [Method::of()],
    'gradually, infused, blended' => [Method::of(FlourWay::Gradually, AromaticsWay::Infused, StrainWay::Blended, MilkWay::Cold)],
    'sachet, left in, bound' => [Method::of(AromaticsWay::Sachet, StrainWay::LeftIn, FinishWay::Liaison, MilkWay::Warmed)],
    'apart, oven, creamed' => [Method::of(AromaticsWay::Apart, RouxPlace::Oven, FinishWay::Cream)],
    'sweated, browned, mounted' => [Method::of(AromaticsWay::Sweated, ButterWay::Browned, FinishWay::Butter, SaltTime::InTheMiddle)],
]);

it('says nothing of a derivative that its acts deny', function (string $sauce): void {
    foreach ([0.2, 40.0] as $litres) {
        $plan = FamilyPots::derived($sauce, $litres)->plan(Catalogue::house()->root($sauce), Workplace::house());
        expect(contradictionsIn($plan))->toBe([]);
    }
})->with(array_keys(HouseDerivatives::all()));

/**
 * @param list<Amount> $amounts
 *
 * @return array<string, float> g by ingredient
 */
function gramsByName(array $amounts): array
{
    $grams = [];
    foreach ($amounts as $amount) {
        $grams[$amount->ingredient] = ($grams[$amount->ingredient] ?? 0.0) + $amount->mass->inGrams();
    }
    ksort($grams);

    return $grams;
}

it('sets out what its acts use, all of it and nothing else', function (Base $base): void {
    foreach ([0.2, 2.0, 40.0] as $litres) {
        $sheet = (new Composer())->answer(Question::of($base, Volume::ofLitres($litres)));
        $used = array_merge(...array_map(static fn(Step $step): array => $step->amounts, $sheet->plan()->steps));
        expect(array_keys(gramsByName($used)))->toBe(array_keys(gramsByName($sheet->amounts())));
        foreach (gramsByName($sheet->amounts()) as $ingredient => $grams) {
            expect(gramsByName($used)[$ingredient])->toEqualWithDelta($grams, 1e-6 * max(1.0, $grams));
        }
    }
})->with(Base::cases());

it('takes no less time for more', function (string $sauce): void {
    $minutes = static function (float $litres) use ($sauce): array {
        $base = Base::tryFrom($sauce);
        $plan = $base === null
            ? FamilyPots::derived($sauce, $litres)->plan(Catalogue::house()->root($sauce), Workplace::house())
            : (new Composer())->answer(Question::of($base, Volume::ofLitres($litres)))->plan();
        $minutes = [];
        foreach ($plan->steps as $step) {
            // What is boiled, browned or corrected goes by pan, heat and share: more of it may well stand shallower in a wider pan.
            if (!$step->pace->timed && $step->kind !== StepKind::Correct || in_array(
                $step->kind,
                [StepKind::Sweat, StepKind::BrownVegetables, StepKind::ReduceApart],
                true,
            )) {
                $minutes[$step->id] = $step->pace->time->inMinutes();
            }
        }

        return $minutes;
    };
    [$small, $large] = [$minutes(2.0), $minutes(40.0)];
    expect(count($large))->toBeGreaterThanOrEqual(count($small));
    foreach ($small as $id => $time) {
        expect($large[$id] ?? $time)->toBeGreaterThanOrEqual($time - 1e-9, "{$id}");
    }
    // Twenty times as much is not carried, whisked and strained in the same minutes.
    expect(array_sum($large))->toBeGreaterThan(1.3 * array_sum($small));
})->with([...array_column(Base::cases(), 'value'), ...array_keys(HouseDerivatives::all())]);
