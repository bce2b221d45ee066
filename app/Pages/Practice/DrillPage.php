<?php

declare(strict_types=1);

namespace App\Pages\Practice;

use App\Format\SauceColour;
use App\Format\SauceNames;
use App\Format\StepWords;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Practice\Card;
use App\Practice\Wanted;
use Lento\Drill\DrillKind;
use Lento\Drill\LeitnerBox;
use Lento\Exception\LentoException;
use Lento\Plan\Plan;
use Lento\Roux\Swatch;

/** One drill as it is asked, or with what it came to. */
final readonly class DrillPage
{
    private Plan $plan;

    public function __construct(
        public Card $card,
        private Kitchen $kitchen,
        public ?float $said = null,
        private ?LeitnerBox $box = null,
    ) {
        try {
            $plan = Wanted::of($card->sauce, '', 2.0, $kitchen)->plan;
        } catch (LentoException) {
            $plan = Plan::free();
        }
        $this->plan = $plan;
    }

    public function title(): string
    {
        return Words::text('practice.drill.kinds.' . $this->card->kind->value);
    }

    public function isSpoon(): bool
    {
        return $this->card->kind === DrillKind::Spoon;
    }

    public function isShade(): bool
    {
        return $this->card->kind === DrillKind::Shade;
    }

    /** @return array{film: float, yield: float, viscosity: float} */
    public function spoon(): array
    {
        return ['film' => $this->number('film'), 'yield' => $this->number('yield'), 'viscosity' => $this->number('viscosity')];
    }

    public function colour(): string
    {
        return $this->isShade() ? (string) $this->card->drill->shown['hex'] : SauceColour::ofPlan($this->plan);
    }

    public function asks(): string
    {
        $kind = $this->card->kind;
        $key = 'practice.drill.asks.' . $kind->value . ($kind === DrillKind::Head ? '.' . $this->card->drill->variant : '');

        return match ($kind) {
            DrillKind::Next => Words::text(
                $key,
                sauce: (new SauceNames($this->kitchen))->name($this->card->sauce, ''),
                now: $this->stepName((string) ($this->card->drill->shown['now'] ?? '')),
            ),
            DrillKind::Remedy => Words::text($key, fault: Words::text('rescue.fault.' . $this->card->drill->variant . '.0')),
            default => Words::text(
                $key,
                mm: $this->plain('mm'),
                diameter: (string) round($this->number('diameter') / 10.0),
                from: $this->plain('from'),
                to: $this->plain('to'),
                after: $this->plain('after'),
                notch: $this->plain('notch'),
                grams: $this->plain('grams'),
                litres: $this->plain('litres'),
                wanted: $this->plain('wanted'),
            ),
        };
    }

    /** @return array<int, string> */
    public function choices(): array
    {
        return array_map($this->choice(...), $this->card->drill->choices);
    }

    /** @return list<string|null> what a choice is drawn as */
    public function swatches(): array
    {
        return array_map(
            fn(string $choice): ?string => $this->isShade() ? Swatch::ofShade((float) $choice)->hex() : null,
            $this->card->drill->choices,
        );
    }

    public function unit(): string
    {
        $kind = $this->card->kind;

        return Words::text('practice.drill.units.' . ($kind === DrillKind::Head ? $this->card->drill->variant : $kind->value));
    }

    public function isRight(): bool
    {
        return $this->said !== null && $this->card->drill->isRight($this->said);
    }

    public function came(): string
    {
        return $this->isRight()
            ? Words::text('practice.drill.right')
            : Words::text('practice.drill.wrong', answer: $this->worded($this->card->drill->right));
    }

    public function youSaid(): string
    {
        return $this->said === null ? '' : Words::text('practice.drill.answer_was', said: $this->worded($this->said));
    }

    public function trick(): string
    {
        $kind = $this->card->kind;

        return Words::text('practice.drill.tricks.' . ($kind === DrillKind::Head ? $this->card->drill->variant : $kind->value));
    }

    public function back(): string
    {
        $minutes = (int) round(($this->box ?? LeitnerBox::of(0))->waits()->inMinutes());
        $days = intdiv($minutes, 1440);

        return Words::text('practice.drill.again_in', when: $days > 0
            ? trans_choice('practice.drill.days', $days, ['count' => $days])
            : trans_choice('practice.drill.minutes', $minutes, ['count' => $minutes]));
    }

    public function due(): string
    {
        return trans_choice('practice.drill.due', $this->card->due, ['count' => $this->card->due]);
    }

    private function worded(float $answer): string
    {
        return $this->card->drill->choices === []
            ? rtrim(rtrim(number_format($answer, $answer < 20.0 ? 1 : 0, '.', ''), '0'), '.') . ' ' . $this->unit()
            : $this->choice($this->card->drill->choices[(int) $answer] ?? '');
    }

    private function choice(string $choice): string
    {
        return match ($this->card->kind) {
            DrillKind::Spoon => Words::text('thickness.spoon.' . $choice),
            DrillKind::Next => $this->stepName($choice),
            DrillKind::Remedy => Words::text('practice.drill.remedies.' . $choice),
            default => $choice,
        };
    }

    private function stepName(string $id): string
    {
        foreach ($this->plan->steps as $step) {
            if ($step->id === $id) {
                return StepWords::name($step);
            }
        }

        return $id;
    }

    private function number(string $name): float
    {
        $number = $this->card->drill->shown[$name] ?? 0.0;

        return is_float($number) ? $number : 0.0;
    }

    private function plain(string $name): string
    {
        return rtrim(rtrim(number_format($this->number($name), 1, '.', ''), '0'), '.');
    }
}
