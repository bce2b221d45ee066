<?php

declare(strict_types=1);

namespace Lento\Stove;

use DateTimeImmutable;
use Lento\Compose\Sheet;
use Lento\Compose\StepKind;
use Lento\Compose\TendingKind;
use Lento\Course\Course;
use Lento\Course\Event;
use Lento\Course\EventKind;
use Lento\Course\Reading;
use Lento\Course\ReadingKind;
use Lento\Exception\NotReachable;
use Lento\Forecast\Band;
use Lento\Forecast\Spread;
use Lento\Forecast\ThicknessForecast;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Thickening;
use Lento\Roux\Shade;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonWord;

/** A sauce from the first boil on: what stands in the pot now, how thick it is, and what it will be if it stays on. */
final readonly class SauceWatch
{
    /** Points of a curve. */
    private const POINTS = 12;

    /** min: forecasts further off help nobody. */
    private const LONGEST = 600.0;

    /** Standard deviations of the logarithm beyond which a forecast of minutes says nothing. */
    private const WILD = 1.0;

    /** Once one of these is begun the pot is off its simmer. */
    private const OFF_THE_SIMMER = [StepKind::Strain, StepKind::Blend, StepKind::Enrich, StepKind::Keep, StepKind::Finish];

    /**
     * @param bool $boiled whether it has come to the boil, so that its thickness may be judged
     * @param Duration $left on the simmer's timer; nothing once it has run out or been left behind
     * @param Sauce $ends what it will be when that is over
     */
    private function __construct(
        public Reckoning $reckoning,
        public bool $boiled,
        public ThicknessForecast $thickness,
        public Duration $left,
        public Sauce $ends,
        public ThicknessForecast $thicknessThen,
        public Length $depthThen,
        public Trend $curve,
        public Catching $catching,
    ) {}

    /**
     * Null before all the liquid is in.
     *
     * @param Shade $shade the roux was taken to
     */
    public static function of(Sheet $sheet, Course $course, Shade $shade, DateTimeImmutable $now): ?self
    {
        $begun = $course->firstBegun(StepKind::Boil, StepKind::Simmer, StepKind::Reduce, ...self::OFF_THE_SIMMER);
        if ($begun === null) {
            return null;
        }
        $boiling = $course->firstBegun(StepKind::Simmer, StepKind::Reduce, StepKind::Test, ...self::OFF_THE_SIMMER);
        $off = $course->firstBegun(...self::OFF_THE_SIMMER);
        $question = $sheet->question;
        $start = $sheet->start->strengthened($shade->strength() / $sheet->shade->strength());
        // Flour has its thickness once it has boiled, however it got there.
        $start = $boiling === null ? $start : $start->boiledThrough(Thickening::SWOLLEN);
        $start = Reckoning::from($question, $start, ThicknessForecast::deviation($start, $shade, new Spread($question->kitchen)));
        [$reckoning, $gone, $read] = self::followed($start, $course, $begun, $boiling, $off, $now);

        return self::seen($sheet, $course, $reckoning, $boiling, $off === null ? self::left($course, $now) : Duration::ofSeconds(0.0), $gone, $read, $now);
    }

    /** What it will come to, strained and finished, with what was ladled off before. */
    public function comesTo(Sheet $sheet): Volume
    {
        return Volume::ofLitres($sheet->question->yield->inLitres() * ($this->ends->volume()->inMillilitres() + $this->reckoning->ladled) / $sheet->end->millilitres());
    }

    /**
     * @internal of PotWatch: with so much more or less come out than foreseen
     *
     * @param float $share of what it should have come to
     */
    public function ended(float $share, SpoonWord $spoon): self
    {
        $reckoning = $this->reckoning;
        $reckoning = $reckoning->endedAt(Volume::ofMillilitres(max(1.0, $share * ($reckoning->volume()->inMillilitres() + $reckoning->ladled) - $reckoning->ladled)));
        $reckoning = $reckoning->strength->observations === 0 ? $reckoning->read(Reading::spoon($spoon), false) : $reckoning;

        return new self($reckoning, $this->boiled, $this->thickness, $this->left, $this->ends, $this->thicknessThen, $this->depthThen, $this->curve, $this->catching);
    }

    /** How long to the boil from a probe's reading; null where this ring never gets it there. */
    public function toTheBoil(Temperature $from): ?Duration
    {
        $question = $this->reckoning->question;

        return (new TimeToBoil($question->pan, HobHeat::MediumHigh->flux()))->from($from, $this->reckoning->sauce->heatCapacity(), $question->boilsAt?->inCelsius() ?? 100.0);
    }

    /**
     * @param list<Point> $gone
     * @param list<Point> $read
     */
    private static function seen(Sheet $sheet, Course $course, Reckoning $reckoning, ?DateTimeImmutable $boiling, Duration $left, array $gone, array $read, DateTimeImmutable $now): self
    {
        $ahead = $reckoning->simmer()->course($reckoning->sauce, $left, self::POINTS);
        $ends = $ahead[count($ahead) - 1];
        $pan = $reckoning->question->pan;
        $depths = array_map(static fn(Sauce $sauce, int $i): Point => new Point(Duration::ofSeconds($reckoning->seconds + $left->seconds * $i / self::POINTS), $pan->depth($sauce->volume())->inMillimetres()), $ahead, array_keys($ahead));
        $simmer = $sheet->question->simmer()->course($sheet->start, $sheet->question->simmerTime, self::POINTS);
        $planned = array_map(static fn(Sauce $sauce, int $i): Point => new Point(Duration::ofSeconds($sheet->question->simmerTime->seconds * $i / self::POINTS), $pan->depth($sauce->volume())->inMillimetres()), $simmer, array_keys($simmer));

        return new self(
            $reckoning,
            $boiling !== null,
            ThicknessForecast::within($reckoning->sauce, $reckoning->strength->deviation),
            $left,
            $ends,
            ThicknessForecast::within($ends, $reckoning->strength->deviation),
            $pan->depth($ends->volume()),
            new Trend($planned, $gone, $read, $left->seconds > 0.0 ? $depths : [], $sheet->endDepth()->inMillimetres(), self::arrives($reckoning, $sheet->end->volume())),
            Catching::of($reckoning, self::unstirred($course, $boiling, $now), self::stirEvery($course)),
        );
    }

    /**
     * @return array{Reckoning, list<Point>, list<Point>} the sauce now, mm of depth as reckoned and as read, since it came to the boil
     */
    private static function followed(Reckoning $reckoning, Course $course, DateTimeImmutable $begun, ?DateTimeImmutable $boiling, ?DateTimeImmutable $off, DateTimeImmutable $now): array
    {
        $since = static fn(DateTimeImmutable $at): float => $boiling === null ? 0.0 : Moments::between($boiling, $off === null ? $at : min($at, $off));
        $mm = static fn(Reckoning $reckoning): Point => new Point(Duration::ofSeconds($reckoning->seconds), $reckoning->depth()->inMillimetres());
        [$gone, $read] = [[$mm($reckoning)], []];
        foreach ($course->events as $event) {
            if ($event->at < $begun || $event->at > $now || !self::concerns($event)) {
                continue;
            }
            [$reckoning, $points] = self::going($reckoning, $since($event->at), $mm);
            $gone = [...$gone, ...$points];
            $reckoning = self::after($reckoning, $event, $off === null || $event->at < $off);
            if (in_array($event->reading?->kind, [ReadingKind::Depth, ReadingKind::Weight], true)) {
                $read[] = $mm($reckoning);
            }
            $gone[] = $mm($reckoning);
        }
        [$reckoning, $points] = self::going($reckoning, $since($now), $mm);

        return [$reckoning, [...$gone, ...$points], $read];
    }

    private static function concerns(Event $event): bool
    {
        return $event->heat instanceof SimmerLevel || in_array($event->kind, [EventKind::Read, EventKind::ToppedUp, EventKind::Thickened, EventKind::Rescued, EventKind::LadledOff], true);
    }

    private static function after(Reckoning $reckoning, Event $event, bool $simmered): Reckoning
    {
        return match (true) {
            $event->heat instanceof SimmerLevel => $reckoning->on($event->heat),
            $event->reading !== null => $reckoning->read($event->reading, $simmered),
            $event->added !== null => $reckoning->with($event->added),
            $event->rescued !== null => $reckoning->rescued($event->rescued),
            // Off the simmer it is what came out that is ladled, and no level of the pot any more.
            $event->taken !== null => $simmered ? $reckoning->ladledOff($event->taken) : $reckoning,
            default => $reckoning,
        };
    }

    /**
     * @param callable(Reckoning): Point $mm
     *
     * @return array{Reckoning, list<Point>}
     */
    private static function going(Reckoning $reckoning, float $until, callable $mm): array
    {
        $points = [];
        $parts = $until - $reckoning->seconds > 120.0 ? 6 : 1;
        $part = ($until - $reckoning->seconds) / $parts;
        for ($i = 0; $i < $parts && $part > 0.0; $i++) {
            $reckoning = $reckoning->simmeredUntil($reckoning->seconds + $part);
            $points[] = $mm($reckoning);
        }

        return [$reckoning, $points];
    }

    /** What is left on the simmer's timer: all of it before it is begun, nothing when it is left behind. */
    private static function left(Course $course, DateTimeImmutable $now): Duration
    {
        $simmers = [StepKind::Simmer, StepKind::Reduce];
        if (in_array($course->step()->kind, [...$simmers, StepKind::Test, StepKind::Correct, StepKind::Season], true)) {
            $ends = $course->timerEnds();

            return Duration::ofSeconds($ends === null ? 0.0 : Moments::between($now, $ends));
        }
        foreach (array_slice($course->steps, $course->current + 1) as $step) {
            if (in_array($step->kind, $simmers, true)) {
                return $step->time;
            }
        }

        return Duration::ofSeconds(0.0);
    }

    /** min until the level stands at the notch. */
    private static function arrives(Reckoning $reckoning, Volume $notch): ?Band
    {
        $over = $reckoning->sauce->millilitres() - $notch->inMillilitres();
        if ($over <= 0.0) {
            return null;
        }
        try {
            $minutes = $reckoning->simmer()->timeDownTo($reckoning->sauce, $notch)->inMinutes();
        } catch (NotReachable) {
            return null;
        }

        return $minutes > self::LONGEST ? null : Band::around($minutes, min(self::WILD, hypot($reckoning->kitchen->evaporation->deviation, $reckoning->error / max(1.0, $over))));
    }

    private static function unstirred(Course $course, ?DateTimeImmutable $boiling, DateTimeImmutable $now): Duration
    {
        $last = $course->lastTended(TendingKind::Stir) ?? ($course->finishedAt === null ? $course->since() : null) ?? $boiling;

        return Duration::ofSeconds($last === null ? 0.0 : Moments::between($last, $now));
    }

    /** Null where one stirs all the time, or nothing catches. */
    private static function stirEvery(Course $course): ?Duration
    {
        foreach ($course->step()->tendings as $tending) {
            if ($tending->kind === TendingKind::Stir) {
                return $tending->every;
            }
        }

        return null;
    }
}
