<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Choice\AromaticsWay;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Compose\Sheet;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;
use Lento\Larder\Allergen;
use Lento\Larder\Larder;
use Lento\Plan\Amount;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Procedure\Act;
use Lento\Procedure\Extra;
use Lento\Procedure\Measure;
use Lento\Procedure\Where;
use Lento\Quantity\Volume;
use Lento\Simulation\Rehearsal;
use Lento\Thickness\EquivalentFlour;
use Tests\Core\Room;

covers(...Room::of('Procedure'));

function extra(string $what, float $amount, Where $where, Measure $measure = Measure::Grams, bool $inAll = false): Extra
{
    return Extra::of($what, $measure, $amount, $where, Larder::house(), $inAll);
}

function withExtras(Base $base, float $litres, Extra ...$extras): Sheet
{
    return (new Composer())->answer(
        Question::of($base, Volume::ofLitres($litres), in: new InKitchen(formula: Formula::house($base)->with(...$extras))),
    );
}

/** @return list<string> */
function actsWith(Base $base, Extra $extra): array
{
    return array_map(
        static fn(Act $act): string => $act->kind->value . ($act->words === '' ? '' : ':' . $act->words),
        Formula::house($base)->with($extra)->procedure->acts,
    );
}

it('puts each thing at its place of the work', function (Base $base, string $what, Where $where, string $act, string $after): void {
    $acts = actsWith($base, extra($what, 20.0, $where));
    $at = (int) array_search($act, $acts, true);
    expect($acts)->toContain($act)->and($acts[$at - 1] ?? 'nothing')->toBe($after);
})->with([
    [Base::Espagnole, 'bay-leaf', Where::WithVegetables, 'stir-in:with-vegetables', 'brown:paste'],
    [Base::Bechamel, 'leek', Where::WithVegetables, 'sweat', 'nothing'],
    [Base::Bechamel, 'white-wine', Where::WithVegetables, 'stir-in:with-vegetables', 'pour'],
    [Base::Bechamel, 'cayenne', Where::WithFlour, 'stir-in:with-flour', 'colour'],
    [Base::Veloute, 'white-wine', Where::WithLiquid, 'stir-in:with-liquid', 'pour'],
    [Base::DemiGlace, 'red-wine', Where::WithLiquid, 'stir-in:with-liquid', 'warm:together'],
    [Base::Veloute, 'leek', Where::InSimmer, 'stir-in:in-simmer', 'stir-in:trimmings'],
    [Base::Veloute, 'butter', Where::OffHeat, 'whisk-in', 'strain:cloth'],
    [Base::Veloute, 'hard-cheese', Where::OffHeat, 'melt-in', 'strain:cloth'],
    [Base::Tomato, 'egg-yolk', Where::Last, 'bind', 'season'],
    [Base::Tomato, 'parsley', Where::AtTable, 'stir-in:at-table', 'season'],
]);

it('reckons it like the house’s own: thickness, salt, allergens, books', function (Where $where, string $what): void {
    [$plain, $with] = [withExtras(Base::Veloute, 2.0), withExtras(Base::Veloute, 2.0, extra($what, 60.0, $where, inAll: true))];
    $pot = Rehearsal::of($with->plan(), Larder::house());
    $amounts = array_filter($with->amounts(), static fn(Amount $one): bool => $one->ingredient === $what);
    expect(EquivalentFlour::of($with->served)->gramsPerLitre)
        ->toEqualWithDelta(EquivalentFlour::of($plain->served)->gramsPerLitre, 0.1)
        ->and($with->served->volume()->inLitres())->toEqualWithDelta(2.0, 0.02)
        ->and(array_sum(array_map(static fn(Amount $one): float => $one->mass->inGrams(), $amounts)))->toBeGreaterThanOrEqual(60.0)
        ->and($with->served->saltPercent())->toEqualWithDelta($plain->served->saltPercent(), 0.02)
        ->and($pot?->error())->toBeLessThan(1e-9)
        ->and($pot->troubles ?? ['none'])->toBe([]);
})->with([
    [Where::WithLiquid, 'white-wine'],
    [Where::InSimmer, 'white-wine'],
    [Where::WithFlour, 'vegetable-oil'],
    [Where::OffHeat, 'hard-cheese'],
    [Where::OffHeat, 'butter'],
    [Where::Last, 'soured-cream'],
    [Where::AtTable, 'lemon-juice'],
]);

it('keeps a vegetable of the cook’s own, whatever the choice of aromatics', function (Base $base, ?AromaticsWay $way): void {
    $sheet = (new Composer())->answer(Question::of(
        $base,
        Volume::ofLitres(2.0),
        how: new How(method: $way === null ? null : Method::of($way)),
        in: new InKitchen(formula: Formula::house($base)->with(extra('leek', 120.0, Where::WithVegetables, inAll: true))),
    ));
    $fried = array_values(array_filter($sheet->plan()->steps, static fn(Step $step): bool => array_filter(
        $step->amounts,
        static fn(Amount $one): bool => $one->ingredient === 'leek' && abs($one->mass->inGrams() - 120.0) < 1e-6,
    ) !== []));
    expect($fried)->toHaveCount(1)->and($fried[0]->kind)->toBeIn([StepKind::Sweat, StepKind::BrownVegetables]);
})->with(array_filter(Base::cases(), static fn(Base $base): bool => $base->hasRoux()))->with([null, ...AromaticsWay::cases()]);

it('says what it brings of allergens', function (): void {
    $with = withExtras(Base::Tomato, 1.0, extra('anchovy', 10.0, Where::Last), extra('dry-mustard', 2.0, Where::WithLiquid));
    expect($with->allergens())->toContain(Allergen::Fish, Allergen::Mustard);
});

it('grows with the pot, but for what is said in all', function (): void {
    $of = static fn(Sheet $sheet): float => array_sum(array_map(
        static fn(Amount $one): float => $one->ingredient === 'white-wine' ? $one->mass->inGrams() : 0.0,
        $sheet->amounts(),
    ));
    $each = extra('white-wine', 50.0, Where::WithLiquid);
    $all = extra('white-wine', 50.0, Where::WithLiquid, inAll: true);
    expect($of(withExtras(Base::Veloute, 10.0, $each)))->toEqualWithDelta(500.0, 1e-6)
        ->and($of(withExtras(Base::Veloute, 10.0, $all)))->toEqualWithDelta(50.0, 1e-6)
        ->and($of(withExtras(Base::Veloute, 1.0, $all)))->toEqualWithDelta(50.0, 1e-6);
});

it('refuses what cannot be, or not there', function (Closure $asked, string $refusal): void {
    expect($asked)->toThrow($refusal);
})->with([
    'yolk in the simmer' => [fn() => extra('egg-yolk', 30.0, Where::InSimmer), NotReachable::class],
    'cheese with the flour' => [fn() => extra('hard-cheese', 30.0, Where::WithFlour), NotReachable::class],
    'soured cream that boils' => [fn() => extra('soured-cream', 30.0, Where::WithLiquid), NotReachable::class],
    'nothing of it' => [fn() => extra('butter', 0.0, Where::Last), OutOfRange::class],
    'more than the sauce' => [fn() => extra('butter', 1001.0, Where::Last), OutOfRange::class],
    'a bare starch' => [fn() => extra('cornflour', 10.0, Where::InSimmer), Unknown::class],
    'pieces of wine' => [fn() => extra('white-wine', 2.0, Where::InSimmer, Measure::Pieces), Unknown::class],
    'what nobody has' => [fn() => extra('unobtainium', 2.0, Where::Last), Unknown::class],
]);
