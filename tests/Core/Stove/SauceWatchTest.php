<?php

declare(strict_types=1);

use Lento\Compose\Base;
use Lento\Course\Event;
use Lento\Course\Reading;
use Lento\Plan\StepKind;
use Lento\Plan\TendingKind;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Fault;
use Lento\Rescue\Means;
use Lento\Rescue\RemedyKind;
use Lento\Roux\Shade;
use Lento\Stove\SauceWatch;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\FunnelTest;
use Lento\Thickness\LineSpread;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\SpoonWord;
use Tests\Core\Course\Taps;
use Tests\Core\Room;
use Tests\Core\Stove\StovePots;

covers(...Room::of('Stove'));

/** @param list<Event> $more during the simmer */
function simmering(StovePots $pot, float $minutes, array $more = []): SauceWatch
{
    $watch = $pot->watch([...$pot->until(StepKind::Simmer), ...$more], $pot->begins(StepKind::Simmer) + $minutes)->sauce;

    return $watch ?? throw new RuntimeException('no sauce to watch');
}

function readAt(StovePots $pot, float $minutes, Reading $reading, string $id = 'r'): Event
{
    return Taps::read(StepKind::Simmer->value, $reading, StovePots::at($pot->begins(StepKind::Simmer) + $minutes), $id);
}

it('has nothing to watch before all the liquid is in, and judges nothing before the boil', function (): void {
    $pot = StovePots::of();
    expect($pot->watch($pot->until(StepKind::Pour), $pot->begins(StepKind::Pour) + 1.0)->sauce)->toBeNull();
    $boiling = $pot->watch($pot->until(StepKind::Boil), $pot->begins(StepKind::Boil) + 1.0);
    expect($boiling->sauce?->boiled)->toBeFalse()->and($boiling->move?->kind->value)->toBe('boil-first');
});

it('ends where the sheet said when nothing else is read', function (Base $base): void {
    $pot = StovePots::of($base);
    $simmer = $pot->sheet->question->simmerTime->inMinutes();
    foreach ([0.0, 0.4, 0.9] as $share) {
        $watch = simmering($pot, $share * $simmer);
        expect($watch->depthThen->inMillimetres())
            ->toEqualWithDelta($pot->sheet->endDepth()->inMillimetres(), 0.4)
            ->and($watch->thicknessThen->likely->gramsPerLitre)
            ->toEqualWithDelta(
                EquivalentFlour::of($pot->sheet->end)->gramsPerLitre,
                0.02 * EquivalentFlour::of($pot->sheet->end)->gramsPerLitre,
            )
            ->and($watch->comesTo()->inLitres())
            ->toEqualWithDelta(2.0, 0.02)
            ->and($watch->left->inMinutes())
            ->toEqualWithDelta((1.0 - $share) * $simmer, 0.02);
    }
})->with([Base::Veloute, Base::Bechamel, Base::MilkGravy]);

it('comes to the notch in the time of its simmer, within its band', function (): void {
    $pot = StovePots::of(level: SimmerLevel::Simmer);
    $simmer = $pot->sheet->question->simmerTime->inMinutes();
    $arrives = simmering($pot, 10.0)->curve->arrives;
    expect($arrives?->likely)->toEqualWithDelta($simmer - 10.0, 1.5)
        ->and($arrives?->low)->toBeLessThan($arrives->likely ?? 0.0)
        ->and($arrives?->contains($simmer - 10.0))->toBeTrue();
});

it('takes a depth for what it is, and learns how fast this pot steams', function (float $millimetres): void {
    $pot = StovePots::of(level: SimmerLevel::Brisk);
    $foreseen = simmering($pot, 15.0);
    $read = simmering($pot, 15.0, [
        readAt($pot, 15.0, Reading::depth(Length::ofMillimetres($foreseen->reckoning->depth()->inMillimetres() + $millimetres))),
    ]);
    $rate = $read->reckoning->kitchen->evaporation;
    expect($read->reckoning->depth()->inMillimetres())
        ->toEqualWithDelta($foreseen->reckoning->depth()->inMillimetres() + $millimetres, 0.01)
        ->and($millimetres < 0.0 ? $rate->value > 1.02 : $rate->value < 0.98)
        ->toBeTrue()
        ->and($rate->deviation)
        ->toBeLessThan(0.3)
        ->and(
            $millimetres < 0.0
                ? $read->depthThen->metres < $foreseen->depthThen->metres
                : $read->depthThen->metres > $foreseen->depthThen->metres,
        )
        ->toBeTrue()
        ->and($read->curve->read)
        ->toHaveCount(1);
})->with([-4.0, 4.0]);

