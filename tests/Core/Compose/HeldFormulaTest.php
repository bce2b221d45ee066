<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Bringing;
use Lento\Compose\Composer;
use Lento\Compose\Formula;
use Lento\Compose\Given;
use Lento\Compose\HeldFormula;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Compose\RouxWish;
use Lento\Compose\Sheet;
use Lento\Compose\SimmerWish;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Larder\Larder;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Density;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Volume;
use Lento\Simulation\Rehearsal;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;
use Tests\Core\Room;

covers(...Room::of('Compose'));

function heldGrams(float $fat, float $flour, float $litres): HeldFormula
{
    return HeldFormula::amounts(Mass::ofGrams($fat), Mass::ofGrams($flour), Volume::ofLitres($litres));
}

/** A formula cooked as written, so many litres of its liquid in all, in a 24 cm pan. */
function cookedAsWritten(Base $base, float $fat, float $flour, float $litres, ?float $minutes = null): Sheet
{
    return (new Composer())->answer(Question::of(
        $base,
        Given::liquid(Volume::ofLitres($litres * Formula::house($base)->share())),
        how: new How(
            new RouxWish(held: heldGrams($fat, $flour, $litres)),
            new SimmerWish($minutes === null ? null : Duration::ofMinutes($minutes)),
        ),
        in: new InKitchen(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(140.0))),
    ));
}

it('keeps a formula as written, and says how thick it comes out', function (Base $base, float $fat, float $flour): void {
    $sheet = cookedAsWritten($base, $fat, $flour, 2.0);
    $pot = Rehearsal::of($sheet->plan(), Larder::house());
    expect($sheet->roux->flour->inGrams())->toEqualWithDelta($flour, 1e-4)
        ->and($sheet->roux->fat->inGrams())->toEqualWithDelta($fat, 1e-4)
        ->and($sheet->liquid->inLitres())->toEqualWithDelta(2.0, 1e-5)
        // The question is as thick as its answer: class, forecast, and rescue go by what it will be.
        ->and($sheet->question->thickness->gramsPerLitre)->toEqualWithDelta($sheet->thickness->gramsPerLitre, 1e-6)
        ->and($sheet->thickness->gramsPerLitre)->toBeGreaterThan(10.0)->toBeLessThan(200.0)
        ->and($pot?->error())->toBeLessThan(1e-9)
        ->and(EquivalentFlour::of($pot->end->sauce ?? $sheet->served)->gramsPerLitre)
        ->toEqualWithDelta($sheet->thickness->gramsPerLitre, 0.08 * $sheet->thickness->gramsPerLitre);
})->with([
    [Base::Bechamel, 120.0, 120.0],
    [Base::Veloute, 100.0, 120.0],
    [Base::Tomato, 90.0, 90.0],
    [Base::PanGravy, 60.0, 60.0],
    [Base::MilkGravy, 150.0, 110.0],
]);

it('is the other side of the same question: what a thickness takes makes that thickness', function (Base $base): void {
    $asked = (new Composer())->answer(Question::of($base, Volume::ofLitres(2.0)));
    [$fat, $flour, $litres] = [$asked->roux->fat->inGrams(), $asked->roux->flour->inGrams(), $asked->liquid->inLitres()];
    $held = (new Composer())->answer(Question::of(
        $base,
        Volume::ofLitres(2.0),
        how: new How(new RouxWish(held: heldGrams($fat, $flour, $litres))),
    ));
    expect($held->thickness->gramsPerLitre)->toEqualWithDelta($asked->thickness->gramsPerLitre, 0.01)
        ->and($held->roux->flour->inGrams())->toEqualWithDelta($flour, 1e-2)
        ->and($held->liquid->inLitres())->toEqualWithDelta($litres, 1e-4);
})->with(array_filter(Base::cases(), static fn(Base $base): bool => $base->hasRoux()));

it('never grows thinner with more flour, nor thicker with more liquid', function (): void {
    $last = 0.0;
    foreach ([40.0, 80.0, 120.0, 160.0] as $flour) {
        $thick = cookedAsWritten(Base::Veloute, 80.0, $flour, 2.0)->thickness->gramsPerLitre;
        expect($thick)->toBeGreaterThan($last);
        $last = $thick;
    }
    expect(cookedAsWritten(Base::Veloute, 80.0, 160.0, 3.0)->thickness->gramsPerLitre)->toBeLessThan($last);
});

it('reads a ratio by weight, by volume, and of roux to liquid', function (): void {
    $stock = Density::ofGramsPerMillilitre(1.005);
    $weight = HeldFormula::byWeight(1.0, 1.0, 10.0, $stock);
    $volume = HeldFormula::byVolume(1.0, 1.0, 10.0, Density::ofGramsPerMillilitre(0.96), Density::ofGramsPerMillilitre(0.52));
    $roux = HeldFormula::roux(1.0, 5.0, 1.5, $stock);
    expect([$weight->fatToFlour, $weight->flourPerLitre])->toEqualWithDelta([1.0, 100.5], 1e-9)
        ->and($volume->fatToFlour)->toEqualWithDelta(0.96 / 0.52, 1e-9)
        ->and($volume->flourPerLitre)->toEqualWithDelta(52.0, 1e-9)
        ->and($roux->fatToFlour)->toEqualWithDelta(1.5, 1e-9)
        ->and($roux->flourPerLitre)->toEqualWithDelta(1005.0 / 5.0 / 2.5, 1e-9);
});

