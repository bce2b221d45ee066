<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Bands;
use App\Format\Degrees;
use App\Format\EventWords;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\SauceColour;
use App\Format\SauceNames;
use App\Format\StepWords;
use App\Format\WatchWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Pages\Pictures\PotPicture;
use App\Pages\Pictures\SpoonPicture;
use App\Pages\Pictures\StairPicture;
use App\Pages\Pictures\StripPicture;
use DateTimeImmutable;
use DateTimeInterface;
use Lento\Course\Course;
use Lento\Course\Happened\Done;
use Lento\Course\Happened\ReadOff;
use Lento\Course\ReadingKind;
use Lento\Heat\HobHeat;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Plan\Tending;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Volume;
use Lento\Stove\PotWatch;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\ThicknessClass;

/** One pot at the stove: the step it is at, what to look for, how long, which panel helps, what comes next. */
final readonly class StovePage
{
    /** g flour per litre from which the narrow funnel takes too long. */
    private const WIDE_FUNNEL_FROM = 48.0;

    private const STRIP = 1232.0;

    private const NARROW_STRIP = 366.0;

    private StepWords $words;

    public Plan $plan;

    public Course $course;

    private function __construct(public int $potId, public string $name, public PotWatch $pot, public Kitchen $kitchen)
    {
        $this->plan = $pot->plan;
        $this->course = $pot->course;
        $this->words = StepWords::of($this->plan);
    }

    public static function of(int $potId, string $name, PotWatch $pot, Kitchen $kitchen): self
    {
        return new self($potId, $name, $pot, $kitchen);
    }

    public function ladles(): Ladles
    {
        return new Ladles(
            $this->course,
            $this->plan->ladles,
            $this->pot->sauce?->comesTo() ?? ($this->plan->promise->volume ?? Volume::ofLitres(0.0)),
            new SauceNames($this->kitchen),
        );
    }

    public function soFar(): SoFar
    {
        return new SoFar($this->course, EventWords::of($this->kitchen, $this->plan));
    }

    /** @return array<string, string> */
    public function told(): array
    {
        return Told::of($this->potId, $this->course, $this->ahead());
    }

    public function whereabouts(): Whereabouts
    {
        return new Whereabouts($this->course, $this->kitchen);
    }

    public function weighList(): WeighList
    {
        return new WeighList($this->plan);
    }

    public function ticks(): TickList
    {
        return new TickList($this->pot);
    }

    public function watching(): Watching
    {
        return new Watching($this->pot);
    }

    public function testing(): Testing
    {
        return new Testing($this->pot);
    }

    /** Whether there is a sauce in it, of which some can go into a tub. */
    public function mayPutAway(): bool
    {
        return $this->pot->sauce?->boiled === true;
    }

    /** Whether it is a sauce by now, with only tasting and straining before it. */
    public function isDone(): bool
    {
        return $this->pot->sauce?->boiled === true
            && in_array(
                $this->kind(),
                [StepKind::Test, StepKind::Correct, StepKind::Season, StepKind::Strain, StepKind::Keep, StepKind::Finish],
                true,
            );
    }

    /** Whether it is far enough to become the base of something else: tested, strained, or waiting at the pass. */
    public function makesMore(): bool
    {
        return $this->isDone() && $this->kitchen->catalogue()->childrenOf($this->plan->making->sauce ?? '') !== [];
    }

    public function unprompted(): Unprompted
    {
        return new Unprompted($this->pot, $this->kitchen);
    }

    public function seasoning(): Seasoning
    {
        return Seasoning::of($this->pot);
    }

    public function keeping(): Keeping
    {
        return new Keeping($this->pot->cooking->ways->skin, $this->course->kept, $this->kitchen);
    }

    public function kind(): StepKind
    {
        return $this->course->step()->kind;
    }

    public function title(): string
    {
        $move = $this->pot->move;

        return match (true) {
            $this->kind() === StepKind::Correct && $move !== null && !$this->isPromised() => WatchWords::move($move, $this->pot),
            // How much salt is said once, for what is in the pot by now.
            $this->kind() === StepKind::Season && $this->course->step()->amounts !== [] => Words::text('steps.season.title'),
            default => $this->words->title($this->course->step()),
        };
    }

    /** What goes in and how: the step's own amounts; '' where the panel lists them all, or says by how much to correct. */
    public function cue(): string
    {
        $step = $this->course->step();

        return match ($step->kind) {
            StepKind::SetOut, StepKind::Correct => '',
            StepKind::Season => $this->plan->making?->isDerived() === true || $step->variant === 'again'
                ? $this->words->cue($step)
                : $this->seasoning()->besides($step),
            // What to look for is said below; the room is for what there is to read and to tap.
            StepKind::Colour, StepKind::Bake, StepKind::Boil, StepKind::Simmer, StepKind::Reduce, StepKind::Test
                => $step->amounts === [] && $this->senses() !== [] ? '' : self::unbroken($this->words->cue($step)),
            default => self::unbroken($this->words->cue($step)),
        };
    }

    public function caution(): string
    {
        return $this->words->caution($this->course->step());
    }

    /** For the ear, at each redraw: what was written down last, the step, how, and what to mind. */
    public function says(): string
    {
        $last = $this->soFar()->last(1)[0] ?? null;

        return implode(' ', array_map(
            static fn(string $one): string => preg_match('/[.?!]\z/', $one) === 1 ? $one : $one . '.',
            array_filter(
                [$last === null ? '' : $last->text, $this->title(), $this->cue(), $this->caution()],
                static fn(string $one): bool => $one !== '',
            ),
        ));
    }

    /** @return array<'look'|'smell'|'listen', string> those that have something to say */
    public function senses(): array
    {
        return $this->words->senses($this->course->step());
    }

    /** @return list<array{name: string, state: 'done past'|'done'|'now'|'ahead'}> */
    public function progress(): array
    {
        return Progress::of($this->course);
    }

    /**
     * The steps from here on in their words, so that a tablet whose line is down can go on.
     *
     * @return list<array{step: string, title: string, cue: string, senses: array<string, string>, caution: string, seconds: float,
     * done: string, pours: list<array{id: string, says: string}>}>
     */
    public function ahead(): array
    {
        return array_map(fn(Step $step): array => [
            'step' => $step->id,
            'title' => $this->words->title($step),
            'cue' => $this->words->cue($step),
            'senses' => $this->words->senses($step),
            'caution' => $this->words->caution($step),
            'seconds' => $step->pace->timed ? $step->pace->time->seconds : 0.0,
            'done' => Words::text('stove.done'),
            'pours' => $this->ticks()->taps($step),
        ], array_slice($this->course->steps, $this->aheadFrom()));
    }

    /** From the step that the last tap can be taken back to, for that needs no line either. */
    private function aheadFrom(): int
    {
        $last = $this->course->undoable();
        foreach ($this->course->steps as $i => $step) {
            if ($last instanceof Done && $step->id === $last->step && $i < $this->course->current) {
                return $i;
            }
        }

        return $this->course->current;
    }

    public function next(): ?string
    {
        $next = $this->course->steps[$this->after()] ?? null;

        return $next === null ? null : $this->words->title($next);
    }

    public function nextCue(): string
    {
        $next = $this->course->steps[$this->after()] ?? null;

        return $next === null ? '' : $this->words->cue($next);
    }

    /** The step that "done" leads to: past the correction where there is nothing to correct. */
    public function after(): int
    {
        $next = $this->course->current + 1;
        $steps = $this->course->steps;

        return $this->kind() === StepKind::Test
            && ($steps[$next]->kind ?? null) === StepKind::Correct
            && ($this->pot->move === null || $this->pot->move->isDone())
            ? $next + 1
            : $next;
    }

    /** @return array{to?: string} what "done" says besides, where it leads past a step */
    public function goesTo(): array
    {
        return $this->after() === $this->course->current + 1 ? [] : ['to' => $this->course->steps[$this->after()]->id];
    }

    public function about(): string
    {
        return Words::text(
            'stove.about',
            litres: $this->promised(),
            pan: sprintf('%.0F', $this->pot->cooking->place->pan->diameter->inCentimetres()),
        );
    }

    /** What it should come to. */
    public function promised(): string
    {
        return $this->plan->promise === null ? '' : Litres::of($this->plan->promise->volume)->text();
    }

    /** With its band where the eye, not the clock, decides. */
    public function planned(): string
    {
        $band = $this->course->step()->pace->band;

        return $band === null ? Minutes::text(Duration::ofSeconds($this->course->timerSeconds())) : Bands::minutes($band);
    }

    /** "of 20–25 min, ends 19:40" */
    public function timerSays(DateTimeInterface $ends): string
    {
        return self::unbroken(Words::text('stove.of_ends', planned: $this->planned(), time: $ends->format('H:i')));
    }

    /** Word joiners keep a band from being broken over two lines. */
    private static function unbroken(string $text): string
    {
        return str_replace('–', "\u{2060}–\u{2060}", $text);
    }

    /** @return int which of the heats it stands on; -1 for none of them */
    public function heatAt(): int
    {
        $at = array_search($this->heat(), $this->heats(), true);

        return is_int($at) ? $at : -1;
    }

    /** Which panel helps at this step. */
    public function panel(): string
    {
        if ($this->course->step()->additions !== [] && !in_array($this->kind(), [StepKind::Pour, StepKind::Season], true)) {
            return 'finishes';
        }

        return match ($this->kind()) {
            StepKind::SetOut => 'weigh',
            StepKind::Melt,
            StepKind::BrownVegetables,
            StepKind::BrownPaste,
            StepKind::Flour,
            StepKind::Colour,
            StepKind::Bake,
            StepKind::Sweat,
            StepKind::BrownButter,
            StepKind::LetDown
                => $this->pot->cooking->roux === null ? 'weigh-now' : 'strip',
            StepKind::Pour => 'stair',
            StepKind::Boil, StepKind::Simmer, StepKind::Reduce => 'watch',
            StepKind::Test => 'tests',
            StepKind::Correct => $this->isPromised() ? 'weigh-now' : 'correct',
            StepKind::Season => 'season',
            StepKind::ReduceApart, StepKind::Ladle => 'weigh-now',
            StepKind::Keep => 'keep',
            StepKind::Finish => 'outcome',
            default => $this->poursLater() && $this->course->step()->amounts !== [] ? 'weigh-now' : 'pot',
        };
    }

    /** Whether this correction belongs to the recipe itself: it comes before what may not boil, and no test has been asked yet. */
    private function isPromised(): bool
    {
        $before = array_slice($this->course->steps, 0, $this->course->current);

        return $this->course->step()->amounts !== []
            && array_filter($before, static fn(Step $step): bool => $step->kind === StepKind::Test) === [];
    }

    /** Whether there is no sauce in the pot yet: a picture of it would show what is not so. */
    private function poursLater(): bool
    {
        $ahead = array_slice($this->course->steps, $this->course->current);

        return array_filter($ahead, static fn(Step $step): bool => $step->kind === StepKind::Pour) !== [];
    }

    /** @return list<array{kind: string, done: string, at: DateTimeImmutable, seconds: float}> the visits this step wants */
    public function tendings(): array
    {
        return array_map(
            fn(Tending $tending): array => [
                'kind' => $tending->kind->value,
                'done' => Words::text('stove.tend.' . $tending->kind->value),
                'at' => $this->course->tendingDue($tending),
                'seconds' => $tending->every->seconds,
            ],
            array_values(
                array_filter(
                    $this->course->step()->pace->tendings,
                    fn(Tending $tending): bool => $tending->kind->value !== 'look'
                        || $this->course->tendingDue($tending) < ($this->course->timerEnds() ?? $this->course->tendingDue($tending)),
                ),
            ),
        );
    }

    /** @return list<string> instruments that help at this step, the most telling first */
    public function instruments(): array
    {
        $thickness = EquivalentFlour::of($this->pot->cooking->sauces->tested);
        $wide = $thickness->thicknessClass() !== ThicknessClass::Pouring && $thickness->gramsPerLitre >= self::WIDE_FUNNEL_FROM;
        $kinds = match ($this->panel()) {
            'strip' => [ReadingKind::Temperature],
            'watch' => $this->kind() === StepKind::Boil
                ? [ReadingKind::Temperature]
                : [ReadingKind::Depth, ReadingKind::Weight, ReadingKind::Temperature],
            'tests' => [ReadingKind::Spread, $wide ? ReadingKind::FunnelWide : ReadingKind::FunnelNarrow, ReadingKind::Depth],
            'correct' => [ReadingKind::Depth, ReadingKind::Temperature],
            'finishes', 'keep', 'pot', 'weigh-now' => [ReadingKind::Temperature],
            default => [],
        };

        return array_map(static fn(ReadingKind $kind): string => $kind->value, $kinds);
    }

    /** @return list<HobHeat|SimmerLevel> what the heat can be set to at this step; nothing where it is off */
    public function heats(): array
    {
        return match (true) {
            in_array(
                $this->kind(),
                [
                    StepKind::Melt,
                    StepKind::BrownButter,
                    StepKind::BrownVegetables,
                    StepKind::BrownPaste,
                    StepKind::Sweat,
                    StepKind::Flour,
                    StepKind::Colour,
                ],
                true,
            )
                => HobHeat::cases(),
            $this->course->step()->conditions->simmers !== null && $this->kind() !== StepKind::Season => SimmerLevel::cases(),
            default => [],
        };
    }

    public function heat(): HobHeat|SimmerLevel
    {
        $planned = $this->heats() === SimmerLevel::cases()
            ? $this->pot->sauce->reckoning->level ?? $this->pot->cooking->ways->level
            : $this->pot->cooking->roux->heat ?? HobHeat::Medium;

        return $this->course->heat !== null && $this->course->heat instanceof $planned ? $this->course->heat : $planned;
    }

    public function colour(): string
    {
        return SauceColour::ofPlan($this->plan);
    }

    /** The pot as it stands now. */
    public function potPicture(): ?PotPicture
    {
        return PotPicture::now($this->plan, $this->watching()->litresNow(), $this->colour());
    }

    public function spoonPicture(): SpoonPicture
    {
        return SpoonPicture::ofSauce($this->pot->cooking->sauces->served, $this->colour());
    }

    public function stairPicture(): ?StairPicture
    {
        return StairPicture::of($this->plan, $this->colour(), $this->course->poured(), $this->course->nextAddition()?->id);
    }

    /** @return list<array{picture: StripPicture, id: string, class: string}> wide and narrow: the page shows the one that fits */
    public function strips(): array
    {
        $roux = $this->pot->cooking->roux;
        $now = in_array($this->kind(), [StepKind::Colour, StepKind::LetDown], true) ? $this->pot->roux?->now->shade->value : null;

        return $roux === null ? [] : [
            ['picture' => StripPicture::of($roux, self::STRIP, $now), 'id' => 'strip', 'class' => 'wide'],
            ['picture' => StripPicture::of($roux, self::NARROW_STRIP, $now), 'id' => 'strip-narrow', 'class' => 'narrow'],
        ];
    }

    /** Whether a finger on the strip tells the colour of this pot's roux. */
    public function takesColour(): bool
    {
        return in_array($this->kind(), [StepKind::Colour, StepKind::Bake, StepKind::LetDown], true);
    }

    /** What the last probe says of the limit of this step; '' where there is none, or nobody has probed. */
    public function probed(): string
    {
        $bounds = $this->course->step()->conditions->bounds;
        $last = null;
        foreach ($this->course->all(ReadOff::class) as $read) {
            $last = $read->reading->kind === ReadingKind::Temperature ? $read->reading->asTemperature() : $last;
        }
        if ($last === null || $bounds->isEmpty()) {
            return '';
        }

        return match (true) {
            $bounds->atMost !== null && $bounds->tooHot($last) => Words::text(
                'family.probe.hot',
                temperature: Degrees::text($last),
                most: Degrees::text($bounds->atMost),
            ),
            $bounds->atLeast !== null && $bounds->tooCold($last) => Words::text(
                'family.probe.cool',
                temperature: Degrees::text($last),
                least: Degrees::text($bounds->atLeast),
            ),
            default => Words::text('family.probe.right', temperature: Degrees::text($last)),
        };
    }
}
