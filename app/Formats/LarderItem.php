<?php

declare(strict_types=1);

namespace App\Formats;

use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Lento\Assay\KitchenWords;
use Lento\Exception\LentoException;
use Lento\Larder\Fat;
use Lento\Larder\Ingredient;
use Lento\Larder\Larder;
use Lento\Larder\Thickener;

/** Anything of the house's larder, by its name or an everyday word. */
final readonly class LarderItem implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (self::meant($value) === null) {
            $fail('faults.unknown_ingredient')->translate(['value' => is_scalar($value) ? mb_substr((string) $value, 0, 40) : '?']);
        }
    }

    public static function meant(mixed $value): Thickener|Fat|Ingredient|null
    {
        $name = is_string($value) ? trim($value) : '';
        try {
            return Larder::house()->any(KitchenWords::read($name)['id'] ?? $name);
        } catch (LentoException) {
            return null;
        }
    }
}
