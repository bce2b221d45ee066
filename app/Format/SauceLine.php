<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Compose\Base;

/** A kept question in one line: "béchamel, gratin, 72 covers of 55 ml". */
final readonly class SauceLine
{
    /** @param array<string, string> $question as it stands in an address */
    public static function of(array $question): string
    {
        $base = Base::tryFrom($question['sauce'] ?? '');
        $class = Words::text('thickness.class.' . ($question['thickness'] ?? ''));
        $thick = str_starts_with($class, 'thickness.') ? Words::text('units.grams_per_litre', grams: $question['thickness'] ?? '') : $class;
        $unit = static fn(string $name, string $usual): string => ($question[$name] ?? '') === '' ? $usual : $question[$name];
        $much = match ($question['given'] ?? 'litres') {
            'covers' => Words::text('sauces.much_covers', covers: $question['covers'] ?? '', each: $question['each'] ?? ''),
            'stock' => Words::text('sauces.much_stock', amount: ($question['stock'] ?? '') . ' ' . $unit('stock_unit', 'l')),
            'fat' => Words::text('sauces.much_fat', amount: ($question['have_fat'] ?? '') . ' ' . $unit('have_fat_unit', 'g')),
            'flour' => Words::text('sauces.much_flour', amount: ($question['have_flour'] ?? '') . ' ' . $unit('have_flour_unit', 'g')),
            'roux' => Words::text('sauces.much_roux', amount: ($question['have_roux'] ?? '') . ' ' . $unit('have_roux_unit', 'g')),
            'pan' => Words::text('sauces.much_pan'),
            default => ($question['amount'] ?? '') . ' ' . $unit('unit', 'l'),
        };
        $name = $base === null ? '' : Words::sauceNamed($base, $question['liquid'] ?? 'chicken-stock');

        return implode(', ', array_filter([$name, $thick, $much], static fn(string $one): bool => trim($one) !== ''));
    }
}
