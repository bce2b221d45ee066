<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\Grams;
use App\Format\KitchenMeasure;
use App\Format\Litres;
use App\Format\Pieces;
use App\Format\Words;
use Lento\Compose\Sheet;
use Lento\Compose\Warning;
use Lento\Finish\Finishing;
use Lento\Forecast\Band;
use Lento\Forecast\ThicknessForecast;
use Lento\Plan\Amount;
use Lento\Pour\Pour;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\Flow;
use Lento\Thickness\ThicknessClass;

/** The answer of `lento compose --json`; its shape is docs/formats/compose-answer.schema.json and stays stable. */
final readonly class SheetJson
{
    public function __construct(private KitchenMeasure $measure) {}

    /** @return array<string, mixed> */
    public function of(Sheet $sheet): array
    {
        $question = $sheet->question;

        return [
            'sauce' => $question->base->value,
            'amounts' => array_map(fn(Amount $amount): array => $this->amount($amount, $sheet), $sheet->amounts()),
            'roux' => !$question->base->hasRoux() ? null : [
                'flour_g' => self::round($sheet->roux->flour->inGrams()),
                'fat_g' => self::round($sheet->roux->fat->inGrams()),
                'fat_to_flour' => self::round($sheet->roux->fatToFlour(), 4),
                'colour' => $question->colour->value,
                'strength' => self::round($sheet->shade->strength(), 4),
                'free_fat_g' => self::round($sheet->freeFat()->inGrams()),
                'minutes' => $sheet->rouxForecast === null ? null : self::round($sheet->rouxForecast->time->inMinutes(), 1),
                'shade' => self::round($sheet->shade->value, 3),
                'lift_at_shade' => $sheet->rouxForecast === null ? null : self::round($sheet->rouxForecast->shade->value, 3),
            ],
            'liquid' => [
                'ingredient' => $question->liquid,
                'start_ml' => self::round($sheet->liquid->inMillilitres(), 1),
                'evaporated_ml' => self::round($sheet->evaporated->inMillilitres(), 1),
                'yield_ml' => self::round($question->yield->inMillilitres(), 1),
            ],
            'salt_percent' => self::round($sheet->served->saltPercent(), 3),
            'finishes' => array_map(self::finish(...), $sheet->finishes),
            'pours' => array_map(fn(Pour $pour): array => $this->pour($pour, $sheet), $sheet->stair->pours),
            'thickness' => self::thickness($sheet->thickness, $sheet->flow),
            'outlook' => self::outlook($sheet),
            'pan' => [
                'diameter_mm' => self::round($question->pan->diameter->inMillimetres(), 1),
                'height_mm' => self::round($question->pan->height->inMillimetres(), 1),
                'fill_percent' => self::round($sheet->fillPercent(), 1),
                'start_depth_mm' => self::round($sheet->startDepth()->inMillimetres(), 1),
                'end_depth_mm' => self::round($sheet->endDepth()->inMillimetres(), 1),
            ],
            'steps' => StepJson::all($sheet->plan()),
            'allergens' => AllergensJson::of($sheet->allergens(), $sheet->readLabel()),
            'warnings' => array_map(self::warning(...), $sheet->warnings),
        ];
    }

    /** @return array{class: string, apparent_viscosity_pa_s: float, effective_flour_g_per_l: float} */
    public static function thickness(EquivalentFlour $thickness, Flow $flow): array
    {
        return [
            'class' => $thickness->thicknessClass()->value,
            'apparent_viscosity_pa_s' => self::round($flow->viscosity(EquivalentFlour::SHEAR)->pascalSeconds, 4),
            'effective_flour_g_per_l' => self::round($thickness->gramsPerLitre, 2),
        ];
    }

    /** @return array{low: float, likely: float, high: float} eight pots in ten lie between */
    public static function band(Band $band): array
    {
        return ['low' => self::round($band->low), 'likely' => self::round($band->likely), 'high' => self::round($band->high)];
    }

    /** @return array<string, mixed> */
    public static function thicknessBand(ThicknessForecast $forecast): array
    {
        return [
            ...self::band($forecast->band),
            'could_be' => array_map(static fn(ThicknessClass $class): string => $class->value, $forecast->couldBe()),
        ];
    }

    /** @return array<string, mixed> */
    private static function outlook(Sheet $sheet): array
    {
        $outlook = $sheet->outlook;

        return [
            'effective_flour_g_per_l' => self::thicknessBand($outlook->thickness),
            'roux_minutes' => $outlook->rouxMinutes === null ? null : self::band($outlook->rouxMinutes),
            'evaporated_ml' => self::band($outlook->evaporated),
            'lumps' => $outlook->lumps->value,
            'specks' => $outlook->specks->value,
            'scorching' => $outlook->scorching->value,
        ];
    }

    /** @return array<string, float|string|null> between which temperatures it goes in, and what it does */
    public static function finish(Finishing $finishing): array
    {
        return [
            'ingredient' => $finishing->what->id,
            'at_least_c' => $finishing->atLeast === null ? null : self::round($finishing->atLeast->inCelsius(), 1),
            'at_most_c' => $finishing->atMost === null ? null : self::round($finishing->atMost->inCelsius(), 1),
            'effective_flour_before' => self::round($finishing->before->gramsPerLitre),
            'effective_flour_after' => self::round($finishing->after->gramsPerLitre),
            'fat_floating_g' => self::round($finishing->floats->inGrams()),
            'curdling' => $finishing->curdlingRisk()->value,
        ];
    }

    /** @return array{code: string, message: string} */
    public static function warning(Warning $warning): array
    {
        return ['code' => $warning->code->value, 'message' => Words::warning($warning)];
    }

    public static function round(float $value, int $decimals = 2): float
    {
        return round($value, $decimals);
    }

    /** @return array<string, mixed> */
    private function amount(Amount $amount, Sheet $sheet): array
    {
        return [
            'ingredient' => $amount->ingredient,
            'mass_g' => self::round($amount->mass->inGrams()),
            'volume_ml' => $amount->volume === null ? null : self::round($amount->volume->inMillilitres()),
            'kitchen' => $this->kitchen($amount, $sheet),
            'when' => $amount->when->value,
        ];
    }

    private function kitchen(Amount $amount, Sheet $sheet): string
    {
        if ($amount->pieces !== null) {
            return Pieces::text($amount->pieces, $amount->ingredient);
        }
        $volume = $amount->volume;
        $main = $amount->ingredient === $sheet->question->liquid && $volume !== null
            ? Litres::of($volume)->text()
            : Grams::of($amount->mass)->text();
        $spoons = $volume === null ? '' : $this->measure->of($volume);

        return $spoons === '' ? $main : $main . ' (' . $spoons . ')';
    }

    /** @return array{ml: float, mixed_temperature_c: float, slack: bool} */
    private function pour(Pour $pour, Sheet $sheet): array
    {
        return [
            'ml' => self::round($sheet->pourVolume($pour)->inMillilitres(), 1),
            'mixed_temperature_c' => self::round($pour->mixed->inCelsius(), 1),
            'slack' => $pour->slack,
        ];
    }
}