it('narrows its band reading by reading, and each counts by what it can tell', function (): void {
    $pot = StovePots::of(level: SimmerLevel::Brisk, simmer: Duration::ofMinutes(60.0));
    $readings = [];
    $was = 0.30;
    foreach ([10.0, 20.0, 30.0, 40.0] as $i => $minutes) {
        $depth = simmering($pot, $minutes, $readings)->reckoning->depth()->inMillimetres();
        $readings[] = readAt($pot, $minutes, Reading::depth(Length::ofMillimetres($depth)), "r{$i}");
        $now = simmering($pot, $minutes, $readings)->reckoning->kitchen->evaporation->deviation;
        expect($now)->toBeLessThan($was);
        $was = $now;
    }
    // A dip-stick that stands for a few millimetres of loss says little.
    expect(
        simmering($pot, 1.0, [
            readAt($pot, 1.0, Reading::depth(Length::ofMillimetres(simmering($pot, 1.0)->reckoning->depth()->inMillimetres()))),
        ])->reckoning->kitchen->evaporation->deviation,
    )->toBeGreaterThan(0.28);
});

it('takes a weight, pan and all, for the same as the depth of so much sauce', function (): void {
    $pot = StovePots::of(level: SimmerLevel::Brisk);
    $foreseen = simmering($pot, 15.0)->reckoning;
    $sauce = Mass::ofGrams(0.97 * $foreseen->sauce->grams());
    $gross = Mass::ofGrams($sauce->inGrams() + $pot->sheet->question->pan->mass()->inGrams());
    $weighed = simmering($pot, 15.0, [readAt($pot, 15.0, Reading::weight($gross))])->reckoning;
    expect($weighed->sauce->millilitres())
        ->toEqualWithDelta(0.97 * $foreseen->sauce->millilitres(), 0.2)
        ->and(simmering($pot, 15.0, [readAt($pot, 15.0, Reading::weight(Mass::ofGrams(200.0)))])->reckoning->sauce->millilitres())
        ->toEqualWithDelta($foreseen->sauce->millilitres(), 1e-6);
});

it('believes a test of the thickness by as much as it is worth', function (): void {
    $pot = StovePots::of();
    $plain = simmering($pot, 20.0);
    $grams = static fn(Reading ...$readings): float => simmering(
        $pot,
        20.0,
        array_map(static fn(Reading $reading): Event => readAt($pot, 20.0, $reading), array_values($readings)),
    )->thickness->likely->gramsPerLitre;
    $believed = $plain->thickness->likely->gramsPerLitre;
    $words = array_map(static fn(SpoonWord $word): float => $grams(Reading::spoon($word)), SpoonWord::cases());
    $sorted = $words;
    sort($sorted);
    $flow = Flow::of($plain->reckoning->sauce, Temperature::ofCelsius(60.0));
    $radius = LineSpread::radius($flow)->inMillimetres();
    expect($words)->toBe($sorted)
        ->and($words[2])->toEqualWithDelta($believed, 0.08 * $believed)
        ->and($grams(Reading::line(true)))->toBeGreaterThan($grams(Reading::line(false)))
        // A reading that says what was believed moves nothing, and makes it surer.
        ->and($grams(Reading::spread(Length::ofMillimetres(2.0 * $radius))))
        ->toEqualWithDelta($believed, 0.1)
        ->and($grams(Reading::spread(Length::ofMillimetres(2.0 * $radius + 20.0))))
        ->toBeLessThan($believed - 4.0)
        ->and($grams(Reading::spread(Length::ofMillimetres(2.0 * $radius - 20.0))))
        ->toBeGreaterThan($believed + 4.0)
        ->and($grams(Reading::funnel(FunnelTest::wide()->time($flow) ?? Duration::ofSeconds(1.0), true)))
        ->toEqualWithDelta($believed, 0.1)
        ->and($grams(Reading::funnel(FunnelTest::narrow()->time($flow) ?? Duration::ofSeconds(1.0), false)))
        ->toEqualWithDelta($believed, 0.1)
        // What no such sauce could show is kept in the log and moves nothing.
        ->and($grams(Reading::spread(Length::ofMillimetres(50.0))))->toEqualWithDelta($believed, 1e-9);
});

