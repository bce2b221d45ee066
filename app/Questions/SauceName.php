<?php

declare(strict_types=1);

namespace App\Questions;

use App\Typed\OneOf;
use Closure;
use Illuminate\Contracts\Validation\ValidationRule;
use Lento\Compose\Base;
use Lento\Exception\LentoException;

/** A base by its name: accents, capitals and spaces do not matter. */
final readonly class SauceName implements ValidationRule
{
    public function validate(string $attribute, mixed $value, Closure $fail): void
    {
        if (self::meant($value) === null) {
            OneOf::cases(Base::cases())->validate($attribute, $value, $fail);
        }
    }

    public static function meant(mixed $value): ?Base
    {
        try {
            return is_string($value) ? Base::named($value) : null;
        } catch (LentoException) {
            return null;
        }
    }
}
