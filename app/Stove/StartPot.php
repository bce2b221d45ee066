<?php

declare(strict_types=1);

namespace App\Stove;

use App\Format\Words;
use App\Models\Pot;
use App\Pages\Foreseen;
use App\Questions\ComposeFields;
use Carbon\CarbonImmutable;
use Lento\Compose\Sheet;

/** Puts a composed sauce on the stove: the plan and the steps are written down as promised. */
final readonly class StartPot
{
    public function __invoke(Sheet $sheet, ComposeFields $fields, CarbonImmutable $at, ?string $cook = null, ?int $version = null): Pot
    {
        return Pot::query()->create([
            'name' => Words::sauce($sheet->question),
            'question' => $fields->toAddress(),
            'plan' => self::plan($sheet),
            'steps' => $sheet->steps,
            'cook' => $cook,
            'started_at' => $at,
            'sauce_version_id' => $version,
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
            'minutes' => round(array_sum(array_map(static fn($step): float => $step->time->inMinutes(), $sheet->steps)), 1),
        ];
    }
}
