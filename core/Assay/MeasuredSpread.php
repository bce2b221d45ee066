<?php

declare(strict_types=1);

namespace Lento\Assay;

use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Role;
use Lento\Larder\Thickener;

/**
 * How far the measuring of its lines makes a recipe's thickness miss: each line by its share of what thickens, or of what is thickened; the
 * lines are independent, so their squares add up. Source: docs/model.md, Assay.
 */
final readonly class MeasuredSpread
{
    /**
     * @param float $deviation standard deviation of the logarithm of the thickness
     * @param ReadLine|null $widest the line that makes most of it; null where everything was weighed
     */
    private function __construct(public float $deviation, public ?ReadLine $widest) {}

    public static function of(Recipe $recipe, Larder $larder): self
    {
        [$flour, $all] = [0.0, 0.0];
        foreach ($recipe->lines as $line) {
            $kind = $line->ingredient === null ? null : $larder->any($line->ingredient);
            $flour += $kind instanceof Thickener ? $line->mass->inGrams() * $kind->power : 0.0;
            $all += self::inThePot($kind) ? $line->volume->inMillilitres() : 0.0;
        }
        [$squares, $most, $widest] = [0.0, 0.0, null];
        foreach ($recipe->lines as $line) {
            $kind = $line->ingredient === null ? null : $larder->any($line->ingredient);
            if ($kind === null || !self::inThePot($kind)) {
                continue;
            }
            $share = ($kind instanceof Thickener ? $line->mass->inGrams() * $kind->power / max(1e-9, $flour) : 0.0)
                - $line->volume->inMillilitres() / max(1e-9, $all);
            $square = ($share * $line->measuring->with->spread($kind, $line->measuring->saysHowFull)) ** 2;
            $squares += $square;
            if ($square > $most && $line->measuring->with !== Measured::Weighed) {
                [$most, $widest] = [$square, $line];
            }
        }

        return new self(sqrt($squares), $widest);
    }

    /** Vegetables are strained off, or lie in the sauce: they thin nothing. */
    private static function inThePot(Thickener|Fat|Ingredient|null $kind): bool
    {
        return $kind !== null && !($kind instanceof Ingredient && $kind->role === Role::Vegetable);
    }
}