it('refuses what makes no sauce', function (Closure $asked, string $refusal): void {
    expect($asked)->toThrow($refusal);
})->with([
    'no fat to speak of' => [fn() => heldGrams(20.0, 50.0, 1.0), OutOfRange::class],
    'a pool of fat' => [fn() => heldGrams(151.0, 50.0, 1.0), OutOfRange::class],
    'no flour' => [fn() => heldGrams(0.0, 0.0, 1.0), OutOfRange::class],
    'dough' => [fn() => heldGrams(601.0, 601.0, 1.0), OutOfRange::class],
    'no liquid' => [fn() => heldGrams(50.0, 50.0, 0.0), OutOfRange::class],
    'no roux of its own' => [
        fn() => Question::of(Base::DemiGlace, Volume::ofLitres(1.0), how: new How(new RouxWish(held: heldGrams(50.0, 50.0, 1.0)))),
        NotReachable::class,
    ],
]);

it('says what brings it to a class: each way by itself does', function (): void {
    $thin = cookedAsWritten(Base::Veloute, 100.0, 100.0, 2.0);
    $coat = Bringing::of($thin, ThicknessClass::Coating);
    $more = cookedAsWritten(Base::Veloute, 100.0, 100.0 + ($coat->flour?->inGrams() ?? 0.0), 2.0);
    expect($thin->thickness->thicknessClass())->toBe(ThicknessClass::Pouring)
        ->and($coat->flour?->inGrams())->toBeGreaterThan(1.0)
        ->and($more->thickness->gramsPerLitre)->toEqualWithDelta(ThicknessClass::Coating->target()->gramsPerLitre, 0.1)
        ->and($coat->liquid)->toBeNull()
        ->and($coat->isThere())->toBeFalse();
    if ($coat->longer !== null) {
        $longer = cookedAsWritten(Base::Veloute, 100.0, 100.0, 2.0, $thin->question->simmerTime->inMinutes() + $coat->longer->inMinutes());
        expect($longer->thickness->gramsPerLitre)->toEqualWithDelta(ThicknessClass::Coating->target()->gramsPerLitre, 2.0);
    }
});

it('is boiled down where that does not take too long', function (): void {
    $pan = Pan::of(Length::ofMillimetres(280.0), Length::ofMillimetres(160.0));
    $in = static fn(?float $minutes): Sheet => (new Composer())->answer(Question::of(
        Base::Veloute,
        Given::liquid(Volume::ofLitres(2.0)),
        how: new How(
            new RouxWish(held: heldGrams(90.0, 90.0, 2.0)),
            new SimmerWish($minutes === null ? null : Duration::ofMinutes($minutes), SimmerLevel::Simmer),
        ),
        in: new InKitchen($pan),
    ));
    $thin = $in(30.0);
    $longer = Bringing::of($thin, ThicknessClass::Coating)->longer;
    expect($longer?->inMinutes())->toBeGreaterThan(1.0)->toBeLessThan(45.0)
        ->and($in(30.0 + ($longer?->inMinutes() ?? 0.0))->thickness->gramsPerLitre)
        ->toEqualWithDelta(ThicknessClass::Coating->target()->gramsPerLitre, 1.5);
});

it('is thinned by liquid, and by nothing where it stands there already', function (): void {
    $thick = cookedAsWritten(Base::Bechamel, 200.0, 200.0, 2.0);
    $coat = Bringing::of($thick, ThicknessClass::Coating);
    $thinned = cookedAsWritten(Base::Bechamel, 200.0, 200.0, 2.0 + ($coat->liquid?->inLitres() ?? 0.0));
    expect($coat->flour)->toBeNull()
        ->and($coat->longer)->toBeNull()
        ->and($coat->liquid?->inLitres())->toBeGreaterThan(0.3)
        ->and($thinned->thickness->gramsPerLitre)->toEqualWithDelta(ThicknessClass::Coating->target()->gramsPerLitre, 0.5)
        ->and(Bringing::of($thinned, ThicknessClass::Coating)->isThere())->toBeTrue();
});

it('takes more roux where flour alone would leave it dry', function (): void {
    $thin = cookedAsWritten(Base::Veloute, 60.0, 100.0, 2.0);
    $bind = Bringing::of($thin, ThicknessClass::Binding);
    expect($bind->flour)->toBeNull()->and($bind->roux?->inGrams())->toBeGreaterThan(50.0);
    $share = 1.0 + ($bind->roux?->inGrams() ?? 0.0) / 160.0;
    expect(cookedAsWritten(Base::Veloute, 60.0 * $share, 100.0 * $share, 2.0)->thickness->gramsPerLitre)
        ->toEqualWithDelta(ThicknessClass::Binding->target()->gramsPerLitre, 0.5);
});
