<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\How;
use Lento\Compose\InKitchen;
use Lento\Compose\Question;
use Lento\Compose\SimmerWish;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Length;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Patient;
use Lento\Rescue\Remedies;
use Lento\Rescue\Remedy;
use Lento\Rescue\RemedyKind;
use Lento\Stove\Trouble;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Sauce;
use Tests\Core\Room;

covers(...Room::of('Rescue'));

function patient(Base $base = Base::Veloute, ?SimmerLevel $level = null): Patient
{
    return Trouble::withSomebodys(
        Question::of(
            $base,
            Volume::ofLitres(3.0),
            how: new How(simmer: new SimmerWish(level: $level)),
            in: new InKitchen(Pan::of(Length::ofMillimetres(240.0), Length::ofMillimetres(160.0))),
        ),
    );
}

/** @return non-empty-list<Remedy> */
function mended(Fault $fault, ?Patient $patient = null): array
{
    return Remedies::for($fault, ($patient ?? patient())->showing($fault));
}

function gramsOfFlour(Sauce $sauce): float
{
    return EquivalentFlour::of($sauce)->gramsPerLitre;
}

/** @return list<string> */
function kindsOf(Fault $fault, ?Patient $patient = null): array
{
    return array_map(
        static fn(Remedy $remedy): string => $remedy->kind->value
            . ($remedy->means === null || $remedy->kind === RemedyKind::Desalt ? '' : ' ' . $remedy->means->value),
        mended($fault, $patient),
    );
}

it('takes what the cook sees for true', function (): void {
    $pot = patient();
    $target = $pot->target->gramsPerLitre;
    expect(gramsOfFlour($pot->showing(Fault::TooThick)->sauce))->toBeGreaterThan(1.15 * $target)
        ->and(gramsOfFlour($pot->showing(Fault::TooThin)->sauce))->toBeLessThan(0.85 * $target)
        ->and($pot->showing(Fault::TooSalty)->sauce->saltPercent())->toEqualWithDelta(1.3 * $pot->saltPercent, 0.05)
        ->and($pot->showing(Fault::RawFlour)->sauce->starch->rawTaste)->toBe(0.4)
        ->and($pot->showing(Fault::FatFilm)->sauce->freeFat()->inGrams())->toBeGreaterThan(10.0)
        // What is worse already is left as it is.
        ->and(gramsOfFlour($pot->showing(Fault::TooThick)->showing(Fault::TooThick)->sauce))
        ->toEqualWithDelta(gramsOfFlour($pot->showing(Fault::TooThick)->sauce), 2.0)
        ->and($pot->showing(Fault::Lumps))
        ->toBe($pot);
});

it('thins what is too thick to its target, and says how much it is then', function (): void {
    $pot = patient();
    [$remedy] = mended(Fault::TooThick);
    expect($remedy->kind)
        ->toBe(RemedyKind::Thin)
        ->and(gramsOfFlour($remedy->after ?? Sauce::nothing()))
        ->toEqualWithDelta($pot->target->gramsPerLitre, 0.2)
        ->and(($remedy->after?->millilitres() ?? 0.0) - $pot->sauce->millilitres())
        ->toEqualWithDelta($remedy->liquid?->inMillilitres() ?? 0.0, 25.0)
        ->and($remedy->after?->saltPercent())
        ->toBeLessThan($pot->sauce->saltPercent());
});

it('thickens what is too thin: by reducing where that is soon done, else by what is whisked in', function (): void {
    expect(kindsOf(Fault::TooThin))->toBe(['thicken beurre-manie', 'thicken white-roux', 'thicken slurry', 'reduce'])
        ->and(kindsOf(Fault::TooThin, patient(level: SimmerLevel::Boil))[0])->toBe('reduce');
    $target = patient()->target->gramsPerLitre;
    foreach (mended(Fault::TooThin) as $remedy) {
        expect(gramsOfFlour($remedy->after ?? Sauce::nothing()))->toEqualWithDelta($target, 0.3);
        if ($remedy->kind === RemedyKind::Thicken) {
            expect($remedy->solid?->inGrams())->toBeGreaterThan(10.0)->and($remedy->time->inMinutes())->toBeGreaterThanOrEqual(4.0);
        } else {
            expect($remedy->depth?->inMillimetres())->toBeGreaterThan(10.0);
        }
    }
});

