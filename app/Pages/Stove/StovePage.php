<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Bands;
use App\Format\EventWords;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\SauceColour;
use App\Format\StepWords;
use App\Format\WatchWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use DateTimeImmutable;
use Lento\Compose\Sheet;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\Tending;
use Lento\Course\Course;
use Lento\Course\ReadingKind;
use Lento\Heat\HobHeat;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Stove\PotWatch;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;

/** One pot at the stove: the step it is at, what to look for, how long, which panel helps, what comes next. */
final readonly class StovePage
{
    private StepWords $words;

    public Sheet $sheet;

    public Course $course;

    /** @param list<array{for: string, litres: float|int}> $toLadle what is to be ladled off it */
    private function __construct(public int $potId, public string $name, public PotWatch $pot, public Kitchen $kitchen, private array $toLadle)
    {
        $this->sheet = $pot->sheet;
        $this->course = $pot->course;
        $this->words = new StepWords($this->sheet);
    }

    /** @param list<array{for: string, litres: float|int}> $toLadle what is to be ladled off it */
    public static function of(int $potId, string $name, PotWatch $pot, Kitchen $kitchen, array $toLadle = []): self
    {
        return new self($potId, $name, $pot, $kitchen, $toLadle);
    }

    public function ladles(): Ladles
    {
        return new Ladles($this->course, $this->toLadle, $this->pot->sauce?->comesTo($this->sheet) ?? $this->sheet->question->yield);
    }

    public function soFar(): SoFar
    {
        return new SoFar($this->course, EventWords::of($this->kitchen, $this->course->steps, $this->sheet));
    }

    public function whereabouts(): Whereabouts
    {
        return new Whereabouts($this->course, $this->kitchen);
    }

    public function weighOut(): WeighOut
    {
        return new WeighOut($this->kitchen->measures);
    }

    public function additions(): Additions
    {
        return new Additions($this->pot);
    }

    public function watching(): Watching
    {
        return new Watching($this->pot);
    }

    public function testing(): Testing
    {
        return new Testing($this->pot);
    }

    public function seasoning(): Seasoning
    {
        return Seasoning::of($this->pot);
    }

    public function keeping(): Keeping
    {
        return new Keeping($this->sheet->question->method->skin, $this->course->kept, $this->kitchen);
    }

    public function kind(): StepKind
    {
        return $this->course->step()->kind;
    }

    public function title(): string
    {
        $move = $this->pot->move;

        return $this->kind() === StepKind::Correct && $move !== null ? WatchWords::move($move, $this->pot) : $this->words->title($this->kind());
    }

    public function caution(): string
    {
        return $this->words->caution($this->kind());
    }

    /** @return array<'look'|'smell'|'listen', string> those that have something to say */
    public function senses(): array
    {
        return $this->sensesOf($this->kind());
    }

    /** @return list<array{name: string, state: 'done past'|'done'|'now'|'ahead'}> */
    public function progress(): array
    {
        return array_map(fn(Step $step, int $i): array => [
            'name' => $this->words->name($step->kind),
            'state' => $i < $this->course->current - 1 ? 'done past' : ($i < $this->course->current ? 'done' : ($i === $this->course->current ? 'now' : 'ahead')),
        ], $this->course->steps, array_keys($this->course->steps));
    }

    /**
     * The steps from here on in their words, so that a tablet whose line is down can go on.
     *
     * @return list<array{step: int, title: string, senses: array<string, string>, caution: string, seconds: float, done: string, pours: list<string>}>
     */
    public function ahead(): array
    {
        return array_map(fn(Step $step, int $i): array => [
            'step' => $this->course->current + $i,
            'title' => $this->words->title($step->kind),
            'senses' => $this->sensesOf($step->kind),
            'caution' => $this->words->caution($step->kind),
            'seconds' => $step->timed ? $step->time->seconds : 0.0,
            'done' => Words::text('stove.done'),
            'pours' => $this->additions()->taps($step->kind),
        ], array_slice($this->course->steps, $this->course->current), array_keys(array_slice($this->course->steps, $this->course->current)));
    }

    public function next(): ?string
    {
        $next = $this->course->steps[$this->after()] ?? null;

        return $next === null ? null : $this->words->title($next->kind);
    }

    public function nextCue(): string
    {
        $next = $this->course->steps[$this->after()] ?? null;

        return $next === null ? '' : $this->words->cue($next->kind);
    }

    /** The step that "done" leads to: past the correction where there is nothing to correct. */
    public function after(): int
    {
        $next = $this->course->current + 1;
        $steps = $this->course->steps;

        return $this->kind() === StepKind::Test && ($steps[$next]->kind ?? null) === StepKind::Correct && ($this->pot->move === null || $this->pot->move->isDone()) ? $next + 1 : $next;
    }

    public function about(): string
    {
        return Words::text('stove.about', litres: Litres::of($this->sheet->question->yield)->text(), pan: sprintf('%.0F', $this->sheet->question->pan->diameter->inCentimetres()));
    }

    /** With its band where the eye, not the clock, decides. */
    public function planned(): string
    {
        $band = $this->kind() === StepKind::Colour ? $this->sheet->outlook->rouxMinutes : null;

        return $band === null ? Minutes::text(Duration::ofSeconds($this->course->timerSeconds())) : Bands::minutes($band->scaledTo($this->course->step()->time->inMinutes()));
    }

    /** Which panel helps at this step. */
    public function panel(): string
    {
        return match ($this->kind()) {
            StepKind::SetOut => 'weigh',
            StepKind::Melt, StepKind::BrownVegetables, StepKind::BrownPaste, StepKind::Flour, StepKind::Colour, StepKind::Bake, StepKind::Sweat, StepKind::BrownButter, StepKind::LetDown => 'strip',
            StepKind::Pour => 'stair',
            StepKind::Boil, StepKind::Simmer, StepKind::Reduce => 'watch',
            StepKind::Test => 'tests',
            StepKind::Correct => 'correct',
            StepKind::Season => 'season',
            StepKind::Enrich => 'finishes',
            StepKind::Keep => 'keep',
            StepKind::Finish => 'outcome',
            default => 'pot',
        };
    }

    /** @return list<array{kind: string, done: string, at: DateTimeImmutable, seconds: float}> the visits this step wants */
    public function tendings(): array
    {
        return array_map(fn(Tending $tending): array => [
            'kind' => $tending->kind->value,
            'done' => Words::text('stove.tend.' . $tending->kind->value),
            'at' => $this->course->tendingDue($tending),
            'seconds' => $tending->every->seconds,
        ], array_values(array_filter($this->course->step()->tendings, fn(Tending $tending): bool => $tending->kind->value !== 'look' || $this->course->tendingDue($tending) < ($this->course->timerEnds() ?? $this->course->tendingDue($tending)))));
    }

    /** @return list<string> instruments that help at this step, the most telling first */
    public function instruments(): array
    {
        $wide = EquivalentFlour::of($this->sheet->end)->thicknessClass() !== ThicknessClass::Pouring && EquivalentFlour::of($this->sheet->end)->gramsPerLitre >= 48.0;
        $kinds = match ($this->panel()) {
            'strip' => [ReadingKind::Temperature],
            'watch' => $this->kind() === StepKind::Boil ? [ReadingKind::Temperature] : [ReadingKind::Depth, ReadingKind::Weight, ReadingKind::Temperature],
            'tests' => [ReadingKind::Spread, $wide ? ReadingKind::FunnelWide : ReadingKind::FunnelNarrow, ReadingKind::Depth],
            'correct' => [ReadingKind::Depth, ReadingKind::Temperature],
            'finishes', 'keep', 'pot' => [ReadingKind::Temperature],
            default => [],
        };

        return array_map(static fn(ReadingKind $kind): string => $kind->value, $kinds);
    }

    /** @return list<HobHeat|SimmerLevel> what the heat can be set to at this step; nothing where it is off */
    public function heats(): array
    {
        return match (true) {
            in_array($this->kind(), [StepKind::Melt, StepKind::BrownButter, StepKind::BrownVegetables, StepKind::BrownPaste, StepKind::Sweat, StepKind::Flour, StepKind::Colour], true) => HobHeat::cases(),
            in_array($this->kind(), [StepKind::Simmer, StepKind::Reduce, StepKind::Test, StepKind::Correct], true) => SimmerLevel::cases(),
            default => [],
        };
    }

    public function heat(): HobHeat|SimmerLevel
    {
        $planned = $this->heats() === SimmerLevel::cases() ? $this->sheet->question->simmerLevel : $this->sheet->question->heat;

        return $this->course->heat !== null && $this->course->heat instanceof $planned ? $this->course->heat : $planned;
    }

    public function colour(): string
    {
        return SauceColour::of($this->sheet);
    }

    /** @return array<'look'|'smell'|'listen', string> */
    private function sensesOf(StepKind $kind): array
    {
        return array_filter([
            'look' => $this->words->sense($kind, 'look'),
            'smell' => $this->words->sense($kind, 'smell'),
            'listen' => $this->words->sense($kind, 'listen'),
        ], static fn(string $text): bool => $text !== '');
    }
}
