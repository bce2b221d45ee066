<?php

declare(strict_types=1);

namespace App\Format;

use App\Kitchen\Kitchen;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\When;

/** What a step is called, and what to look, smell and listen for, with this pot's own amounts in it. */
final readonly class StepWords
{
    private ActStepWords $base;

    private MadeStepWords $made;

    private function __construct(private Plan $plan)
    {
        $this->base = new ActStepWords($plan);
        $kitchen = app(Kitchen::class);
        $this->made = new MadeStepWords($plan, new SauceNames($kitchen), $kitchen->foodSafety());
    }

    public static function of(Plan $plan): self
    {
        return new self($plan);
    }

    /** "Simmer": as it stands on the line of progress. */
    public static function name(Step $step): string
    {
        return Words::text('steps.' . ActStepWords::key($step) . '.name');
    }

    public function title(Step $step): string
    {
        return $step->said->title ?? ($this->isMade() ? $this->made->title($step) : $this->base->title($step));
    }

    public function cue(Step $step): string
    {
        return $step->said->cue ?? ($this->isMade() ? $this->made->cue($step) : $this->base->cue($step));
    }

    /** @return string '' where nothing can hurt */
    public function caution(Step $step): string
    {
        return $step->said->caution ?? ($this->isMade() ? $this->made->caution($step) : $this->base->caution($step));
    }

    /** @return array<'look'|'smell'|'listen', string> those that have something to say */
    public function senses(Step $step): array
    {
        $senses = $this->isMade() ? $this->made->senses($step) : $this->base->senses($step);

        return array_filter($senses, static fn(string $text): bool => $text !== '');
    }

    /** Words for the moment an ingredient is used, for the sheet. */
    public static function when(When $when): string
    {
        return Words::text('compose.when.' . $when->value);
    }

    private function isMade(): bool
    {
        return $this->plan->making?->isDerived() === true;
    }
}