it('whisks, blends, or strains lumps; the strainer takes flour and thickness with them', function (): void {
    [$whisk, $blend, $strain] = [...mended(Fault::Lumps), null, null];
    $pot = patient();
    expect([$whisk?->kind, $blend?->kind, $strain?->kind])->toBe([RemedyKind::Whisk, RemedyKind::Blend, RemedyKind::Strain])
        // Blended half a jug at a time: two minutes, and half a minute a litre, at least four.
        ->and($blend?->time->inMinutes())
        ->toEqualWithDelta(max(4.0, 2.0 + 0.5 * $pot->sauce->volume()->inLitres()), 1e-9)
        ->and($strain?->solid?->inGrams())->toEqualWithDelta(0.1 * $pot->sauce->starch->grams, 1e-6)
        ->and(gramsOfFlour($strain->after ?? Sauce::nothing()))->toBeLessThan(gramsOfFlour($pot->sauce) - 2.0);
});

it('boils what never boiled, and cooks out what is raw', function (): void {
    [$boil] = mended(Fault::NeverBoiled);
    [$out] = mended(Fault::RawFlour);
    expect($boil->kind)->toBe(RemedyKind::Boil)->and($boil->after?->starch->gelatinised)->toBeGreaterThanOrEqual(0.98)
        ->and($out->kind)->toBe(RemedyKind::CookOut)->and($out->after?->starch->rawTaste)->toEqualWithDelta(0.15, 0.005)
        ->and($out->time->inMinutes())->toBeGreaterThan(5.0);
});

it('simmers and strains what is pasty, with more fat next time', function (): void {
    [, , $next] = [...mended(Fault::Pasty), null, null];
    expect(kindsOf(Fault::Pasty))->toBe(['cook-out', 'strain', 'next-time'])->and($next?->solid?->inGrams())->toBeGreaterThan(10.0);
});

it('skims floating fat, or binds it', function (): void {
    [$skim, $bind] = [...mended(Fault::FatFilm), null];
    $free = patient()->showing(Fault::FatFilm)->sauce->freeFat()->inGrams();
    expect($skim?->kind)
        ->toBe(RemedyKind::Skim)
        ->and($skim?->solid?->inGrams())
        ->toEqualWithDelta($free, 1e-6)
        ->and($skim?->after?->freeFat()->inGrams())
        ->toEqualWithDelta(0.0, 0.5)
        ->and($bind?->kind)
        ->toBe(RemedyKind::Bind)
        ->and($bind?->solid?->inGrams())
        ->toEqualWithDelta($free / 1.5, 1e-6);
});

it('dilutes salt with liquid and roux together, so that the thickness stays', function (): void {
    [$remedy] = mended(Fault::TooSalty);
    $pot = patient();
    $salty = $pot->showing(Fault::TooSalty)->sauce;
    expect($remedy->kind)->toBe(RemedyKind::Desalt)
        ->and($remedy->after?->saltPercent())->toEqualWithDelta($pot->saltPercent, 0.01)
        ->and(gramsOfFlour($remedy->after ?? Sauce::nothing()))->toEqualWithDelta(gramsOfFlour($salty), 0.5)
        ->and($remedy->solid?->inGrams())->toEqualWithDelta(0.3 * $pot->sauce->starch->grams, 3.0);
});

it('mends a roux by grams, to a ratio', function (): void {
    [$stiff] = mended(Fault::RouxStiff);
    [$loose] = mended(Fault::RouxLoose);
    $roux = patient()->roux;
    expect($stiff->kind)
        ->toBe(RemedyKind::AddFat)
        ->and(($roux?->fat->inGrams() ?? 0.0) + ($stiff->solid?->inGrams() ?? 0.0))
        ->toEqualWithDelta(($stiff->ratio ?? 0.0) * ($roux?->flour->inGrams() ?? 0.0), 1e-6)
        ->and($loose->kind)
        ->toBe(RemedyKind::AddFlour)
        ->and(($roux?->fat->inGrams() ?? 0.0) / (($roux?->flour->inGrams() ?? 0.0) + ($loose->solid?->inGrams() ?? 0.0)))
        ->toEqualWithDelta($loose->ratio ?? 0.0, 1e-6)
        ->and([$stiff->after, $loose->after])
        ->toBe([null, null]);
});

