<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Plan\Amount;

/** An amount of one thing, as a cook measures it: by the jug, by the piece, by the scale. */
final readonly class AmountWords
{
    /** @return array{string, string} the amount and its name: "0.34 l", "white wine" */
    public static function parts(Amount $amount): array
    {
        return match (true) {
            $amount->pieces !== null => [
                Pieces::count($amount->pieces, $amount->ingredient),
                Pieces::name($amount->pieces, $amount->ingredient),
            ],
            $amount->byTheJug && $amount->volume !== null => [Litres::of($amount->volume)->text(), Words::ingredient($amount->ingredient)],
            default => [Grams::of($amount->mass)->text(), Words::ingredient($amount->ingredient)],
        };
    }

    public static function text(Amount $amount): string
    {
        return implode(' ', self::parts($amount));
    }

    /**
     * "170 g tomato purée and 40 g butter"
     *
     * @param list<Amount> $amounts
     */
    public static function list(array $amounts): string
    {
        $texts = array_map(self::text(...), $amounts);
        $last = array_pop($texts);

        return $texts === [] ? (string) $last : implode(', ', $texts) . ' ' . Words::text('units.and') . ' ' . $last;
    }
}
