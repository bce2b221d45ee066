<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Compose\Bringing;
use Lento\Compose\Sheet;

/** What brings a formula to a class of thickness, in words: "12 g more flour", "8 min longer", "0.3 l more chicken stock". */
final readonly class BringingWords
{
    /** @return list<string> each way by itself; what it is already, or that nothing does, where there is none */
    public static function of(Bringing $bringing, Sheet $sheet): array
    {
        $class = Words::text('thickness.class.' . $bringing->to->value);
        $ways = array_values(array_filter([
            $bringing->flour === null ? '' : Words::text('compose.held.flour', amount: Grams::of($bringing->flour)->text()),
            $bringing->roux === null ? '' : Words::text('compose.held.roux', amount: Grams::of($bringing->roux)->text()),
            $bringing->longer === null ? '' : Words::text('compose.held.longer', minutes: Minutes::text($bringing->longer)),
            $bringing->liquid === null ? '' : Words::text(
                'compose.held.liquid',
                amount: Litres::of($bringing->liquid)->text(),
                liquid: Words::ingredient($sheet->question->liquid),
            ),
        ], static fn(string $way): bool => $way !== ''));

        return match (true) {
            $ways !== [] => [Words::text('compose.held.to', class: $class, ways: implode(Words::text('compose.held.or'), $ways))],
            $sheet->thickness->thicknessClass() === $bringing->to => [],
            default => [Words::text('compose.held.none', class: $class)],
        };
    }
}
