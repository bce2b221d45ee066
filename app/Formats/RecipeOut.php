<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\Litres;
use App\Format\Pieces;
use App\Format\StepWords;
use App\Format\Words;
use Lento\Plan\Amount;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;

/**
 * A sauce, base or derivative, as a recipe for whatever reads recipes: JSON-LD of the open vocabulary schema.org/Recipe, or plain lines
 * that Assay reads again. Amounts go out to four figures, not rounded for a scale.
 */
final readonly class RecipeOut
{
    /** What is done only where it did not come right. */
    private const LEFT_OUT = [StepKind::Correct, StepKind::Finish];

    /** @param string $contains its allergens, in a sentence; '' where there are none */
    private function __construct(private string $name, private Plan $plan, private string $contains, private StepWords $words) {}

    public static function named(string $name, Plan $plan, string $contains = ''): self
    {
        return new self($name, $plan, $contains, StepWords::of($plan));
    }

    /** @return array<string, mixed> */
    public function jsonLd(): array
    {
        $yield = $this->yield();

        return [
            '@context' => 'https://schema.org',
            '@type' => 'Recipe',
            'name' => $this->name,
            ...$this->contains === '' ? [] : ['description' => $this->contains],
            'recipeCategory' => 'Sauce',
            ...$yield === '' ? [] : ['recipeYield' => $yield],
            'totalTime' => sprintf('PT%dM', $this->minutes()),
            'recipeIngredient' => $this->ingredients(),
            'recipeInstructions' => array_map(fn(Step $step): array => [
                '@type' => 'HowToStep',
                'name' => $this->words->title($step),
                'text' => $this->said($step),
            ], $this->steps()),
        ];
    }

    /** For a page that carries it: nothing in it ends the script it stands in. */
    public function script(): string
    {
        return (string) json_encode($this->jsonLd(), JSON_UNESCAPED_UNICODE | JSON_HEX_TAG | JSON_HEX_AMP);
    }

    public function json(): string
    {
        return json_encode($this->jsonLd(), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_PRETTY_PRINT) . "\n";
    }

    public function text(): string
    {
        $yield = $this->yield();
        $steps = $this->steps();

        return implode("\n", [
            $this->name,
            ...$this->contains === '' ? [] : [$this->contains],
            ...$yield === '' ? [] : ['yield: ' . $yield],
            sprintf('time: %d min', $this->minutes()),
            '',
            ...$this->ingredients(),
            '',
            'Method:',
            ...array_map(fn(Step $step, int $at): string => $at + 1 . '. ' . $this->said($step), $steps, array_keys($steps)),
            '',
        ]);
    }

    /** @return list<string> */
    private function ingredients(): array
    {
        return array_map(self::measured(...), $this->plan->amounts());
    }

    private static function measured(Amount $amount): string
    {
        return match (true) {
            $amount->pieces !== null => Pieces::count($amount->pieces, $amount->ingredient) . ' '
                . Pieces::name($amount->pieces, $amount->ingredient),
            $amount->byTheJug && $amount->volume !== null => self::exact($amount->volume->inMillilitres()) . ' ml '
                . Words::ingredient($amount->ingredient),
            default => self::exact($amount->mass->inGrams()) . ' g ' . Words::ingredient($amount->ingredient),
        };
    }

    /** Four figures: what is read of it again is the same to a part in a thousand. */
    private static function exact(float $number): string
    {
        $decimals = max(0, 3 - (int) floor(log10(max(0.001, $number))));
        $text = sprintf('%.' . $decimals . 'F', $number);

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** @return list<Step> */
    private function steps(): array
    {
        return array_values(array_filter($this->plan->steps, static fn(Step $step): bool => !in_array($step->kind, self::LEFT_OUT, true)));
    }

    /** What Assay reads of a method stands in a sentence of its own, first. */
    private function said(Step $step): string
    {
        $minutes = sprintf('%d min', max(1, (int) round($step->pace->time->inMinutes())));
        $level = $step->conditions->simmers->value ?? 'simmer';
        $first = match ($step->kind) {
            StepKind::Colour, StepKind::Bake => Words::text(
                'recipe.colour',
                colour: Words::text('compose.colour.' . ($step->ends->colour->value ?? 'white')),
                minutes: $minutes,
            ),
            StepKind::Simmer => Words::text('recipe.simmer.' . $level, minutes: $minutes),
            StepKind::Reduce => Words::text('recipe.reduce', minutes: $minutes),
            default => '',
        };

        return trim(implode(' ', array_filter(
            [$first, $this->words->title($step) . '.', $this->words->cue($step), $this->words->caution($step)],
            static fn(string $part): bool => $part !== '',
        )));
    }

    private function yield(): string
    {
        return $this->plan->promise === null ? '' : Litres::of($this->plan->promise->volume)->text();
    }

    private function minutes(): int
    {
        return (int) ceil($this->plan->time()->inMinutes());
    }
}
