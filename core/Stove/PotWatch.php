<?php

declare(strict_types=1);

namespace Lento\Stove;

use DateTimeImmutable;
use Lento\Compose\Sheet;
use Lento\Compose\StepKind;
use Lento\Course\Course;
use Lento\Course\ReadingKind;
use Lento\Learning\Factor;
use Lento\Learning\KitchenFactors;
use Lento\Learning\Observation;
use Lento\Roux\Shade;

/** A pot at one moment: what was composed, what has happened, what follows from both. */
final readonly class PotWatch
{
    private function __construct(
        public Sheet $sheet,
        public Course $course,
        public DateTimeImmutable $now,
        public ?RouxWatch $roux,
        public ?SauceWatch $sauce,
        public ?NextMove $move,
    ) {}

    public static function of(Sheet $sheet, Course $course, DateTimeImmutable $now): self
    {
        // A clock that was set back may not make undone what has happened.
        $last = $course->events === [] ? $now : $course->events[count($course->events) - 1]->at;
        $now = $course->finishedAt ?? max($now, $last);
        $seen = self::colourSeen($course);
        // A roux that is in the sauce already has nothing more to tell, unless its colour was read.
        $roux = $seen === null && $course->firstBegun(StepKind::Boil) !== null ? null : RouxWatch::of($sheet, $course, $now);
        $sauce = SauceWatch::of($sheet, $course, $seen === null ? $sheet->shade : ($roux?->ends($sheet) ?? $seen), $now);

        return new self($sheet, $course, $now, $roux, $sauce, $sauce === null ? null : NextMove::of($sheet, $sauce));
    }

    /** The pot with what came out of it taken as its last readings: its level at the end of the simmer, and the spoon if nobody had tested it. */
    public function after(Outcome $outcome): self
    {
        if ($this->sauce === null) {
            return $this;
        }
        $expected = $this->sauce->comesTo($this->sheet)->cubicMetres;
        $sauce = $this->sauce->ended($expected > 0.0 ? $outcome->volume->cubicMetres / $expected : 1.0, $outcome->spoon);

        return new self($this->sheet, $this->course, $this->now, $this->roux, $sauce, $this->move);
    }

    /** What this pot has shown of its kitchen: browning from its roux, steam and flour from its simmer. */
    public function kitchen(): KitchenFactors
    {
        $question = $this->sheet->question;

        return KitchenFactors::of(
            $this->sauce?->reckoning->kitchen->evaporation ?? $question->kitchen->evaporation,
            $this->roux?->kitchen->browning ?? $question->kitchen->browning,
            $this->flourStrength(),
        );
    }

    private function flourStrength(): Factor
    {
        $kitchen = $this->sheet->question->kitchen;
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

    /** The last colour that was set against the strip; where none was, the roux counts as taken to what was planned. */
    private static function colourSeen(Course $course): ?Shade
    {
        $seen = null;
        foreach ($course->events as $event) {
            $seen = $event->reading?->kind === ReadingKind::Colour ? $event->reading->asShade() : $seen;
        }

        return $seen;
    }
}
