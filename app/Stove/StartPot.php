<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\Words;
use App\Kitchen\StoredLesson;
use App\Models\Pot;
use App\Pages\Foreseen;
use App\Questions\ComposeFields;
use Carbon\CarbonImmutable;
use Lento\Compose\Base;
use Lento\Compose\Sheet;
use Lento\Compose\Step;
use Lento\Compose\StepKind;
use Lento\Family\Derived;
use Lento\Family\DerivedSteps;
use Lento\Quantity\Duration;

/** Puts a pot on the stove: a composed sauce, whose plan and steps are written down as promised, or one that is only logged. */
final readonly class StartPot
{
    public function __invoke(Sheet $sheet, ComposeFields $fields, CarbonImmutable $at, ?string $cook = null, ?int $version = null, string $place = ''): Pot
    {
        return Pot::query()->create([
            'name' => Words::sauce($sheet->question),
            'question' => $fields->toAddress(),
            'plan' => self::plan($sheet),
            'steps' => $sheet->steps,
            'cook' => $cook,
            'place' => $place,
            'started_at' => $at,
            'sauce_version_id' => $version,
        ]);
    }

    /**
     * A derivative from a ladle of its base. Its steps are written down in the words they were promised in: whatever the kitchen learns or
     * changes of the sauce while it cooks.
     *
     * @param string $name of the sauce
     * @param string $parent what it is ladled from, as it reads within a sentence
     * @param Base $root the base it comes from in the end, to rescue it by
     */
    public function derived(Derived $derived, string $name, string $parent, Base $root, CarbonImmutable $at, ?string $cook = null, string $place = ''): Pot
    {
        $steps = DerivedSteps::of($derived);

        return Pot::query()->create([
            'name' => $name,
            'question' => [],
            'plan' => [
                'yield_ml' => round($derived->volume()->inMillilitres(), 1),
                'class' => $derived->thickness()->thicknessClass()->value,
                'flour_equivalent_g_per_l' => round($derived->thickness()->gramsPerLitre, 2),
                'spoon' => $derived->spoon()->word()->value,
                'film_mm' => round($derived->spoon()->film->inMillimetres(), 3),
                'minutes' => round(array_sum(array_map(static fn(array $step): float => $step[0]->time->inMinutes(), $steps)), 1),
                'lines' => DerivedLines::of($derived, $parent),
                'root' => $root->value,
            ],
            'steps' => array_column($steps, 0),
            'cook' => $cook,
            'place' => $place,
            'started_at' => $at,
        ]);
    }

    /** Without a sheet: one step that takes whatever is done, then what came out. */
    public function free(string $name, CarbonImmutable $at, ?string $cook = null, string $place = ''): Pot
    {
        $moment = Duration::ofSeconds(0.0);

        return Pot::query()->create([
            'name' => $name,
            'question' => [],
            'plan' => [],
            'steps' => [new Step(StepKind::Free, $moment, handsOn: false, timed: false), new Step(StepKind::Finish, $moment, handsOn: true, timed: false)],
            'cook' => $cook,
            'place' => $place,
            'started_at' => $at,
        ]);
    }

    /** @return array<string, mixed> what the log holds the outcome against */
    private static function plan(Sheet $sheet): array
    {
        return [
            'yield_ml' => round($sheet->question->yield->inMillilitres(), 1),
            'class' => $sheet->thickness->thicknessClass()->value,
            'flour_equivalent_g_per_l' => round($sheet->thickness->gramsPerLitre, 2),
            'spoon' => $sheet->spoon->word()->value,
            'film_mm' => round($sheet->spoon->film->inMillimetres(), 3),
            'flour_g' => round($sheet->roux->flour->inGrams(), 1),
            'fat_g' => round($sheet->roux->fat->inGrams(), 1),
            'liquid_ml' => round($sheet->liquid->inMillilitres(), 1),
            'end_depth_mm' => round($sheet->endDepth()->inMillimetres(), 1),
            'foreseen' => Foreseen::plan($sheet),
            // So that a pot keeps its promises whatever the kitchen learns while it cooks.
            'factors' => StoredLesson::factorsToRow($sheet->question->kitchen),
            'minutes' => round(array_sum(array_map(static fn($step): float => $step->time->inMinutes(), $sheet->steps)), 1),
        ];
    }
}
