<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Composer;
use Lento\Compose\Question;
use Lento\Family\Catalogue;
use Lento\Family\HouseDerivatives;
use Lento\Family\Workplace;
use Lento\Plan\Plan;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Means;
use Lento\Rescue\Patient;
use Lento\Rescue\Remedies;
use Lento\Rescue\Remedy;
use Lento\Rescue\RemedyKind;
use Lento\Rescue\Severity;
use Lento\Rescue\Stage;
use Lento\Stove\PatientAtStage;
use Lento\Thickness\EquivalentFlour;
use Tests\Core\Family\FamilyPots;
use Tests\Core\Room;

covers(...Room::of('Rescue'), ...Room::of('Stove'));

function planOf(string $sauce): Plan
{
    /** @var array<string, Plan> $plans */
    static $plans = [];
    $base = Base::tryFrom($sauce);

    return $plans[$sauce] ??= $base === null
        ? FamilyPots::derived($sauce, 2.0)->plan(Catalogue::house()->root($sauce), Workplace::house())
        : (new Composer())->answer(Question::of($base, Volume::ofLitres(2.0)))->plan();
}

function atStage(string $sauce, Stage $stage, Severity $severity = Severity::Clearly): Patient
{
    return PatientAtStage::of(planOf($sauce), $stage, $severity) ?? throw new RuntimeException("no $sauce");
}

/** @return non-empty-list<Remedy> */
function rescued(string $sauce, Stage $stage, Fault $fault, Severity $severity = Severity::Clearly): array
{
    return Remedies::for($fault, atStage($sauce, $stage, $severity)->showing($fault));
}

/** @return list<string> */
function wayOut(string $sauce, Stage $stage, Fault $fault): array
{
    return array_map(static fn(Remedy $remedy): string => $remedy->kind->value, rescued($sauce, $stage, $fault));
}

$sauces = [...array_column(Base::cases(), 'value'), ...array_keys(HouseDerivatives::all())];

it('never boils what has a limit, whatever is wrong with it', function (string $sauce): void {
    foreach (Stage::cases() as $stage) {
        $patient = atStage($sauce, $stage);
        foreach (Fault::cases() as $fault) {
            foreach (Remedies::for($fault, $patient->showing($fault)) as $remedy) {
                expect($patient->condition->limit !== null && $remedy->boils())->toBeFalse("$stage->value $fault->value");
                foreach ($remedy->goesIn as [, $mass]) {
                    expect($mass->inGrams())->toBeGreaterThanOrEqual(0.0)->toBeLessThan(4000.0);
                }
                expect($remedy->after === null || $remedy->after->millilitres() > 0.0)->toBeTrue();
            }
        }
    }
})->with($sauces);

it('keeps a finished sauce to the limit of what is in it, and of its base', function (string $sauce, ?float $celsius): void {
    $limit = atStage($sauce, Stage::Finished)->condition->limit?->inCelsius();
    $celsius === null ? expect($limit)->toBeNull() : expect($limit)->toEqualWithDelta($celsius, 0.5);
})->with([
    ['allemande', 82.0],
    ['poulette', 82.0],
    ['mornay', 75.0],
    ['ivory', 80.0],
    ['chilli-gravy', 80.0],
    ['cream', null],
    ['veloute', null],
]);

it('thickens a liaison with starch cooked apart, and nothing else', function (): void {
    [$remedy] = rescued('allemande', Stage::Finished, Fault::TooThin);
    expect(wayOut('allemande', Stage::Finished, Fault::TooThin))->toBe(['thicken'])
        ->and($remedy->means)->toBe(Means::CookedApart)
        ->and($remedy->boils())->toBeFalse()
        ->and(array_column($remedy->goesIn, 0))->toBe(['cornflour', 'chicken-stock'])
        ->and(EquivalentFlour::of($remedy->after ?? throw new RuntimeException())->gramsPerLitre)
        ->toEqualWithDelta(atStage('allemande', Stage::Finished)->target->gramsPerLitre, 0.5);
});

it('offers by stage what the acts allow', function (Stage $stage, Fault $fault, array $kinds): void {
    expect(wayOut('veloute', $stage, $fault))->toBe($kinds);
})->with([
    [Stage::Roux, Fault::Scorched, ['start-over']],
    [Stage::Roux, Fault::TooThin, ['wait']],
    [Stage::Roux, Fault::TooPale, ['brown-longer']],
    [Stage::Roux, Fault::RouxStiff, ['add-fat']],
    [Stage::Pouring, Fault::TooThin, ['boil']],
    [Stage::Pouring, Fault::TooSalty, ['wait']],
    [Stage::Pouring, Fault::Lumps, ['whisk', 'blend', 'strain']],
    [Stage::Simmering, Fault::Scorched, ['decant', 'start-over']],
    [Stage::Simmering, Fault::RawFlour, ['cook-out']],
    [Stage::Strained, Fault::TooThick, ['thin']],
    [Stage::Held, Fault::Skin, ['strain']],
    [Stage::Cold, Fault::SetSolid, ['warm']],
    [Stage::Cold, Fault::TooThick, ['warm']],
    [Stage::Simmering, Fault::RawWine, ['cook-out']],
]);

it('begins again what was bound before it had ever boiled, and replaces a part where flour is raw', function (): void {
    expect(wayOut('allemande', Stage::Finished, Fault::NeverBoiled))->toBe(['start-over'])
        ->and(wayOut('mornay', Stage::Finished, Fault::RawFlour))->toBe(['replace-a-part'])
        ->and(wayOut('mornay', Stage::Finished, Fault::GrainyCheese))->toBe(['blend-with-acid', 'strain'])
        ->and(wayOut('supreme', Stage::Finished, Fault::SplitButter))->toBe(['whisk-water'])
        ->and(wayOut('allemande', Stage::Finished, Fault::RawWine))->toBe(['next-time']);
});

it('grows with how bad it is, half of it first', function (Fault $fault): void {
    $last = 0.0;
    foreach (Severity::cases() as $severity) {
        [$remedy] = rescued('veloute', Stage::Strained, $fault, $severity);
        $grams = array_sum(array_map(static fn(array $one): float => $one[1]->inGrams(), $remedy->goesIn));
        $half = array_sum(array_map(static fn(array $one): float => $one[1]->inGrams(), $remedy->half()));
        expect($grams)->toBeGreaterThan($last)->and($half)->toEqualWithDelta(0.5 * $grams, 1e-9)->and($remedy->byHalves())->toBeTrue();
        $last = $grams;
    }
})->with([Fault::TooThick, Fault::TooSalty, Fault::Sour, Fault::Flat, Fault::TooLittle]);

it('brings a salted sauce down with liquid, flour and its butter, in the minutes that a pot of it takes', function (): void {
    [$remedy] = rescued('veloute', Stage::Strained, Fault::TooSalty, Severity::Much);
    expect($remedy->kind)->toBe(RemedyKind::Desalt)
        ->and(array_column($remedy->goesIn, 0))->toBe(['chicken-stock', 'plain-flour', 'butter'])
        ->and($remedy->time->inMinutes())->toBeGreaterThan(18.0)
        ->and($remedy->after?->saltPercent())->toEqualWithDelta(0.75, 0.02);
});

it('binds fat with flour and water, and never with the fat that floats', function (): void {
    $remedies = rescued('veloute', Stage::Strained, Fault::FatFilm);
    expect(array_column($remedies[1]->goesIn, 0))->toBe(['plain-flour', 'water'])
        ->and($remedies[1]->time->inMinutes())->toBeGreaterThanOrEqual(4.0)
        ->and($remedies[0]->goesIn)->toBe([]);
});
