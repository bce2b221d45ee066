<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Compose\Choice\RouxPlace;
use Lento\Compose\Given;
use Lento\Compose\How;
use Lento\Compose\Method;
use Lento\Compose\Question;
use Lento\Course\Event;
use Lento\Course\Reading;
use Lento\Heat\HobHeat;
use Lento\Plan\StepKind;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\Colour;
use Lento\Roux\Shade;
use Lento\Stove\RouxWatch;
use Tests\Core\Course\Taps;
use Tests\Core\Room;
use Tests\Core\Stove\StovePots;

covers(...Room::of('Stove'));

/** @param list<Event> $more */
function rouxOf(StovePots $pot, float $minutesAfterFlour, array $more = []): RouxWatch
{
    $watch = $pot->watch([...$pot->until(StepKind::Colour), ...$more], $pot->begins(StepKind::Flour) + $minutesAfterFlour)->roux;

    return $watch ?? throw new RuntimeException('no roux to watch');
}

it('has nothing to watch before the flour', function (): void {
    $pot = StovePots::of();
    expect($pot->watch($pot->until(StepKind::Melt), $pot->begins(StepKind::Flour) - 0.1)->roux)->toBeNull()
        ->and($pot->watch($pot->until(StepKind::Flour), $pot->begins(StepKind::Flour))->roux)->not->toBeNull();
});

it('has nothing to watch where the roux is baked or came ready made', function (): void {
    $baked = StovePots::of(
        question: Question::of(Base::Espagnole, Volume::ofLitres(2.0), how: new How(method: Method::of(RouxPlace::Oven))),
    );
    expect($baked->watch($baked->until(StepKind::Bake), $baked->begins(StepKind::Bake) + 5.0)->roux)->toBeNull();
    $ready = StovePots::of(question: Question::of(Base::Veloute, Given::readyRoux(Mass::ofGrams(250.0))));
    expect($ready->watch($ready->until(StepKind::Boil), 30.0)->roux)->toBeNull();
});

it('goes as planned while nothing else is read', function (Colour $colour): void {
    $pot = StovePots::of(colour: $colour);
    $forecast = $pot->sheet->rouxForecast ?? throw new RuntimeException('no forecast');
    $half = rouxOf($pot, 0.5 * $forecast->time->inMinutes());
    // The sheet’s roux stands for a batch a per cent off.
    $lifts = rouxOf($pot, $forecast->time->inMinutes());
    expect($half->curve->arrives?->likely)->toEqualWithDelta(0.5 * $forecast->time->inMinutes(), 0.2)
        ->and($half->curve->arrives?->contains($half->curve->arrives->likely))->toBeTrue()
        ->and($lifts->now->shade->value)->toEqualWithDelta($forecast->shade->value, 0.03)
        ->and($lifts->now->temperature->inCelsius())->toEqualWithDelta($forecast->temperature->inCelsius(), 2.0);
})->with([Colour::Blond, Colour::Brown, Colour::Dark]);

it('takes a colour that was set for what it is, and the pot’s speed with it', function (): void {
    $pot = StovePots::of(colour: Colour::Brown);
    $plain = rouxOf($pot, 6.0);
    $at = StovePots::at($pot->begins(StepKind::Flour) + 5.0);
    $seen = static fn(float $shade): RouxWatch => rouxOf($pot, 6.0, [
        Taps::read(StepKind::Colour->value, Reading::colour(Shade::of($shade)), $at, 'c'),
    ]);
    $planned = rouxOf($pot, 5.0)->now->shade->value;
    [$fast, $slow] = [$seen($planned + 0.4), $seen($planned - 0.4)];
    expect($fast->now->shade->value)->toBeGreaterThan($planned + 0.4)
        ->and($slow->now->shade->value)->toBeLessThan($plain->now->shade->value)
        ->and($fast->kitchen->browning->value)->toBeGreaterThan(1.0)
        ->and($slow->kitchen->browning->value)->toBeLessThan(1.0)
        ->and($fast->kitchen->browning->deviation)->toBeLessThan($plain->kitchen->browning->deviation)
        ->and($fast->curve->arrives->likely ?? 0.0)->toBeLessThan($plain->curve->arrives->likely ?? 0.0)
        ->and($slow->curve->arrives->likely ?? 0.0)->toBeGreaterThan($plain->curve->arrives->likely ?? 0.0)
        ->and($fast->curve->read)->toHaveCount(1)
        ->and($fast->curve->read[0]->value)->toBe($planned + 0.4);
});

it('says that it is there once the colour is there', function (): void {
    $pot = StovePots::of();
    $there = rouxOf($pot, 3.0, [
        Taps::read(StepKind::Colour->value, Reading::colour(Shade::of(1.1)), StovePots::at($pot->begins(StepKind::Flour) + 2.9), 'c'),
    ]);
    expect($there->curve->arrives)->toBeNull()->and($there->now->shade->value)->toBeGreaterThanOrEqual(1.1);
});

it('browns slower on less heat and faster on more, from the moment it is turned', function (): void {
    $pot = StovePots::of(colour: Colour::Brown);
    $turned = static fn(HobHeat $heat): float => rouxOf($pot, 8.0, [
        Taps::heat(StepKind::Colour->value, $heat, StovePots::at($pot->begins(StepKind::Flour) + 3.0), 'h'),
    ])->now->shade->value;
    $shades = array_map($turned, HobHeat::cases());
    $sorted = $shades;
    sort($sorted);
    expect($shades)->toBe($sorted)->and($turned(HobHeat::Medium))->toEqualWithDelta(rouxOf($pot, 8.0)->now->shade->value, 1e-9)
        ->and(rouxOf($pot, 8.0, [Taps::heat('flour', HobHeat::High, StovePots::at(1.0), 'h')])->heat)->toBe(HobHeat::High);
});

it('goes on from a probe', function (): void {
    $pot = StovePots::of(colour: Colour::Brown);
    $probed = static fn(float $celsius): RouxWatch => rouxOf($pot, 6.0, [
        Taps::read(
            StepKind::Colour->value,
            Reading::temperature(Temperature::ofCelsius($celsius)),
            StovePots::at($pot->begins(StepKind::Flour) + 5.9),
            'p',
        ),
    ]);
    expect($probed(150.0)->now->temperature->inCelsius())
        ->toEqualWithDelta(150.0, 6.0)
        ->and($probed(150.0)->curve->arrives->likely ?? INF)
        ->toBeLessThan($probed(110.0)->curve->arrives->likely ?? 0.0);
});

it('stands still once the pan is off, and knows what it carries on to', function (): void {
    $pot = StovePots::of(colour: Colour::Blond);
    $events = $pot->until(StepKind::Pour);
    $early = $pot->watch($events, $pot->begins(StepKind::Pour) + 1.0)->roux;
    $late = $pot->watch($events, $pot->begins(StepKind::Pour) + 30.0)->roux;
    expect($early?->now->shade->value)->toBe($late?->now->shade->value)
        ->and($early?->ends($pot->rouxPlan())->value)->toEqualWithDelta($pot->sheet->shade->value, 0.02);
});
