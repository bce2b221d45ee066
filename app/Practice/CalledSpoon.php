<?php

declare(strict_types=1);

namespace App\Practice;

use App\Models\EyeReading;
use App\Models\Practice;
use Lento\Eye\EyeKind;
use Lento\Practice\Standing;
use Lento\Thickness\EquivalentFlour;
use Lento\Thickness\SpoonWord;
use Lento\Thickness\ThicknessClass;

/** A spoon that was called before it was dipped. */
final readonly class CalledSpoon
{
    private function __construct() {}

    public static function write(Practice $practice, SpoonWord $word, Standing $standing): void
    {
        if ($standing->pot->state->paste !== null || $standing->pot->state->sauce->grams() <= 0.0) {
            return;
        }
        $actual = EquivalentFlour::of($standing->pot->state->sauce)->gramsPerLitre;
        EyeReading::query()->create([
            'cook_key' => $practice->cook_key,
            'kind' => EyeKind::Spoon,
            'called' => self::grams($word, $actual) ?? $actual,
            'actual' => $actual,
        ]);
    }

    /** A word holds a whole class: within it nothing is called wrongly. */
    public static function grams(?SpoonWord $word, mixed $actual): ?float
    {
        foreach ($word === null ? [] : ThicknessClass::cases() as $class) {
            if (is_float($actual) && SpoonWord::of($class) === $word) {
                return max($class->least()->gramsPerLitre, min($class->most()->gramsPerLitre, $actual));
            }
        }

        return null;
    }
}
