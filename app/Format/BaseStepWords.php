<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Plan\Addition;
use Lento\Plan\Amount;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;
use Lento\Quantity\Temperature;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\SpoonTest;

/** The steps of a base or gravy in words. */
final readonly class BaseStepWords
{
    /** @var array<string, string> */
    private array $with;

    public function __construct(private Plan $plan)
    {
        $cooking = $plan->cooking;
        $roux = $cooking?->roux;
        $salt = $plan->first(StepKind::Season)->amounts[0] ?? null;
        $pours = count($plan->first(StepKind::Pour)->additions ?? []);
        $enrich = $plan->first(StepKind::Enrich);
        $oven = $plan->first(StepKind::Bake)?->conditions->at;
        $liquid = $plan->first(StepKind::SetOut)?->conditions->at;
        $simmer = $plan->first(StepKind::Simmer, StepKind::Reduce);
        $this->with = [
            'fat' => ($plan->making->fat ?? '') === '' ? '' : Words::ingredient($plan->making->fat ?? ''),
            'oven' => $oven === null ? '' : Degrees::text($oven),
            'vegetables' => self::named($plan->first(StepKind::Sweat, StepKind::BrownVegetables, StepKind::CookApart)->amounts ?? []),
            'wine' => self::named($plan->first(StepKind::ReduceWine)->amounts ?? []),
            'finishes' => implode(Words::text('steps.then'), array_map(self::finish(...), $enrich->additions ?? [])),
            'fat_amount' => $roux === null ? '' : Grams::of($roux->roux->fat)->text(),
            'flour_amount' => $roux === null ? '' : Grams::of($roux->roux->flour)->text(),
            'liquid' => ($plan->making->liquid ?? '') === '' ? '' : Words::ingredient($plan->making->liquid ?? ''),
            'liquid_c' => $liquid === null ? '' : Degrees::text($liquid),
            'roux_c' => $roux === null ? '' : Degrees::text($roux->meets),
            'colour' => $roux === null ? '' : Words::text('compose.colour.' . $roux->colour->value),
            'pours' => trans_choice($this->inPieces() ? 'steps.pieces' : 'steps.pours', $pours, ['count' => $pours]),
            'end_mm' => sprintf('%.0F', $simmer?->ends->depth?->inMillimetres() ?? 0.0),
            'spoon'
                => $cooking === null
                    ? ''
                    : Words::spoon(SpoonTest::of(Flow::of($cooking->sauces->served, Temperature::ofCelsius(EquivalentFlour::CELSIUS)))),
            'salt' => $salt === null ? Words::text('steps.no-salt') : Words::text('steps.salt', amount: Grams::of($salt->mass)->text()),
        ];
    }

    public function title(Step $step): string
    {
        return $this->say($step, $this->variant($step, 'title'));
    }

    public function cue(Step $step): string
    {
        return $this->say($step, $step->kind === StepKind::Colour && $step->variant === 'lift' ? 'cue-lift' : $this->variant($step, 'cue'));
    }

    public function caution(Step $step): string
    {
        return $this->say($step, $this->variant($step, 'caution'));
    }

    /** @return array<'look'|'smell'|'listen', string> */
    public function senses(Step $step): array
    {
        $colour = $step->kind === StepKind::Colour ? ($step->ends->colour->value ?? '') . '.' : '';

        return [
            'look' => $this->say($step, $colour . 'look'),
            'smell' => $this->say($step, $colour . 'smell'),
            'listen' => $this->say($step, $colour . 'listen'),
        ];
    }

    /**
     * "onion, carrot and celery"
     *
     * @param list<Amount> $amounts
     */
    private static function named(array $amounts): string
    {
        $names = array_values(
            array_unique(array_map(static fn(Amount $amount): string => Words::ingredient($amount->ingredient), $amounts)),
        );
        $last = (string) array_pop($names);

        return $names === [] ? $last : implode(', ', $names) . Words::text('steps.and') . $last;
    }

    private static function finish(Addition $addition): string
    {
        $name = AmountWords::text($addition->amount);

        return $addition->bounds->atMost === null
            ? $name
            : Words::text('steps.finish-under', name: $name, celsius: Degrees::text($addition->bounds->atMost));
    }

    private function variant(Step $step, string $key): string
    {
        return match (true) {
            $step->kind === StepKind::Pour && $this->inPieces() => $key . '-pieces',
            $step->kind === StepKind::LetDown && $step->variant === 'cooled' && in_array($key, ['title', 'cue'], true) => $key . '-cooled',
            default => $key,
        };
    }

    private function inPieces(): bool
    {
        $pours = $this->plan->first(StepKind::Pour)->additions ?? [];

        return $pours !== [] && !$pours[0]->amount->byTheJug;
    }

    private function say(Step $step, string $key): string
    {
        $path = 'steps.' . $step->kind->value . '.' . $key;
        $text = Words::text($path, ...$this->with);

        return $text === $path ? '' : $text;
    }
}
