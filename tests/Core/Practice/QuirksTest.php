<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Exception\OutOfRange;
use Lento\Heat\HobHeat;
use Lento\Pot\Pan;
use Lento\Practice\Difficulty;
use Lento\Practice\Draw;
use Lento\Practice\Outcome;
use Lento\Practice\Quirk;
use Lento\Practice\Quirks;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Tests\Core\Practice\Kitchens;
use Tests\Core\Room;

covers(...Room::of('Practice'));

it('draws the same from the same seed, spread evenly, and nothing alike from its neighbour', function (): void {
    $shares = [];
    for ($seed = 1; $seed <= 400; $seed++) {
        $shares[] = Draw::from($seed)->next()->share();
    }
    expect(Draw::from(7)->next()->next())->toEqual(Draw::from(7)->next()->next())
        ->and(min($shares))->toBeGreaterThanOrEqual(0.0)
        ->and(max($shares))->toBeLessThan(1.0)
        ->and(array_sum($shares) / 400)->toEqualWithDelta(0.5, 0.05)
        ->and(count(array_unique(array_map(static fn(float $share): int => (int) floor(10.0 * $share), $shares))))->toBe(10)
        ->and(fn() => Draw::from(0))->toThrow(OutOfRange::class)
        ->and(fn() => Draw::from(Draw::MOST_SEED + 1))->toThrow(OutOfRange::class);
});

it('draws as many as the difficulty has, each within its span, no two that undo one another', function (Difficulty $difficulty): void {
    $possible = Kitchens::exercise(Base::Veloute)->possible();
    for ($seed = 1; $seed <= 200; $seed++) {
        $quirks = Quirks::drawn($seed, $difficulty, $possible);
        expect(count($quirks->all()))->toBe($difficulty->quirks())
            ->and($quirks->has(Quirk::PanWide) && $quirks->has(Quirk::PanNarrow))->toBeFalse()
            ->and(Quirks::drawn($seed, $difficulty, $possible))->toEqual($quirks);
        foreach ($quirks->sizes as $name => $size) {
            [$least, $most] = Quirk::from($name)->span();
            expect($size)->toBeBetween($least, $most);
        }
    }
})->with(Difficulty::cases());

it('offers no stock that is salty to a sauce of milk, and no flour that is weak to one without', function (): void {
    $milk = Kitchens::exercise(Base::Bechamel)->possible();
    expect($milk)->toContain(Quirk::ButterWet, Quirk::RingHot)->not->toContain(Quirk::StockSalty)
        ->and(Kitchens::exercise(Base::DemiGlace)->possible())->not->toContain(Quirk::FlourWeak);
});

it('refuses one beyond what kitchens have', function (): void {
    expect(fn() => Quirks::only(Quirk::RingHot, 3.0))->toThrow(OutOfRange::class)
        ->and(fn() => HeatedPan::of(Pan::wide(24.0))->onRing(2.5))->toThrow(OutOfRange::class);
});

it('heats more on a ring that runs hot, and leaves what a cook holds at a simmer', function (): void {
    $pan = HeatedPan::of(Pan::wide(24.0));
    $hot = Quirks::only(Quirk::RingHot, 1.3)->vessel($pan);
    $flame = Heating::hob(HobHeat::Medium);
    $simmer = Heating::simmer(Lento\Pot\SimmerLevel::Bare);
    expect($hot->flux($flame))->toEqualWithDelta(1.3 * $pan->flux($flame), 1e-9)
        ->and($hot->held($flame))->toBeGreaterThan($pan->held($flame))
        ->and($hot->flux($simmer))->toBe($pan->flux($simmer));
});

it('shows in the pot: each quirk moves what it is said to move, and careful hands hold its class', function (Quirk $quirk): void {
    $base = $quirk === Quirk::ButterWet ? Base::Bechamel : Base::Veloute;
    $home = Kitchens::exercise($base, 2.0);
    $strange = $home->in(Quirks::only($quirk, $quirk->size(1.0)));
    $byClock = Kitchens::again($strange, Kitchens::careful($home)->segments());
    [$was, $is] = [Kitchens::careful($home)->standing->pot->state, $byClock->standing->pot->state];
    $moved = match ($quirk) {
        Quirk::RingHot => ($is->shade->value ?? 0.0) > ($was->shade->value ?? 0.0) + 0.3,
        Quirk::FlourWeak => $is->sauce->starch->strengthGrams < 0.9 * $was->sauce->starch->strengthGrams,
        Quirk::StockSalty => $is->sauce->saltPercent() > $was->sauce->saltPercent() + 0.2,
        Quirk::StockJellied => $is->sauce->gelatinGrams > 1.5 * $was->sauce->gelatinGrams,
        Quirk::PanWide => $is->sauce->millilitres() < 0.97 * $was->sauce->millilitres(),
        Quirk::PanNarrow => $is->sauce->millilitres() > 1.02 * $was->sauce->millilitres(),
        Quirk::LiquidCold => $is !== $was,
        Quirk::ButterWet => $is->sauce->fatGrams < $was->sauce->fatGrams,
        Quirk::StirredLate => $byClock->standing->marks->burnt() > Kitchens::careful($home)->standing->marks->burnt() + 0.01,
    };
    $careful = Outcome::of($strange, Kitchens::careful($strange)->standing);
    expect($moved)->toBeTrue()
        ->and($careful->thickness->thicknessClass())->toBe($careful->wantedThickness->thicknessClass());
})->with(Quirk::cases());
