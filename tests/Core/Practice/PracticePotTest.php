<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Choice\FinishWay;
use Lento\Compose\How;
use Lento\Compose\Method;
use Lento\Exception\Missing;
use Lento\Exception\OutOfRange;
use Lento\Family\Catalogue;
use Lento\Family\HouseDerivatives;
use Lento\Family\Workplace;
use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Plan\StepKind;
use Lento\Pot\Pan;
use Lento\Pot\SimmerLevel;
use Lento\Pour\School;
use Lento\Practice\CarefulCook;
use Lento\Practice\Deed;
use Lento\Practice\DeedKind;
use Lento\Practice\Exercise;
use Lento\Practice\Look;
use Lento\Practice\LossKind;
use Lento\Practice\Outcome;
use Lento\Practice\Phase;
use Lento\Practice\Played;
use Lento\Practice\PracticePot;
use Lento\Practice\Sight;
use Lento\Practice\Smell;
use Lento\Practice\Sound;
use Lento\Practice\Standing;
use Lento\Practice\Taste;
use Lento\Practice\Where;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Thickness\SpoonWord;
use Tests\Core\Family\FamilyPots;
use Tests\Core\Practice\Kitchens;
use Tests\Core\Room;

covers(...Room::of('Practice'));

/**
 * Into a step, by careful hands.
 *
 * @return array{PracticePot, Played}
 */
function practisedTo(StepKind $kind, Base $base = Base::Bechamel, float $litres = 1.0, ?How $how = null, ?Pan $pan = null): array
{
    $pot = new PracticePot(Kitchens::exercise($base, $litres, $how, $pan));
    $cook = new CarefulCook($pot);
    $played = Played::from($pot->begun());
    while ($pot->exercise->step($played->standing->step)?->kind !== $kind) {
        $played = $pot->with($cook->next($played) ?? throw new RuntimeException('no such step'), $played);
    }

    return [$pot, $played];
}

function lookAfter(PracticePot $pot, Played $played, int $seconds): Look
{
    return $pot->look($pot->until($played->standing->second() + $seconds, $played));
}

it('comes out in its class in careful hands, each base at any size', function (Base $base, float $litres): void {
    $exercise = Kitchens::exercise($base, $litres);
    $outcome = Outcome::of($exercise, Kitchens::careful($exercise)->standing);
    expect($outcome->isIt())->toBeTrue()
        ->and($outcome->thickness->thicknessClass())->toBe($outcome->wantedThickness->thicknessClass())
        ->and($outcome->faults())->toBeLessThan(0.6)
        ->and($outcome->saltPercent)->toEqualWithDelta($outcome->wantedSaltPercent, 0.08);
})->with(Base::cases())->with([0.5, 2.0, 10.0]);

it('comes out in its class in careful hands, each derivative', function (string $sauce): void {
    $plan = FamilyPots::derived($sauce, 1.0)->plan(Catalogue::house()->root($sauce), Workplace::house());
    $exercise = Exercise::of($plan, Larder::house());
    $outcome = Outcome::of($exercise, Kitchens::careful($exercise)->standing);
    expect($outcome->thickness->thicknessClass())->toBe($outcome->wantedThickness->thicknessClass())
        ->and($outcome->faults[LossKind::Burnt->value])->toBeLessThan(0.5)
        ->and($outcome->faults[LossKind::Split->value])->toBeLessThan(0.5);
})->with(array_keys(HouseDerivatives::all()));

it('gives the same pot to the last digit for the same deeds, whoever looks in between', function (): void {
    $exercise = Kitchens::exercise(Base::Veloute);
    $played = Kitchens::careful($exercise);
    $pot = new PracticePot($exercise);
    $again = $pot->after($played->deeds);
    expect($again->standing)->toEqual($played->standing);
    $half = Played::from($pot->begun());
    foreach ($played->deeds as $deed) {
        $pot->ahead($half->standing->second() + 3, $half->standing->second() + 47, $half);
        $half = $pot->with($deed, $half);
    }
    expect($half->standing)->toEqual($played->standing);
});

it('keeps its books, and holds numbers only', function (Base $base, float $litres): void {
    $exercise = Kitchens::exercise($base, $litres);
    $pot = new PracticePot($exercise);
    $played = Kitchens::careful($exercise);
    $standing = $pot->until($played->standing->second() + 3600, $played);
    $state = $standing->pot->state;
    $in = max(1e-9, $state->ledger->in);
    expect(abs($state->ledger->left() - $state->content()->grams()) / $in)->toBeLessThan(1e-9);
    foreach ($pot->ahead(0, $standing->second(), $played) as $look) {
        foreach ($look->shares() as $share) {
            expect(is_finite($share))->toBeTrue();
        }
    }
})->with([Base::Bechamel, Base::Veloute, Base::Tomato])->with([0.1, 20.0, 200.0]);

