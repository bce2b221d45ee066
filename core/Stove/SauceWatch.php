<?php

declare(strict_types=1);

namespace Lento\Stove;

use DateTimeImmutable;
use Lento\Course\Course;
use Lento\Course\Happened\Added;
use Lento\Course\Happened\ChangedPan;
use Lento\Course\Happened\StoppedPouring;
use Lento\Course\Reading;
use Lento\Exception\NotReachable;
use Lento\Forecast\Band;
use Lento\Forecast\Spread;
use Lento\Forecast\ThicknessForecast;
use Lento\Heat\HobHeat;
use Lento\Larder\Larder;
use Lento\Plan\Cooking;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\TendingKind;
use Lento\Pot\TimeToBoil;
use Lento\Quantity\Duration;
use Lento\Quantity\Length;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Rescue\Thickening;
use Lento\Roux\Shade;
use Lento\Thickness\Sauce;
use Lento\Thickness\SpoonWord;

/** A sauce from when all of it stands in its pot: what it is now, how thick, and what it will be by the steps that are left. */
final readonly class SauceWatch
{
    /** min: forecasts further off help nobody. */
    private const LONGEST = 600.0;

    /** Standard deviations of the logarithm beyond which a forecast of minutes says nothing. */
    private const WILD = 1.0;

    /**
     * @param bool $boiled whether it has come to the boil, so that its thickness may be judged
     * @param bool $judged whether nothing is to go in any more before it is tested
     * @param Duration $left on the clock of what is still to simmer; nothing once it has run out or been left behind
     * @param Sauce $ends what it will be when that is over
     */
    private function __construct(
        public Reckoning $reckoning,
        public bool $boiled,
        public bool $judged,
        public ThicknessForecast $thickness,
        public Duration $left,
        public Sauce $ends,
        public ThicknessForecast $thicknessThen,
        public Length $depthThen,
        public Trend $curve,
        public Catching $catching,
        private Volume $served,
    ) {}

    /**
     * Null before all of it is in.
     *
     * @param Shade|null $shade the roux was taken to, where that was seen
     */
    public static function of(Plan $plan, Cooking $cooking, Course $course, ?Shade $shade, DateTimeImmutable $now, Larder $larder): ?self
    {
        $stands = $plan->at($cooking->sauces->standsFrom);
        $begun = $stands === null ? null : $course->firstBegunFrom($stands);
        if ($begun === null) {
            return null;
        }
        $boils = $plan->at($cooking->sauces->boilsFrom) ?? $stands;
        $boiling = $course->firstBegunFrom($boils);
        $start = self::start($cooking, $shade, $boiling !== null, $larder);
        $start = self::unprompted($course, $start, $begun);
        $going = Going::through($plan, $course, $start, $begun, $boiling, $now);
        $ahead = Ahead::of($plan, $course->current, self::here($course, $now), $going->done, $going->reckoning);

        return self::seen(
            $cooking,
            $course,
            $going,
            $ahead,
            Ahead::planned($plan, max($stands, $boils), $start),
            $boiling,
            self::notch($plan, $cooking),
            $now,
        );
    }

    /** What went in, or did not, before all of it stood in the pot. */
    private static function unprompted(Course $course, Reckoning $start, DateTimeImmutable $begun): Reckoning
    {
        foreach ($course->events as $event) {
            $start = match (true) {
                $event->at >= $begun => $start,
                $event instanceof Added => $start->joinedBy($event->joins),
                $event instanceof StoppedPouring => $start->without($event->left),
                $event instanceof ChangedPan => $start->movedTo($event->pan),
                default => $start,
            };
        }

        return $start;
    }

    /** What it will come to, strained and finished, with its pieces and what was ladled off before. */
    public function comesTo(): Volume
    {
        return $this->served;
    }

    /** Where the dip-stick should read when its simmer is over. */
    public static function notch(Plan $plan, Cooking $cooking): Volume
    {
        $notch = null;
        foreach ($plan->steps as $step) {
            $notch = $step->conditions->simmers !== null ? ($step->ends->volume ?? $notch) : $notch;
        }

        return $notch ?? $cooking->sauces->tested->volume();
    }

    /**
     * @internal of PotWatch: with so much more or less come out than foreseen
     *
     * @param float $share of what it should have come to
     */
    public function ended(float $share, SpoonWord $spoon): self
    {
        $reckoning = $this->reckoning;
        $reckoning = $reckoning->endedAt(
            Volume::ofMillilitres(max(1.0, $share * ($reckoning->volume()->inMillilitres() + $reckoning->ladled) - $reckoning->ladled)),
        );
        $reckoning = $reckoning->strength->observations === 0 ? $reckoning->served()->read(Reading::spoon($spoon), false) : $reckoning;

        return new self(
            $reckoning,
            $this->boiled,
            $this->judged,
            $this->thickness,
            $this->left,
            $this->ends,
            $this->thicknessThen,
            $this->depthThen,
            $this->curve,
            $this->catching,
            $this->served,
        );
    }

    /** How long to the boil from a probe's reading; null where this ring never gets it there. */
    public function toTheBoil(Temperature $from): ?Duration
    {
        $place = $this->reckoning->plan->place;

        return (new TimeToBoil($place->pan, HobHeat::MediumHigh->flux()))->from(
            $from,
            $this->reckoning->sauce->heatCapacity(),
            $place->boilsAt?->inCelsius() ?? 100.0,
        );
    }

    /** Flour has its thickness once it has boiled, however it got there. */
    private static function start(Cooking $cooking, ?Shade $shade, bool $boiled, Larder $larder): Reckoning
    {
        $start = $cooking->sauces->start;
        $ends = $cooking->roux?->ends;
        $start = $shade === null || $ends === null ? $start : $start->strengthened($shade->strength() / $ends->strength());
        $spread
            = $shade === null
                ? $cooking->sauces->spread
                : ThicknessForecast::deviation($start, $shade, new Spread($cooking->place->kitchen));

        return Reckoning::from($cooking, $larder, $boiled ? $start->boiledThrough(Thickening::SWOLLEN) : $start, $spread);
    }

    private static function seen(
        Cooking $cooking,
        Course $course,
        Going $going,
        Ahead $ahead,
        Ahead $planned,
        ?DateTimeImmutable $boiling,
        Volume $notch,
        DateTimeImmutable $now,
    ): self {
        $reckoning = $going->reckoning;
        $pan = $reckoning->plan->place->pan;
        $served = $ahead->served->volume()->inMillilitres() + $cooking->sauces->pieces->inMillilitres() + $reckoning->ladled;

        return new self(
            $reckoning,
            $boiling !== null,
            $ahead->judged,
            ThicknessForecast::within($reckoning->sauce, $reckoning->strength->deviation),
            $ahead->left,
            $ahead->tested,
            ThicknessForecast::within($ahead->tested, $reckoning->strength->deviation),
            $pan->depth($ahead->tested->volume()),
            new Trend(
                $planned->depths($pan, 0.0),
                $going->gone,
                $going->read,
                $ahead->left->seconds > 0.0 ? $ahead->depths($pan, $reckoning->seconds) : [],
                $pan->depth($notch)->inMillimetres(),
                self::arrives($reckoning, $notch),
            ),
            Catching::of($reckoning, self::unstirred($course, $boiling, $now), self::stirEvery($course)),
            Volume::ofMillilitres($served),
        );
    }

    /** What is left on the clock of the present step, if the sauce simmers at it. */
    private static function here(Course $course, DateTimeImmutable $now): Duration
    {
        $ends = $course->step()->conditions->simmers === null ? null : $course->timerEnds();

        return Duration::ofSeconds($ends === null ? 0.0 : Moments::between($now, $ends));
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

        return $minutes > self::LONGEST
            ? null
            : Band::around(
                $minutes,
                min(self::WILD, hypot($reckoning->kitchen->evaporation->deviation, $reckoning->error / max(1.0, $over))),
            );
    }

    private static function unstirred(Course $course, ?DateTimeImmutable $boiling, DateTimeImmutable $now): Duration
    {
        $last = $course->lastTended(TendingKind::Stir) ?? ($course->finishedAt === null ? $course->since() : null) ?? $boiling;

        return Duration::ofSeconds($last === null ? 0.0 : Moments::between($last, $now));
    }

    /** Null where one stirs all the time, or nothing catches. */
    private static function stirEvery(Course $course): ?Duration
    {
        foreach ($course->step()->pace->tendings as $tending) {
            if ($tending->kind === TendingKind::Stir) {
                return $tending->every;
            }
        }

        return null;
    }
}
