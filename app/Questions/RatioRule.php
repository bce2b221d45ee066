<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\TypedNumber;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A formula as numbers to one another: "1 : 1 : 10" is fat, flour and liquid, "1 : 5" roux and liquid. */
final readonly class RatioRule implements ValidationRule
{
    /** More in one of them is a slip. */
    private const MOST = 10_000.0;

    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (self::parts(is_string($value) ? $value : '') === []) {
            $fail('faults.own_ratio')->translate(['value' => is_scalar($value) ? mb_substr((string) $value, 0, 40) : '?']);
        }
    }

    /** @return list<float> two or three above 0; none where it is no ratio */
    public static function parts(string $text): array
    {
        $written = preg_split('/\s*[:∶]\s*|\s+to\s+/u', trim(mb_scrub($text)));
        $numbers = array_map(
            static fn(string $one): ?float => TypedNumber::number(trim($one)),
            $written === false ? [] : $written,
        );
        $parts = array_values(
            array_filter($numbers, static fn(?float $number): bool => $number !== null && $number > 0.0 && $number <= self::MOST),
        );

        return count($parts) === count($numbers) && in_array(count($parts), [2, 3], true) ? $parts : [];
    }
}
