<?php

declare(strict_types=1);

namespace App\Pages\Stove;

use App\Format\Degrees;
use App\Format\EventWords;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\Words;
use App\Kitchen\Kitchen;
use Lento\Compose\Method;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Course\Course;
use Lento\Course\ReadingKind;
use Lento\Quantity\Duration;
use Lento\Quantity\Temperature;
use Lento\Quantity\Volume;

/** A derivative at the stove: its steps in the words they were promised in, what is ticked off, how hot it may be. */
final readonly class DerivedPotPage
{
    /** @param list<array{title: string, cue: string, caution: string, ticks: list<string>, most_c: float|int|null, least_c: float|int|null}> $lines one for each step */
    private function __construct(public int $potId, public string $name, public Course $course, public Kitchen $kitchen, private array $lines, private float $millilitres) {}

    /** @param array<string, mixed> $plan as it was written down when it was put on */
    public static function of(int $potId, string $name, array $plan, Course $course, Kitchen $kitchen): self
    {
        /** @var list<array{title: string, cue: string, caution: string, ticks: list<string>, most_c: float|int|null, least_c: float|int|null}> $lines */
        $lines = is_array($plan['lines'] ?? null) ? $plan['lines'] : [];

        return new self($potId, $name, $course, $kitchen, $lines, is_numeric($plan['yield_ml'] ?? null) ? (float) $plan['yield_ml'] : 0.0);
    }

    public function title(): string
    {
        return $this->line('title');
    }

    public function cue(): string
    {
        return $this->line('cue');
    }

    public function caution(): string
    {
        return $this->line('caution');
    }

    public function kind(): StepKind
    {
        return $this->course->step()->kind;
    }

    public function isFinishing(): bool
    {
        return $this->kind() === StepKind::Finish;
    }

    public function isKeeping(): bool
    {
        return $this->kind() === StepKind::Keep;
    }

    public function about(): string
    {
        return Litres::of(Volume::ofMillilitres($this->millilitres))->text();
    }

    /** @return list<string> what is ticked off at this step */
    public function ticks(): array
    {
        return $this->lines[$this->course->current]['ticks'] ?? [];
    }

    public function planned(): string
    {
        return Minutes::text(Duration::ofSeconds($this->course->timerSeconds()));
    }

    public function next(): string
    {
        return $this->lines[$this->course->current + 1]['title'] ?? '';
    }

    /** What the last probe says of the limit of this step; '' where there is none, or nobody has probed. */
    public function probed(): string
    {
        $line = $this->lines[$this->course->current] ?? null;
        $last = null;
        foreach ($this->course->events as $event) {
            $last = $event->reading?->kind === ReadingKind::Temperature ? $event->reading->asTemperature() : $last;
        }
        if ($line === null || $last === null || $line['most_c'] === null && $line['least_c'] === null) {
            return '';
        }

        return match (true) {
            $line['most_c'] !== null && $last->inCelsius() > $line['most_c'] => Words::text('family.probe.hot', temperature: Degrees::text($last), most: Degrees::text(Temperature::ofCelsius((float) $line['most_c']))),
            $line['least_c'] !== null && $last->inCelsius() < $line['least_c'] => Words::text('family.probe.cool', temperature: Degrees::text($last), least: Degrees::text(Temperature::ofCelsius((float) $line['least_c']))),
            default => Words::text('family.probe.right', temperature: Degrees::text($last)),
        };
    }

    /** @return list<array{name: string, state: 'done past'|'done'|'now'|'ahead'}> */
    public function progress(): array
    {
        return array_map(fn(Step $step, int $i): array => [
            'name' => Words::text('steps.' . $step->kind->value . '.name'),
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
        $ahead = [];
        foreach (array_slice($this->course->steps, $this->course->current, null, true) as $i => $step) {
            $line = $this->lines[$i] ?? null;
            $ahead[] = ['step' => $i, 'title' => $line['title'] ?? '', 'senses' => ['look' => $line['cue'] ?? ''], 'caution' => $line['caution'] ?? '', 'seconds' => $step->timed ? $step->time->seconds : 0.0, 'done' => Words::text('stove.done'), 'pours' => $line['ticks'] ?? []];
        }

        return $ahead;
    }

    public function keeping(): Keeping
    {
        return new Keeping((new Method())->skin, $this->course->kept, $this->kitchen);
    }

    public function soFar(): SoFar
    {
        return new SoFar($this->course, EventWords::of($this->kitchen, $this->course->steps, null, array_map(static fn(array $line): array => $line['ticks'], $this->lines)));
    }

    public function whereabouts(): Whereabouts
    {
        return new Whereabouts($this->course, $this->kitchen);
    }

    /** @return list<string> */
    public function instruments(): array
    {
        return ['temperature', 'depth', 'weight'];
    }

    /** @param 'title'|'cue'|'caution' $what */
    private function line(string $what): string
    {
        return $this->lines[$this->course->current][$what] ?? '';
    }
}
