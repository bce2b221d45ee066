<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Format\CauseWords;
use App\Format\Grams;
use App\Format\Litres;
use App\Format\Minutes;
use App\Format\StepWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Pages\Pictures\LanePicture;
use App\Practice\Row;
use App\Practice\Talk;
use Lento\Practice\Blame;
use Lento\Practice\Cause;
use Lento\Practice\Debrief;
use Lento\Practice\LossKind;
use Lento\Practice\Outcome;
use Lento\Practice\Quirk;
use Lento\Quantity\Duration;
use Lento\Roux\Shade;

/** A practice pot talked over: the one cause first, what was lost and what it cost, and from where it can be cooked again. */
final readonly class DebriefPage
{
    /** Faults that leave a pot to the bin: it is paid for whole. */
    private const RUINED = 2.0;

    private const WORTH_MENDING = 1.0;

    /** px */
    private const WIDE = 640.0;

    private const NARROW = 270.0;

    /** Faults that nobody sends back. */
    private const STILL_GOOD = 0.5;

    public Outcome $outcome;

    private function __construct(
        public int $id,
        private Row $practice,
        private Talk $talk,
        public Debrief $debrief,
        private Kitchen $kitchen,
    ) {
        $this->outcome = $debrief->outcome;
    }

    public static function of(Row $practice, Talk $talk, Kitchen $kitchen): self
    {
        return new self($practice->id, $practice, $talk, $talk->debrief, $kitchen);
    }

    public function line(): string
    {
        $line = Words::text(
            'practice.debrief.line',
            sauce: $this->practice->name,
            litres: Litres::of($this->outcome->wantedVolume)->text(),
            seed: (string) $this->practice->seed,
        );

        return $this->practice->cook === '' ? $line : $line . ' · ' . $this->practice->cook;
    }

    public function isFinished(): bool
    {
        return $this->talk->running->isOver();
    }

    public function title(): string
    {
        $first = $this->debrief->first();

        return match (true) {
            $first !== null => CauseWords::of($first),
            !$this->isFinished() => Words::text('practice.debrief.not_finished'),
            $this->debrief->outcome->worst() !== [] => ucfirst($this->lost($this->debrief->outcome->worst()[0])),
            default => Words::text('practice.debrief.it', class: $this->named($this->outcome->thickness->thicknessClass()->value)),
        };
    }

    /** @return list<string> */
    public function sentences(): array
    {
        $outcome = $this->outcome;
        $is = $this->named($outcome->thickness->thicknessClass()->value);
        $wanted = $this->named($outcome->wantedThickness->thicknessClass()->value);
        [$grams, $wantedGrams] = [$this->whole($outcome->thickness->gramsPerLitre), $this->whole($outcome->wantedThickness->gramsPerLitre)];
        $lost = array_values(array_filter($outcome->worst(), static fn(LossKind $kind): bool => $kind !== LossKind::Thickness));
        $sentences = [
            ...$lost === [] ? [] : [ucfirst(implode(', ', array_map($this->lost(...), $lost))) . '.'],
            $is === $wanted && $outcome->faults[LossKind::Thickness->value] <= 0.0
                ? Words::text('practice.debrief.as_asked', class: $is, grams: $grams)
                : Words::text('practice.debrief.lost', class: $is, grams: $grams, wanted_class: $wanted, wanted: $wantedGrams),
        ];
        $first = $this->debrief->first();
        if ($outcome->missingFlour()->inGrams() >= self::WORTH_MENDING && $outcome->faults[LossKind::Thickness->value] > 0.0) {
            $sentences[] = Words::text('practice.debrief.flour', grams: Grams::of($outcome->missingFlour())->text()) . '.';
        }
        if ($first !== null) {
            $sentences[] = Words::text(
                'practice.debrief.would',
                class: $this->named($first->without->thickness->thicknessClass()->value),
                grams: $this->whole($first->without->thickness->gramsPerLitre),
            );
        }

        return $outcome->faults() <= 0.0 ? [...$sentences, Words::text('practice.debrief.no_loss')] : $sentences;
    }

    /** @return array<string, string> what it cost, by what */
    public function cost(): array
    {
        $outcome = $this->outcome;
        $rows = [];
        if ($outcome->shade !== null && $outcome->wantedShade !== null) {
            [$is, $wanted] = [$this->stage($outcome->shade), $this->stage($outcome->wantedShade)];
            $rows['colour'] = $is === $wanted ? $is : Words::text('practice.debrief.for', is: $is, wanted: $wanted);
        }
        $off = $outcome->thickness->gramsPerLitre - $outcome->wantedThickness->gramsPerLitre;
        $rows['thickness'] = ($off < 0.0 ? '−' : '+') . $this->whole(abs($off)) . ' g/l';
        $rows['litres'] = Words::text(
            'practice.debrief.of',
            is: Litres::of($outcome->volume)->text(),
            wanted: Litres::of($outcome->wantedVolume)->text(),
        );
        $seen = array_filter(
            [LossKind::Lumps, LossKind::Burnt],
            static fn(LossKind $kind): bool => $outcome->faults[$kind->value] > 0.0,
        );
        $rows['lumps'] = $seen === []
            ? Words::text('practice.debrief.none')
            : implode(', ', array_map($this->lost(...), $seen));
        $later = $outcome->time->seconds - $outcome->wantedTime->seconds;
        $rows['time'] = Words::text(
            $later < 0.0 ? 'practice.debrief.sooner' : 'practice.debrief.later',
            minutes: Minutes::text(Duration::ofSeconds(abs($later))),
        );
        $money = $this->money();

        return $money === '' ? $rows : [...$rows, 'money' => $money];
    }

    /** A pot for the bin costs all that is in it, one that flour mends its flour. '' where nothing has a price. */
    private function money(): string
    {
        $outcome = $this->outcome;
        $ruined = array_filter($outcome->faults, static fn(float $much): bool => $much >= self::RUINED) !== [];
        $cost = $ruined
            ? array_sum($this->kitchen->costs($this->talk->running->exercise->plan->amounts()))
            : $this->kitchen->cost('plain-flour', $outcome->missingFlour()) ?? 0.0;

        return $cost < 0.005 ? '' : number_format($cost, 2) . ' ' . $this->kitchen->currency();
    }

    /** @return list<array{title: string, says: string}> the other causes, and what was off in this kitchen */
    public function also(): array
    {
        $also = array_map(
            static fn(Blame $blame): array => ['title' => CauseWords::of($blame), 'says' => CauseWords::seen($blame->cause)],
            array_slice($this->debrief->causes, 1, 3),
        );
        $told = array_map(static fn(Blame $blame): Cause => $blame->cause, $this->debrief->causes);
        foreach ($this->practice->quirks as $name => $size) {
            $quirk = Quirk::tryFrom($name);
            if ($quirk !== null && !in_array(Cause::ofQuirk($quirk), $told, true)) {
                $also[] = ['title' => CauseWords::quirk($quirk, $size), 'says' => CauseWords::seen(Cause::ofQuirk($quirk))];
            }
        }

        return $also;
    }

    public function seen(): string
    {
        $first = $this->debrief->first();

        return $first === null ? '' : CauseWords::seen($first->cause);
    }

    /** Second from which to cook it again; null where there is nothing to do better. */
    public function again(): ?int
    {
        return $this->debrief->first()->at ?? $this->debrief->began;
    }

    public function againClock(): string
    {
        return PracticePage::minutes($this->again() ?? 0);
    }

    /** @return list<array{second: int, clock: string, words: string, best: string}> every step: what it could still have been from there */
    public function moments(): array
    {
        $moments = [];
        foreach ($this->talk->running->played->begins as $begin) {
            $step = $this->talk->running->exercise->step($begin->step);
            if ($step !== null) {
                $moments[] = [
                    'second' => $begin->second(),
                    'clock' => PracticePage::minutes($begin->second()),
                    'words' => StepWords::name($step),
                    'best' => $this->best($begin->second()),
                ];
            }
        }

        return $moments;
    }

    private function best(int $second): string
    {
        foreach ($this->debrief->best as [$at, $faults]) {
            if ($at === $second) {
                return Words::text('practice.debrief.' . ($faults < self::STILL_GOOD ? 'still' : 'gone'));
            }
        }

        return '';
    }

    public function takenBack(): string
    {
        $times = $this->practice->takenBack;

        return $times === 0 ? '' : trans_choice('practice.taken_back', $times, ['count' => $times]);
    }

    /** @return list<list<LanePicture>> each as wide as a desk's, and as a phone's */
    public function pictures(): array
    {
        return LanePicture::of($this->talk, $this->again(), [self::WIDE, self::NARROW]);
    }

    private function lost(LossKind $kind): string
    {
        return Words::text('practice.lost.' . $kind->value);
    }

    private function named(string $class): string
    {
        return Words::text('thickness.class.' . $class);
    }

    private function stage(Shade $shade): string
    {
        return Words::text('practice.stages.' . $shade->stage()->value);
    }

    private function whole(float $number): string
    {
        return (string) (int) round($number);
    }
}