it('grows surer with each test', function (): void {
    $pot = StovePots::of();
    $width = static fn(int $tests): float => simmering(
        $pot,
        20.0,
        array_map(
            static fn(int $i): Event => readAt($pot, 20.0, Reading::spoon(SpoonWord::Coats), "r{$i}"),
            $tests > 0 ? range(1, $tests) : [],
        ),
    )->reckoning->strength->deviation;
    expect($width(1))->toBeLessThan($width(0))->and($width(2))->toBeLessThan($width(1))->and($width(3))->toBeLessThan($width(2));
});

it('shows each word of the spoon as this sauce would look that showed it', function (): void {
    $reckoning = simmering(StovePots::of(), 20.0)->reckoning;
    foreach (SpoonWord::cases() as $word) {
        expect(SpoonTest::of($reckoning->showing($word))->word())->toBe($word);
    }
});

it('thins by what is topped up, and thickens by what is whisked in', function (): void {
    $pot = StovePots::of();
    $step = StepKind::Simmer->value;
    $at = StovePots::at($pot->begins(StepKind::Simmer) + 20.0);
    $plain = simmering($pot, 20.0);
    $topped = simmering($pot, 20.0, [Taps::toppedUp($step, Volume::ofMillilitres(200.0), $at, 'a')]);
    $thickened = simmering($pot, 20.0, [Taps::thickened($step, Means::BeurreManie, Mass::ofGrams(20.0), $at, 'a')]);
    expect($topped->reckoning->sauce->millilitres() - $plain->reckoning->sauce->millilitres())->toEqualWithDelta(200.0, 4.0)
        ->and($topped->thickness->likely->gramsPerLitre)->toBeLessThan($plain->thickness->likely->gramsPerLitre - 3.0)
        ->and($thickened->thickness->likely->gramsPerLitre)->toEqualWithDelta($plain->thickness->likely->gramsPerLitre + 20.0 / 2.05, 2.5)
        // What was poured in has not failed to steam off.
        ->and(
            simmering($pot, 20.0, [
                Taps::toppedUp($step, Volume::ofMillilitres(200.0), $at, 'a'),
                readAt($pot, 20.0, Reading::depth($topped->reckoning->depth())),
            ])->reckoning->kitchen->evaporation->value,
        )
        ->toEqualWithDelta(1.0, 0.02);
});

it('steams as the flame is set, from then on', function (): void {
    $pot = StovePots::of(level: SimmerLevel::Bare);
    $step = StepKind::Simmer->value;
    $depths = array_map(
        static fn(SimmerLevel $level): float => simmering($pot, 20.0, [
            Taps::heat($step, $level, StovePots::at($pot->begins(StepKind::Simmer) + 5.0), 'h'),
        ])
            ->reckoning->depth()
            ->inMillimetres(),
        SimmerLevel::cases(),
    );
    $sorted = $depths;
    rsort($sorted);
    expect($depths)
        ->toBe($sorted)
        ->and(
            simmering($pot, 20.0, [Taps::heat($step, SimmerLevel::Boil, StovePots::at($pot->begins(StepKind::Simmer) + 5.0), 'h')])->curve
                ->arrives,
        )
        ->toBeNull();
});

it('loses nothing more once it is off the simmer', function (): void {
    $pot = StovePots::of();
    $events = $pot->until(StepKind::Keep);
    $early = $pot->watch($events, $pot->begins(StepKind::Keep) + 1.0)->sauce;
    $late = $pot->watch($events, $pot->begins(StepKind::Keep) + 60.0)->sauce;
    expect($early?->reckoning->sauce->millilitres())->toBe($late?->reckoning->sauce->millilitres())->and($late?->left->seconds)->toBe(0.0);
});

it('thickens by the shade the roux was really taken to', function (): void {
    $pot = StovePots::of();
    $pale = $pot->watch(
        [
            ...$pot->until(StepKind::Simmer),
            Taps::read(StepKind::Colour->value, Reading::colour(Shade::of(0.4)), StovePots::at($pot->begins(StepKind::LetDown)), 'c'),
        ],
        $pot->begins(StepKind::Simmer) + 20.0,
    );
    $dark = $pot->watch(
        [
            ...$pot->until(StepKind::Simmer),
            Taps::read(StepKind::Colour->value, Reading::colour(Shade::of(1.8)), StovePots::at($pot->begins(StepKind::LetDown)), 'c'),
        ],
        $pot->begins(StepKind::Simmer) + 20.0,
    );
    expect($dark->sauce?->thickness->likely->gramsPerLitre)->toBeLessThan($pale->sauce->thickness->likely->gramsPerLitre ?? 0.0);
});

