<?php

declare(strict_types=1);

namespace App\Typed;

/** What a cook adds of their own, in one field of an address: "double-cream:100:ml:off-heat red-wine:10:%:with-liquid". */
final readonly class MoreField
{
    public const MOST = 12;

    private const LONGEST_WORD = 40;

    /**
     * @param array<mixed> $rows of a form: what, amount, unit, place; a row without a name or an amount is left out
     */
    public static function write(array $rows): string
    {
        $written = [];
        foreach (array_slice($rows, 0, self::MOST) as $row) {
            $row = is_array($row) ? $row : [];
            [$what, $amount, $unit, $place] = array_map(
                static fn(string $name): string => self::word($row[$name] ?? ''),
                ['what', 'amount', 'unit', 'place'],
            );
            if ($what !== '' && $amount !== '') {
                $written[] = implode(':', [$what, $amount, $unit, $place]);
            }
        }

        return implode(' ', $written);
    }

    /** @return list<array{what: string, amount: string, unit: string, place: string}> as typed */
    public static function typed(string $field): array
    {
        $rows = [];
        foreach (array_slice(array_filter(explode(' ', $field), static fn(string $one): bool => $one !== ''), 0, self::MOST) as $one) {
            [$what, $amount, $unit, $place] = array_pad(explode(':', $one, 4), 4, '');
            $rows[] = ['what' => $what, 'amount' => $amount, 'unit' => $unit, 'place' => $place];
        }

        return $rows;
    }

    /** A word keeps neither spaces nor colons: those part the field. */
    private static function word(mixed $typed): string
    {
        $text = is_scalar($typed) ? mb_strtolower(trim(mb_scrub((string) $typed))) : '';

        return mb_substr((string) preg_replace('/[\s:]+/u', '-', $text), 0, self::LONGEST_WORD);
    }
}
