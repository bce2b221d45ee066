<?php

declare(strict_types=1);

namespace Lento\Stove;

use DateTimeImmutable;
use Lento\Course\Course;
use Lento\Course\Happened\ChangedPan;
use Lento\Course\Happened\ReadOff;
use Lento\Course\Outcome;
use Lento\Course\ReadingKind;
use Lento\Course\SignsOfLife;
use Lento\Larder\Larder;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Learning\Observation;
use Lento\Plan\Cooking;
use Lento\Plan\Plan;
use Lento\Plan\StepKind;
use Lento\Roux\Shade;

/** A pot at one moment: what was composed, what has happened, what follows from both. */
final readonly class PotWatch
{
    private function __construct(
        public Plan $plan,
        public Cooking $cooking,
        public Course $course,
        public DateTimeImmutable $now,
        public ?RouxWatch $roux,
        public ?SauceWatch $sauce,
        public ?NextMove $move,
    ) {}

    /** Null where nothing can be foreseen of it: a pot that is only logged. */
    public static function of(Plan $plan, Course $course, DateTimeImmutable $now): ?self
    {
        $cooking = $plan->cooking;
        if ($cooking === null) {
            return null;
        }
        // A clock that was set back may not make undone what has happened.
        $last = $course->events === [] ? $now : $course->events[count($course->events) - 1]->at;
        $now = $course->finishedAt ?? max($now, $last);
        // Of a pot that was forgotten only the time before that is reckoned; where it stands is said by all that happened.
        $signs = SignsOfLife::of($course);
        $whole = $course;
        if ($signs->isBroken($now)) {
            $now = $signs->until;
            $course = $course->until($now);
        }
        $seen = self::colourSeen($course);
        // A roux that is in the sauce already has nothing more to tell, unless its colour was read.
        $gone = $seen === null && $course->firstBegun(StepKind::Boil) !== null;
        $roux = $gone || $cooking->roux === null ? null : RouxWatch::of($cooking->roux, $cooking->place, $course, $now);
        $shade = $seen === null || $cooking->roux === null ? null : ($roux?->ends($cooking->roux) ?? $seen);
        $larder = Larder::house();
        $sauce = SauceWatch::of($plan, $cooking, $course, $shade, $now, $larder);

        return new self(
            $plan,
            self::inItsPan($cooking, $course),
            $whole,
            $now,
            $roux,
            $sauce,
            $sauce === null ? null : NextMove::of($plan, self::inItsPan($cooking, $course), $course, $sauce, $larder),
        );
    }

    /**
     * The pot with what came out of it taken as its last readings: its level at the end of the simmer, and the spoon if nobody had tested
     * it.
     */
    public function after(Outcome $outcome): self
    {
        if ($this->sauce === null) {
            return $this;
        }
        $expected = $this->sauce->comesTo()->cubicMetres;
        $sauce = $this->sauce->ended($expected > 0.0 ? $outcome->volume->cubicMetres / $expected : 1.0, $outcome->spoon);

        return new self($this->plan, $this->cooking, $this->course, $this->now, $this->roux, $sauce, $this->move);
    }

    /** What this pot has shown of its kitchen: browning from its roux, steam and flour from its simmer. */
    public function kitchen(): KitchenFactors
    {
        $known = $this->cooking->place->kitchen;

        return KitchenFactors::of(
            $this->sauce?->reckoning->kitchen->evaporation ?? $known->evaporation,
            $this->roux?->kitchen->browning ?? $known->browning,
            $this->flourStrength(),
        );
    }

    private function flourStrength(): Factor
    {
        $kitchen = $this->cooking->place->kitchen;
        $pot = $this->sauce?->reckoning;
        if ($pot === null || $pot->strength->observations === 0) {
            return $kitchen->flourStrength;
        }
        $tested = Observation::between($pot->untested, $pot->strength);
        if ($tested === null) {
            return $kitchen->flourStrength;
        }
        // What the tests say of the thickening is said of the flour only as far as nothing else could explain it.
        $elsewhere = sqrt(max(0.0, $pot->untested->deviation ** 2 - $kitchen->flourStrength->deviation ** 2));

        return $kitchen->flourStrength->after($tested->ratio * $kitchen->flourStrength->value, hypot($tested->error, $elsewhere));
    }

    /** In the pan that it stands in now. */
    private static function inItsPan(Cooking $cooking, Course $course): Cooking
    {
        foreach ($course->all(ChangedPan::class) as $moved) {
            $cooking = $cooking->in($moved->pan);
        }

        return $cooking;
    }

    /** The last colour that was set against the strip; where none was, the roux counts as taken to what was planned. */
    private static function colourSeen(Course $course): ?Shade
    {
        $seen = null;
        foreach ($course->events as $event) {
            $seen = $event instanceof ReadOff && $event->reading->kind === ReadingKind::Colour ? $event->reading->asShade() : $seen;
        }

        return $seen;
    }
}
