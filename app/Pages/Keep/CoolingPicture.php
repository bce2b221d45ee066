<?php

declare(strict_types=1);

namespace App\Pages\Keep;

use App\Format\Degrees;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Carbon\CarbonImmutable;
use DateInterval;
use DateTimeImmutable;
use Lento\Drawing\CoolingCurves;
use Lento\Drawing\CoolingDrawing;
use Lento\Drawing\CoolingPost;
use Lento\Keeping\CoolingOutlook;
use Lento\Keeping\Verdict;
use Lento\Quantity\Temperature;
use Lento\Shelf\Fix;
use Lento\Shelf\Tub;
use Lento\Shelf\TubState;

/** How a tub cools, as it is drawn: its gates, its readings, what is believed of the rest. */
final readonly class CoolingPicture
{
    /** Points of a curve. */
    private const POINTS = 40;

    /** @param list<array{at: string, celsius: string, by: string}> $table the readings, for whoever hears the page */
    private function __construct(
        public CoolingDrawing $drawing,
        public string $says,
        public array $table,
        public string $now,
        public string $fix,
    ) {}

    /** @return self|null null of a tub that has not cooled here */
    public static function of(Tub $tub, CarbonImmutable $now, ?Fix $fix, string $fixed): ?self
    {
        $outlook = $tub->outlook();
        if ($outlook === null || $tub->state($now) === TubState::Gone && $tub->readings() === []) {
            return null;
        }
        $gates = $tub->gates($now);
        $begin = $gates[0]->since ?? $tub->since();
        foreach ($tub->readings() as $one) {
            $begin = min($begin, $one->reading->at);
        }
        $begin = min($begin, $tub->since());
        $minute = static fn(DateTimeImmutable $at): float => ((float) $at->format('U.u') - (float) $begin->format('U.u')) / 60.0;
        $posts = [];
        foreach ($gates as $gate) {
            $shuts = $gate->deadline() ?? self::would($outlook, $gate->stage->from, $gate->stage->within->seconds);
            if ($shuts === null) {
                continue;
            }
            $arrives = $outlook->reaches($gate->stage->to);
            $posts[] = new CoolingPost(
                $minute($shuts),
                $gate->stage->to->inCelsius(),
                Degrees::text($gate->stage->to),
                Words::text('keep.by', clock: $shuts->format('H:i')),
                $gate->verdict === Verdict::Open && ($arrives === null || $arrives > $shuts),
            );
        }
        [$read, $doubted] = [[], []];
        foreach ($tub->readings() as $one) {
            $point = [$minute($one->reading->at), $one->reading->temperature->inCelsius()];
            $one->doubt === null ? $read[] = $point : $doubted[] = $point;
        }
        $shut = array_map(static fn(CoolingPost $post): float => $post->minute, $posts);
        // Of what is cold already only its cooling is drawn, not the days since.
        $cools = $tub->state($now) === TubState::Cooling;
        $until = $cools ? $minute($now->toDateTimeImmutable()) : max([1.0, ...$shut, ...array_column($read, 0)]);
        $last = 1.04 * max([$until, ...$shut]);
        $at = static fn(float $minutes): DateTimeImmutable => $begin->modify(sprintf('+%d seconds', (int) round(60.0 * $minutes)));
        $from = $minute($outlook->last()->at);
        $curve = static fn(CoolingOutlook $of, float $share, float $since) => array_map(
            static fn(int $i): array => [
                $since + ($last - $since) * $i / self::POINTS,
                $of->temperature($at($since + ($last - $since) * $i / self::POINTS), $share)->inCelsius(),
            ],
            range(0, self::POINTS),
        );
        $isOpen = $cools && $tub->verdict($now) === Verdict::Open;
        $curves = new CoolingCurves(
            $read,
            $doubted,
            $read,
            $isOpen ? $curve($outlook, 0.5, $from) : [],
            $isOpen ? [...$curve($outlook, 0.1, $from), ...array_reverse($curve($outlook, 0.9, $from))] : [],
            $fix === null ? [] : $curve($fix->outlook, 0.5, max($from, $minute($now->toDateTimeImmutable()))),
        );
        $kitchen = app(Kitchen::class);

        return new self(
            CoolingDrawing::of($curves, $posts, $until, self::hours($begin, $last), $kitchen->fahrenheit()),
            self::says($tub, $posts, $now),
            array_map(static fn($one): array => [
                'at' => $one->reading->at->format('H:i'),
                'celsius' => Degrees::tenths($one->reading->temperature),
                'by' => $one->by,
            ], $tub->readings()),
            $cools ? $now->format('H:i') : '',
            $fixed,
        );
    }

    /** When a gate would shut whose clock no reading has started yet. */
    private static function would(CoolingOutlook $outlook, Temperature $from, float $seconds): ?DateTimeImmutable
    {
        return $outlook->reaches($from)?->add(new DateInterval(sprintf('PT%dS', (int) $seconds)));
    }

    /**
     * Every full or half hour, whatever fits.
     *
     * @return list<array{float, string}>
     */
    private static function hours(DateTimeImmutable $begin, float $last): array
    {
        $step = $last > 480.0 ? 120 : ($last > 200.0 ? 60 : 30);
        $first = $begin->setTime((int) $begin->format('H'), $step * intdiv((int) $begin->format('i'), $step) % 60);
        $hours = [];
        for ($k = 0; $k < 60; $k++) {
            $at = $first->modify(sprintf('+%d minutes', $step * $k));
            $minutes = ($at->getTimestamp() - $begin->getTimestamp()) / 60.0;
            if ($minutes > $last) {
                break;
            }
            if ($minutes >= 0.0) {
                $hours[] = [$minutes, $at->format('H:i')];
            }
        }

        return $hours;
    }

    /** @param list<CoolingPost> $posts */
    private static function says(Tub $tub, array $posts, CarbonImmutable $now): string
    {
        $last = $tub->lastRead();

        return implode(' ', [
            $last === null
                ? Words::text('keep.says.unread')
                : Words::text('keep.says.read', celsius: Degrees::text($last->temperature), clock: $last->at->format('H:i')),
            ...array_map(static fn(CoolingPost $post): string => Words::text(
                $post->isHit ? 'keep.says.hit' : 'keep.says.gate',
                limit: $post->limit,
                by: $post->by,
            ), $posts),
        ]);
    }
}
