<?php

declare(strict_types=1);

namespace App\Format;

use Lento\Exception\LentoException;
use Lento\Exception\Missing;
use Lento\Exception\NotANumber;
use Lento\Exception\NotReachable;
use Lento\Exception\OutOfRange;
use Lento\Exception\Unknown;

/** What the core refuses, in the cook's words, made of the facts that it gives. */
final readonly class RefusalWords
{
    public static function of(LentoException $refusal): string
    {
        return match (true) {
            $refusal instanceof OutOfRange => self::outOfRange($refusal),
            $refusal instanceof NotReachable => Words::text(
                'refusals.not_reachable',
                target: self::named('target', $refusal->target, $refusal->with),
            ),
            $refusal instanceof Missing => Words::text(
                'refusals.missing',
                what: self::named('thing', $refusal->what),
                where: self::named('thing', $refusal->where),
            ),
            $refusal instanceof Unknown => Words::text(
                'refusals.unknown',
                kind: self::named('thing', $refusal->kind),
                name: $refusal->name,
            ),
            $refusal instanceof NotANumber => Words::text('refusals.not_a_number', text: $refusal->text),
            default => Words::text('refusals.unsettled'),
        };
    }

    private static function outOfRange(OutOfRange $refusal): string
    {
        $quantity = self::named('quantity', $refusal->quantity, self::part($refusal->of));
        $unit = self::named('unit', $refusal->unit);

        return trim(
            match (true) {
                $refusal->value === null => Words::text('refusals.no_number', quantity: $quantity),
                $refusal->most === null => Words::text(
                    'refusals.below',
                    quantity: $quantity,
                    value: self::plain($refusal->value),
                    least: self::plain($refusal->least ?? 0.0),
                    unit: $unit,
                ),
                default => Words::text(
                    'refusals.between',
                    quantity: $quantity,
                    value: self::plain($refusal->value),
                    least: self::plain($refusal->least ?? 0.0),
                    most: self::plain($refusal->most),
                    unit: $unit,
                ),
            },
        );
    }

    /** An ingredient by its name; a part of one, like water, by itself. */
    private static function part(string $of): string
    {
        $key = 'ingredients.' . $of;

        return $of === '' || Words::text($key) === $key && !str_starts_with($of, 'own-') ? $of : Words::ingredient($of);
    }

    /** Its words; the key itself, spelt out, where a newer core names what there are no words for yet. */
    private static function named(string $list, string $key, string $of = ''): string
    {
        $path = 'refusals.' . $list . '.' . $key;
        $text = $key === '' ? '' : Words::text($path, of: $of);

        return $text === $path ? str_replace('-', ' ', $key) : $text;
    }

    private static function plain(float $value): string
    {
        return rtrim(rtrim(sprintf('%.6F', $value), '0'), '.');
    }
}
