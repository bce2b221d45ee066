<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\Allergens;
use App\Format\Words;
use App\Kitchen\Kitchen;
use App\Questions\Answer;
use App\Questions\AsWritten;
use Lento\Assay\Assay;
use Lento\Compose\Sheet;

/** The answer of `lento assay --json`; its shape is docs/formats/assay-answer.schema.json and stays stable. */
final readonly class AssayJson
{
    /** @return array<string, mixed> */
    private static function recipe(Assay $assay, Sheet $sheet): array
    {
        $said = $assay->recipe->said->name ?? '';

        return RecipeOut::named(
            $said === '' ? Words::sauce($sheet->question) : $said,
            $sheet->plan(),
            Allergens::line($sheet->allergens(), $sheet->readLabel()),
        )->jsonLd();
    }

    /** @return array<string, mixed> */
    public static function of(Assay $assay, Kitchen $kitchen): array
    {
        $written = AsWritten::of($assay, $kitchen);
        $sheet = $written->fields === null ? null : Answer::to($written->fields, $kitchen)->sheet;

        return [
            'flour_g' => SheetJson::round($assay->flour->inGrams()),
            'fat_g' => SheetJson::round($assay->fat->inGrams()),
            'fat_to_flour' => SheetJson::round($assay->fatToFlour(), 4),
            'liquid_ml' => SheetJson::round($assay->liquidVolume->inMillilitres(), 1),
            'roux_to_liquid' => SheetJson::round($assay->rouxToLiquid(), 4),
            'roux' => $assay->colour->value,
            'simmer' => ['minutes' => SheetJson::round($assay->simmer->inMinutes(), 1), 'level' => $assay->level->value],
            'pan' => [
                'diameter_mm' => SheetJson::round($assay->pan->diameter->inMillimetres(), 1),
                'height_mm' => SheetJson::round($assay->pan->height->inMillimetres(), 1),
            ],
            'yield' => [
                'volume_ml' => SheetJson::round($assay->yield->inMillilitres(), 1),
                'evaporated_ml' => SheetJson::round($assay->evaporated->inMillilitres(), 1),
            ],
            'thickness' => SheetJson::thickness($assay->thickness, $assay->flow),
            'outlook' => SheetJson::thicknessBand($assay->outlook),
            'reducing_minutes' => $assay->reducing === null ? null : SheetJson::round($assay->reducing->inMinutes(), 1),
            'finishes' => array_map(SheetJson::finish(...), $assay->finishes),
            'verdict' => AssayWords::verdict($assay),
            'warnings' => array_map(SheetJson::warning(...), $assay->warnings),
            'unread' => $assay->recipe->unread,
            'steps' => $sheet === null ? [] : StepJson::all($sheet->plan()),
            'unplaced' => $written->unplaced,
            'recipe' => $sheet === null ? null : self::recipe($assay, $sheet),
        ];
    }
}
