<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Compose\Base;
use Lento\Compose\Sheet;

/** What colour to draw a sauce: its liquid, tinted by the roux. An artist's estimate, not a model. */
final readonly class SauceColour
{
    private const LIQUIDS = [
        'whole-milk' => [250, 243, 224], 'semi-skimmed-milk' => [250, 244, 228], 'skimmed-milk' => [250, 246, 234],
        'brown-stock' => [150, 98, 56], 'fish-stock' => [240, 230, 200], 'shellfish-stock' => [240, 206, 160], 'vegetable-stock' => [236, 216, 150],
    ];

    /** A base whose own colour outweighs its liquid's. */
    private const BASES = ['tomato' => [196, 84, 50], 'demi-glace' => [104, 58, 30], 'espagnole' => [150, 98, 56], 'onion-gravy' => [140, 92, 52], 'wine-sauce' => [246, 236, 208]];

    private const WHITE_STOCK = [238, 220, 168];

    private const ROUX_SHARE = 0.35;

    public static function of(Sheet $sheet): string
    {
        $liquid = self::BASES[$sheet->question->base->value] ?? self::LIQUIDS[$sheet->question->liquid] ?? self::WHITE_STOCK;
        if (in_array($sheet->question->base, [Base::DemiGlace, Base::Tomato], true)) {
            return vsprintf('#%02x%02x%02x', $liquid);
        }
        $roux = $sheet->shade->swatch()->rgb();
        $mixed = array_map(static fn(int $l, int $r): int => (int) round($l * (1.0 - self::ROUX_SHARE) + $r * self::ROUX_SHARE), $liquid, $roux);

        return vsprintf('#%02x%02x%02x', $mixed);
    }
}
