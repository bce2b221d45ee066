<?php

declare(strict_types=1);

namespace App\Pages;

use App\Format\Bands;
use App\Format\Degrees;
use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\PourWords;
use App\Format\SauceColour;
use App\Format\StepWords;
use App\Format\Words;
use Lento\Compose\Amount;
use Lento\Compose\Sheet;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\When;
use Lento\Course\Course;
use Lento\Quantity\MeasureSystem;

/** One pot at the stove: the step it is at, what to look for, how long, what comes next. */
final readonly class StovePage
{
    private StepWords $words;

    /** @param list<Note> $notes newest last */
    private function __construct(
        public int $potId,
        public string $name,
        public Course $course,
        public array $notes,
        public Sheet $sheet,
        private KitchenMeasure $measure,
    ) {
        $this->words = new StepWords($sheet);
    }

    /** @param list<Note> $notes */
    public static function of(int $potId, string $name, Course $course, array $notes, Sheet $sheet, MeasureSystem $measures): self
    {
        return new self($potId, $name, $course, $notes, $sheet, new KitchenMeasure($measures));
    }

    public function step(): Step
    {
        return $this->course->step();
    }

    public function kind(): StepKind
    {
        return $this->step()->kind;
    }

    public function title(): string
    {
        return $this->words->title($this->kind());
    }

    public function caution(): string
    {
        return $this->words->caution($this->kind());
    }

    public function cue(): string
    {
        return $this->words->cue($this->kind());
    }

    /** @return array<'look'|'smell'|'listen', string> those that have something to say */
    public function senses(): array
    {
        return array_filter([
            'look' => $this->words->sense($this->kind(), 'look'),
            'smell' => $this->words->sense($this->kind(), 'smell'),
            'listen' => $this->words->sense($this->kind(), 'listen'),
        ], static fn(string $text): bool => $text !== '');
    }

    /** @return list<array{name: string, state: 'done'|'now'|'ahead'}> */
    public function progress(): array
    {
        return array_map(fn(Step $step, int $i): array => [
            'name' => $this->words->name($step->kind),
            'state' => $i < $this->course->current ? 'done' : ($i === $this->course->current ? 'now' : 'ahead'),
        ], $this->course->steps, array_keys($this->course->steps));
    }

    public function next(): ?string
    {
        $next = $this->course->steps[$this->course->current + 1] ?? null;

        return $next === null ? null : $this->words->title($next->kind);
    }

    public function nextCue(): string
    {
        $next = $this->course->steps[$this->course->current + 1] ?? null;

        return $next === null ? '' : $this->words->cue($next->kind);
    }

    public function about(): string
    {
        return Words::text('stove.about', litres: Litres::of($this->sheet->question->yield)->text(), pan: sprintf('%.0F', $this->sheet->question->pan->diameter->inCentimetres()));
    }

    /** With its band where the eye, not the clock, decides. */
    public function planned(): string
    {
        $band = $this->kind() === StepKind::Colour ? $this->sheet->outlook->rouxMinutes : null;

        return $band === null ? Minutes::text($this->step()->time) : Bands::minutes($band->scaledTo($this->step()->time->inMinutes()));
    }

    /** What this step forecasts and how sure it is; empty where there is nothing to foresee. */
    public function sure(): string
    {
        $outlook = $this->sheet->outlook;

        return match ($this->kind()) {
            StepKind::Pour => Words::text('outlook.lumps') . ': ' . Bands::risks($outlook)['lumps'],
            StepKind::Colour => Words::text('outlook.specks') . ': ' . Bands::risks($outlook)['specks'],
            StepKind::Simmer, StepKind::Boil => Words::text('outlook.scorching') . ': ' . Bands::risks($outlook)['scorching'],
            StepKind::Test, StepKind::Season, StepKind::Strain => Bands::thickness($outlook->thickness),
            default => '',
        };
    }

    /** Which drawing helps at this step. */
    public function drawing(): string
    {
        return match ($this->kind()) {
            StepKind::SetOut => 'weigh',
            StepKind::Melt, StepKind::BrownVegetables, StepKind::BrownPaste, StepKind::Flour, StepKind::Colour, StepKind::Bake, StepKind::Sweat, StepKind::BrownButter, StepKind::LetDown => 'strip',
            StepKind::Pour => 'stair',
            StepKind::Finish => 'outcome',
            default => 'pot',
        };
    }

    /** @return list<array{amount: string, celsius: string, slack: bool, done: bool, next: bool}> */
    public function pours(): array
    {
        $amounts = PourWords::amounts($this->sheet);
        $next = $this->course->nextPour();

        return array_map(fn($pour, int $i): array => [
            'amount' => $amounts[$i],
            'celsius' => Degrees::number($pour->mixed),
            'slack' => $pour->slack,
            'done' => in_array($i, $this->course->poured, true),
            'next' => $i === $next,
        ], $this->sheet->stair->pours, array_keys($this->sheet->stair->pours));
    }

    public function weight(Amount $amount): string
    {
        return match (true) {
            $amount->pieces !== null => $this->measure->pieces($amount->pieces, $amount->ingredient),
            $amount->when === When::Pour && $amount->volume !== null => Litres::of($amount->volume)->text(),
            default => Grams::of($amount->mass)->text(),
        };
    }

    /** @return string '' for things counted, whose name stands with their number */
    public function ingredient(Amount $amount): string
    {
        return $amount->pieces !== null ? '' : Words::ingredient($amount->ingredient);
    }

    public function colour(): string
    {
        return SauceColour::of($this->sheet);
    }

    /** @return list<Note> the last few, newest first */
    public function lastNotes(): array
    {
        return array_slice(array_reverse($this->notes), 0, 4);
    }
}
