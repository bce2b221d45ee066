<?php

declare(strict_types=1);

namespace App\Pages;

use App\Format\Bands;
use App\Format\Degrees;
use App\Format\EventWords;
use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\PourWords;
use App\Format\SauceColour;
use App\Format\StepWords;
use App\Format\WatchWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Stove\Place;
use DateTimeImmutable;
use Lento\Compose\Amount;
use Lento\Compose\Sheet;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Compose\Tending;
use Lento\Compose\When;
use Lento\Course\Course;
use Lento\Course\EventKind;
use Lento\Course\ReadingKind;
use Lento\Finish\Finishing;
use Lento\Keeping\FoodSafety;
use Lento\Keeping\Stage;
use Lento\Pot\SimmerLevel;
use Lento\Quantity\Duration;
use Lento\Quantity\Mass;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;
use Lento\Roux\HobHeat;
use Lento\Stove\MoveKind;
use Lento\Stove\PotWatch;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\SpoonTest;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;

/** One pot at the stove: the step it is at, what to look for, how long, how it goes, what comes next. */
final readonly class StovePage
{
    private const LAST_EVENTS = 5;

    private StepWords $words;

    private EventWords $events;

    private KitchenMeasure $measure;

    public Sheet $sheet;

    public Course $course;

    private function __construct(public int $potId, public string $name, public PotWatch $pot, public Kitchen $kitchen)
    {
        $this->sheet = $pot->sheet;
        $this->course = $pot->course;
        $this->measure = new KitchenMeasure($kitchen->measures);
        $this->words = new StepWords($this->sheet);
        $this->events = EventWords::of($kitchen, $this->course->steps, $this->sheet);
    }

    public static function of(int $potId, string $name, PotWatch $pot, Kitchen $kitchen): self
    {
        return new self($potId, $name, $pot, $kitchen);
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
            'pours' => array_map(fn(string $amount): string => $this->pourWords($step->kind, $amount), $this->additionsOf($step->kind)),
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

    public function place(): string
    {
        return Place::named($this->course->place, $this->kitchen)->name ?? '';
    }

    /** @return array<string, Place> */
    public function places(): array
    {
        return Place::all($this->kitchen);
    }

    /** With its band where the eye, not the clock, decides. */
    public function planned(): string
    {
        $band = $this->kind() === StepKind::Colour ? $this->sheet->outlook->rouxMinutes : null;

        return $band === null ? Minutes::text(Duration::ofSeconds($this->course->timerSeconds())) : Bands::minutes($band->scaledTo($this->step()->time->inMinutes()));
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

    /** @return list<array{amount: string, about: string, done: bool, next: bool}> what is ticked off at this step */
    public function additions(): array
    {
        $next = $this->course->nextPour();
        $abouts = $this->kind() === StepKind::Enrich ? array_map($this->finishLimit(...), $this->sheet->finishes) : array_map(
            static fn($pour): string => Words::text('stove.lands', celsius: Degrees::number($pour->mixed)) . ($pour->slack ? ', ' . Words::text('stove.slack') : ''),
            $this->sheet->stair->pours,
        );

        return array_map(fn(string $amount, int $i): array => [
            'amount' => $amount,
            'about' => $abouts[$i] ?? '',
            'done' => in_array($i, $this->course->poured(), true),
            'next' => $i === $next,
        ], $this->additionsOf($this->kind()), array_keys($this->additionsOf($this->kind())));
    }

    public function nextAddition(): string
    {
        return $this->pourWords($this->kind(), $this->additionsOf($this->kind())[$this->course->nextPour() ?? 0] ?? '');
    }

    /** @return list<array{kind: string, done: string, at: DateTimeImmutable, seconds: float}> the visits this step wants */
    public function tendings(): array
    {
        return array_map(fn(Tending $tending): array => [
            'kind' => $tending->kind->value,
            'done' => Words::text('stove.tend.' . $tending->kind->value),
            'at' => $this->course->tendingDue($tending),
            'seconds' => $tending->every->seconds,
        ], array_values(array_filter($this->step()->tendings, fn(Tending $tending): bool => $tending->kind->value !== 'look' || $this->course->tendingDue($tending) < ($this->course->timerEnds() ?? $this->course->tendingDue($tending)))));
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

    /**
     * What is foreseen at this step, the most wanted first.
     *
     * @return list<string>
     */
    public function foresees(): array
    {
        $sauce = $this->pot->sauce;

        return array_values(array_filter(match (true) {
            $this->panel() === 'strip' && $this->kind() === StepKind::Colour && $this->pot->roux !== null => [WatchWords::roux($this->pot->roux), Words::text('outlook.specks') . ': ' . Bands::risks($this->sheet->outlook)['specks']],
            $this->kind() === StepKind::Pour => [Words::text('outlook.lumps') . ': ' . Bands::risks($this->sheet->outlook)['lumps']],
            $this->kind() === StepKind::Enrich => [$this->finishNow()],
            $this->kind() === StepKind::Boil => [Words::text('stove.boil.gate'), $this->boils()],
            $sauce !== null && $sauce->boiled && in_array($this->panel(), ['watch', 'correct'], true) => [
                WatchWords::notch($sauce, $this->sheet->endDepth()),
                WatchWords::then($sauce),
                Words::text('stove.comes_to', litres: Litres::of($sauce->comesTo($this->sheet))->text()),
                ...($this->kind() !== StepKind::Correct && $this->moveTap() !== null ? [$this->move()] : []),
            ],
            default => [],
        }, static fn(string $text): bool => $text !== ''));
    }

    /** @return string '' while nothing catches */
    public function catches(): string
    {
        $sauce = $this->pot->sauce;

        return $sauce !== null && $sauce->boiled && in_array($this->panel(), ['watch', 'tests', 'correct'], true) ? WatchWords::catching($sauce->catching) : '';
    }

    /** "now 61 mm, 2.10 l" */
    public function stands(): string
    {
        $pot = $this->pot->sauce?->reckoning;

        return $pot === null ? '' : Words::text('stove.now_stands', mm: WatchWords::millimetres($pot->depth()), litres: Litres::of($pot->volume())->text());
    }

    public function litresNow(): Volume
    {
        return $this->pot->sauce?->reckoning->volume() ?? $this->sheet->start->volume();
    }

    /** What a test has said so far: class, thickness and the next move. */
    public function verdict(): string
    {
        $sauce = $this->pot->sauce;
        if ($sauce === null || !$sauce->boiled) {
            return Words::text('stove.boil.gate');
        }

        return $sauce->reckoning->strength->observations === 0 && $sauce->curve->read === []
            ? Words::text('stove.test.none')
            : Words::text('stove.test.says', class: Words::text('thickness.class.' . $sauce->thickness->thicknessClass()->value), thickness: Bands::thickness($sauce->thickness));
    }

    /** @return string '' before there is anything to move */
    public function move(): string
    {
        return $this->pot->move === null ? '' : WatchWords::move($this->pot->move, $this->pot);
    }

    public function moveThen(): string
    {
        return $this->pot->move === null ? '' : WatchWords::moveThen($this->pot->move);
    }

    /**
     * The one tap that does the correction, as an event: what it says, and what it sends.
     *
     * @return array{kind: string, fields: array<string, string>, says: string}|null null where there is nothing to do but go on
     */
    public function moveTap(): ?array
    {
        $move = $this->pot->move;
        if ($move === null || !in_array($this->kind(), [StepKind::Correct, StepKind::Simmer, StepKind::Reduce], true)) {
            return null;
        }
        if ($this->kind() !== StepKind::Correct && $move->kind !== MoveKind::Thin) {
            return null;
        }
        $grams = Grams::of($move->thickener ?? Mass::ofGrams(0.0))->text();
        $litres = $move->liquid ?? Volume::ofMillilitres(0.0);

        return match (true) {
            $move->kind === MoveKind::Thin => ['kind' => EventKind::ToppedUp->value, 'fields' => ['litres' => sprintf('%.3F', $litres->inLitres())], 'says' => Words::text('stove.move.done-thin', amount: Litres::of($litres)->text())],
            $move->kind === MoveKind::Thicken => ['kind' => EventKind::Thickened->value, 'fields' => ['choice' => $move->means->value ?? '', 'grams' => sprintf('%.1F', $move->thickener?->inGrams() ?? 0.0)], 'says' => Words::text('stove.move.done-thicken', amount: $grams)],
            in_array($move->kind, [MoveKind::Reduce, MoveKind::CookOut], true) && $this->course->timerEnds() === null => ['kind' => EventKind::MoreTime->value, 'fields' => ['seconds' => (string) (60 * WatchWords::minutes($move->time))], 'says' => Words::text('stove.move.start', minutes: WatchWords::minutes($move->time))],
            default => null,
        };
    }

    /** @return list<array{word: SpoonWord, film: float, yield: float, viscosity: float, read: bool}> this sauce as each word would show it */
    public function spoons(): array
    {
        $last = null;
        foreach ($this->course->events as $event) {
            $last = $event->reading?->kind === ReadingKind::Spoon ? $event->reading->asSpoonWord() : $last;
        }

        return array_map(function (SpoonWord $word) use ($last): array {
            $flow = $this->pot->sauce?->reckoning->showing($word) ?? Flow::of($this->sheet->end, Temperature::ofCelsius(EquivalentFlour::CELSIUS));

            return ['word' => $word, 'film' => SpoonTest::of($flow)->film->inMillimetres(), 'yield' => $flow->yield, 'viscosity' => $flow->viscosity(EquivalentFlour::SHEAR)->pascalSeconds, 'read' => $word === $last];
        }, SpoonWord::cases());
    }

    /**
     * Salt for what is in the pot now.
     *
     * @return array{amount: string, why: string}
     */
    public function salt(): array
    {
        $planned = array_sum(array_map(static fn(Amount $amount): float => $amount->ingredient === 'salt' ? $amount->mass->inGrams() : 0.0, $this->sheet->amounts));
        if ($planned <= 0.0) {
            return ['amount' => Words::text('stove.season.none'), 'why' => Words::text('stove.season.none_why')];
        }
        $here = $this->litresNow();

        return [
            'amount' => Grams::of(Mass::ofGrams($planned * $here->cubicMetres / $this->sheet->end->volume()->cubicMetres))->text(),
            'why' => Words::text('stove.season.for', litres: Litres::of($here)->text(), percent: sprintf('%.1F', $this->sheet->end->saltPercent())),
        ];
    }

    /** @return list<array{kept: string, name: string, how: string, chosen: bool}> */
    public function keeps(): array
    {
        $preset = FoodSafety::named($this->kitchen->setting('preset', 'uk-guidance'));
        $skin = Words::text('stove.keep.skin.' . $this->sheet->question->method->skin->value);
        $stages = array_map(static fn(Stage $stage): string => Words::text('stove.keep.stage', from: Degrees::text($stage->from), to: Degrees::text($stage->to), hours: rtrim(rtrim(sprintf('%.1F', $stage->within->inMinutes() / 60.0), '0'), '.')), $preset->stages);

        return array_map(fn(string $way): array => [
            'kept' => $way,
            'name' => Words::text('stove.keep.' . $way),
            'how' => Words::text('stove.keep.' . $way . '_how', hold: Degrees::text($preset->holdAtLeast), skin: $skin, stages: implode(', ', $stages)),
            'chosen' => $this->course->kept?->value === $way,
        ], ['served', 'held', 'cooled']);
    }

    public function guidance(): string
    {
        $preset = $this->kitchen->setting('preset', 'uk-guidance');

        return Words::text('stove.keep.guidance', preset: Words::text('kitchen.presets.' . $preset));
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

    /** @return list<Note> the last few things that happened, newest first */
    public function lastEvents(): array
    {
        return array_map(fn($event): Note => new Note($event->at, $this->events->line($event)), array_reverse(array_slice($this->course->events, -self::LAST_EVENTS)));
    }

    /** @return array{token: string, says: string}|null what one tap takes back */
    public function undo(): ?array
    {
        $event = $this->course->undoable();

        return $event === null ? null : ['token' => $event->id, 'says' => Words::text('stove.undo_what', what: $this->events->line($event))];
    }

    /** What is foreseen to come out, for those who have not measured yet. */
    public function comesTo(): string
    {
        return Litres::of($this->pot->sauce?->comesTo($this->sheet) ?? $this->sheet->question->yield)->text();
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

    /** @return list<string> */
    private function additionsOf(StepKind $kind): array
    {
        return match ($kind) {
            StepKind::Pour => PourWords::amounts($this->sheet),
            StepKind::Enrich => array_map($this->finishName(...), $this->sheet->finishes),
            default => [],
        };
    }

    private function pourWords(StepKind $kind, string $amount): string
    {
        return Words::text($kind === StepKind::Enrich ? 'stove.stir_in_now' : 'stove.pour_now', amount: $amount);
    }

    private function finishName(Finishing $finishing): string
    {
        return EventWords::finish($finishing, $this->sheet);
    }

    private function finishLimit(Finishing $finishing): string
    {
        return implode(', ', [
            ...($finishing->atLeast === null ? [] : [Words::text('stove.over', celsius: Degrees::number($finishing->atLeast))]),
            $finishing->atMost === null ? Words::text('stove.may_boil') : Words::text('stove.under', celsius: Degrees::number($finishing->atMost)),
        ]);
    }

    /** Whether it is time for the next thing that goes in, by the last probe. */
    private function finishNow(): string
    {
        $next = $this->course->nextPour();
        $finishing = $next === null ? null : ($this->sheet->finishes[$next] ?? null);
        if ($finishing === null) {
            return '';
        }
        $probed = $this->pot->sauce?->reckoning->probed;
        $what = Words::ingredient($finishing->what->id);
        if ($probed === null) {
            return $finishing->atMost === null && $finishing->atLeast === null ? '' : Words::text('stove.limit.ask', what: $what);
        }
        $now = Degrees::text($probed);

        return match (true) {
            $finishing->atMost !== null && $probed->kelvin > $finishing->atMost->kelvin => Words::text('stove.limit.hot', now: $now, what: $what, limit: Degrees::text($finishing->atMost)),
            $finishing->atLeast !== null && $probed->kelvin < $finishing->atLeast->kelvin => Words::text('stove.limit.cold', now: $now, what: $what, limit: Degrees::text($finishing->atLeast)),
            default => Words::text('stove.limit.go', now: $now, what: $what),
        };
    }

    private function boils(): string
    {
        $sauce = $this->pot->sauce;
        $probed = $sauce?->reckoning->probed;
        if ($sauce === null || $probed === null) {
            return '';
        }
        $time = $sauce->toTheBoil($probed);

        return $time === null ? Words::text('stove.boil.never') : Words::text('stove.boil.in', minutes: WatchWords::minutes($time));
    }
}
