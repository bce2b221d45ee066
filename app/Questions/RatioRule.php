<?php

declare(strict_types=1);

namespace App\Questions;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;

/** Holds a typed formula against what OwnRatio reads. */
final readonly class RatioRule implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (OwnRatio::read(is_string($value) ? $value : '') === null) {
            $fail('faults.own_ratio')->translate(['value' => is_scalar($value) ? mb_substr((string) $value, 0, 40) : '?']);
        }
    }
}
