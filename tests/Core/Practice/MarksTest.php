<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Heat\HobHeat;
use Lento\Plan\StepKind;
use Lento\Pot\Lid;
use Lento\Pot\Pan;
use Lento\Practice\Head;
use Lento\Practice\Marks;
use Lento\Practice\Standing;
use Lento\Quantity\Length;
use Lento\Simulation\HeatedPan;
use Lento\Simulation\Heating;
use Lento\Simulation\PotState;
use Lento\Simulation\Setting;
use Tests\Core\Practice\Kitchens;
use Tests\Core\Room;

covers(...Room::of('Practice'));

it('gathers and never loses a mark, and none grows past the whole', function (): void {
    $marks = Marks::none();
    $before = [0.0, 0.0, 0.0, 0.0];
    foreach ([0.0, 0.1, 0.5, 2.0, -1.0, 0.3] as $share) {
        $marks = $marks->burning($share, 0.5 * $share)->catching($share)->splitting($share);
        $now = [$marks->middle, $marks->edge, $marks->caught, $marks->split];
        foreach ($now as $i => $mark) {
            expect($mark)->toBeGreaterThanOrEqual($before[$i])->toBeLessThanOrEqual(1.0);
        }
        $before = $now;
    }
    expect($marks->burnt())->toBe(1.0)->and(Marks::none()->burnt())->toBe(0.0);
});

it('counts what tastes burnt from the bottom and from the floor together', function (): void {
    expect(Marks::none()->burning(0.3, 0.1)->burnt())->toEqualWithDelta(0.3, 1e-12)
        ->and(Marks::none()->burning(0.3, 0.1)->catching(0.5)->burnt())->toEqualWithDelta(0.65, 1e-12);
});

it('lets a skin come and go, and adds up what ran over', function (): void {
    $marks = Marks::none()->skinned(0.6)->runningOver(20.0)->runningOver(5.0);
    expect($marks->skin)->toBe(0.6)
        ->and($marks->skinned(3.0)->skin)->toBe(1.0)
        ->and($marks->skinned(-1.0)->skin)->toBe(0.0)
        ->and($marks->ranOver)->toBe(25.0);
});

/** A litre of milk sauce at the boil, in a pan that it half fills. */
function boilingPot(): PotState
{
    $begins = Kitchens::careful(Kitchens::exercise(Base::Bechamel))->begins;
    $exercise = Kitchens::exercise(Base::Bechamel);
    $simmers = array_values(array_filter(
        $begins,
        static fn(Standing $one): bool => $exercise->step($one->step)?->kind === StepKind::Simmer,
    ))[0];
    $state = $simmers->pot->state;

    return $state->sauced($state->sauce, 100.0, $state->ledger);
}

it('stands higher on a higher flame and under a lid, lower when it is stirred, and flat off the boil', function (): void {
    $vessel = HeatedPan::of(Pan::of(Length::ofMillimetres(160.0), Length::ofMillimetres(110.0)));
    $pot = boilingPot();
    $at = static fn(Setting $setting): float => Head::of($pot, $setting, $vessel);
    $flames = array_map(
        static fn(HobHeat $heat): float => $at(Setting::cold()->heated(Heating::hob($heat))->stirred(0.0)),
        HobHeat::cases(),
    );
    $sorted = $flames;
    sort($sorted);
    $high = Setting::cold()->heated(Heating::hob(HobHeat::High))->stirred(0.0);
    $fill = $vessel->pan->fill($pot->sauce->volume());
    expect($flames)->toBe($sorted)
        ->and($at($high->lidded(Lid::Covered)))->toBeGreaterThan($at($high))
        ->and($at($high->stirred(1.0)))->toBeLessThan($at($high))
        ->and($at(Setting::cold()))->toEqualWithDelta($fill, 1e-12)
        ->and(Head::of($pot->sauced($pot->sauce, 80.0, $pot->ledger), $high, $vessel))->toEqualWithDelta($fill, 1e-12);
});

it('has no head on a paste', function (): void {
    $vessel = HeatedPan::of(Pan::wide(24.0));
    $empty = PotState::emptyPan(18.0);
    expect(Head::of($empty, Setting::cold()->heated(Heating::hob(HobHeat::High)), $vessel))->toBe(0.0);
});