it('goes by the seconds of its deeds, and takes none before the last or beyond the longest', function (): void {
    $pot = new PracticePot(Kitchens::exercise(Base::Bechamel));
    $played = $pot->after([Deed::heat(10, HobHeat::Medium)]);
    expect($played->standing->second())->toBe(10)
        ->and(fn() => $pot->with(Deed::heat(9, null), $played))->toThrow(OutOfRange::class)
        ->and(fn() => Deed::heat(PracticePot::LONGEST + 1, null))->toThrow(OutOfRange::class)
        ->and(fn() => Deed::heat(-1, null))->toThrow(OutOfRange::class)
        ->and(fn() => Deed::stir(0, 1.1))->toThrow(OutOfRange::class)
        ->and(fn() => Deed::whisk(0, 0))->toThrow(OutOfRange::class)
        ->and(fn() => $pot->after(array_fill(0, PracticePot::MOST_DEEDS + 1, Deed::of(0, DeedKind::Skim))))->toThrow(OutOfRange::class);
});

it('takes what its sheet takes, and refuses what is none of it', function (): void {
    [$pot, $played] = practisedTo(StepKind::Pour);
    expect(fn() => $pot->with(Deed::add($played->standing->second(), 'honey', Mass::ofGrams(10.0)), $played))->toThrow(Missing::class)
        ->and(fn() => $pot->with(Deed::of($played->standing->second(), DeedKind::Done), $played))->toThrow(Missing::class);
    $poured = $pot->with(Deed::add($played->standing->second(), 'whole-milk', Mass::ofGrams(100.0)), $played);
    $written = $pot->with(Deed::of($played->standing->second(), DeedKind::Written), $played);
    expect(fn() => $pot->with(Deed::of($poured->standing->second(), DeedKind::Written), $poured))->toThrow(Missing::class)
        ->and($poured->standing->pours)->toBe(1)
        ->and($written->standing->step)->toBe($played->standing->step + 1);
    $done = Kitchens::careful($pot->exercise);
    expect(fn() => $pot->with(Deed::heat($done->standing->second(), null), $done))->toThrow(Missing::class)
        ->and($pot->with(Deed::of($done->standing->second(), DeedKind::Taste), $done)->standing)->toEqual($done->standing);
});

it('foams while the butter has water, then stops, and smells of hot fat', function (): void {
    [$pot, $played] = practisedTo(StepKind::Melt);
    $hot = $pot->after([Deed::heat(0, HobHeat::Medium), Deed::add(0, 'butter', Mass::ofGrams(61.0))]);
    $foams = $pot->when(static fn(Standing $then): bool => $pot->look($then)->share('foam') > 0.4, $hot, 600);
    $foaming = $pot->look($pot->until($foams, $hot));
    $later = lookAfter($pot, $hot, 900);
    expect($pot->look($played->standing)->phase)->toBe(Phase::Bare)
        ->and($foams)->toBeLessThan(300)
        ->and($foaming->impression->sights)->toContain(Sight::Foam)
        ->and($foaming->phase)->toBe(Phase::Fat)
        ->and([$foaming->impression->smell, $foaming->impression->sound])->toBe([Smell::Butter, Sound::LoudHiss])
        ->and($later->impression->sights)->not->toContain(Sight::Foam)
        ->and([$later->impression->smell, $later->impression->sound])->toBe([Smell::HotFat, Sound::Silent]);
});

it('browns, specks at the edge that nobody stirs, and burns', function (): void {
    [$pot, $played] = practisedTo(StepKind::Colour, Base::Veloute);
    $at = $played->standing->second();
    $raw = $pot->look($played->standing);
    $middle = $pot->with(Deed::stir($at, 1.0, Where::Middle), $pot->with(Deed::heat($at, HobHeat::MediumHigh), $played));
    $alone = $pot->with(Deed::stir($at, 0.0), $pot->with(Deed::heat($at, HobHeat::High), $played));
    $edge = lookAfter($pot, $middle, 90);
    $burnt = lookAfter($pot, $alone, 600);
    expect($raw->phase)->toBe(Phase::Paste)
        ->and($raw->impression->smell)->toBe(Smell::Biscuit)
        ->and($edge->share('edge'))->toBeGreaterThan(3.0 * $edge->share('middle'))
        ->and($edge->impression->sights)->toContain(Sight::DarkEdge)
        ->and($burnt->impression->sights)->toContain(Sight::Specks)
        ->and($burnt->impression->smell)->toBe(Smell::Burnt)
        ->and($burnt->shade)->toBeGreaterThan(3.5)
        ->and($burnt->turnsFrom($raw))->toBeTrue()
        ->and($raw->turnsFrom($raw))->toBeFalse();
});

it('lumps where all of it goes in at once, which whisking mends and the strainer keeps', function (): void {
    [$pot, $played] = practisedTo(StepKind::Pour, how: new How(school: School::HotOnHot));
    $at = $played->standing->second();
    $all = $pot->with(Deed::add($at, 'whole-milk', Mass::ofGrams(900.0)), $pot->with(Deed::stir($at, 0.0), $played));
    $lumps = $pot->look($all->standing);
    $whisked = $pot->look($pot->with(Deed::whisk($at, 60), $all)->standing);
    expect($lumps->impression->sights)->toContain(Sight::Lumps)
        ->and($whisked->share('lumps'))->toBeLessThan(0.4 * $lumps->share('lumps'));
});

