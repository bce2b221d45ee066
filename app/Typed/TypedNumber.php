<?php

declare(strict_types=1);

namespace App\Typed;

use Lento\Exception\LentoException;
use Lento\Quantity\KitchenNumber;

/** Numbers as they come from a keyboard, and limits as they go back into a message. */
final readonly class TypedNumber
{
    public static function number(string $text): ?float
    {
        try {
            return KitchenNumber::parse($text)->value;
        } catch (LentoException) {
            return null;
        }
    }

    /** A number that came as one, or as the text a cook writes; null for all else. */
    public static function read(mixed $value): ?float
    {
        $number = match (true) {
            is_int($value), is_float($value) => (float) $value,
            is_string($value) => self::number(trim($value)),
            default => null,
        };

        return $number === null || !is_finite($number) ? null : $number;
    }

    /** Three significant places, without trailing zeros: 0.1, 200, 0.423, 52800. */
    public static function plain(float $value): string
    {
        $decimals = max(0, 2 - (int) floor(log10(max(1e-9, abs($value)))));

        return str_contains($text = sprintf('%.' . $decimals . 'F', $value), '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
