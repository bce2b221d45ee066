<?php

declare(strict_types=1);

namespace App\Formats;

use App\Format\Litres;
use App\Format\Words;
use Lento\Assay\Assay;

/** What to say of a recipe in one sentence. */
final readonly class AssayWords
{
    public static function verdict(Assay $assay): string
    {
        $class = $assay->thickness->thicknessClass()->value;

        return Words::text(
            'assay.verdict.' . $class,
            yield: Litres::of($assay->yield)->text(),
            flour: sprintf('%.0F', $assay->thickness->gramsPerLitre),
        );
    }
}