it('rises and runs over on a high flame with nobody there, and is the less for it', function (): void {
    [$pot, $played] = practisedTo(StepKind::Boil, litres: 2.0, pan: Pan::of(Length::ofMillimetres(180.0), Length::ofMillimetres(110.0)));
    $at = $played->standing->second();
    $left = $pot->with(Deed::heat($at, HobHeat::High), $pot->with(Deed::stir($at, 0.0), $played));
    $rising = $pot->when(static fn(Standing $then): bool => $then->marks->ranOver > 0.0, $left, 3600);
    $look = lookAfter($pot, $left, $rising - $at);
    $later = $pot->until($rising + 120, $left);
    expect($rising)->toBeLessThan($at + 1800)
        ->and($look->impression->sights)->toContain(Sight::RunsOver)
        ->and($look->impression->sound)->toBe(Sound::Hissing)
        ->and($look->share('head'))->toBeGreaterThan(1.0)
        ->and($later->marks->ranOver)->toBeGreaterThan(20.0)
        ->and($later->marks->caught)->toBeGreaterThan(0.0);
});

it('grows a skin where it stands, and the spoon breaks it to bits', function (): void {
    [$pot, $played] = practisedTo(StepKind::Test);
    $at = $played->standing->second();
    $stands = $pot->with(Deed::heat($at, null), $pot->with(Deed::stir($at, 0.0), $played));
    $skin = lookAfter($pot, $stands, 360);
    $stirred = $pot->with(Deed::stir($at + 360, 1.0), $stands);
    $after = lookAfter($pot, $stirred, 10);
    expect($skin->impression->sights)->toContain(Sight::Skin)
        ->and($after->impression->sights)->not->toContain(Sight::Skin)
        ->and($after->share('lumps'))->toBeGreaterThan($skin->share('lumps'));
});

it('splits over the limit of what binds it', function (): void {
    [$pot, $played] = practisedTo(StepKind::Test, Base::Veloute, 1.0, new How(method: Method::of(FinishWay::Liaison)));
    $bound = Kitchens::careful($pot->exercise);
    $binds = array_values(array_filter($bound->begins, static fn(Standing $one): bool => $one->pot->limit !== null))[0];
    $hot = $pot->with(Deed::heat($binds->second(), HobHeat::Medium), Played::from($binds));
    $look = lookAfter($pot, $hot, 300);
    expect($look->impression->sights)->toContain(Sight::Split)
        ->and($pot->until($binds->second() + 300, $hot)->marks->split)->toBeGreaterThan(0.5);
    expect($played->standing->marks->split)->toBe(0.0);
});

it('tells an instrument what an instrument tells, and the tongue what is wrong', function (): void {
    [$pot, $played] = practisedTo(StepKind::Season);
    $standing = $played->standing;
    $salted = $pot->with(Deed::add($standing->second(), 'salt', Mass::ofGrams(25.0)), $played)->standing;
    $read = static fn(DeedKind $kind): mixed => $pot->measured($kind, $standing);
    expect($read(DeedKind::Probe)->temperature?->inCelsius())->toEqualWithDelta($standing->pot->state->celsius, 1e-6)
        ->and($read(DeedKind::Weigh)->mass?->inGrams())->toEqualWithDelta($standing->pot->state->sauce->grams(), 1e-6)
        ->and($read(DeedKind::Depth)->volume?->inLitres())->toEqualWithDelta(1.0, 0.08)
        ->and($read(DeedKind::Dip)->spoon)->toBe(SpoonWord::Coats)
        ->and($read(DeedKind::Taste)->tastes)->toBe([Taste::Flat])
        ->and($pot->measured(DeedKind::Taste, $salted)->tastes)->toContain(Taste::TooSalty);
    [$early, $raw] = practisedTo(StepKind::Boil);
    expect($early->measured(DeedKind::Taste, $raw->standing)->tastes)->toContain(Taste::RawFlour);
    [$paste, $colour] = practisedTo(StepKind::Colour);
    expect($paste->measured(DeedKind::Dip, $colour->standing)->spoon)->toBeNull();
});

it('bubbles small and quick while it is watery, large and slow when it is thick', function (): void {
    [$pot, $played] = practisedTo(StepKind::Simmer, Base::MilkGravy);
    [$thin, $stock] = practisedTo(StepKind::Simmer, Base::Tomato);
    $at = $played->standing->second();
    $thick = lookAfter($pot, $pot->with(Deed::hold($at, SimmerLevel::Simmer), $played), 60);
    $loose = lookAfter($thin, $thin->with(Deed::hold($stock->standing->second(), SimmerLevel::Brisk), $stock), 180);
    expect($thick->share('size'))->toBeGreaterThan($loose->share('size'))
        ->and($loose->share('pace'))->toBeGreaterThan($thick->share('pace'))
        ->and($thick->share('trail'))->toBeGreaterThan($loose->share('trail'));
});