it('says plainly what cannot be saved', function (Fault $fault): void {
    [$remedy] = mended($fault);
    expect($remedy->kind)->toBe(RemedyKind::StartOver)->and($remedy->after)->toBeNull()->and($fault->isFinal())->toBeTrue();
})->with([Fault::SpecksBurnt, Fault::RouxSeparated]);

it('pours off what has burnt on, and leaves its floor behind', function (): void {
    [$decant, $over] = [...mended(Fault::Scorched), null];
    expect($decant?->kind)
        ->toBe(RemedyKind::Decant)
        ->and($decant?->after?->millilitres())
        ->toEqualWithDelta(0.92 * patient()->sauce->millilitres(), 1e-6)
        ->and($decant?->liquid?->inMillilitres())
        ->toEqualWithDelta(0.08 * patient()->sauce->millilitres(), 1e-6)
        ->and($over?->kind)
        ->toBe(RemedyKind::StartOver);
});

it('cools and blends what has split, strains a skin, warms what has set', function (): void {
    expect(kindsOf(Fault::Split))->toBe(['cool-and-blend', 'strain'])->and(kindsOf(Fault::Skin))->toBe(['strain']);
    [$warm] = mended(Fault::SetSolid);
    expect($warm->kind)
        ->toBe(RemedyKind::Warm)
        ->and($warm->time->inMinutes())
        ->toBeGreaterThan(5.0)
        ->and($warm->liquid?->inMillilitres())
        ->toBeGreaterThan(50.0)
        // A tenth at most: what jelly is left melts by itself.
        ->and($warm->liquid?->inMillilitres())
        ->toBeLessThan(0.105 * patient()->sauce->millilitres())
        ->and(gramsOfFlour($warm->after ?? Sauce::nothing()))
        ->toBeGreaterThan(patient()->target->gramsPerLitre - 0.3);
});

it('ladles off down to four fifths of the brim, and only what is above', function (): void {
    $small = Trouble::withSomebodys(
        Question::of(
            Base::Bechamel,
            Volume::ofLitres(3.0),
            in: new InKitchen(Pan::of(Length::ofMillimetres(200.0), Length::ofMillimetres(105.0))),
        ),
    );
    [$first, $remedy] = [...mended(Fault::FoamedOver, $small), null];
    expect($first?->kind)->toBe(RemedyKind::OffTheFlame)
        ->and($remedy?->kind)->toBe(RemedyKind::LadleOff)
        ->and($remedy?->after?->millilitres())->toEqualWithDelta(0.8 * $small->pan->brim()->inMillilitres(), 1e-6)
        ->and(kindsOf(Fault::FoamedOver))->toBe(['off-the-flame'])
        ->and(kindsOf(Fault::TooDark))->toBe(['next-time'])
        ->and(kindsOf(Fault::TooPale))->toBe(['next-time'])
        ->and(kindsOf(Fault::Flat))->toContain('salt', 'sharpen');
});

it('answers every fault of every base, with numbers that are numbers', function (Base $base): void {
    foreach (Fault::cases() as $fault) {
        foreach (mended($fault, patient($base)) as $remedy) {
            expect(is_finite($remedy->time->seconds))->toBeTrue()
                ->and(is_finite($remedy->after?->millilitres() ?? 0.0))->toBeTrue()
                ->and($remedy->solid?->inGrams() ?? 1.0)->toBeGreaterThanOrEqual(0.0)
                ->and($remedy->liquid?->inMillilitres() ?? 1.0)->toBeGreaterThanOrEqual(0.0);
        }
    }
})->with(Base::cases());
