<?php

declare(strict_types=1);

use Lento\Course\EventKind;
use Lento\Course\Happened\Thickened;
use Lento\Course\Happened\ToppedUp;
use Lento\Course\Reading;
use Lento\Course\ReadingKind;
use Lento\Exception\OutOfRange;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Means;
use Lento\Roux\Shade;
use Lento\Thickness\SpoonWord;
use Tests\Core\Course\Taps;
use Tests\Core\Room;

covers(...Room::of('Course'));

it('keeps each reading in its own unit', function (): void {
    expect(Reading::colour(Shade::of(1.2))->asShade()->value)->toBe(1.2)
        ->and(Reading::temperature(Temperature::ofCelsius(82.0))->asTemperature()->inCelsius())->toEqualWithDelta(82.0, 1e-9)
        ->and(Reading::depth(Length::ofMillimetres(61.0))->asLength()->inMillimetres())->toEqualWithDelta(61.0, 1e-9)
        ->and(Reading::weight(Mass::ofKilograms(3.9))->asMass()->inKilograms())->toBe(3.9)
        ->and(Reading::spread(Length::ofMillimetres(150.0))->inSi())->toBe(0.15)
        ->and(Reading::funnel(Duration::ofSeconds(12.0), wide: true)->asDuration()->seconds)->toBe(12.0)
        ->and(Reading::funnel(Duration::ofSeconds(12.0), wide: true)->kind)->toBe(ReadingKind::FunnelWide)
        ->and(Reading::funnel(Duration::ofSeconds(12.0), wide: false)->kind)->toBe(ReadingKind::FunnelNarrow)
        ->and([Reading::line(true)->lineHolds(), Reading::line(false)->lineHolds()])->toBe([true, false]);
});

it('keeps every word of the spoon', fn(SpoonWord $word) => expect(Reading::spoon($word)->asSpoonWord())->toBe($word))->with(
    SpoonWord::cases(),
);

it(
    'refuses what no instrument at a stove can show',
    fn(ReadingKind $kind, float $si) => expect(fn() => Reading::ofSi($kind, $si))->toThrow(OutOfRange::class),
)->with([
    [ReadingKind::Temperature, 233.15],
    [ReadingKind::Temperature, 600.0],
    [ReadingKind::Depth, 9.999],
    [ReadingKind::Depth, 0.0],
    [ReadingKind::Weight, 0.0],
    [ReadingKind::Spread, 0.01],
    [ReadingKind::FunnelWide, 0.0],
    [ReadingKind::Colour, -0.1],
    [ReadingKind::Colour, NAN],
    [ReadingKind::Depth, INF],
]);

it('takes what a range ends with', function (ReadingKind $kind): void {
    [$least, $most] = $kind->range();
    expect(Reading::ofSi($kind, $least)->inSi())->toBe($least)->and(Reading::ofSi($kind, $most)->inSi())->toBe($most);
})->with(ReadingKind::cases());

it('tells liquid that was added from a thickener', function (): void {
    $at = new DateTimeImmutable('2026-11-24 15:20:00 UTC');
    $liquid = Taps::toppedUp('simmer', Volume::ofMillilitres(120.0), $at);
    $thickener = Taps::thickened('simmer', Means::BeurreManie, Mass::ofGrams(20.0), $at);
    expect([$liquid->kind(), $thickener->kind()])->toBe([EventKind::ToppedUp, EventKind::Thickened])
        ->and($liquid instanceof ToppedUp ? $liquid->liquid->inMillilitres() : 0.0)->toEqualWithDelta(120.0, 1e-9)
        ->and($thickener instanceof Thickened ? $thickener->means : null)->toBe(Means::BeurreManie);
});

it('needs only what moves a course to know where a pot stands', function (): void {
    $about = array_map(
        fn(EventKind $kind): string => $kind->value,
        array_values(array_filter(EventKind::cases(), fn(EventKind $kind): bool => !$kind->movesTheCourse())),
    );
    expect($about)->toBe(
        ['read', 'tasted', 'topped-up', 'added', 'changed-pan', 'thickened', 'rescued', 'followed-up', 'ladled-off', 'note', 'unknown'],
    );
});
