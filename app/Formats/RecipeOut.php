<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\AmountWords;
use App\Format\Litres;
use App\Format\StepWords;
use Lento\Plan\Plan;
use Lento\Plan\Step;
use Lento\Plan\StepKind;

/** A sauce as JSON-LD of the open vocabulary schema.org/Recipe, for whatever reads recipes. */
final readonly class RecipeOut
{
    /** @return array<string, mixed> */
    public static function of(string $name, Plan $plan): array
    {
        $words = StepWords::of($plan);
        $steps = array_values(array_filter(
            $plan->steps,
            static fn(Step $step): bool => !in_array($step->kind, [StepKind::Correct, StepKind::Finish], true),
        ));
        $minutes = array_sum(array_map(static fn(Step $step): float => $step->pace->time->inMinutes(), $plan->steps));

        return [
            '@context' => 'https://schema.org',
            '@type' => 'Recipe',
            'name' => $name,
            'recipeYield' => $plan->promise === null ? '' : Litres::of($plan->promise->volume)->text(),
            'totalTime' => sprintf('PT%.0FM', ceil($minutes)),
            'recipeIngredient' => array_map(AmountWords::text(...), $plan->amounts()),
            'recipeInstructions' => array_map(static fn(Step $step): array => [
                '@type' => 'HowToStep',
                'name' => $words->title($step),
                'text' => trim($words->title($step) . '. ' . $words->cue($step) . ' ' . $words->caution($step)),
            ], $steps),
        ];
    }
}
