<?php

declare(strict_types=1);

namespace App\Typed;

/** The parts of a formula in one field of an address: "onion:60 nutmeg:0". */
final readonly class PartsField
{
    /** @return array<string, float> per litre, by ingredient; what is no number is left out */
    public static function read(string $field): array
    {
        return array_filter(array_map(TypedNumber::number(...), self::typed($field)), static fn(?float $number): bool => $number !== null);
    }

    /** @param array<string, string> $typed by ingredient, as typed */
    public static function write(array $typed): string
    {
        $parts = [];
        foreach ($typed as $name => $amount) {
            if ($amount !== '') {
                $parts[] = $name . ':' . str_replace(' ', '', $amount);
            }
        }

        return implode(' ', $parts);
    }

    /** @return array<string, string> as typed, also what is no number */
    public static function typed(string $field): array
    {
        $parts = [];
        foreach (array_filter(explode(' ', strtr($field, "\t\r\n", '   ')), static fn(string $one): bool => $one !== '') as $one) {
            [$name, $amount] = array_pad(explode(':', $one, 2), 2, '');
            $parts[$name] = $amount;
        }

        return $parts;
    }
}