it('says how long to the boil from a probe, and that a wide cold pot takes longer', function (): void {
    $pot = StovePots::of();
    $watch = $pot->watch($pot->until(StepKind::Boil), $pot->begins(StepKind::Boil) + 1.0)->sauce ?? throw new RuntimeException();
    $minutes = array_map(static fn(float $celsius): float => $watch->toTheBoil(Temperature::ofCelsius($celsius))?->inMinutes() ?? INF, [
        10.0,
        40.0,
        80.0,
        100.0,
    ]);
    $sorted = $minutes;
    rsort($sorted);
    expect($minutes)->toBe($sorted)->and($minutes[3])->toBe(0.0)->and($minutes[0])->toBeLessThan(40.0);
});

it('warns when a pot is about to catch, and what stops it', function (): void {
    $pot = StovePots::of(Base::Bechamel, level: SimmerLevel::Brisk, simmer: Duration::ofMinutes(30.0));
    $boil = Taps::heat(StepKind::Simmer->value, SimmerLevel::Boil, StovePots::at($pot->begins(StepKind::Simmer) + 0.5), 'h');
    $hard = simmering($pot, 10.0, [$boil])->catching;
    $calm = simmering(StovePots::of(Base::Bechamel, level: SimmerLevel::Bare), 2.0)->catching;
    expect($hard->threatens())->toBeTrue()
        ->and($hard->calmer)->not->toBeNull()
        ->and($calm->threatens())->toBeFalse()
        ->and($calm->calmer)->toBeNull();
});

it('asks for a stir where a stir is all it wants', function (): void {
    $pot = StovePots::of(Base::Bechamel, level: SimmerLevel::Simmer, simmer: Duration::ofMinutes(60.0));
    $left = null;
    for ($minutes = 2.0; $minutes < 58.0 && $left === null; $minutes += 2.0) {
        $catching = simmering($pot, $minutes)->catching;
        $left = $catching->threatens() ? $minutes : null;
    }
    expect($left)->not->toBeNull();
    $stirred = simmering($pot, $left ?? 0.0, [
        Taps::tended(StepKind::Simmer->value, TendingKind::Stir, StovePots::at($pot->begins(StepKind::Simmer) + ($left ?? 0.0)), 't'),
    ])->catching;
    expect(simmering($pot, $left ?? 0.0)->catching->stirringHelps)
        ->toBeTrue()
        ->and($stirred->threatens())
        ->toBeFalse();
});

it('goes on from a remedy as the remedy leaves it', function (
    RemedyKind $kind,
    ?Volume $liquid,
    ?Mass $solid,
    ?Means $means,
    float $litres,
    int $thicker,
): void {
    $pot = StovePots::of();
    $plain = simmering($pot, 20.0);
    $after = simmering($pot, 20.0, [
        Taps::rescued(
            StepKind::Simmer->value,
            Fault::TooThick,
            $kind,
            StovePots::at($pot->begins(StepKind::Simmer) + 20.0),
            'r',
            $liquid,
            $solid,
            $means,
        ),
    ]);
    $moved = $after->thickness->likely->gramsPerLitre - $plain->thickness->likely->gramsPerLitre;
    expect(($after->reckoning->sauce->millilitres() - $plain->reckoning->sauce->millilitres()) / 1000.0)->toEqualWithDelta($litres, 0.03)
        ->and($moved > 0.4 ? 1 : ($moved < -0.4 ? -1 : 0))->toBe($thicker);
})->with([
    [RemedyKind::Thin, Volume::ofMillilitres(200.0), null, null, 0.2, -1],
    [RemedyKind::Thicken, null, Mass::ofGrams(20.0), Means::BeurreManie, 0.04, 1],
    [RemedyKind::Desalt, Volume::ofMillilitres(500.0), Mass::ofGrams(10.0), Means::WhiteRoux, 0.52, -1],
    [RemedyKind::LadleOff, Volume::ofMillilitres(300.0), null, null, -0.3, 0],
    [RemedyKind::Decant, Volume::ofMillilitres(150.0), null, null, -0.15, 0],
    [RemedyKind::Bind, null, Mass::ofGrams(15.0), null, 0.01, 1],
    [RemedyKind::Skim, null, null, null, 0.0, 0],
    [RemedyKind::Whisk, null, null, null, 0.0, 0],
    [RemedyKind::Boil, null, null, null, 0.0, 0],
]);
