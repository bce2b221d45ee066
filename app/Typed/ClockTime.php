<?php

declare(strict_types=1);

namespace App\Typed;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** A time of the day as cooks write it: 19:30, 19.30, 19h30, 1930. */
final readonly class ClockTime implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (!is_string($value) || preg_match('/\A([01]?\d|2[0-3])[:.h]?([0-5]\d)\z/', $value) !== 1) {
            $fail('faults.time')->translate();
        }
    }
}
